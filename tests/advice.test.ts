import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { answerAdvice } from '@/contract/advice';
import { adviceRequest } from '@/contract/adviceRequest';
import { parse } from '@/contract/parse';
import { ProblemError } from '@/contract/problem';

/** The request printed in the contract. */
const printed = {
  mains: { nominalVolts: 120, lowPercent: -10, highPercent: 5, frequencyHz: 60 },
  source: { ratedVolts: 16, ratedVa: 10 },
  runs: {
    toChime: { lengthM: 9, lengthPercent: 20, awg: 20, pairs: 1, celsiusLow: 15, celsiusHigh: 30 },
    toDoor: { lengthM: 7, lengthPercent: 20, awg: 24, pairs: 1, celsiusLow: -20, celsiusHigh: 50 },
  },
  chime: { kind: 'mechanical', ratedVolts: 16, present: 'series' },
  device: {
    states: [
      { name: 'standby', watts: 2.5, wattsPercent: 15, powerFactor: 0.75, displacementFactor: 1 },
      { name: 'liveNight', watts: 6, wattsPercent: 15, powerFactor: 0.75, displacementFactor: 1 },
    ],
    doorMinVolts: 13,
    doorFullVolts: 14.5,
    doorMaxVolts: 36,
    treatments: ['shunt', 'link'],
  },
  readings: [
    {
      what: 'volts',
      at: 'transformer',
      state: 'open',
      value: 18.3,
      meter: { percent: 1, counts: 3, resolutionVolts: 0.1 },
    },
  ],
  canTake: [
    { id: 'r1', what: 'volts', at: 'transformer', state: 'resistor', ohms: 15, minutes: 4 },
    { id: 'r2', what: 'loopOhms', run: 'toDoor', minutes: 6 },
  ],
  remedies: {
    transformers: [{ id: 't16-30', ratedVolts: 16, ratedVa: 30, minutes: 45, cost: 32, licensed: false }],
    treatments: [
      { id: 'module', treatment: 'shunt', shuntOhms: 1, minutes: 10, cost: 0, silent: false },
      { id: 'bypass', treatment: 'link', linkOhms: 0.3, minutes: 8, cost: 0, silent: true },
    ],
    wires: [{ id: 'join', run: 'toDoor', pairs: 2, minutes: 15, cost: 0 }],
  },
  policy: 'soundest',
};
type Printed = typeof printed;
const ask = (body: unknown) => answerAdvice(parse(adviceRequest, body));

function refused(body: unknown): { status: number; paths: readonly string[] } {
  try {
    ask(body);
  } catch (error) {
    if (error instanceof ProblemError) return { status: error.status, paths: error.errors.map(({ path }) => path) };
    throw error;
  }
  throw new Error('nothing was refused');
}

describe('compute/advice', () => {
  const advice = ask(printed);
  it('gives the whole product of keep and fit, treatments and wires', () => {
    expect(advice.options).toHaveLength(2 * 2 * 2);
    expect(new Set(advice.options.map(({ id }) => id)).size).toBe(8);
    for (const { belief, reason } of advice.options) {
      expect(belief).toBeGreaterThanOrEqual(0);
      expect(belief).toBeLessThanOrEqual(1);
      expect(say(reason)).toMatch(/\d/);
    }
    const minutes = advice.options.find(({ transformer, wires }) => transformer === 't16-30' && wires.length === 1);
    expect(minutes?.minutes).toBe(45 + 10 + 15);
  });
  it('bands the point as it is wired now', () => {
    const { openCircuitVolts, doorVolts } = advice.estimate;
    expect(openCircuitVolts.low).toBeLessThan(openCircuitVolts.likely);
    // A coil in series and 6 W on a 10 VA transformer collapse
    expect(doorVolts?.liveNight?.likely).toBe(0);
    expect(doorVolts?.standby?.likely).toBeGreaterThan(10);
  });
  it('proposes only what is trusted, and names readings to take until that is enough', () => {
    const proposed = advice.options.find(({ id }) => id === advice.proposed);
    if (proposed) expect(proposed.belief).toBeGreaterThanOrEqual(0.99);
    expect(advice.enough).toBe(advice.next.length === 0);
    for (const { id } of advice.next) expect(['r1', 'r2']).toContain(id);
    expect(ask({ ...printed, canTake: [] }).enough).toBe(true);
  });
  it('gives the same answer to the same request', () => {
    expect(ask(printed)).toEqual(advice);
  });
  it('takes a transformer of which nothing is known', () => {
    expect(ask({ ...printed, source: null, readings: [] }).estimate.openCircuitVolts.high).toBeGreaterThan(20);
    expect(ask({ ...printed, source: { ratedVolts: null, ratedVa: 20 } }).options).toHaveLength(8);
  });
  it('never offers a treatment that the device does not allow', () => {
    const silent = ask({ ...printed, device: { ...printed.device, treatments: ['link'] } });
    expect(silent.options.every(({ treatment }) => treatment === 'bypass')).toBe(true);
    const none = ask({ ...printed, device: { ...printed.device, treatments: ['series'] } });
    expect(none).toMatchObject({ options: [], proposed: null, enough: true });
  });
  it('hears a device’s report and a range of ohms', () => {
    const readings = [
      { what: 'report', state: 'standby', value: 'weak' },
      { what: 'loopOhms', run: 'toDoor', low: 1, high: 1.4 },
      { what: 'mainsVolts', value: 118 },
    ];
    expect(ask({ ...printed, readings }).contradictions).toEqual(expect.any(Array));
  });

  const device = (more: object): object => ({ ...printed, device: { ...printed.device, ...more } });
  const state = (more: object): object => device({ states: [{ ...printed.device.states[0], ...more }] });
  const reading = (more: object): object => ({ ...printed, readings: [{ ...printed.readings[0], ...more }] });
  const remedies = (more: Partial<Record<keyof Printed['remedies'], unknown>>): object => ({
    ...printed,
    remedies: { ...printed.remedies, ...more },
  });
  const [transformer] = printed.remedies.transformers;
  const [treatment] = printed.remedies.treatments;
  const sheet = (low: number, likely: number, high: number) => ({
    ...transformer,
    openCircuitVolts: { low, likely, high },
  });
  it.each([
    ['an unknown field', { ...printed, colour: 'red' }, 400],
    ['a policy that is none', { ...printed, policy: 'cheapest' }, 400],
    ['no device', { ...printed, device: undefined }, 400],
    ['a reading of what is not read', reading({ what: 'amps' }), 400],
    ['a figure without a figure', reading({ value: undefined }), 400],
    ['a resistor without ohms', reading({ state: 'resistor' }), 400],
    ['a reading at no place', reading({ at: undefined }), 400],
    ['a shunt without ohms', remedies({ treatments: [{ ...treatment, shuntOhms: undefined }] }), 400],
    ['a capacitor alone', device({ capacitanceF: 0.0002 }), 400],
    ['a minimum above the maximum', device({ doorMinVolts: 40 }), 422],
    ['a full above the maximum', device({ doorFullVolts: 40 }), 422],
    ['watts 0', state({ watts: 0 }), 422],
    ['a power factor over 1', state({ powerFactor: 1.2 }), 422],
    ['a displacement under the power factor', state({ displacementFactor: 0.5 }), 422],
    ['a state that means something else', state({ name: 'open' }), 422],
    ['a state twice', device({ states: [printed.device.states[0], printed.device.states[0]] }), 422],
    ['a state that the device has not', reading({ state: 'asleep' }), 422],
    ['low above high', reading({ value: undefined, low: 19, high: 18 }), 422],
    ['a transformer of 0 VA', { ...printed, source: { ratedVolts: 16, ratedVa: 0 } }, 422],
    ['a new one of 0 VA', remedies({ transformers: [{ ...transformer, ratedVa: 0 }] }), 422],
    ['open volts upside down', remedies({ transformers: [sheet(33, 32, 34)] }), 422],
    ['open volts whose likely is over high', remedies({ transformers: [sheet(31, 35, 34)] }), 422],
    ['half of open volts', remedies({ transformers: [{ ...transformer, openCircuitVolts: { low: 30 } }] }), 400],
    ['an id twice', remedies({ transformers: [transformer, transformer] }), 422],
    ['a transformer called keep', remedies({ transformers: [{ ...transformer, id: 'keep' }] }), 422],
    ['a negative length', { ...printed, runs: { toDoor: { lengthM: -1, awg: 20 } } }, 422],
    [
      'cold above warm',
      { ...printed, runs: { toDoor: { lengthM: 1, awg: 20, celsiusLow: 30, celsiusHigh: 10 } } },
      422,
    ],
    ['nine states', device({ states: Array(9).fill(printed.device.states[0]) }), 422],
    ['41 readings', { ...printed, readings: Array(41).fill(printed.readings[0]) }, 422],
    ['a mains without room for nominal', { ...printed, mains: { ...printed.mains, lowPercent: 3 } }, 422],
  ])('refuses %s', (_what, body, status) => {
    const refusal = refused(body);
    expect(refusal.status).toBe(status);
    expect(refusal.paths.length).toBeGreaterThan(0);
  });
});

describe('a new transformer by its sheet', () => {
  // 230 V + 10 %: an open reading of 36 / 1.1 = 32.7 V, and what little the device drops, is where the door stands too high
  const short = { lengthM: 1, lengthPercent: 5, mm2: 1.5, pairs: 1, celsiusLow: 10, celsiusHigh: 20 };
  const wired = (openCircuitVolts?: object, doorMaxVolts = 36) =>
    ask({
      ...printed,
      mains: { nominalVolts: 230, lowPercent: -6, highPercent: 10, frequencyHz: 50 },
      source: { ratedVolts: 8, ratedVa: 8 },
      runs: { toChime: short, toDoor: short },
      device: {
        ...printed.device,
        states: [{ name: 'liveNight', watts: 2, wattsPercent: 15, powerFactor: 0.75, displacementFactor: 1 }],
        doorMaxVolts,
      },
      readings: [],
      canTake: [],
      remedies: {
        transformers: [
          {
            id: 'd24',
            ratedVolts: 24,
            ratedVa: 24,
            minutes: 45,
            cost: 24,
            ...(openCircuitVolts ? { openCircuitVolts } : {}),
          },
        ],
        treatments: [printed.remedies.treatments[1]],
        wires: [],
      },
    });
  const fitted = (answer: ReturnType<typeof ask>) => answer.options.find(({ id }) => id === 'd24+bypass');

  it('is trusted outright where its sheet keeps it under the limit', () => {
    const answer = wired({ low: 29, likely: 30, high: 31 });
    expect(fitted(answer)).toMatchObject({ condition: null, conditionChance: null, verdict: 'holds' });
    expect(answer.proposed).toBe('d24+bypass');
  });
  it('is proposed on a condition where one reading decides, with the chance of it worked by hand', () => {
    const answer = wired({ low: 31, likely: 32.5, high: 34 });
    const way = fitted(answer);
    // At 33.3 V open 2 W drop 0.69 V in 9.3 Ω: 35.94 V at the door. That is 0.88 σ over the middle: 0.81 of all
    expect(way?.condition?.mostVolts).toBeGreaterThan(33.1);
    expect(way?.condition?.mostVolts).toBeLessThan(33.4);
    expect(way?.condition?.leastVolts).toBeNull();
    expect(way?.conditionChance).toBeGreaterThan(0.74);
    expect(way?.conditionChance).toBeLessThan(0.83);
    expect(way?.belief).toBeGreaterThanOrEqual(0.99);
    expect(way?.verdict).toBe('holds');
    expect(say(way?.reason)).toMatch(/On one condition: .* at most 33\.[23] V/);
    expect(answer.proposed).toBe('d24+bypass');
  });
  it('is no way where it would be met less than half the time', () => {
    const answer = wired({ low: 32, likely: 35, high: 37 });
    expect(fitted(answer)).toMatchObject({ condition: null, conditionChance: null });
    expect(fitted(answer)?.belief).toBeLessThan(0.5);
    expect(answer.proposed).toBeNull();
  });
  it('has a floor too, where a stiff one is too low for what it has to feed', () => {
    const way = fitted(
      ask({
        ...printed,
        runs: { toChime: short, toDoor: short },
        readings: [],
        canTake: [],
        device: { ...printed.device, doorMinVolts: 27, doorFullVolts: 27 },
        remedies: {
          transformers: [
            {
              id: 'd24',
              ratedVolts: 24,
              ratedVa: 400,
              minutes: 45,
              cost: 24,
              openCircuitVolts: { low: 29, likely: 31, high: 33 },
            },
          ],
          treatments: [printed.remedies.treatments[1]],
          wires: [],
        },
      }),
    );
    // 27 V are needed at 0.9 of nominal mains: 30 V, and what 6 W drop on the way
    expect(way?.condition?.mostVolts).toBeNull();
    expect(way?.condition?.leastVolts).toBeGreaterThan(30);
    expect(way?.condition?.leastVolts).toBeLessThan(31);
    expect(way?.belief).toBeGreaterThanOrEqual(0.99);
  });
});
