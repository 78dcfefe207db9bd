import { expect } from 'vitest';
import { stepGate, type Hold } from '@/core/isolation';
import type { Job } from '@/core/job';
import type { Entry } from '@/core/kinds';
import { PEOPLE, PLACES, PLUGGED } from './house';
import { SafetyOracle } from './oracle';

const hold = (placeId: string, touches: 'bell' | 'mains', bellSide: Hold['bellSide']): Hold => ({
  touches,
  role: 'work',
  placeId,
  supplyId: placeId.startsWith('s') ? placeId : null,
  bellSide,
  plug: placeId === PLUGGED ? 'found' : null,
  breaker: placeId !== PLUGGED,
});

export type Opened = Record<'mains' | 'bell' | 'plug' | 'shut', number>;

/** Holds what the gate opens, for everybody at every place, against the page on safety; counts what was open. */
export function heldAgainstOracle(job: Job, entries: readonly Entry[], now: number, opened: Opened): void {
  const oracle = new SafetyOracle(entries);
  const school = job.policy.bellSide;
  expect(school).toBe(oracle.bellSide);
  const compare = (what: keyof Opened, of: Hold, who: string, may: boolean): void => {
    const why = stepGate(job.isolation, of, { id: who, at: now, ownProofs: null });
    expect({ what, at: of.placeId, who, school, opens: why.length === 0, why }).toEqual({
      ...{ what, at: of.placeId, who, school },
      ...{ opens: may, why },
    });
    opened[may ? what : 'shut']++;
  };
  for (const { id } of PEOPLE) {
    for (const placeId of PLACES)
      compare('mains', hold(placeId, 'mains', school), id, oracle.mayTouchMains(placeId, id, now));
    compare('bell', hold('s', 'bell', school), id, oracle.mayTouchBell('s', id, now));
    compare('plug', hold(PLUGGED, 'bell', school), id, oracle.mayTouchPlugged(PLUGGED, id, now));
  }
}
