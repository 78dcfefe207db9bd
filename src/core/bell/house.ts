import { COIL_REACTANCE_RATIO_60HZ, likelyCoil } from '../chime';
import { awgToMm2, runOhms } from '../circuit';
import { Z95, normalShare } from '../random';
import {
  COIL_FACTOR,
  COIL_RATIO_FACTOR,
  LENGTH,
  METER,
  NOT_AS_NAMEPLATE,
  OTHER_SECONDARY_SHARE,
  OUTERMOST_SIGMA,
  SPLICE,
  VISIT_CELSIUS,
  WARM_WINDING,
  regulationSpread,
  type Spread,
} from './priors';
import type { BellSurvey, RunName } from './survey';

/** The unknowns of a house, each a standard normal number: their order in a draw. */
const UNKNOWN = {
  nameplate: 0,
  nameplateHow: 1,
  regulation: 2,
  va: 3,
  volts: 4,
  lengthChime: 5,
  lengthDoor: 6,
  farOffChime: 7,
  farOffDoor: 8,
  spliceChime: 9,
  spliceDoor: 10,
  gauge: 11,
  coil: 12,
  coilRatio: 13,
  watts: 14,
  mains: 15,
  gain: 16,
  winding: 17,
  dayChime: 18,
  dayDoor: 19,
  newRegulation: 20,
  mainsLater: 21,
} as const;
export const UNKNOWNS = Object.keys(UNKNOWN).length;

/** One possible house: everything about the circuit that is fixed but not known. */
export interface House {
  /** At nominal mains. */
  readonly openVolts: number;
  /** Of a cold winding. */
  readonly sourceOhms: number;
  /** Run at 20 °C without its splices, with the pairs joined as found. */
  readonly toChimeOhms: number;
  readonly toDoorOhms: number;
  readonly toChimeSpliceOhms: number;
  readonly toDoorSpliceOhms: number;
  readonly coilOhms: number;
  readonly coilReactanceOhms: number;
  /** Factor on the device's watts. */
  readonly watts: number;
  /** Mains on the day of the readings, and on a later day, over nominal. */
  readonly mains: number;
  readonly mainsLater: number;
  /** Factor of the meter that took the readings. */
  readonly gain: number;
  /** Warmth of the loaded winding while the device ran, over cold. */
  readonly winding: number;
  readonly toChimeCelsius: number;
  readonly toDoorCelsius: number;
  /** Deviation of a new transformer's regulation, in σ. */
  readonly newRegulation: number;
}

const clip = (z: number): number =>
  z < -OUTERMOST_SIGMA ? -OUTERMOST_SIGMA : z > OUTERMOST_SIGMA ? OUTERMOST_SIGMA : z;

/** A log-normal spread with a width of its own on either side, ready to be drawn from. */
interface Widths {
  readonly likely: number;
  readonly down: number;
  readonly up: number;
}
const widths = ([low, likely, high]: Spread): Widths => ({
  likely,
  down: Math.log(likely / low) / Z95,
  up: Math.log(high / likely) / Z95,
});
const drawFrom = (spread: Widths, z: number): number =>
  spread.likely * Math.exp(clip(z) * (z >= 0 ? spread.up : spread.down));

const between = (low: number, high: number, share: number): number => low + (high - low) * share;
const pick = (list: readonly number[], share: number): number =>
  list[Math.min(list.length - 1, Math.floor(share * list.length))] ?? 0;

/** Triangular between low and high with its mode at 0; all in per cent. */
function triangular(low: number, high: number, share: number): number {
  const left = -low / (high - low);
  return share < left
    ? low + Math.sqrt(share * (high - low) * -low)
    : high - Math.sqrt((1 - share) * (high - low) * high);
}

interface SourceValues {
  readonly openVolts: number;
  readonly ohms: number;
}

const regulationWidths = new Map<number, Widths>();
/** Widths of the regulation by VA, worked out once for each size. */
function regulationOf(va: number): Widths {
  const spread = regulationSpread(va);
  const known = regulationWidths.get(spread[1]);
  if (known) return known;
  const made = widths(spread);
  regulationWidths.set(spread[1], made);
  return made;
}

/**
 * Source of a transformer that is as its nameplate says.
 * @param z deviation of its regulation from the likely one, in σ
 */
export function sourceFromNameplate(volts: number, va: number, z: number): SourceValues {
  const regulation = drawFrom(regulationOf(va), z);
  return { openVolts: volts * (1 + regulation), ohms: (regulation * volts * volts) / va };
}

/** What of a survey the draws need, worked out once for all of them. */
export interface HousePrior {
  readonly survey: BellSurvey;
  readonly va: Widths;
  readonly runs: Readonly<Record<RunName, { middle: number; half: number; ohmsPerMetre: number }>>;
  readonly gaugeMm2: Widths;
  readonly coilOhms: number;
  readonly coilRatio: number;
  readonly coilFactor: Widths;
  readonly coilRatioFactor: Widths;
}

function runPrior(survey: BellSurvey, run: RunName): HousePrior['runs'][RunName] {
  const { lengthM, gauge, pairs, material, conductors } = survey.runs[run];
  const middle = lengthM ? (lengthM.low + lengthM.high) / 2 : LENGTH.guessM[run];
  const percent = lengthM ? LENGTH.percent : LENGTH.guessPercent;
  const mm2 = gauge ? ('awg' in gauge ? awgToMm2(gauge.awg) : gauge.mm2) : null;
  const metre = { lengthM: 1, pairs, celsius: 20, material, conductors };
  return {
    middle,
    half: Math.max((middle * percent) / 100, lengthM ? (lengthM.high - lengthM.low) / 2 : 0),
    // Without a gauge: for 1 mm², divided by what is drawn
    ohmsPerMetre: runOhms({ ...metre, mm2: mm2 ?? 1 }),
  };
}

export function priorOf(survey: BellSurvey): HousePrior {
  const { region, chime } = survey;
  const coil = likelyCoil(chime.kind ?? 'mechanical', chime.rating, region);
  return {
    survey,
    va: widths(region.bellGuess.va),
    runs: { toChime: runPrior(survey, 'toChime'), toDoor: runPrior(survey, 'toDoor') },
    gaugeMm2: widths(region.gaugeGuessMm2),
    coilOhms: coil.re,
    coilRatio: chime.kind === 'electronic' ? 0 : (COIL_REACTANCE_RATIO_60HZ * region.mains.frequencyHz) / 60,
    coilFactor: widths(COIL_FACTOR),
    coilRatioFactor: widths(COIL_RATIO_FACTOR),
  };
}

function drawSource({ survey, va: vaGuess }: HousePrior, z: Float64Array): SourceValues {
  const guess = survey.region.bellGuess;
  let volts = survey.nameplate.volts;
  if (volts === null) {
    const share = normalShare(z[UNKNOWN.volts] ?? 0);
    const others = guess.otherVolts.length * OTHER_SECONDARY_SHARE;
    volts = share < 1 - others ? guess.volts : pick(guess.otherVolts, (share - 1 + others) / others);
  }
  let va = survey.nameplate.va ?? drawFrom(vaGuess, z[UNKNOWN.va] ?? 0);
  let odd = normalShare(z[UNKNOWN.nameplate] ?? 0);
  const { tired, otherVa, otherVolts, higherRegulation } = NOT_AS_NAMEPLATE;
  const regulation = z[UNKNOWN.regulation] ?? 0;
  if (odd > tired.share + otherVa.share + otherVolts.share + higherRegulation.share)
    return sourceFromNameplate(volts, va, regulation);
  const how = normalShare(z[UNKNOWN.nameplateHow] ?? 0);
  if (odd < tired.share) {
    const source = sourceFromNameplate(volts, va, regulation);
    return {
      openVolts: source.openVolts * between(1, tired.openVoltsDownTo, odd / tired.share),
      ohms: source.ohms * between(1, tired.ohmsUpTo, how),
    };
  }
  odd -= tired.share;
  if (odd < otherVa.share) va = pick(otherVa.va, how);
  odd -= otherVa.share;
  if (odd >= 0 && odd < otherVolts.share) volts = pick(otherVolts.volts, how);
  odd -= otherVolts.share;
  const source = sourceFromNameplate(volts, va, regulation);
  if (odd < 0) return source;
  const more = between(higherRegulation.factor[0], higherRegulation.factor[1], how);
  return { openVolts: volts + (source.openVolts - volts) * more, ohms: source.ohms * more };
}

function drawRunOhms(prior: HousePrior, run: RunName, z: Float64Array): number {
  const { middle, half, ohmsPerMetre } = prior.runs[run];
  const farOff = normalShare(z[run === 'toChime' ? UNKNOWN.farOffChime : UNKNOWN.farOffDoor] ?? 0);
  let length: number;
  if (farOff < LENGTH.farOffShare) {
    const [least, most] = LENGTH.farOffFactor;
    length = middle * least * (most / least) ** (farOff / LENGTH.farOffShare);
  } else {
    length = middle + (half * clip(z[run === 'toChime' ? UNKNOWN.lengthChime : UNKNOWN.lengthDoor] ?? 0)) / Z95;
  }
  const mm2 = prior.survey.runs[run].gauge ? 1 : drawFrom(prior.gaugeMm2, z[UNKNOWN.gauge] ?? 0);
  return (Math.max(0, length) * ohmsPerMetre) / mm2;
}

function drawSplice(z: number): number {
  const share = normalShare(z);
  const { badShare, badOhms, goodUpToOhms } = SPLICE;
  if (share > 1 - badShare) return badOhms[0] * (badOhms[1] / badOhms[0]) ** ((share - 1 + badShare) / badShare);
  return (goodUpToOhms * share) / (1 - badShare);
}

/**
 * Turns a draw of standard normal numbers into a possible house, by the priors of domain/power.
 * @param z {@link UNKNOWNS} numbers
 */
export function houseOf(prior: HousePrior, z: Float64Array): House {
  const source = drawSource(prior, z);
  const { lowPercent, highPercent } = prior.survey.region.mains;
  const coilOhms = prior.coilOhms * drawFrom(prior.coilFactor, z[UNKNOWN.coil] ?? 0);
  const { toChime, toDoor } = VISIT_CELSIUS;
  return {
    openVolts: source.openVolts,
    sourceOhms: source.ohms,
    toChimeOhms: drawRunOhms(prior, 'toChime', z),
    toDoorOhms: drawRunOhms(prior, 'toDoor', z),
    toChimeSpliceOhms: drawSplice(z[UNKNOWN.spliceChime] ?? 0),
    toDoorSpliceOhms: drawSplice(z[UNKNOWN.spliceDoor] ?? 0),
    coilOhms,
    coilReactanceOhms: coilOhms * prior.coilRatio * drawFrom(prior.coilRatioFactor, z[UNKNOWN.coilRatio] ?? 0),
    watts: 1 + ((prior.survey.device.wattsPercent / 100) * clip(z[UNKNOWN.watts] ?? 0)) / Z95,
    mains: 1 + triangular(lowPercent, highPercent, normalShare(z[UNKNOWN.mains] ?? 0)) / 100,
    mainsLater: 1 + triangular(lowPercent, highPercent, normalShare(z[UNKNOWN.mainsLater] ?? 0)) / 100,
    gain: 1 + (METER.percent / 100) * (2 * normalShare(z[UNKNOWN.gain] ?? 0) - 1),
    winding: between(1, WARM_WINDING, normalShare(z[UNKNOWN.winding] ?? 0)),
    toChimeCelsius: between(toChime.low, toChime.high, normalShare(z[UNKNOWN.dayChime] ?? 0)),
    toDoorCelsius: between(toDoor.low, toDoor.high, normalShare(z[UNKNOWN.dayDoor] ?? 0)),
    newRegulation: z[UNKNOWN.newRegulation] ?? 0,
  };
}
