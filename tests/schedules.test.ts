import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { fold } from '@/core/job';
import { newEntry, type Entry, type NewEntry, type Person } from '@/core/kinds';
import { seeded, type Random } from '@/core/random';
import { runs } from './runs';

const CREWS: readonly Person[] = ['ines', 'tomas', 'ada'].map((id) => ({ id, name: id }));
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

const WALLS = ['brick', 'timber', 'render'] as const;
const CHECKS = ['passed', 'failed'] as const;
const one = <T>(list: readonly T[], random: Random): T => {
  const chosen = list[Math.floor(random() * list.length)];
  if (chosen === undefined) throw new RangeError('an empty list');
  return chosen;
};

/** Something that somebody may write: a fact, a check, a note, a switch, a strike of what they know. */
function anything(random: Random, id: string, by: Person, second: number, known: readonly Entry[]): NewEntry {
  const made = { id, at: timeOf(second), by, seen: known.length };
  const share = random();
  if (share < 0.4) return newEntry('pointDescribed', { pointId: 'p', wall: one(WALLS, random) }, made);
  if (share < 0.6)
    return newEntry('checkDone', { pointId: 'p', check: 'lit', result: one(CHECKS, random), reason: 'seen' }, made);
  if (share < 0.8) return newEntry('noteWritten', { text: `note ${id}` }, made);
  if (share < 0.9) return newEntry('circuitSwitched', { circuitId: 'c', to: random() < 0.5 ? 'off' : 'on' }, made);
  return newEntry('entryStruck', { target: one(known, random).id }, made);
}

/** Three crews with partitions, repeats, lost answers and clocks that are wrong by up to a minute. */
function played(random: Random): { readonly server: Numbered; readonly written: readonly NewEntry[] } {
  const server = new Numbered();
  server.take(
    [
      newEntry(
        'pointAdded',
        { pointId: 'p', pointKind: 'doorbell', name: 'Front door' },
        { id: 'e0', at: timeOf(0), by: CREWS[0] ?? { id: '', name: '' } },
      ),
    ],
    0,
  );
  const written: NewEntry[] = [];
  const crews = CREWS.map((by) => ({
    by,
    wrong: Math.round((random() - 0.5) * 120),
    known: server.entries.slice(),
    waits: [] as NewEntry[],
  }));
  const sync = (crew: (typeof crews)[number], second: number): void => {
    // What was sent may arrive twice, or the answer may be lost: it is sent again with the next
    server.take(crew.waits, second);
    if (random() < 0.3) return;
    crew.waits = [];
    crew.known = server.entries.slice();
  };
  for (let second = 10; second < 60; second++) {
    const crew = crews[Math.floor(random() * crews.length)];
    if (!crew) continue;
    if (random() < 0.5) {
      // A clock that is ahead counts no later than the arrival
      const entry = anything(random, `w${written.length}`, crew.by, second + crew.wrong, crew.known);
      written.push(entry);
      crew.waits = [...crew.waits, entry];
    } else if (random() < 0.6) sync(crew, second);
  }
  for (const crew of crews) while (crew.waits.length > 0) sync(crew, 60);
  return { server, written };
}

describe('three crews on one job', () => {
  it('lose nothing on random schedules, and whoever reads the log in whatever order sees the same job', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 2 ** 31 }), (seed) => {
        const random = seeded(seed);
        const { server, written } = played(random);
        const ids = new Set(server.entries.map(({ id }) => id));
        expect(written.every(({ id }) => ids.has(id))).toBe(true);
        expect(server.entries.map(({ seq }) => seq)).toEqual(server.entries.map((_, i) => i + 1));
        const job = fold(HEAD, server.entries);
        const mixed = server.entries.toSorted(() => random() - 0.5);
        expect(fold(HEAD, mixed)).toEqual(job);
        // One who has seen all of it says it once more
        const by = one(CREWS, random);
        const seen = server.entries.length;
        server.take(
          [
            newEntry('pointDescribed', { pointId: 'p', wall: 'brick' }, { id: 'y', at: timeOf(61), by, seen }),
            newEntry(
              'checkDone',
              { pointId: 'p', check: 'lit', result: 'passed' },
              { id: 'z', at: timeOf(61), by, seen },
            ),
          ],
          61,
        );
        expect(fold(HEAD, server.entries).conflicts).toEqual([]);
      }),
      { seed: 171, numRuns: runs(400) },
    );
  });
});
