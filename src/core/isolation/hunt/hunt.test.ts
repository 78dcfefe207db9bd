import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { breakerHunt, type HuntWay } from './breakerHunt';
import { huntOnFoot } from './huntOnFoot';
import { looksLikeKeepOn, wayWeight } from './wayPrior';

const way = (id: string, probability: number, doNotDrop = false): HuntWay => ({ id, probability, doNotDrop });

/**
 * Least expected cost by trying every allowed set at every state: the definition itself, with no tree in it.
 * @param cost of one test that drops so many ways
 */
function bruteForce(ways: readonly HuntWay[], cost: (dropped: number) => number): number {
  const total = ways.reduce((sum, { probability }) => sum + probability, 0);
  const known = new Map<number, number>();
  const weightOf = (mask: number): number =>
    ways.reduce((sum, { probability }, i) => (mask & (1 << i) ? sum + probability / total : sum), 0);
  const free = ways.reduce((mask, { doNotDrop }, i) => (doNotDrop ? mask : mask | (1 << i)), 0);
  const ended = (mask: number): boolean => (mask & (mask - 1)) === 0 || (mask & free) === 0;
  const best = (mask: number): number => {
    if (ended(mask)) return 0;
    const before = known.get(mask);
    if (before !== undefined) return before;
    let least = Infinity;
    const may = mask & free;
    for (let drop = may; drop > 0; drop = (drop - 1) & may) {
      if (drop === mask) continue;
      let count = 0;
      for (let rest = drop; rest > 0; rest &= rest - 1) count++;
      least = Math.min(least, weightOf(mask) * cost(count) + best(drop) + best(mask & ~drop));
    }
    known.set(mask, least);
    return least;
  };
  return best((1 << ways.length) - 1);
}

/** Expected tests when the answer's own advice is followed to the end, for every way that may be the one. */
function followed(ways: readonly HuntWay[]): number {
  const total = ways.reduce((sum, { probability }) => sum + probability, 0);
  return ways.reduce((sum, truth) => {
    const answered: { dropped: readonly string[]; died: boolean }[] = [];
    for (;;) {
      const next = breakerHunt(ways, answered)?.next;
      if (!next) return sum + (truth.probability / total) * answered.length;
      expect(next.drop.some((id) => ways.find((one) => one.id === id)?.doNotDrop)).toBe(false);
      answered.push({ dropped: next.drop, died: next.drop.includes(truth.id) });
    }
  }, 0);
}

const someWays = fc
  .array(fc.tuple(fc.integer({ min: 1, max: 40 }), fc.boolean()), { minLength: 1, maxLength: 7 })
  .map((list) => list.map(([probability, doNotDrop], i) => way(`w${i}`, probability, doNotDrop)));

describe('the breaker hunt at one cost for every test', () => {
  it('takes the worked example of the contract', () => {
    const ways = [way('w1', 0.4), way('w2', 0.25), way('w3', 0.15), way('w4', 0.1, true), way('w5', 0.1, true)];
    const found = breakerHunt(ways, [{ dropped: ['w1'], died: false }]);
    expect(found?.ways.map(({ probability }) => Number(probability.toFixed(6)))).toEqual([
      0.416667, 0.25, 0.166667, 0.166667,
    ]);
    expect(found?.expectedTests).toBeCloseTo(1.58333, 5);
    expect(found).toMatchObject({ byAgreement: ['w4', 'w5'], found: null });
  });
  it('is optimal, by brute force over every allowed test', () => {
    fc.assert(
      fc.property(someWays, (ways) => {
        expect(breakerHunt(ways, [])?.expectedTests).toBeCloseTo(
          bruteForce(ways, () => 1),
          9,
        );
      }),
      { seed: 7, numRuns: 150 },
    );
  });
  it('gives tests that reach what it promises', () => {
    fc.assert(
      fc.property(someWays, (ways) => {
        expect(followed(ways)).toBeCloseTo(breakerHunt(ways, [])?.expectedTests ?? NaN, 9);
      }),
      { seed: 8, numRuns: 60 },
    );
  });
  it('beats halving where one suspect dominates', () => {
    const ways = [way('bell', 80), ...Array.from({ length: 7 }, (_, i) => way(`w${i}`, 20 / 7))];
    // 1 + 0.2 · (Huffman over seven equal ways: 20/7) against 3 tests of halving eight ways
    expect(breakerHunt(ways, [])?.expectedTests).toBeCloseTo(1 + 0.2 * (20 / 7), 9);
    expect(breakerHunt(ways, [])?.next).toEqual({ drop: ['bell'] });
  });
  it('ends: found by elimination, only kept ways, a contradiction', () => {
    const two = [way('a', 1), way('b', 1)];
    expect(breakerHunt(two, [{ dropped: ['a'], died: false }])).toMatchObject({
      found: 'b',
      next: null,
      expectedTests: 0,
    });
    const kept = [way('a', 1), way('b', 1, true), way('c', 1, true)];
    expect(breakerHunt(kept, [{ dropped: ['a'], died: false }])).toMatchObject({
      found: null,
      next: null,
      expectedTests: 0,
      byAgreement: ['b', 'c'],
    });
    expect(breakerHunt([way('b', 1, true)], [])).toMatchObject({ found: 'b', byAgreement: ['b'] });
    expect(
      breakerHunt(two, [
        { dropped: ['a'], died: true },
        { dropped: ['a'], died: false },
      ]),
    ).toBeNull();
    expect(breakerHunt([way('a', 0)], [])).toBeNull();
  });
  it('rules out ways without probability and bears huge ones', () => {
    expect(breakerHunt([way('a', 0), way('b', 3)], [])).toMatchObject({
      found: 'b',
      ways: [{ id: 'b', probability: 1 }],
    });
    expect(breakerHunt([way('a', 1e308), way('b', 1e308)], [])?.expectedTests).toBe(1);
  });
  it('lets history name a kept way', () => {
    const ways = [way('a', 1), way('b', 1, true), way('c', 1, true)];
    expect(breakerHunt(ways, [{ dropped: ['b'], died: true }])).toMatchObject({ found: 'b' });
  });
});

describe('the hunt on foot', () => {
  it('is the same as the optimum where only tests cost', () => {
    fc.assert(
      fc.property(someWays, (ways) => {
        const found = huntOnFoot(ways, [], { perTest: 1, perWay: 0 });
        expect(found?.expectedMinutes).toBeCloseTo(breakerHunt(ways, [])?.expectedTests ?? NaN, 9);
        expect(found?.expectedTests).toBeCloseTo(found?.expectedMinutes ?? NaN, 9);
      }),
      { seed: 9 },
    );
  });
  it('is never cheaper than the best plan there is, and at most a tenth dearer', () => {
    fc.assert(
      fc.property(someWays, (ways) => {
        const best = bruteForce(ways, (dropped) => 3 + 0.3 * dropped);
        const found = huntOnFoot(ways, [], { perTest: 3, perWay: 0.3 })?.expectedMinutes ?? NaN;
        expect(found).toBeGreaterThan(best - 1e-9);
        expect(found).toBeLessThan(best * 1.1 + 1e-9);
      }),
      { seed: 10, numRuns: 120 },
    );
  });
  it('drops fewer at a time where switching is what costs', () => {
    const ways = Array.from({ length: 12 }, (_, i) => way(`w${i}`, 1));
    const walking = huntOnFoot(ways, [], { perTest: 5, perWay: 0 });
    const switching = huntOnFoot(ways, [], { perTest: 0.2, perWay: 2 });
    expect(walking?.drop?.length ?? 0).toBeGreaterThan(switching?.drop?.length ?? 0);
  });
  it('never drops a kept way', () => {
    const ways = [way('a', 1), way('b', 9, true), way('c', 2), way('d', 5, true)];
    expect(huntOnFoot(ways, [], { perTest: 3, perWay: 0.3 })?.drop).not.toEqual(expect.arrayContaining(['b']));
    expect(huntOnFoot(ways, [], { perTest: 3, perWay: 0.3 })?.byAgreement).toEqual(['b', 'd']);
  });
});

describe('what a label says', () => {
  const clues = { mainsVolts: 120, diesWithLight: false, transformerAt: null };
  const weight = (label: string | null, ratingAmps: number | null = null, more = {}): number =>
    wayWeight({ label, ratingAmps }, { ...clues, ...more });
  it('puts a bell before lights, lights before sockets, all before an oven or a spare', () => {
    const order = ['Door bell', 'Hall lights', 'Lights up', 'Sockets kitchen', 'Oven', 'Spare'].map((label) =>
      weight(label),
    );
    expect(order).toEqual([...order].sort((a, b) => b - a));
    expect(weight(null)).toBeGreaterThan(weight('Dryer'));
  });
  it('follows what was seen: the light it dies with, where the transformer is, a rating', () => {
    expect(weight('Lights down', null, { diesWithLight: true })).toBe(8 * weight('Lights down'));
    expect(weight('Furnace', null, { transformerAt: 'boilerRoom' })).toBe(4 * weight('Furnace'));
    expect(weight(null, 40)).toBeLessThan(weight(null, 15));
    expect(weight(null, 6, { mainsVolts: 230 })).toBeGreaterThan(weight(null, 6));
  });
  it('warns of ways that look like ones to keep on', () => {
    expect(say(looksLikeKeepOn('Freezer in garage'))).toMatch(/thaws/);
    expect(say(looksLikeKeepOn('Office server'))).toMatch(/computers/);
    expect(looksLikeKeepOn('Lights up')).toBeNull();
  });
});
