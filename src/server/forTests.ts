import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { v7 } from 'uuid';
import { newEntry, type EntryData, type EntryKind, type Made, type NewEntry } from '@/core/kinds';
import { broughtUp } from './projection/soon';
import { openStore, type Store } from './store';

/** A store on a real file in a folder of its own, and a way to be rid of it. */
export async function temporaryStore(): Promise<{ store: Store; folder: string; end: () => Promise<void> }> {
  const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-test-'));
  const store = await openStore(folder);
  const end = async () => {
    await broughtUp(store.db);
    await store.db.destroy();
    rmSync(folder, { recursive: true, force: true });
  };
  return { store, folder, end };
}

export const someone = { id: 'ines', name: 'Ines' };

/** An entry as a client would write it. */
export const entry = <K extends EntryKind>(
  kind: K,
  data: EntryData<K>,
  { corrects, ...made }: Partial<Made> & { readonly corrects?: string } = {},
): NewEntry => newEntry(kind, data, { id: v7(), at: '2026-03-04T09:00:00+01:00', by: someone, ...made }, corrects);

export const newJob = (title = 'Tern Cottage') => ({ id: v7(), at: '2026-03-04T08:00:00Z', by: someone, title });
