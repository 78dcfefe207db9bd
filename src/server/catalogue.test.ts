import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { MOST_ITEMS } from '@/contract/catalogueFile';
import { ProblemError } from '@/contract/problem';
import { SHELVES, type OwnItem } from '@/core/catalogue';
import { readCatalogue, readOwnItems } from './catalogue';
import { removeOwnItem, writeOwnItems } from './ownItems';
import { temporaryStore } from './forTests';
import type { Store } from './store';

const item = (id: string, ratedVa = 50): OwnItem => ({
  shelf: 'transformer',
  values: { ...SHELVES.transformer.shipped[0], id, ratedVa },
});

describe('the firm’s own items', () => {
  let store: Store;
  let end: () => Promise<void>;
  beforeEach(async () => {
    ({ store, end } = await temporaryStore());
  });
  afterEach(() => end());
  it('leave out a row that can’t be read, and keep the others', async () => {
    await writeOwnItems(store.db, [item('mine')]);
    const broken = [
      { shelf: 'transformer', id: 'list', data: '[1]' },
      { shelf: 'transformer', id: 'short', data: '{"id":"short","name":"Short"}' },
      { shelf: 'nowhere', id: 'x', data: '{}' },
    ];
    for (const row of broken) await store.db.insertInto('catalogue_items').values(row).execute();
    expect((await readOwnItems(store.db)).map(({ values }) => values.id)).toEqual(['mine']);
    expect((await readCatalogue(store.db)).transformer.filter(({ own }) => own)).toHaveLength(1);
  });
  it('stand beside what ships, and go again', async () => {
    const catalogue = await writeOwnItems(store.db, [item('mine'), item('box-16-30', 35)]);
    expect(catalogue.transformer.filter(({ own }) => own).map(({ values }) => values.id)).toEqual([
      'box-16-30',
      'mine',
    ]);
    expect(await readCatalogue(store.db)).toEqual(catalogue);
    await writeOwnItems(store.db, [item('mine', 60)]);
    expect((await readOwnItems(store.db)).find(({ values }) => values.id === 'mine')?.values.ratedVa).toBe(60);
    const left = await removeOwnItem(store.db, 'transformer', 'box-16-30');
    expect(left.transformer.find(({ values }) => values.id === 'box-16-30')).toMatchObject({
      own: false,
      values: { ratedVa: 30 },
    });
    await expect(removeOwnItem(store.db, 'transformer', 'box-16-30')).rejects.toThrow(ProblemError);
  });
  it('are taken all or none', async () => {
    const many = Array.from({ length: MOST_ITEMS }, (_, i) => item(`i${i}`));
    await writeOwnItems(store.db, many);
    await expect(writeOwnItems(store.db, [item('i0', 99), item('one-more')])).rejects.toThrow('not kept');
    expect((await readOwnItems(store.db)).find(({ values }) => values.id === 'i0')?.values.ratedVa).toBe(50);
  });
});
