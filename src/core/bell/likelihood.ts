import { copperWarmth, fundamentalVars, upperRootVolts } from '../circuit';
import { Z95, normalShare } from '../random';
import { instrumentsOf, type BellCase, type Instrument, type Readable } from './bellCase';
import { pathImpedance } from './chimePath';
import type { Houses } from './houses';
import { NOT_TRUE_RMS, OHMS_READING, PLAUSIBLE_SIGMAS, REPORT, WANDER } from './priors';
import type { DeviceReport } from './bellCase';

/** What a reading would show in house `i`, before its counts and its wandering: volts or ohms; NaN where it can't be worked out. */
export type Expectation = (houses: Houses, i: number) => number;

/** Factor on every volt that an instrument shows. */
function gainOf(instruments: readonly Instrument[], instrument: Instrument): (houses: Houses, i: number) => number {
  const key = JSON.stringify(instrument);
  const place = instruments.findIndex((one) => JSON.stringify(one) === key);
  // Of an instrument that has read nothing yet, the middle; its gain is part of the reading's own error then
  return place < 0 ? () => 1 : (houses, i) => houses.gains[place]?.[i] ?? 1;
}

const toChime = (houses: Houses, i: number): number =>
  (houses.toChimeOhms[i] ?? 0) * copperWarmth(houses.toChimeCelsius[i] ?? 20) + (houses.toChimeSpliceOhms[i] ?? 0);
const toDoor = (houses: Houses, i: number): number =>
  (houses.toDoorOhms[i] ?? 0) * copperWarmth(houses.toDoorCelsius[i] ?? 20) + (houses.toDoorSpliceOhms[i] ?? 0);

/** Volts at a place while the device runs, wired as it is now, on the day of the readings. */
function runningVolts(bell: BellCase, at: 'transformer' | 'chime' | 'door', state: number): Expectation {
  const { watts, powerFactor, displacementFactor } = bell.device.states[state] ?? {
    watts: 0,
    powerFactor: 1,
    displacementFactor: 1,
  };
  if (bell.present.path === 'series' && bell.chime.kind === 'electronic') return () => NaN;
  const { re, im } = pathImpedance(bell.chime.kind, bell.present);
  return (houses, i) => {
    const power = watts * (houses.watts[i] ?? 1);
    const amperes = power / powerFactor;
    const vars = fundamentalVars(power, displacementFactor);
    const chimeRe = re(houses, i);
    const chimeIm = im(houses, i);
    const outside = toChime(houses, i) + toDoor(houses, i) + chimeRe;
    const door = upperRootVolts(
      (houses.openVolts[i] ?? 0) * (houses.mains[i] ?? 1),
      (houses.sourceOhms[i] ?? 0) * (houses.winding[i] ?? 1) + outside,
      chimeIm,
      power,
      vars,
      amperes,
    );
    if (Number.isNaN(door)) return 0;
    if (at === 'door') return door;
    const amps = amperes / door;
    if (at === 'chime') return amps * Math.sqrt(chimeRe * chimeRe + chimeIm * chimeIm);
    return Math.sqrt(
      door * door + 2 * (outside * power + chimeIm * vars) + (outside * outside + chimeIm * chimeIm) * amps * amps,
    );
  };
}

/** Volts across a known resistor at a place; the winding is cold, the resistor is on for seconds. */
function resistorVolts(bell: BellCase, at: 'transformer' | 'chime' | 'door', ohms: number): Expectation {
  const { re, im } = pathImpedance(bell.chime.kind, bell.present);
  return (houses, i) => {
    const emf = (houses.openVolts[i] ?? 0) * (houses.mains[i] ?? 1);
    const inside = houses.sourceOhms[i] ?? 0;
    if (at === 'transformer') return (emf * ohms) / (ohms + inside);
    const whole = inside + toChime(houses, i) + toDoor(houses, i) + re(houses, i) + ohms;
    const across = im(houses, i);
    return (emf * ohms) / Math.sqrt(whole * whole + across * across);
  };
}

/**
 * What something that can be read would show in a house, its instrument's gain included.
 * For a report: the door volts that the device judges.
 * @param instruments those whose gains the houses carry
 */
export function expectationOf(bell: BellCase, instruments: readonly Instrument[], readable: Readable): Expectation {
  switch (readable.what) {
    case 'mainsVolts': {
      const gain = gainOf(instruments, readable.instrument);
      return (houses, i) => bell.mains.nominalVolts * (houses.mains[i] ?? 1) * gain(houses, i);
    }
    case 'loopOhms':
      return readable.run === 'toChime' ? toChime : toDoor;
    case 'coilOhms':
      return (houses, i) => houses.coilOhms[i] ?? 0;
    case 'report':
      return runningVolts(bell, 'door', readable.state);
    case 'volts': {
      const gain = gainOf(instruments, readable.instrument);
      const { under, at } = readable;
      if (under.kind === 'open')
        // With nothing connected no current flows, and the chime drops nothing
        return at === 'chime'
          ? () => 0
          : (houses, i) => (houses.openVolts[i] ?? 0) * (houses.mains[i] ?? 1) * gain(houses, i);
      const volts =
        under.kind === 'resistor' ? resistorVolts(bell, at, under.ohms) : runningVolts(bell, at, under.state);
      const high = under.kind === 'running' && !readable.instrument.trueRms ? NOT_TRUE_RMS.highVolts / 2 : 0;
      return (houses, i) => volts(houses, i) * gain(houses, i) + high;
    }
  }
}

/** A limit of ±b, evenly likely within, has a standard deviation of b/√3. */
const EVEN = 1 / Math.sqrt(3);

/**
 * Standard deviation of a reading that shows about `figure`, the gain of its instrument apart.
 * @param range how far it wandered, or the low and high of an ohmmeter
 */
export function readingSigma(readable: Readable, figure: number, range: number): number {
  const spread = range / 2 / Z95;
  switch (readable.what) {
    case 'report':
      return 0;
    case 'loopOhms':
    case 'coilOhms': {
      // Ohms that come as low and high carry their accuracy; a single figure has that of ordinary leads
      const own = ((OHMS_READING.percent / 100) * figure + OHMS_READING.ohms) / Z95;
      return range > 0 ? Math.max(spread, OHMS_READING.least) : own;
    }
    case 'volts':
    case 'mainsVolts': {
      const { counts, resolutionVolts, mainsResolutionVolts, trueRms } = readable.instrument;
      const digit = readable.what === 'volts' ? resolutionVolts : mainsResolutionVolts;
      const steps = Math.hypot(counts * digit, digit / 2) * EVEN;
      const flat =
        readable.what === 'volts' && readable.under.kind === 'running' && !trueRms
          ? (NOT_TRUE_RMS.highVolts / 2) * EVEN
          : 0;
      return Math.hypot(steps, WANDER * figure, spread, flat);
    }
  }
}

/** Chance that a device at some volts reports what it did, with soft edges between the bands. */
export function reportChance(bell: BellCase, doorVolts: number, report: DeviceReport): number {
  const full = bell.device.doorFullVolts;
  const under = (limit: number): number => normalShare((limit - doorVolts) / REPORT.edgeVolts);
  const weak = under(full);
  const good = 1 - under(full * REPORT.fairUpTo);
  const clear = report === 'weak' ? weak : report === 'good' ? good : Math.max(0, 1 - weak - good);
  return REPORT.oddShare + (1 - REPORT.oddShare) * clear;
}

/** Middle of what was read. */
export const middleOf = (value: { readonly low: number; readonly high: number }): number =>
  (value.low + value.high) / 2;

/**
 * Logarithm of how likely a deviation is, from its square in σ²: normal up to a few σ. Beyond them somebody read the wrong
 * screws or is still typing: it weighs on, ever less, so that one figure that fits nothing does not bend all others.
 */
function deviationLog(square: number): number {
  const edge = PLAUSIBLE_SIGMAS * PLAUSIBLE_SIGMAS;
  return square <= edge ? -square / 2 : (-edge / 2) * (1 + Math.log(square / edge));
}

/** What is the same for all readings of one thing in one state by one instrument. */
const readableKey = (readable: Readable): string => {
  switch (readable.what) {
    case 'volts':
      return JSON.stringify(['volts', readable.at, readable.under, readable.instrument]);
    case 'mainsVolts':
      return JSON.stringify(['mainsVolts', readable.instrument]);
    case 'loopOhms':
      return JSON.stringify(['loopOhms', readable.run]);
    case 'coilOhms':
      return 'coilOhms';
    case 'report':
      return JSON.stringify(['report', readable.state]);
  }
};

/** What each house would show of something that is read, over all houses. */
export type ShownFigures = (readable: Readable) => Float64Array;

/** {@link ShownFigures} of a case; of what was read often it is worked out once. */
export function shownFigures(bell: BellCase, houses: Houses): ShownFigures {
  const instruments = instrumentsOf(bell.evidence);
  const known = new Map<string, Float64Array>();
  return (readable) => {
    const key = readableKey(readable);
    const before = known.get(key);
    if (before) return before;
    const expected = expectationOf(bell, instruments, readable);
    const figures = Float64Array.from({ length: houses.count }, (_, i) => expected(houses, i));
    known.set(key, figures);
    return figures;
  };
}

/** Readings of one thing in one state by one instrument. What is the same figure is one place, with how often it was read. */
interface Alike {
  readonly expected: Expectation;
  readonly reads: readonly number[];
  readonly sigmas: readonly number[];
  readonly counts: readonly number[];
}

/** Reports of a device in one state, with how often each came. */
interface Reports {
  readonly expected: Expectation;
  readonly counts: ReadonlyMap<DeviceReport, number>;
}

/** Evidence by what was read: what a house would show of it is then worked out once, however often it was read. */
function alikeOf(
  bell: BellCase,
  instruments: readonly Instrument[],
): { readonly figures: readonly Alike[]; readonly reports: readonly Reports[] } {
  const figures = new Map<string, { expected: Expectation; byFigure: Map<string, [number, number, number]> }>();
  const reports = new Map<string, { expected: Expectation; counts: Map<DeviceReport, number> }>();
  for (const evidence of bell.evidence) {
    const key = readableKey(evidence);
    const expected = () => expectationOf(bell, instruments, evidence);
    if (evidence.what === 'report') {
      const group = reports.get(key) ?? { expected: expected(), counts: new Map<DeviceReport, number>() };
      reports.set(key, group);
      group.counts.set(evidence.report, (group.counts.get(evidence.report) ?? 0) + 1);
      continue;
    }
    const { low, high } = evidence.value;
    const read = middleOf(evidence.value);
    const group = figures.get(key) ?? { expected: expected(), byFigure: new Map<string, [number, number, number]>() };
    figures.set(key, group);
    const [, , count] = group.byFigure.get(`${low} ${high}`) ?? [0, 0, 0];
    group.byFigure.set(`${low} ${high}`, [read, readingSigma(evidence, read, high - low), count + 1]);
  }
  return {
    figures: [...figures.values()].map(({ expected, byFigure }) => {
      const all = [...byFigure.values()];
      return {
        expected,
        reads: all.map(([read]) => read),
        sigmas: all.map(([, sigma]) => sigma),
        counts: all.map(([, , count]) => count),
      };
    }),
    reports: [...reports.values()],
  };
}

/** Logarithm of how likely all evidence is in a house, up to a constant. */
export function logLikelihoodOf(bell: BellCase, instruments: readonly Instrument[]): Expectation {
  const { figures, reports } = alikeOf(bell, instruments);
  return (houses, i) => {
    let sum = 0;
    for (const { expected, reads, sigmas, counts } of figures) {
      const shown = expected(houses, i);
      if (Number.isNaN(shown)) continue;
      for (let k = 0; k < reads.length; k++) {
        const off = ((reads[k] ?? 0) - shown) / (sigmas[k] ?? 1);
        sum += (counts[k] ?? 1) * deviationLog(off * off);
      }
    }
    for (const { expected, counts } of reports) {
      const volts = expected(houses, i);
      if (Number.isNaN(volts)) continue;
      for (const [report, count] of counts) sum += count * Math.log(reportChance(bell, volts, report));
    }
    return sum;
  };
}
