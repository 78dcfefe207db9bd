import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { caseOf, UNKNOWN_RUN, type BellCase, type BellSurvey, type Evidence } from '../bell';
import { DEVICES } from '../catalogue';
import { northAmerica120 } from '../region/northAmerica120';
import { advise, dominatedOf, type AdviceQuestion } from './advise';
import { proposer } from './propose';
import { proposalReason, whyNot } from './reasons';
import { effortOf, type Standing, type Way } from './way';

const [device] = DEVICES;
if (!device) throw new Error('no device');
const METER = { percent: 1, counts: 3, resolutionVolts: 0.1, mainsResolutionVolts: 0.1, trueRms: true };
const run = (lengthM: number, awg: number) => ({
  ...UNKNOWN_RUN,
  lengthM: { low: lengthM, high: lengthM },
  gauge: { awg },
});
const survey: BellSurvey = {
  region: northAmerica120,
  nameplate: { volts: 16, va: 10 },
  runs: { toChime: run(9, 20), toDoor: run(7, 20) },
  chime: { kind: 'mechanical', rating: null, ratedVolts: 16 },
  present: { path: 'series' },
  device,
  readings: [],
};
const bellOf = (more: Partial<BellSurvey> = {}, evidence: readonly Evidence[] = []): BellCase => ({
  ...caseOf({ ...survey, ...more }),
  evidence,
});
const volts = (id: string, value: number, under: 'open' | number = 'open'): Evidence => ({
  id,
  what: 'volts',
  at: 'transformer',
  under: under === 'open' ? { kind: 'open' } : { kind: 'resistor', ohms: under },
  instrument: METER,
  value: { low: value, high: value },
});
const mains: Evidence = { id: 'm', what: 'mainsVolts', instrument: METER, value: { low: 120, high: 120 } };
const tired = [volts('o', 20.6), volts('l', 11.6, 15), mains];
const way = (id: string, more: Partial<Way> = {}): Way => ({
  id,
  change: { transformer: null, treatment: { path: 'shunt', shuntOhms: 1 }, pairFactor: { toChime: 1, toDoor: 1 } },
  ratedVolts: 16,
  ratedVa: 10,
  minutes: 10,
  cost: 0,
  licensed: false,
  silent: false,
  ...more,
});
const fitted = (id: string, ratedVolts: number, ratedVa: number, more: Partial<Way> = {}): Way =>
  way(id, {
    ratedVolts,
    ratedVa,
    minutes: 55,
    cost: 30,
    change: { ...way('').change, transformer: { id, ratedVolts, ratedVa } },
    ...more,
  });
const bypass = way('bypass', {
  change: { ...way('').change, treatment: { path: 'link', linkOhms: 0.3 } },
  minutes: 8,
  silent: true,
});
const kept = way('keep');
const soft = fitted('16-30', 16, 30);
const stiff = fitted('24-40', 24, 40);
const WAYS = [kept, bypass, soft, stiff];
const question = (bell: BellCase, more: Partial<AdviceQuestion> = {}): AdviceQuestion => ({
  bell,
  timeDomain: null,
  ways: WAYS,
  takeable: [
    {
      id: 'open',
      minutes: 3,
      readable: { what: 'volts', at: 'transformer', under: { kind: 'open' }, instrument: METER },
    },
    {
      id: 'load',
      minutes: 4,
      readable: { what: 'volts', at: 'transformer', under: { kind: 'resistor', ohms: 15 }, instrument: METER },
    },
    { id: 'coil', minutes: 4, readable: { what: 'coilOhms' } },
  ],
  policy: 'soundest',
  chimeVolts: 16,
  ...more,
});

describe('advice', () => {
  it('keeps a stiff 24 V transformer, and has enough', () => {
    const strong = bellOf({ nameplate: { volts: 24, va: 40 } }, [volts('o', 27.4), volts('l', 24.3, 20)]);
    const advice = advise(question(strong, { ways: WAYS.map((one) => ({ ...one })), takeable: [] }));
    expect(advice.proposed?.id).toBe('keep');
    expect(advice.enough).toBe(true);
    expect(advice.estimate.openCircuitVolts.likely).toBeGreaterThan(26);
  });
  it('replaces a tired 10 VA one', () => {
    const weak = bellOf({}, tired);
    const advice = advise(question(weak));
    expect(advice.proposed?.id).toBe('16-30');
    expect(advice.ways.find((one) => one.way.id === 'keep')?.standing.belief).toBeLessThan(0.05);
  });
  it('asks for what tells something, never for what can’t', () => {
    const advice = advise(question(bellOf({ nameplate: { volts: 16, va: 20 } })));
    expect(advice.enough).toBe(false);
    expect(advice.next.map(({ id }) => id)).not.toContain('coil');
    for (const { chanceToChange, moves } of advice.next) {
      expect(chanceToChange).toBeGreaterThan(0.01);
      expect(chanceToChange).toBeLessThanOrEqual(1);
      if (moves) expect(moves.up).toBeGreaterThan(moves.down);
    }
  });
  it('believes sharp readings of a transformer that nobody knows', () => {
    const unknown = bellOf({ nameplate: { volts: null, va: null } }, [volts('o', 17.6), volts('l', 15.3, 15)]);
    const { estimate } = advise(question(unknown));
    // Rs = 15 · (17.6/15.3 − 1) = 2.25 Ω, and the open volts at nominal mains within its swing
    expect(estimate.seriesOhms.low).toBeLessThan(2.25);
    expect(estimate.seriesOhms.high).toBeGreaterThan(2.25);
    expect(estimate.seriesOhms.high - estimate.seriesOhms.low).toBeLessThan(1.6);
    expect(estimate.openCircuitVolts.high).toBeLessThan(20.5);
  });
  it('is the same for the same question', () => {
    const asked = question(bellOf({}, [volts('o', 20.6)]));
    expect(advise(asked).ways).toEqual(advise(asked).ways);
  });
  it('gives no figures for an electronic chime in series, and no belief', () => {
    const electronic = bellOf({ chime: { kind: 'electronic', rating: null, ratedVolts: null } });
    const series = way('leave', { change: { ...way('').change, treatment: { path: 'series' } } });
    const { estimate, ways } = advise(question(electronic, { ways: [series, ...WAYS] }));
    expect(estimate.doorVolts).toBeNull();
    expect(ways[0]?.standing.belief).toBe(0);
  });
  it('counts the capacitor where it is known: nothing is believed more', () => {
    const bell = bellOf({ nameplate: { volts: 16, va: 20 } }, [volts('o', 19.4)]);
    const plain = advise(question(bell, { takeable: [] }));
    const dry = advise(
      question(bell, {
        takeable: [],
        timeDomain: { capacitor: { capacitanceF: 1.2e-4, dropVolts: 1.4, lockOutVolts: 8 }, frequencyHz: 60 },
      }),
    );
    dry.ways.forEach(({ standing }, i) =>
      expect(standing.belief).toBeLessThanOrEqual(plain.ways[i]?.standing.belief ?? 0),
    );
    expect(dry.ways.some(({ standing }, i) => standing.belief < (plain.ways[i]?.standing.belief ?? 0) - 0.1)).toBe(
      true,
    );
  });
});

describe('contradictions', () => {
  it('names two readings that can’t both be true, with the size and what it may be', () => {
    const { contradictions } = advise(
      question(
        bellOf({ nameplate: { volts: 16, va: 30 } }, [
          volts('o', 18.5),
          { ...volts('d', 24.5), at: 'door' } as Evidence,
        ]),
      ),
    );
    const [first] = contradictions;
    expect([...(first?.readings ?? [])].sort()).toEqual(['d', 'o']);
    expect(first?.sigmas).toBeGreaterThan(5);
    expect(first?.mayBe.length).toBeGreaterThan(0);
  });
  it('says nothing of readings that agree', () => {
    const { contradictions } = advise(question(bellOf({}, [volts('o', 20.6), volts('l', 14.4, 15)])));
    expect(contradictions).toEqual([]);
  });
});

describe('policies', () => {
  const believed: Record<string, number> = { keep: 0.3, bypass: 0.995, '16-30': 0.995, '24-40': 1 };
  const pick = (policy: Parameters<typeof proposer>[1], more: Record<string, number> = {}): string | undefined => {
    const belief = { ...believed, ...more };
    return WAYS[proposer(WAYS, policy, 16)((i) => belief[WAYS[i]?.id ?? ''] ?? 0)]?.id;
  };
  it('take different ways out of a weak supply', () => {
    expect(pick('soundest')).toBe('bypass');
    expect(pick('spareChime')).toBe('16-30');
    expect(pick('headroom')).toBe('24-40');
    expect(pick('silence')).toBe('bypass');
  });
  it('leave what will do, whatever the school', () => {
    for (const policy of ['soundest', 'spareChime', 'headroom', 'silence'] as const)
      expect(pick(policy, { keep: 0.995 })).toBe('keep');
  });
  it('keep the ring where that costs under 20', () => {
    expect(pick('soundest', { keep: 0.99 })).toBe('keep');
  });
  it('propose nothing that can’t be trusted', () => {
    for (const policy of ['soundest', 'spareChime', 'headroom', 'silence'] as const)
      expect(pick(policy, { bypass: 0.98, '16-30': 0.98, '24-40': 0.989 })).toBeUndefined();
  });
});

describe('the front', () => {
  const standing = (belief: number, marginVolts: number): Standing => ({
    verdict: 'holds',
    belief,
    state: 'liveNight',
    likelyVolts: 14.5 + marginVolts,
    marginVolts,
    highestVolts: 20,
    utilisation: 0.5,
    condition: null,
    conditionChance: null,
  });
  it('folds away what is nowhere better and somewhere worse', () => {
    expect(dominatedOf([kept, soft, stiff], [standing(1, 1), standing(1, 1), standing(1, 8)])).toEqual([
      false,
      true,
      false,
    ]);
  });
  it('says in figures why the cheaper one was not taken, and why not another', () => {
    const bell = bellOf({}, tired);
    const advice = advise(question(bell));
    const told = advice.ways.map(({ way: one, standing: of }) => ({ way: one, standing: of }));
    const proposed = told.find(({ way: one }) => one === advice.proposed);
    if (!proposed) throw new Error('nothing proposed');
    const words = (state: string): string => state;
    expect(say(proposalReason(bell, proposed, told, words))).toMatch(
      /to spare.*next cheaper way (drops to \d|collapses)/,
    );
    const dearer = told.find(({ way: one }) => one.id === '24-40');
    expect(dearer && effortOf(dearer.way)).toBeGreaterThanOrEqual(effortOf(proposed.way));
    const keep = told.find(({ way: one }) => one.id === 'keep');
    expect(say(keep && whyNot(bell, keep, proposed, words))).toMatch(/Falls to \d|Collapses/);
  });
});
