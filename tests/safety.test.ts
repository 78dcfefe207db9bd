import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { stepGate, type Hold } from '@/core/isolation';
import { runs } from './runs';
import { PEOPLE, PLACES, PLUGGED, houseAfter, orders } from './safety/house';
import { SafetyOracle } from './safety/oracle';

// Thousands of orders of acts, played against the gate: what it opens and what may be touched by the page on safety are the
// same, for everybody, at every place. What fails is shrunk to the fewest acts.

const hold = (placeId: string, touches: 'bell' | 'mains', bellSide: Hold['bellSide']): Hold => ({
  touches,
  role: 'work',
  placeId,
  supplyId: placeId.startsWith('s') ? placeId : null,
  bellSide,
  plug: placeId === PLUGGED ? 'found' : null,
  breaker: placeId !== PLUGGED,
});

describe('any order of acts', () => {
  it('opens what the page on safety opens, and nothing else', () => {
    const opened = { mains: 0, bell: 0, plug: 0, shut: 0 };
    fc.assert(
      fc.property(orders(22), (steps) => {
        const house = houseAfter(steps);
        const { job, now } = house;
        const oracle = new SafetyOracle(house.entries);
        const school = job.policy.bellSide;
        expect(school).toBe(oracle.bellSide);
        const compare = (what: keyof typeof opened, of: Hold, who: string, may: boolean): void => {
          const why = stepGate(job.isolation, of, { id: who, at: now, ownProofs: null });
          expect({ what, at: of.placeId, who, school, opens: why.length === 0, why }).toEqual({
            what,
            at: of.placeId,
            who,
            school,
            opens: may,
            why,
          });
          opened[may ? what : 'shut']++;
        };
        for (const { id } of PEOPLE) {
          for (const placeId of PLACES)
            compare('mains', hold(placeId, 'mains', school), id, oracle.mayTouchMains(placeId, id, now));
          compare('bell', hold('s', 'bell', school), id, oracle.mayTouchBell('s', id, now));
          compare('plug', hold(PLUGGED, 'bell', school), id, oracle.mayTouchPlugged(PLUGGED, id, now));
        }
      }),
      { seed: 151, numRuns: runs(500) },
    );
    // A search that never met an open gate says nothing
    expect(opened.mains).toBeGreaterThan(50);
    expect(opened.bell).toBeGreaterThan(50);
    expect(opened.plug).toBeGreaterThan(50);
  });
});
