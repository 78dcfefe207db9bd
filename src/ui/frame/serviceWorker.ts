import { KEPT } from '@/contract/keptHere';
import { isFields } from '@/contract/shapes';

// The service worker keeps the program and its pages in this browser (`src/sw`). Where there is none (an address without TLS,
// an old browser) all works as long as the server is there.

const container = (): ServiceWorkerContainer | null =>
  // Only a secure address has one
  typeof navigator === 'undefined' ? null : ((navigator as Partial<Navigator>).serviceWorker ?? null);

/** Waits until the page has nothing better to do. */
const LATER_MS = 2500;

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
  const timer = setTimeout(() => {
    workers.register('/sw.js').then(
      (registration) => {
        registration.active?.postMessage({ do: 'renew' });
        told(registration);
        looked = registration;
        look();
        registration.addEventListener('updatefound', () => {
          registration.installing?.addEventListener('statechange', () => told(registration));
        });
      },
      (error: unknown) => console.warn(error),
    );
  }, LATER_MS);
  return () => {
    isOver = true;
    clearTimeout(timer);
    document.removeEventListener('visibilitychange', look);
  };
}

const KEY = 'fox-ladder-kept-pages';

/** Paths of pages that lie here, each with the state that it was kept in. */
function keptStates(): Readonly<Record<string, unknown>> {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '{}');
    return isFields(kept) ? kept : {};
  } catch {
    return {};
  }
}

/**
 * Has pages kept before anybody opens them; such as lie here in the same state are left.
 * @param states by path: anything that changes when the page does
 */
export async function keepAhead(states: Readonly<Record<string, string>>): Promise<void> {
  const workers = container();
  if (!workers || process.env.NODE_ENV !== 'production') return;
  const { active } = await workers.ready;
  // What was forgotten meanwhile is asked for anew
  const known = (await caches.has(KEPT.pages)) ? keptStates() : {};
  const paths = Object.keys(states).filter((path) => known[path] !== states[path]);
  if (!active || paths.length === 0) return;
  const { port1, port2 } = new MessageChannel();
  const isKept = await new Promise((resolve) => {
    port1.onmessage = ({ data }) => resolve(data);
    active.postMessage({ do: 'keep', paths }, [port2]);
  });
  // What a day no longer shows is asked for anew when it does
  if (isKept === true) localStorage.setItem(KEY, JSON.stringify(states));
}
