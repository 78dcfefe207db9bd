import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { newEntry, type NewEntry } from '@/core/kinds';
import { Away, Failed, Refused } from '@/ui/log/api';
import { Outbox, type Post } from '@/ui/log/outbox';
import { asideOf, keepWaiting, setAside, waitingFor, type Waiting } from '@/ui/log/shelf';
import { put } from '@/ui/log/shelfStore';
import { emptyShelf } from './emptyShelf';

const JOB = 'job-1';
const by = { id: 'ines', name: 'Ines' };
const entry = (n: number): NewEntry =>
  newEntry(
    'noteWritten',
    { text: `note ${n}` },
    { id: `018f0000-0000-7000-8000-00000000000${n}`, at: '2026-03-04T09:00:00Z', by },
  );
const waiting = (n: number, more: Partial<Waiting> = {}): Waiting => ({
  entry: entry(n),
  place: n,
  corrected: 0,
  ...more,
});
const refusal = (detail: string, serverTime?: string): Refused =>
  new Refused({
    type: 'about:blank',
    title: 'no',
    status: 422,
    detail,
    errors: [],
    ...(serverTime ? { serverTime } : {}),
  });
const isOf = (n: number) => (one: NewEntry) => one.id === entry(n).id;

/** The browser’s plain store, as an older program used it. */
const plain = new Map<string, string>();
Object.assign(globalThis, {
  localStorage: {
    getItem: (key: string) => plain.get(key) ?? null,
    setItem: (key: string, text: string) => plain.set(key, text),
    removeItem: (key: string) => plain.delete(key),
  },
});
const stops: (() => void)[] = [];
beforeEach(async () => {
  plain.clear();
  await emptyShelf();
});
afterEach(() => stops.splice(0).forEach((stop) => stop()));

/** An outbox before a server, with what that has taken in its order. */
function before(post: (entries: readonly NewEntry[]) => readonly string[]) {
  const taken: string[] = [];
  const posting: Post = async (entries) => {
    await Promise.resolve();
    const ids = post(entries);
    taken.push(...ids);
    return ids;
  };
  const outbox = new Outbox(JOB, posting);
  stops.push(outbox.start());
  return { outbox, taken };
}
const all = (entries: readonly NewEntry[]): readonly string[] => entries.map(({ id }) => id);
const until = async (fulfilled: () => boolean | Promise<boolean>): Promise<void> => {
  for (let tries = 0; tries < 400; tries++) {
    if (await fulfilled()) return;
    await new Promise((resolve) => setTimeout(resolve, 10));
  }
  throw new Error('it did not come to that');
};

describe('the shelf', () => {
  it('holds what waits in its order, each job for itself', async () => {
    await keepWaiting(JOB, waiting(2));
    await keepWaiting(JOB, waiting(1));
    await keepWaiting('job-2', waiting(3));
    expect(all((await waitingFor(JOB)).map((one) => one.entry))).toEqual([entry(1).id, entry(2).id]);
  });
  it('sets one broken value aside as it was, once, and lets the others go on', async () => {
    await keepWaiting(JOB, waiting(1));
    const scrap = { entry: { kind: 'noteWritten', data: 7 } };
    await put('waiting', JOB, { id: 'x', jobId: JOB, place: 0, waiting: scrap });
    expect(await waitingFor(JOB)).toHaveLength(1);
    expect(await waitingFor(JOB)).toHaveLength(1);
    expect(await asideOf(JOB)).toEqual([{ jobId: JOB, why: 'unreadable', what: scrap }]);
  });
  it('takes over what an older program left in the plain store, lifted, and sets aside what it can’t read', async () => {
    const tick = {
      ...entry(1),
      kind: 'stepTicked',
      version: undefined,
      data: { pointId: 'p', stepId: 'door-d1', how: 'done' },
    };
    plain.set(
      `fox-ladder-outbox-${JOB}`,
      JSON.stringify([{ entry: tick }, 'scrap', { entry: entry(2), refused: 'no' }]),
    );
    const [first, second] = await waitingFor(JOB);
    expect(first?.entry).toMatchObject({ kind: 'stepTicked', data: { touches: 'bell' } });
    expect(second).toMatchObject({ entry: { id: entry(2).id }, refused: 'no' });
    expect((await asideOf(JOB)).map(({ what }) => what)).toEqual(['scrap']);
    expect(plain.size).toBe(0);
    plain.set('fox-ladder-outbox-job-2', '[{"entry"');
    expect(await waitingFor('job-2')).toEqual([]);
    expect((await asideOf('job-2')).map(({ what }) => what)).toEqual(['[{"entry"']);
  });
  it('keeps what is set aside, out of the way', async () => {
    await keepWaiting(JOB, waiting(1, { refused: 'no such point' }));
    await setAside(JOB, waiting(1, { refused: 'no such point' }));
    expect(await waitingFor(JOB)).toEqual([]);
    expect(await asideOf(JOB)).toMatchObject([{ why: 'no such point', what: { id: entry(1).id } }]);
  });
});

describe('the outbox', () => {
  it('sends what an earlier visit left, then what is written, and leaves nothing behind', async () => {
    await keepWaiting(JOB, waiting(1));
    const { outbox, taken } = before(all);
    outbox.add(entry(2));
    await until(() => taken.length === 2 && outbox.snapshot().waiting.length === 0);
    expect(new Set(taken)).toEqual(new Set([entry(1).id, entry(2).id]));
    await until(async () => (await waitingFor(JOB)).length === 0);
    expect(outbox.snapshot().sending).toBe('still');
  });
  it('shows what another tab has sent until the log was read with it: nothing that stands goes for a moment', async () => {
    let hasRead: (() => void) | undefined;
    const outbox = new Outbox(
      JOB,
      () => new Promise(() => undefined),
      () => new Promise<void>((resolve) => (hasRead = resolve)),
    );
    stops.push(outbox.start());
    outbox.add(entry(1));
    await until(async () => (await waitingFor(JOB)).length === 1);
    await emptyShelf(['waiting']);
    await until(() => hasRead !== undefined);
    expect(outbox.snapshot().waiting).toHaveLength(1);
    hasRead?.();
    await until(() => outbox.snapshot().waiting.length === 0);
  });
  it('lets an entry go only when its own id came back', async () => {
    let isPortal = true;
    const { outbox } = before((entries) => (isPortal ? ['another'] : all(entries)));
    outbox.add(entry(1));
    await until(() => outbox.snapshot().sending === 'away');
    expect(outbox.snapshot().waiting).toHaveLength(1);
    expect(await waitingFor(JOB)).toHaveLength(1);
    isPortal = false;
    outbox.retry();
    await until(() => outbox.snapshot().waiting.length === 0);
  });
  it('tells a fault and nobody there apart, and tries both again by itself', async () => {
    const answers = [new Away({}, false), new Failed('disk full'), null];
    const { outbox } = before((entries) => {
      const error = answers.shift();
      if (error) throw error;
      return all(entries);
    });
    outbox.add(entry(1));
    await until(() => outbox.snapshot().sending === 'away');
    await until(() => outbox.snapshot().sending === 'failed');
    await until(() => outbox.snapshot().waiting.length === 0);
  });
  it('keeps what is refused where it is, with the reason', async () => {
    const { outbox } = before(() => {
      throw refusal('no such point');
    });
    outbox.add(entry(2));
    await until(() => outbox.snapshot().waiting[0]?.refused === 'no such point');
    expect(outbox.snapshot().sending).toBe('still');
    expect((await waitingFor(JOB))[0]?.refused).toBe('no such point');
  });
  it('sends singly after repeated faults: one poisoned entry holds back no other, and can be set aside', async () => {
    const { outbox, taken } = before((entries) => {
      if (entries.some(isOf(2))) throw new Failed('it chokes on it');
      return all(entries);
    });
    for (const n of [1, 2, 3]) outbox.add(entry(n));
    await until(() => taken.length === 2 && outbox.snapshot().poison.size === 1);
    expect(taken).toEqual([entry(1).id, entry(3).id]);
    expect(outbox.snapshot()).toMatchObject({ sending: 'failed', waiting: [{ entry: { id: entry(2).id } }] });
    await outbox.setAside(entry(2).id);
    expect(outbox.snapshot().waiting).toEqual([]);
    expect(await asideOf(JOB)).toMatchObject([{ what: { id: entry(2).id } }]);
  });
  it('takes a fault that all of them meet for the server’s, not for theirs', async () => {
    const { outbox } = before(() => {
      throw new Failed('disk full');
    });
    for (const n of [1, 2]) outbox.add(entry(n));
    await until(() => outbox.snapshot().sending === 'failed');
    for (let tries = 0; tries < 3; tries++) outbox.retry();
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect(outbox.snapshot().poison.size).toBe(0);
  });
  it('dates anew what a wrong clock dated, and sends it again', async () => {
    const here = Date.now() + 3_600_000;
    const { outbox, taken } = before((entries) => {
      if (entries.some(({ at }) => Date.parse(at) > Date.now() + 120_000))
        throw refusal('lies in the future', new Date().toISOString());
      return all(entries);
    });
    const wrong = { ...entry(1), at: new Date(here).toISOString() };
    const clock = Date.now;
    Date.now = () => clock() + 3_600_000;
    try {
      outbox.add(wrong);
      await until(() => taken.length > 0 || outbox.snapshot().waiting[0]?.refused !== undefined);
    } finally {
      Date.now = clock;
    }
    expect(outbox.snapshot().waiting).toEqual([]);
  });
});

describe('a shelf that fails', () => {
  it('is told loudly, and what is written is sent all the same', async () => {
    // oxlint-disable-next-line typescript/unbound-method -- put back as it was
    const { put } = IDBObjectStore.prototype;
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    try {
      const { outbox, taken } = before(all);
      outbox.add(entry(1));
      await until(() => taken.length === 1);
      expect(outbox.snapshot()).toMatchObject({ shelfFault: 'QuotaExceededError', waiting: [] });
    } finally {
      IDBObjectStore.prototype.put = put;
    }
  });
});
