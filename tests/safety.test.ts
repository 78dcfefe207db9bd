import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { stepGate, type Hold } from '@/core/isolation';
import { runs } from './runs';
import { PEOPLE, PLACES, houseAfter, orders } from './safety/house';
import { SafetyOracle } from './safety/oracle';

// Thousands of orders of acts, played against the gate: what it opens and what may be touched by the page on safety are the
// same, for everybody, at every place. What fails is shrunk to the fewest acts.

const hold = (placeId: string, touches: 'bell' | 'mains'): Hold => ({
  touches,
  role: 'work',
  placeId,
  supplyId: placeId === 's' ? 's' : null,
  bellSide: 'off',
  plug: false,
});

describe('any order of acts', () => {
  it('opens what the page on safety opens, and nothing else', () => {
    const opened = { mains: 0, bell: 0, shut: 0 };
    fc.assert(
      fc.property(orders(22), (steps) => {
        const house = houseAfter(steps);
        const { job, now } = house;
        const oracle = new SafetyOracle(house.entries);
        for (const placeId of PLACES)
          for (const { id } of PEOPLE) {
            const who = { id, at: now, ownProofs: null };
            const mains = stepGate(job.isolation, hold(placeId, 'mains'), who);
            const may = oracle.mayTouchMains(placeId, id, now);
            expect({ placeId, id, mains: mains.length === 0, why: mains }).toEqual({
              placeId,
              id,
              mains: may,
              why: mains,
            });
            if (may) opened.mains++;
            else opened.shut++;
            if (placeId !== 's') continue;
            const bell = stepGate(job.isolation, hold(placeId, 'bell'), who);
            const mayBell = oracle.mayTouchBell(placeId, id, now);
            expect({ id, bell: bell.length === 0, why: bell }).toEqual({ id, bell: mayBell, why: bell });
            if (mayBell) opened.bell++;
          }
      }),
      { seed: 151, numRuns: runs(500) },
    );
    // A search that never met an open gate says nothing
    expect(opened.mains).toBeGreaterThan(50);
    expect(opened.bell).toBeGreaterThan(50);
  });
});
