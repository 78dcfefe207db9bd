import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { runs } from './runs';
import { heldAgainstOracle } from './safety/heldAgainst';
import { houseAfter, orders } from './safety/house';

// Thousands of orders of acts, played against the gate: what it opens and what may be touched by the page on safety are the
// same, for everybody, at every place. What fails is shrunk to the fewest acts.

describe('any order of acts', () => {
  it('opens what the page on safety opens, and nothing else', () => {
    const opened = { mains: 0, bell: 0, plug: 0, shut: 0 };
    fc.assert(
      fc.property(orders(22), (steps) => {
        const { job, entries, now } = houseAfter(steps);
        heldAgainstOracle(job, entries, now, opened);
      }),
      { seed: 151, numRuns: runs(500) },
    );
    // A search that never met an open gate says nothing
    expect(opened.mains).toBeGreaterThan(50);
    expect(opened.bell).toBeGreaterThan(50);
    expect(opened.plug).toBeGreaterThan(50);
  });
});
