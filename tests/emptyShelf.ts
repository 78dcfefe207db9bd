import { change, shelf, type Part } from '@/ui/log/shelfStore';

/** Takes everything off the browser’s own shelf, and tells of it as anything does that changes it. */
export async function emptyShelf(parts?: readonly Part[]): Promise<void> {
  const all = parts ?? Array.from((await shelf()).objectStoreNames);
  await change(all, null, (on) => Promise.all(all.map((part) => on.objectStore(part).clear())));
}
