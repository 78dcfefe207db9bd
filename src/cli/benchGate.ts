import { stepGate } from '@/core/isolation';
import { fold } from '@/core/job';
import { newEntry, type Entry, type EntryData, type EntryKind, type Person } from '@/core/kinds';
import { INES, TOMAS } from '@/demo/crew';
import { line, ms, share, timesOf } from './measured';

// Folding a long log of switchings, proofs and ticks, and asking its gate: what an entry costs, as the log grows.
const SIZES = [2000, 4000, 8000] as const;
const START_MS = Date.UTC(2026, 2, 4, 9);

/** A log of so many entries: off, locked, proved at two boxes by two people, worked on, switched on to see it, and again. */
function logOf(size: number): readonly Entry[] {
  const entries: Entry[] = [];
  const write = <K extends EntryKind>(kind: K, data: EntryData<K>, by: Person = INES): void => {
    const seq = entries.length + 1;
    const at = new Date(START_MS + seq * 1000).toISOString();
    const id = `00000000-0000-7000-8000-${String(seq).padStart(12, '0')}`;
    entries.push({ ...newEntry(kind, data, { id, at, by }), seq, receivedAt: at });
  };
  const proof = {
    circuitId: 'c',
    weight: 'mains',
    hotNeutralVolts: 0,
    hotGroundVolts: 0,
    neutralGroundVolts: 0,
    everyConductor: true,
    triedBefore: true,
    triedAfter: true,
  } as const;
  const work = { touches: 'mains', role: 'work', how: 'done' } as const;
  for (const name of ['yard', 'gate'])
    write('pointAdded', { pointId: name, pointKind: 'floodlight', name, boxId: name });
  write('circuitListed', {
    circuitId: 'c',
    way: '7',
    feeds: ['yard', 'gate'],
    otherInBox: 'no',
    sharedNeutral: 'no',
  });
  while (entries.length < size) {
    write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true, guard: 'locked' });
    write('deadProved', { ...proof, placeId: 'yard' });
    write('deadProved', { ...proof, placeId: 'gate' }, TOMAS);
    for (const stepId of ['box-old-out', 'box-bar', 'box-plate'])
      write('stepTicked', { ...work, pointId: 'yard', stepId, placeId: 'yard' });
    write('stepTicked', { ...work, pointId: 'gate', stepId: 'box-bar', placeId: 'gate' }, TOMAS);
    write('noteWritten', { text: 'wasps' });
    write('hintNoted', { circuitId: 'c', hint: 'lampDark' });
    write('circuitSwitched', { circuitId: 'c', to: 'on' });
  }
  return entries;
}

/** Prints what a log costs to fold and to ask, whole and by its entry. */
export function benchGate(): void {
  const head = { id: 'j', title: 'Tern Cottage', createdAt: new Date(START_MS).toISOString() };
  let first = 0;
  for (const size of SIZES) {
    const entries = logOf(size);
    const who = { id: 'ines', at: START_MS + size * 1000, ownProofs: null };
    const hold = {
      touches: 'mains',
      role: 'work',
      placeId: 'yard',
      supplyId: null,
      bellSide: 'off',
      plug: null,
      breaker: true,
    } as const;
    const took = share(
      timesOf(5, () => void stepGate(fold(head, entries).isolation, hold, who)),
      0.5,
    );
    const each = took / entries.length;
    first ||= each;
    const beside = size === SIZES[0] ? '' : `, an entry ${(each / first).toFixed(2)} × as dear as of ${SIZES[0]}`;
    line(`a job of ${size} entries folded, its gate asked`, `${ms(took)}${beside}`);
  }
}
