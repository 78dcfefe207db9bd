import { describe, expect, it } from 'vitest';
import { newEntry } from '@/core/kinds';
import { NoOutbox, outboxFile, outboxOf } from './outboxFile';

const JOB = '01a225f0-9a36-7275-96b2-93489dee615b';
const note = (n: number) =>
  newEntry(
    'noteWritten',
    { text: `note ${n}` },
    {
      id: `01a225f0-9a36-7275-96b2-93489dee61${String(n).padStart(2, '0')}`,
      at: '2026-11-29T10:00:00Z',
      by: { id: 'ines', name: 'Ines' },
      seen: 4,
    },
  );

const PHOTO = {
  id: 'p1',
  name: 'plate.jpg',
  rung: 'look',
  pointId: 'front',
  at: '2026-11-29T10:00:00Z',
  corrected: 0,
  by: { id: 'ines', name: 'Ines' },
  named: { attachedId: 'a1', describedId: 'd1', seen: 4 },
  mediaType: 'image/jpeg',
  base64: '/9j/4AAQ',
} as const;

describe('an outbox that is handed over', () => {
  it('comes in as it went out', () => {
    const made = { title: 'Dunlin Cellar', at: '2026-11-29T10:00:00Z', by: { id: 'ines', name: 'Ines' } };
    const jobs = [
      { jobId: JOB, entries: [note(1), note(2)] },
      { jobId: `${JOB.slice(0, -1)}c`, made, entries: [note(3)] },
    ];
    expect(outboxOf(outboxFile(jobs, '2026-11-29T10:01:00Z'))).toEqual(jobs);
  });
  it('carries pictures, and is then of a version that an older program refuses', () => {
    const jobs = [{ jobId: JOB, entries: [], photos: [PHOTO] }];
    const text = outboxFile(jobs, '2026-11-29T10:01:00Z');
    expect(outboxOf(text)).toEqual(jobs);
    expect(text).toContain('"version":2');
    expect(outboxFile([{ jobId: JOB, entries: [note(1)] }], '2026-11-29T10:01:00Z')).toContain('"version":1');
  });
  it.each([
    ['of no kind of picture', { mediaType: 'text/html' }],
    ['whose bytes can’t be read', { base64: '<svg>' }],
    ['whose bytes are cut off', { base64: 'AAAAA' }],
    ['whose bytes are of another alphabet', { base64: 'AA_A' }],
    ['without who took it', { by: 'Ines' }],
    ['at no rung', { rung: 'roof' }],
    ['without the entries that name it', { named: { attachedId: 'a', describedId: 'b' } }],
  ])('takes no picture %s', (_what, wrong) => {
    const text = outboxFile([{ jobId: JOB, entries: [], photos: [PHOTO] }], '2026-11-29T10:01:00Z');
    const read = JSON.parse(text) as { jobs: { photos: object[] }[] };
    Object.assign(read.jobs[0]?.photos[0] ?? {}, wrong);
    expect(() => outboxOf(JSON.stringify(read))).toThrow('unreadable');
  });
  it('is taken whole or not at all', () => {
    const whole = outboxFile([{ jobId: JOB, entries: [note(1)] }], '2026-11-29T10:01:00Z');
    const broken = whole.replace('"note 1"', '17');
    for (const [text, why] of [
      [whole.slice(0, -9), 'unreadable'],
      [broken, 'unreadable'],
      [whole.replace('"entries"', '"made":{"title":7},"entries"'), 'unreadable'],
      ['[]', 'another'],
      ['{"format":"something else","jobs":[]}', 'another'],
      [whole.replace('"version":1,"madeAt"', '"version":3,"madeAt"'), 'newer'],
    ] as const) {
      expect(() => outboxOf(text)).toThrow(NoOutbox);
      expect(() => outboxOf(text)).toThrow(why);
    }
  });
});
