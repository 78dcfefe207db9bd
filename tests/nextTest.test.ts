import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { answerNextTest, nextTestRequest, type NextTestRequest } from '@/contract/nextTest';
import { parse } from '@/contract/parse';
import { ProblemError } from '@/contract/problem';
import { seeded } from '@/core/random';

const PRINTED = {
  faults: [
    { id: 'feed', probability: 0.5, place: 'board', repairMinutes: 4 },
    { id: 'module', probability: 0.3, place: 'chime', repairMinutes: 15 },
    { id: 'splice', probability: 0.2, place: 'door', repairMinutes: 25 },
  ],
  tests: [
    {
      id: 'volts',
      place: 'door',
      minutes: 3,
      outcomes: ['none', 'low', 'right'],
      likelihood: { feed: [0.98, 0.01, 0.01], module: [0.02, 0.9, 0.08], splice: [0.05, 0.8, 0.15] },
    },
    {
      id: 'bridge',
      place: 'chime',
      minutes: 4,
      outcomes: ['wakes', 'nothing'],
      likelihood: { feed: [0, 1], module: [0.95, 0.05], splice: [0, 1] },
    },
  ],
  walks: [
    { from: 'door', to: 'chime', minutes: 2 },
    { from: 'chime', to: 'board', minutes: 5 },
  ],
  at: 'door' as string | null,
  done: [] as object[],
};
type Asked = typeof PRINTED;
const ask = (body: unknown) => answerNextTest(parse(nextTestRequest, body));

/** Made-up troubles of a size, from a seed. */
function made(seed: number, faults: number, tests: number): Asked {
  const random = seeded(seed);
  const places = ['board', 'chime', 'door', 'transformer'];
  const place = (): string => places[Math.floor(random() * places.length)] ?? 'door';
  const names = Array.from({ length: faults }, (_, i) => `f${i}`);
  const row = (outcomes: number): number[] => {
    const raw = Array.from({ length: outcomes }, () => random() ** 3);
    const sum = raw.reduce((total, one) => total + one, 0);
    return raw.map((one) => one / sum);
  };
  return {
    faults: names.map((id) => ({ id, probability: random(), place: place(), repairMinutes: 2 + 30 * random() })),
    tests: Array.from({ length: tests }, (_, i) => {
      const outcomes = ['a', 'b', 'c'].slice(0, 2 + Math.floor(2 * random()));
      return {
        id: `t${i}`,
        place: place(),
        minutes: 1 + 6 * random(),
        outcomes,
        likelihood: Object.fromEntries(names.map((id) => [id, row(outcomes.length)])),
      };
    }) as Asked['tests'],
    walks: places.slice(1).map((to, i) => ({ from: places[i] ?? '', to, minutes: 1 + 4 * random() })),
    at: 'door',
    done: [],
  };
}

/** The least expected minutes by trying everything in every order: slow, and another way than the program’s. */
function leastMinutes({ faults, tests, walks }: Asked): number {
  const known = new Map<string, number>();
  const far = (a: string, b: string): number => {
    const before = known.get(`${a}>${b}`);
    if (before !== undefined) return before;
    const to = new Map([[a, 0]]);
    for (let i = 0; i < 8; i++)
      for (const { from, to: end, minutes } of walks)
        for (const [x, y] of [
          [from, end],
          [end, from],
        ] as const)
          if (to.has(x)) to.set(y, Math.min(to.get(y) ?? Infinity, (to.get(x) ?? 0) + minutes));
    known.set(`${a}>${b}`, to.get(b) ?? 0);
    return to.get(b) ?? 0;
  };
  // What was answered and repaired says all of where one is, whatever the order
  const worked = new Map<string, number>();
  const from = (weights: readonly number[], told: string, at: string): number => {
    const total = weights.reduce((sum, one) => sum + one, 0);
    if (total <= 1e-15) return 0;
    const key = `${told} ${weights.map((one) => (one > 0 ? 1 : 0)).join('')} ${at}`;
    const before = worked.get(key);
    if (before !== undefined) return before;
    let best = Infinity;
    faults.forEach(({ place, repairMinutes }, i) => {
      if ((weights[i] ?? 0) === 0) return;
      const rest = weights.map((one, j) => (i === j ? 0 : one));
      best = Math.min(best, total * (far(at, place) + repairMinutes) + from(rest, told, place));
    });
    tests.forEach((test, t) => {
      if (told[t] !== '-') return;
      const rows = test.likelihood as unknown as Record<string, number[]>;
      const after = test.outcomes.reduce(
        (sum, _, o) =>
          sum +
          from(
            weights.map((one, i) => one * (rows[faults[i]?.id ?? '']?.[o] ?? 0)),
            `${told.slice(0, t)}${o}${told.slice(t + 1)}`,
            test.place,
          ),
        0,
      );
      best = Math.min(best, total * (far(at, test.place) + test.minutes) + after);
    });
    worked.set(key, best);
    return best;
  };
  const sum = faults.reduce((total, { probability }) => total + probability, 0);
  return from(
    faults.map(({ probability }) => probability / sum),
    '-'.repeat(tests.length),
    'door',
  );
}

/** Minutes that somebody needs who asks at every step and does what is said, over every fault and answer. */
function minutesFollowed(asked: Asked, truth: number, depth = 0): number {
  const { next } = ask(asked);
  if (!next || depth > 30) return 0;
  const walked = (to: string): number => {
    const at = asked.at ?? to;
    const { expectedMinutes } = ask({
      ...asked,
      faults: [{ id: 'x', probability: 1, place: to, repairMinutes: 0 }],
      tests: [],
      done: [],
      at,
    });
    return expectedMinutes;
  };
  if ('repair' in next) {
    const fault = asked.faults.find(({ id }) => id === next.repair);
    if (!fault) throw new Error('repairs what is not there');
    const spent = walked(fault.place) + fault.repairMinutes;
    if (asked.faults[truth]?.id === fault.id) return spent;
    const done = [...asked.done, { repair: fault.id, fixed: false }];
    return spent + minutesFollowed({ ...asked, at: fault.place, done }, truth, depth + 1);
  }
  const test = asked.tests.find(({ id }) => id === next.test);
  if (!test) throw new Error('tests what is not there');
  const rows = test.likelihood as unknown as Record<string, number[]>;
  return test.outcomes.reduce(
    (sum, outcome, o) => {
      const chance = rows[asked.faults[truth]?.id ?? '']?.[o] ?? 0;
      if (chance === 0) return sum;
      const done = [...asked.done, { test: test.id, outcome }];
      return sum + chance * minutesFollowed({ ...asked, at: test.place, done }, truth, depth + 1);
    },
    walked(test.place) + test.minutes,
  );
}
const expectedFollowed = (asked: Asked): number => {
  const sum = asked.faults.reduce((total, { probability }) => total + probability, 0);
  return asked.faults.reduce(
    (minutes, { probability }, i) => minutes + (probability / sum) * minutesFollowed(asked, i),
    0,
  );
};

describe('the next test', () => {
  it('answers the printed example, and what follows a repair in vain', () => {
    const first = ask(PRINTED);
    expect(first.next).toEqual({ test: 'volts' });
    expect(first.expectedMinutes).toBeCloseTo(22.4808, 3);
    const after = ask({
      ...PRINTED,
      at: 'chime',
      done: [
        { test: 'volts', outcome: 'low' },
        { repair: 'module', fixed: false },
      ],
    });
    expect(after.faults.map(({ probability }) => Number(probability.toFixed(6)))).toEqual([0.030303, 0, 0.969697]);
    expect(after.next).toEqual({ repair: 'splice' });
    expect(after.expectedMinutes).toBeCloseTo(27.3333, 3);
  });
  it('ends once something fixed it', () => {
    const over = ask({ ...PRINTED, done: [{ repair: 'feed', fixed: true }] });
    expect(over).toEqual({
      faults: [
        { id: 'feed', probability: 1 },
        { id: 'module', probability: 0 },
        { id: 'splice', probability: 0 },
      ],
      next: null,
      expectedMinutes: 0,
    });
  });
  it('needs what the best of all plans needs, on small troubles', () => {
    for (let seed = 1; seed <= 24; seed++) {
      const asked = made(seed, 2 + (seed % 3), seed % 3 === 2 ? 2 : 3);
      expect(ask(asked).expectedMinutes).toBeCloseTo(leastMinutes(asked), 6);
    }
  });
  it('needs no more with six faults and six tests', () => {
    const asked = made(604, 6, 6);
    const least = leastMinutes(asked);
    expect(ask(asked).expectedMinutes / least).toBeCloseTo(1, 4);
    expect(expectedFollowed(asked) / least).toBeCloseTo(1, 4);
  }, 120_000);
  it('takes the minutes that it says, for whoever follows it down every branch', () => {
    for (let seed = 1; seed <= 6; seed++) {
      const asked = made(100 + seed, 4, 3);
      expect(expectedFollowed(asked)).toBeCloseTo(ask(asked).expectedMinutes, 6);
    }
  });
  it('answers large troubles near what it then takes, the same each time', () => {
    const asked = made(7, 10, 9);
    const { expectedMinutes, next } = ask(asked);
    expect(next).not.toBeNull();
    expect(ask(asked)).toEqual(ask(asked));
    // Repairs alone, by what each ends a minute, are never better
    expect(expectedMinutes).toBeLessThanOrEqual(ask({ ...asked, tests: [] }).expectedMinutes);
  });
  it('never asks what tells nothing, and wants a test less the longer it takes', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 500 }), (seed) => {
        const asked = made(seed, 4, 3);
        const names = asked.faults.map(({ id }) => id);
        const useless = {
          id: 'useless',
          place: 'door',
          minutes: 0.01,
          outcomes: ['a', 'b'],
          likelihood: Object.fromEntries(names.map((id) => [id, [0.4, 0.6]])),
        };
        const before = ask(asked);
        const after = ask({ ...asked, tests: [useless, ...asked.tests] });
        // Of two plans that take as long either may come first
        expect(after.expectedMinutes).toBeCloseTo(before.expectedMinutes, 9);
        expect(after.next).not.toEqual({ test: 'useless' });
        const [first] = asked.tests;
        const dearer = ask({
          ...asked,
          tests: asked.tests.map((t) => (t === first ? { ...t, minutes: t.minutes + 5 } : t)),
        });
        expect(dearer.expectedMinutes).toBeGreaterThanOrEqual(before.expectedMinutes - 1e-9);
        if (before.next && !('test' in before.next && before.next.test === first?.id))
          expect(dearer.next).not.toEqual({ test: first?.id });
      }),
      { seed: 172, numRuns: 40 },
    );
  });
  it('does not mind in which order answers came', () => {
    const asked = made(3, 5, 3);
    const done = asked.tests.map(({ id, outcomes }) => ({ test: id, outcome: outcomes[0] ?? '' }));
    const one = ask({ ...asked, done });
    const other = ask({ ...asked, done: [...done].reverse() });
    expect(other.next).toEqual(one.next);
    expect(other.expectedMinutes).toBeCloseTo(one.expectedMinutes, 9);
  });
});

describe('a question that contradicts itself', () => {
  const refused = (change: Partial<Record<keyof NextTestRequest, unknown>>): string => {
    try {
      ask({ ...PRINTED, ...change });
    } catch (error) {
      if (error instanceof ProblemError) return `${error.status} ${error.errors[0]?.path ?? ''}`;
      throw error;
    }
    return 'taken';
  };
  const [volts, bridge] = PRINTED.tests;
  it.each<[string, Partial<Record<keyof NextTestRequest, unknown>>, string]>([
    ['no probability', { faults: PRINTED.faults.map((one) => ({ ...one, probability: 0 })) }, '422 faults'],
    ['a negative minute', { walks: [{ from: 'a', to: 'b', minutes: -1 }] }, '422 walks[0].minutes'],
    ['a fault twice', { faults: [PRINTED.faults[0], PRINTED.faults[0]] }, '422 faults[1].id'],
    [
      'a row missing',
      { tests: [{ ...bridge, likelihood: { feed: [0, 1], module: [1, 0] } }] },
      '422 tests[0].likelihood.splice',
    ],
    [
      'a row that does not add',
      { tests: [{ ...bridge, likelihood: { ...bridge?.likelihood, feed: [0.2, 0.2] } }] },
      '422 tests[0].likelihood.feed',
    ],
    [
      'a row too short',
      { tests: [{ ...volts, likelihood: { ...volts?.likelihood, feed: [1] } }] },
      '422 tests[0].likelihood.feed',
    ],
    [
      'a row of no fault',
      { tests: [{ ...bridge, likelihood: { ...bridge?.likelihood, ghost: [0, 1] } }] },
      '422 tests[0].likelihood.ghost',
    ],
    ['an unknown outcome', { done: [{ test: 'volts', outcome: 'purple' }] }, '422 done[0].outcome'],
    [
      'a test twice',
      {
        done: [
          { test: 'volts', outcome: 'low' },
          { test: 'volts', outcome: 'low' },
        ],
      },
      '422 done[1].test',
    ],
    [
      'going on after it was fixed',
      {
        done: [
          { repair: 'feed', fixed: true },
          { repair: 'module', fixed: false },
        ],
      },
      '422 done[1]',
    ],
    [
      'what nothing explains',
      { done: ['feed', 'module', 'splice'].map((repair) => ({ repair, fixed: false })) },
      '422 done',
    ],
    ['half an answer', { done: [{ test: 'volts' }] }, '400 done[0]'],
    ['words for chances', { tests: [{ ...bridge, likelihood: { feed: 'often' } }] }, '400 tests[0].likelihood'],
  ])('is refused where it is: %s', (_, change, where) => {
    expect(refused(change)).toBe(where);
  });
});
