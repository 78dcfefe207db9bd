import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { fold } from '@/core/job';
import { newEntry, type Entry, type NewEntry, type Person } from '@/core/kinds';
import { seeded, type Random } from '@/core/random';
import { runs } from './runs';
import { heldAgainstOracle } from './safety/heldAgainst';
import { act, begun, House, orders, type Step } from './safety/house';

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

/** A device that is out of reach now and then. */
interface Device {
  readonly device: number;
  known: readonly Entry[];
  waits: readonly NewEntry[];
  written: number;
}

/** Three devices on which people act, each by what it knows; they reach the server now and then, and some answers are lost. */
function actedApart(
  steps: readonly Step[],
  random: Random,
): { readonly server: Numbered; readonly written: readonly string[]; readonly second: number } {
  const server = new Numbered();
  server.entries.push(...begun().entries);
  const devices = CREWS.map((_, i): Device => ({ device: i + 1, known: [...server.entries], waits: [], written: 0 }));
  const written: string[] = [];
  let second = 100;
  const sync = (of: Device): void => {
    server.take(of.waits, second);
    // The answer was lost: all of it is sent again with the next
    if (random() < 0.2) return;
    of.waits = [];
    of.known = [...server.entries];
  };
  for (const step of steps) {
    second += step.coming.pause;
    const of = one(devices, random);
    const house = House.asSeen({ ...of, second });
    const before = house.entries.length;
    act(house, { ...step, coming: { ...step.coming, pause: 0, imported: false } });
    const made = house.entries.slice(before).map(({ seq: _, receivedAt: __, ...entry }): NewEntry => entry);
    of.written += made.length;
    of.waits = [...of.waits, ...made];
    written.push(...made.map(({ id }) => id));
    // Most are in reach most of the time
    for (const other of devices) if (random() < 0.5) sync(other);
  }
  second++;
  for (const of of devices) while (of.waits.length > 0) sync(of);
  return { server, written, second };
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

  it('of whom some switch, hunt, prove and undo out of reach see one gate, that of the page on safety, on random schedules', () => {
    const opened = { mains: 0, bell: 0, plug: 0, shut: 0 };
    fc.assert(
      fc.property(orders(30), fc.integer({ min: 1, max: 2 ** 31 }), (steps, seed) => {
        const random = seeded(seed);
        const { server, written, second } = actedApart(steps, random);
        const ids = new Set(server.entries.map(({ id }) => id));
        expect(written.filter((id) => !ids.has(id))).toEqual([]);
        expect(ids.size).toBe(server.entries.length);
        const job = fold(HEAD, server.entries);
        expect(
          fold(
            HEAD,
            server.entries.toSorted(() => random() - 0.5),
          ),
        ).toEqual(job);
        heldAgainstOracle(job, server.entries, Date.parse(timeOf(second)), opened);
      }),
      { seed: 172, numRuns: runs(250) },
    );
    expect(opened.mains).toBeGreaterThan(20);
    expect(opened.bell).toBeGreaterThan(20);
    expect(opened.plug).toBeGreaterThan(20);
  });
});
