import { KEPT } from '@/contract/keptHere';
import { isFields } from '@/contract/shapes';

// The service worker keeps the program and its pages in this browser (`src/sw`). Where there is none (an address without TLS,
// an old browser) all works as long as the server is there.

const container = (): ServiceWorkerContainer | null =>
  // Only a secure address has one
  typeof navigator === 'undefined' ? null : ((navigator as Partial<Navigator>).serviceWorker ?? null);

/** Waits until the page has nothing better to do. */
const LATER_MS = 2500;
/** So much later it is tried again where it could not be started. */
const AGAIN_MS = 20_000;

/**
 * Starts it. @param onNewer called when a newer program lies ready; what it is handed takes it
 * @returns how to stop listening
 */
export function startWorker(onNewer: (take: () => void) => void): () => void {
  const workers = container();
  if (!workers || process.env.NODE_ENV !== 'production') return () => undefined;
  let isOver = false;
  let looked: ServiceWorkerRegistration | null = null;
  // A browser looks for a newer one when it has nothing else to do, on a page that asks now and then never
  const look = (): void => {
    if (document.visibilityState === 'visible') looked?.update().catch(() => undefined);
  };
  document.addEventListener('visibilitychange', look);
  const told = (registration: ServiceWorkerRegistration): void => {
    const { waiting } = registration;
    // The first one is no newer one
    if (!waiting || !workers.controller || isOver) return;
    onNewer(() => {
      workers.addEventListener('controllerchange', () => location.reload(), { once: true });
      waiting.postMessage({ do: 'take' });
    });
  };
  let timer = setTimeout(register, LATER_MS);
  function register(): void {
    const again = (): void => {
      if (!isOver) timer = setTimeout(register, AGAIN_MS);
    };
    workers?.register('/sw.js').then(
      (registration) => {
        registration.active?.postMessage({ do: 'renew' });
        told(registration);
        looked = registration;
        look();
        const { installing, active } = registration;
        // The first one, whose files could not all be fetched: no page would ever be kept
        installing?.addEventListener('statechange', () => {
          if (installing.state === 'redundant' && !active) again();
        });
        registration.addEventListener('updatefound', () => {
          registration.installing?.addEventListener('statechange', () => told(registration));
        });
      },
      (error: unknown) => {
        console.warn(error);
        again();
      },
    );
  }
  return () => {
    isOver = true;
    clearTimeout(timer);
    document.removeEventListener('visibilitychange', look);
  };
}

/** Paths of pages that lie here, each with the state that it was kept in. */
function keptStates(): Readonly<Record<string, unknown>> {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEPT.pageStates) ?? '{}');
    return isFields(kept) ? kept : {};
  } catch {
    return {};
  }
}

/** Whether this browser can keep pages at all. */
export const canKeepPages = (): boolean => container() !== null && process.env.NODE_ENV === 'production';

/**
 * Has pages kept before anybody opens them; such as lie here in the same state are left.
 * @param states by path: anything that changes when the page does
 * @returns whether all of them lie here that whoever is signed in may see
 */
export async function keepPages(states: Readonly<Record<string, string>>): Promise<boolean> {
  const workers = container();
  if (!workers || !canKeepPages()) return false;
  const { active } = await workers.ready;
  // What was forgotten meanwhile is asked for anew
  const known = (await caches.has(KEPT.pages)) ? keptStates() : {};
  const paths = Object.keys(states).filter((path) => known[path] !== states[path]);
  if (paths.length === 0) return true;
  if (!active) return false;
  const { port1, port2 } = new MessageChannel();
  const settled = await new Promise<unknown>((resolve) => {
    port1.onmessage = ({ data }) => resolve(data);
    active.postMessage({ do: 'keep', paths }, [port2]);
  });
  const isSettled = (path: string): boolean =>
    known[path] === states[path] || (Array.isArray(settled) && settled.includes(path));
  // What a day no longer shows is asked for anew when it does
  const now = Object.entries(states).filter(([path]) => isSettled(path));
  localStorage.setItem(KEPT.pageStates, JSON.stringify(Object.fromEntries(now)));
  return now.length === Object.keys(states).length;
}
