import { say } from '@/words/forTests';
import { describe, expect, it } from '@jest/globals';
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
