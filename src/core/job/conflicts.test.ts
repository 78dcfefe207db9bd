import { describe, expect, it } from 'vitest';
import { newEntry } from '../kinds/newEntry';
import type { Entry, NewEntry, Person } from '../kinds/register';
import { conflictsAt } from '../points/conflictsAt';
import { fold } from './fold';

const INES: Person = { id: 'ines', name: 'Ines' };
const TOMAS: Person = { id: 'tomas', name: 'Tomas' };
const ADA: Person = { id: 'ada', name: 'Ada' };
const HEAD = { id: 'j', title: 'Tern Cottage', createdAt: '2026-03-04T08:00:00Z' };
const timeOf = (second: number): string => new Date(Date.parse('2026-03-04T09:00:00Z') + second * 1000).toISOString();

/** A server that numbers what arrives: the same id again changes nothing. */
class Numbered {
  readonly entries: Entry[] = [];
  take(sent: readonly NewEntry[], second: number): void {
    for (const entry of sent)
      if (!this.entries.some(({ id }) => id === entry.id))
        this.entries.push({ ...entry, seq: this.entries.length + 1, receivedAt: timeOf(second) });
  }
}

const started = (): Numbered => {
  const server = new Numbered();
  server.take(
    [
      newEntry(
        'pointAdded',
        { pointId: 'p', pointKind: 'doorbell', name: 'Front door' },
        { id: 'e0', at: timeOf(0), by: INES },
      ),
    ],
    0,
  );
  return server;
};
const wall = (id: string, by: Person, second: number, seen: number, value: 'brick' | 'timber' | 'render'): NewEntry =>
  newEntry('pointDescribed', { pointId: 'p', wall: value }, { id, at: timeOf(second), by, seen });

describe('conflicts of a job', () => {
  it('name the fact and both entries, the later one stands, until somebody who has seen both says it again', () => {
    const server = started();
    server.take([wall('a', INES, 10, 1, 'brick')], 20);
    server.take([wall('b', TOMAS, 12, 1, 'timber')], 21);
    const job = fold(HEAD, server.entries);
    expect(job.conflicts).toMatchObject([
      { fact: 'pointDescribed/p/wall', entries: ['a', 'b'], of: 'p', field: 'wall' },
    ]);
    const [point] = job.points;
    if (!point) throw new Error('no point');
    const [told] = conflictsAt(job, point);
    expect(told?.answers.map(({ by, again }) => [by.name, again])).toEqual([
      ['Ines', { kind: 'pointDescribed', data: { pointId: 'p', wall: 'brick' } }],
      ['Tomas', { kind: 'pointDescribed', data: { pointId: 'p', wall: 'timber' } }],
    ]);
    server.take([wall('c', ADA, 30, 3, 'brick')], 30);
    expect(fold(HEAD, server.entries).conflicts).toEqual([]);
  });
  it('go with an entry that is struck', () => {
    const server = started();
    server.take([wall('a', INES, 10, 1, 'brick'), wall('b', TOMAS, 12, 1, 'timber')], 20);
    server.take([newEntry('entryStruck', { target: 'b' }, { id: 's', at: timeOf(25), by: TOMAS, seen: 3 })], 25);
    const job = fold(HEAD, server.entries);
    expect(job.conflicts).toEqual([]);
    expect(job.points[0]).toMatchObject({ look: { wall: 'brick' } });
  });
  it('are of checks and choices as a whole too', () => {
    const server = started();
    const check = (id: string, by: Person, result: 'passed' | 'failed') =>
      newEntry(
        'checkDone',
        { pointId: 'p', check: 'lit', result, ...(result === 'failed' ? { reason: 'dark' } : {}) },
        { id, at: timeOf(10), by, seen: 1 },
      );
    server.take([check('a', INES, 'passed'), check('b', TOMAS, 'failed')], 20);
    expect(fold(HEAD, server.entries).conflicts).toMatchObject([{ fact: 'checkDone/p/lit', field: null }]);
  });
});
