import { describe, expect, it } from 'vitest';
import type { DeviceScript, MeterTask } from '@/contract/instrument';
import { UNKNOWN_RUN, type BellSurvey, type House } from '@/core/bell';
import { DEVICES } from '@/core/catalogue';
import { DEFAULT_REGION } from '@/core/region';
import { meterBench, type MeterBench } from './meter/bench';
import { ORDINARY, seedOf, simulatedMeter, type MeterKind } from './meter/simulatedMeter';
import { simulatedDevice } from './device/simulatedDevice';
import { simulatedPhone } from './phone/simulatedPhone';

const [device] = DEVICES;
if (!device) throw new Error('no device');
const survey: BellSurvey = {
  region: DEFAULT_REGION,
  nameplate: { volts: 16, va: 30 },
  runs: {
    toChime: { ...UNKNOWN_RUN, lengthM: { low: 9, high: 9 }, gauge: { awg: 20 } },
    toDoor: { ...UNKNOWN_RUN, lengthM: { low: 6, high: 6 }, gauge: { awg: 20 } },
  },
  chime: { kind: 'mechanical', rating: null, ratedVolts: 16 },
  present: { path: 'shunt', shuntOhms: 1 },
  device,
  readings: [],
};
const bench = (energised = true): MeterBench => meterBench(survey.region, survey, energised, 7);
const task = (more: Partial<MeterTask>): MeterTask => ({
  function: 'voltsAc',
  from: 'S1',
  to: 'S2',
  state: 'open',
  ...more,
});
const still = (on: MeterBench, more: Partial<MeterTask>, kind: MeterKind = ORDINARY, seed = 7) =>
  simulatedMeter(on, kind, seed).read(task(more), 2);
const houseOf = ({ bell }: MeterBench): House => {
  if (!bell) throw new Error('no bell circuit');
  return bell.house;
};
const exact: MeterKind = { percent: 0, counts: 0, trueRms: true };

describe('the simulated meter', () => {
  it('reads the open volts of the house at every screw, within its accuracy', () => {
    const on = bench();
    const truth = houseOf(on).openVolts * houseOf(on).mains;
    expect(still(on, {}, exact).value).toBeCloseTo(truth, 1);
    expect(still(on, { from: 'D1', to: 'D2' }, exact).value).toBeCloseTo(truth, 1);
    for (let seed = 1; seed < 40; seed++) {
      const { value } = still(on, {}, ORDINARY, seed);
      expect(Math.abs((value ?? 0) - truth)).toBeLessThanOrEqual(truth / 100 + 0.03 + 0.011);
    }
  });
  it('sees the volts fall along the loop while the device runs, and Kirchhoff kept', () => {
    const on = bench();
    const at = (from: MeterTask['from'], to: MeterTask['to']) =>
      still(on, { from, to, state: 'liveNight' }, exact).value ?? NaN;
    expect(at('S1', 'S2')).toBeGreaterThan(at('D1', 'D2'));
    // At the screws by hand: √(V² + 2 R P + R² I²), all resistive but the shunted coil
    const amps = (device.watts.liveNight * houseOf(on).watts) / device.powerFactor / at('D1', 'D2');
    const [trans, door] = [at('Trans', 'S2'), at('D1', 'D2')];
    expect(at('S1', 'Trans') / amps).toBeLessThan(1);
    expect(trans ** 2 - door ** 2).toBeGreaterThan(0);
    expect(at('Trans', 'Front') / amps).toBeLessThan(1.01);
    expect(still(on, { function: 'ampsAc', state: 'liveNight' }, exact).value).toBeCloseTo(
      (device.watts.liveNight * houseOf(on).watts) / device.powerFactor / at('D1', 'D2'),
      2,
    );
  });
  it('reads mains at hot and neutral, and next to nothing on a circuit that is off', () => {
    const hot = { from: 'hot', to: 'neutral' } as const;
    expect(still(bench(), hot, exact).value).toBeCloseTo(120 * houseOf(bench()).mains, 1);
    for (const pair of [hot, { from: 'hot', to: 'earth' } as const, { from: 'D1', to: 'D2' } as const]) {
      const { value } = still(bench(false), pair);
      expect(value).toBeGreaterThan(0);
      expect(value).toBeLessThan(1);
    }
  });
  it('takes ohms only where nothing is live, and of a run that is off its screws', () => {
    expect(still(bench(), { function: 'ohms', from: 'Trans', to: 'Front' })).toMatchObject({ value: null });
    expect(still(bench(), { function: 'ohms', from: 'D1', to: 'D2' }).problem).toMatch(/Live/);
    const run = still(bench(false), { function: 'ohms', from: 'toDoorA', to: 'toDoorB' }, exact).value ?? NaN;
    // 6 m of 20 AWG is 0.40 Ω at 20 °C; the draw knows its length to 20 %, some are far off
    expect(run).toBeGreaterThan(0.1);
    expect(run).toBeLessThan(1.5);
    expect(still(bench(false), { function: 'ohms', from: 'S1', to: 'D2' }).text).toBe('OL');
    expect(still(bench(false), { function: 'continuity', from: 'toDoorA', to: 'toDoorB' }).beeps).toBe(true);
    expect(still(bench(), { from: 'hot', to: 'D1' }).problem).not.toBeNull();
  });
  it('runs up and settles in about a second', () => {
    const meter = simulatedMeter(bench(), ORDINARY, 7);
    const values = [0, 0.15, 0.3, 0.6, 1.05].map((seconds) => meter.read(task({}), seconds));
    expect(values[0]?.value).toBeLessThan(0.1);
    expect(values[1]?.settled).toBe(false);
    expect(values.at(-1)?.settled).toBe(true);
    // From the first moment that it is still, it shows one figure
    expect(values.at(-1)?.text).toBe(meter.read(task({}), 5).text);
  });
  it('averages high on a flattened wave where it is not true-rms', () => {
    const door = { from: 'D1', to: 'D2', state: 'liveNight' } as const;
    const averaging: MeterKind = { ...exact, trueRms: false };
    expect((still(bench(), door, averaging).value ?? 0) / (still(bench(), door, exact).value ?? 1)).toBeCloseTo(
      1.029,
      2,
    );
    expect(still(bench(), {}, averaging).value).toBe(still(bench(), {}, exact).value);
  });
  it('gives the same for the same seed, says that it is simulated, and seeds alike everywhere', () => {
    expect(still(bench(), {})).toEqual(still(bench(), {}));
    expect(still(bench(), {}).simulated).toBe(true);
    expect(seedOf('a', 1)).toBe(seedOf('a', 1));
    expect(seedOf('a', 1)).not.toBe(seedOf('a', 2));
  });
});

describe('the simulated phone', () => {
  const path = { distanceM: 10, walls: ['brick'], band: '2.4' } as const;
  it('stays near the prediction, wanders a little from try to try, and repeats by its seed', () => {
    const tries = Array.from({ length: 30 }, (_, i) => simulatedPhone(path, 3, i).dbm);
    expect(Math.max(...tries) - Math.min(...tries)).toBeLessThan(14);
    expect(new Set(tries).size).toBeGreaterThan(1);
    expect(simulatedPhone(path, 3, 1)).toEqual(simulatedPhone(path, 3, 1));
  });
  it('is slower where the signal is weak', () => {
    const far = { ...path, walls: ['brick', 'concrete'] } as const;
    expect(simulatedPhone(far, 3, 1).upMbit).toBeLessThan(simulatedPhone(path, 3, 1).upMbit);
  });
});

describe('the simulated device', () => {
  const wifi = simulatedPhone({ distanceM: 8, walls: ['timber'], band: '2.4' }, 3, 1);
  const supply = { bootVolts: 15, standbyVolts: 16.5, doorMinVolts: 13, doorFullVolts: 14.5 };
  const shows = ({ phases }: DeviceScript) => phases.map(({ phase }) => phase);
  it('comes up in its order, and is ready for its code', () => {
    const script = simulatedDevice(supply, 'works', wifi, 5);
    expect(shows(script)).toEqual(['dark', 'starting', 'updating', 'ready']);
    const times = script.phases.map(({ fromSeconds }) => fromSeconds);
    expect([...times].sort((a, b) => a - b)).toEqual(times);
    expect(script).toMatchObject({ dbm: wifi.dbm, upMbit: wifi.upMbit, simulated: true });
    expect(script.joinsAfterSeconds).toBeGreaterThan(0);
    // 16.5 V stands over 14.5 V and a tenth
    expect(script.supply).toEqual({ volts: 16.5, report: 'good' });
  });
  it('fails as it is told', () => {
    expect(shows(simulatedDevice(supply, 'dark', wifi, 5))).toEqual(['dark']);
    expect(shows(simulatedDevice(supply, 'updateHangs', wifi, 5)).at(-1)).toBe('updating');
    expect(shows(simulatedDevice(supply, 'drops', wifi, 5)).at(-1)).toBe('dark');
    expect(simulatedDevice(supply, 'wontJoin', wifi, 5).joinsAfterSeconds).toBeNull();
  });
  it('drops on too few volts, whatever it is told; it stays dark on none', () => {
    const weak = simulatedDevice({ ...supply, bootVolts: 12.9 }, 'works', wifi, 5);
    expect(shows(weak)).not.toContain('ready');
    expect(shows(weak).filter((phase) => phase === 'starting').length).toBeGreaterThan(5);
    expect(shows(simulatedDevice({ ...supply, bootVolts: 0 }, 'works', wifi, 5))).toEqual(['dark']);
  });
  it('calls a supply weak that is under what it wants, and says nothing of the mains', () => {
    expect(simulatedDevice({ ...supply, standbyVolts: 14.2 }, 'works', wifi, 5).supply?.report).toBe('weak');
    expect(simulatedDevice(null, 'works', wifi, 5).supply).toBeNull();
  });
});
