import 'fake-indexeddb/auto';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { v7 } from 'uuid';
import { newEntry } from '@/core/kinds';
import { allWaiting } from '@/ui/log/allWaiting';
import { keepMade, madeHere } from '@/ui/log/newJobs';
import { keepWaiting as keepEntry } from '@/ui/log/shelf';
import { emptyShelf } from './emptyShelf';
import { handOver, takeIn } from '@/ui/outbox/handingOver';
import { saveText } from '@/ui/outbox/saving';
import { photoParcels } from '@/ui/photo/photoFile';
import { keepWaiting as keepPhoto, photosThatWait } from '@/ui/photo/photoQueue';

vi.mock('@/ui/outbox/saving', () => ({ saveText: vi.fn() }));
const saved = () => vi.mocked(saveText).mock.calls.map(([text, name]) => ({ text, name }));

const INES = { id: 'ines', name: 'Ines' };
const AT = '2026-11-30T09:00:00.000Z';
const note = (text: string) => newEntry('noteWritten', { text }, { id: v7(), at: AT, by: INES });
const wait = (jobId: string, id: string) => keepEntry(jobId, { entry: note(id), place: 0, corrected: 0 });
/** A picture of so many bytes that waits; the later its letter, the later it was taken. */
const takePicture = (id: string, jobId: string, bytes: number, by: typeof INES | null = INES) =>
  keepPhoto({
    ...{ id, jobId, name: `${id}.jpg`, rung: 'look', pointId: 'front', at: AT, ...(by ? { by } : {}) },
    file: new Blob([new Uint8Array(bytes).fill(id.charCodeAt(0))], { type: 'image/jpeg' }),
  });

/** Node has blobs that survive a store, which those of a made-up page do not; it has no reader of them. */
class Reader {
  result = '';
  onload = (): void => undefined;
  readAsDataURL(file: Blob): void {
    void file.arrayBuffer().then((bytes) => {
      this.result = `data:${file.type};base64,${Buffer.from(bytes).toString('base64')}`;
      this.onload();
    });
  }
}

beforeAll(() => vi.stubGlobal('FileReader', Reader));
afterAll(() => vi.unstubAllGlobals());
beforeEach(() => emptyShelf());
afterEach(() => vi.mocked(saveText).mockClear());

describe('pictures that go by files', () => {
  it('are shared out, the oldest first, and none is left out for its size', async () => {
    for (const [id, bytes] of [
      ['c', 40],
      ['a', 60],
      ['d', 500],
      ['b', 40],
      ['e', 10],
    ] as const)
      await takePicture(id, 'job', bytes);
    const { parcels, unsigned } = await photoParcels(100);
    expect(parcels.map((parcel) => parcel.map(({ id }) => id))).toEqual([['a', 'b'], ['c'], ['d'], ['e']]);
    expect(unsigned).toBe(0);
  });
  it('are not those that nobody has signed: they are counted', async () => {
    await takePicture('a', 'job', 10, null);
    await takePicture('b', 'job', 10);
    await takePicture('c', 'job', 10, null);
    const { parcels, unsigned } = await photoParcels();
    expect(parcels.map((parcel) => parcel.map(({ id }) => id))).toEqual([['b']]);
    expect(unsigned).toBe(2);
  });
});

describe('what is handed over', () => {
  it('waits on the other device as it waited here: entries, pictures, and the job that was made', async () => {
    await keepMade({ jobId: 'made', title: 'Dunlin Cellar', at: AT, by: INES });
    await wait('made', 'n1');
    await wait('other', 'n2');
    await takePicture('a', 'made', 30);
    await takePicture('b', 'third', 20);
    const before = { entries: await allWaiting(), made: await madeHere() };
    expect(await handOver()).toEqual({ files: 1, unsigned: 0 });
    const pictures = await photosThatWait();
    await emptyShelf();

    const [file] = saved();
    expect(await takeIn(new File([file?.text ?? ''], 'outbox.json'))).toEqual({ count: 2, photos: 2 });
    expect({ entries: await allWaiting(), made: await madeHere() }).toEqual(before);
    const there = await photosThatWait();
    const told = (all: typeof there) => all.map(({ file: _file, ...photo }) => ({ corrected: 0, ...photo }));
    expect(told(there)).toEqual(told(pictures));
    expect(there.every(({ named }) => named !== undefined)).toBe(true);
    for (const [place, { file: bytes }] of there.entries())
      expect(new Uint8Array(await bytes.arrayBuffer())).toEqual(
        new Uint8Array((await pictures[place]?.file.arrayBuffer()) ?? []),
      );
  });
  it('is no file where only pictures of nobody wait', async () => {
    await takePicture('a', 'job', 10, null);
    expect(await handOver()).toEqual({ files: 0, unsigned: 1 });
    expect(saved()).toEqual([]);
  });
});
