import { shelf } from './shelf';

/** What the service worker names its stores of pages and pictures (`src/sw`). */
const STORES = ['fox-ladder-pages', 'fox-ladder-photos'] as const;

/** Forgets what this browser keeps of the firm’s jobs. What was written here and waits stays: it is nowhere else. */
export async function forgetKept(): Promise<void> {
  await (await shelf()).logs.clear().catch(() => undefined);
  if (typeof caches === 'undefined') return;
  for (const name of STORES) await caches.delete(name).catch(() => false);
  localStorage.removeItem('fox-ladder-kept-pages');
}
