import { beforeEach, describe, expect, it } from '@jest/globals';
import { newEntry, type NewEntry } from '@/core/kinds';
import { readOutbox, writeOutbox } from '@/ui/log/outbox';

/** The browser’s store, as far as the outbox uses it. */
class Shelf {
  readonly held = new Map<string, string>();
  getItem = (key: string): string | null => this.held.get(key) ?? null;
  setItem = (key: string, text: string): void => void this.held.set(key, text);
  removeItem = (key: string): void => void this.held.delete(key);
}
let shelf = new Shelf();
beforeEach(() => {
  shelf = new Shelf();
  Object.assign(globalThis, { localStorage: shelf });
});

const JOB = 'job-1';
const by = { id: 'ines', name: 'Ines' };
const entry = (n: number): NewEntry =>
  newEntry(
    'noteWritten',
    { text: `note ${n}` },
    { id: `018f0000-0000-7000-8000-00000000000${n}`, at: '2026-03-04T09:00:00Z', by },
  );
const ids = (): readonly string[] => readOutbox(JOB).map((wait) => wait.entry.id);
const texts = (): string => [...shelf.held].map(([key, text]) => `${key}: ${text}`).join('\n');

describe('the outbox', () => {
  it('holds what waits in its order, each job for itself, and leaves nothing behind when it is empty', () => {
    writeOutbox(JOB, (waits) => [...waits, { entry: entry(1) }]);
    writeOutbox(JOB, (waits) => [...waits, { entry: entry(2) }]);
    writeOutbox('job-2', (waits) => [...waits, { entry: entry(3) }]);
    expect(ids()).toEqual([entry(1).id, entry(2).id]);
    writeOutbox(JOB, (waits) => waits.filter((wait) => wait.entry.id !== entry(1).id));
    expect(ids()).toEqual([entry(2).id]);
    writeOutbox(JOB, () => []);
    writeOutbox('job-2', () => []);
    expect(shelf.held.size).toBe(0);
  });
  it('keeps why an entry was refused', () => {
    writeOutbox(JOB, () => [{ entry: entry(1), refused: 'The text is too long.' }, { entry: entry(2) }]);
    expect(readOutbox(JOB).map(({ refused }) => refused)).toEqual(['The text is too long.', undefined]);
  });
  it('sets one broken entry aside, as it was, and lets the others go on', () => {
    writeOutbox(JOB, () => [{ entry: entry(1) }, { entry: entry(2) }]);
    const [key = ''] = shelf.held.keys();
    const items = JSON.parse(shelf.getItem(key) ?? '[]') as unknown[];
    shelf.setItem(key, JSON.stringify([items[0], { entry: { kind: 'noteWritten', data: 7 } }, 'scrap', items[1]]));
    expect(ids()).toEqual([entry(1).id, entry(2).id]);
    expect(texts()).toContain('"data":7');
    expect(texts()).toContain('scrap');
    // What was set aside is set aside once
    const before = texts();
    expect(ids()).toEqual([entry(1).id, entry(2).id]);
    expect(texts()).toBe(before);
  });
  it('sets a store that can’t be read at all aside, and begins anew beside it', () => {
    writeOutbox(JOB, () => [{ entry: entry(1) }]);
    const [key = ''] = shelf.held.keys();
    shelf.setItem(key, '{ cut o');
    expect(readOutbox(JOB)).toEqual([]);
    writeOutbox(JOB, (waits) => [...waits, { entry: entry(2) }]);
    expect(ids()).toEqual([entry(2).id]);
    expect(texts()).toContain('{ cut o');
  });
  it('lifts what an older program left there', () => {
    const old = {
      id: entry(1).id,
      at: '2026-03-04T09:00:00Z',
      by,
      kind: 'stepTicked',
      data: { pointId: 'p', stepId: 'module-front', how: 'done' },
    };
    writeOutbox(JOB, () => [{ entry: entry(2) }]);
    const [key = ''] = shelf.held.keys();
    shelf.setItem(key, JSON.stringify([{ entry: old }]));
    const [wait] = readOutbox(JOB);
    expect(wait?.entry.kind).toBe('stepTicked');
    expect(wait?.entry.data).toMatchObject({ stepId: 'module-front', touches: 'bell' });
  });
});
