import { KEPT } from '@/contract/keptHere';
import { change } from './shelfStore';

/** Forgets what this browser keeps of the firm’s jobs. What was written here and waits stays: it is nowhere else. */
export async function forgetKept(): Promise<void> {
  await change(['logs'], null, (on) => on.objectStore('logs').clear()).catch(() => undefined);
  if (typeof caches === 'undefined') return;
  for (const name of [KEPT.pages, KEPT.photos]) await caches.delete(name).catch(() => false);
  for (const key of [KEPT.pageStates, KEPT.dayAhead]) localStorage.removeItem(key);
}
