import type { Found } from '../faults';
import { drawShown, METER_WANDER } from '../faults';
import { normalAt, type Random } from '../random';
import { TERMINALS, type BenchPlace, type Terminal } from './wiring';

/** What the dial of the bench’s meter stands on, its ranges with the step of the last digit, and the unit. */
export const DIAL = {
  voltsAc: { unit: 'V', ranges: [20, 200, 600], steps: [0.01, 0.1, 1] },
  voltsDc: { unit: 'V', ranges: [20, 200, 600], steps: [0.01, 0.1, 1] },
  ohms: { unit: 'Ω', ranges: [200, 2_000, 20_000], steps: [0.1, 1, 10] },
  continuity: { unit: 'Ω', ranges: [200], steps: [0.1] },
  ampsAc: { unit: 'A', ranges: [10], steps: [0.01] },
} as const;
export type DialFunction = keyof typeof DIAL;
export const DIAL_FUNCTIONS = Object.keys(DIAL) as readonly DialFunction[];

/** Below it continuity beeps, Ω. */
const BEEPS_BELOW = 30;
/** The fuse of its amps holds so much. */
const FUSE_AMPS = 10;
/** A live part with less between it and another does not matter to a meter that is set to Ω. */
const HARMLESS_VOLTS = 0.5;
/** A reading of Ω is off by so much at most. */
const OHMS_OFF = { percent: 1, ohms: 0.2 } as const;

/** What goes wrong with a meter. */
export type MeterSlip =
  /** Ω on a live bell circuit: a figure that means nothing. */
  | 'ohmsOnLive'
  /** Amps laid across a source: a short through the meter. */
  | 'ampsAcross'
  /** Ω or amps on mains: an arc at the probes. */
  | 'flash'
  /** Direct volts where they alternate. */
  | 'directVolts'
  | 'rangeTooLow'
  | 'rangeTooHigh';

/** How probes and dial stand. */
export interface Probing {
  readonly dial: DialFunction;
  /** One of its ranges. */
  readonly range: number;
  readonly red: Terminal;
  readonly black: Terminal;
}

/** What the display shows. */
export interface BenchReading {
  /** “18.4”, “OL”, “0.0”. */
  readonly text: string;
  readonly value: number | null;
  readonly beeps: boolean;
  /** It wanders about: the device comes up and drops out again. */
  readonly swings: boolean;
  readonly slip: MeterSlip | null;
  readonly blowsFuse: boolean;
  /** The test of the fault finder that this is; null: it takes none so. */
  readonly told: { readonly test: string; readonly found: Found } | null;
}

const decimals = (step: number): number => Math.max(0, Math.round(-Math.log10(step)));
const NOTHING = { value: null, beeps: false, swings: false, slip: null, blowsFuse: false, told: null } as const;
const OVER = { ...NOTHING, text: 'OL' } as const;

/** What lies between the two probes, as its house knows it. */
export interface Between {
  /** Live mains: an arc to a meter that is set to anything but volts. */
  readonly isMains: boolean;
  /** The circuit that is probed is on. */
  readonly isOn: boolean;
  /** V that alternate. @param wander the mains of the moment, over those of the visit */
  readonly volts: (wander: number) => { readonly volts: number; readonly swings: boolean };
  /** Null: open. */
  readonly ohms: () => number | null;
  /** Through the shunt of a meter that is set to amps. */
  readonly amps: () => number;
  /** The test of the fault finder that volts here are; null: none. */
  readonly voltsTest: string | null;
  /** Where the volts of that test come and go, it is said so in place of a figure. */
  readonly saysSwings: boolean;
  /** The one that Ω here are; of a pair that must not touch only that it does. */
  readonly ohmsTest: OhmsTest | null;
}
export interface OhmsTest {
  readonly test: string;
  /** What is told of a low and of an open pair; “figure”: its figure; null: nothing is told. */
  readonly closed: string | null;
  readonly open: string | null;
}

/** The meter itself: what it is off, and to how many digits the finder takes it. */
export interface OwnMeter {
  readonly gain: number;
  readonly counts: number;
  readonly resolutionVolts: number;
}

function stepOf({ dial, range }: Probing): number {
  const { ranges, steps } = DIAL[dial];
  return steps[(ranges as readonly number[]).indexOf(range)] ?? steps[0];
}

function shownVolts(probing: Probing, between: Between, meter: OwnMeter, random: Random): BenchReading {
  const wander = 1 + METER_WANDER * normalAt(Math.min(1 - 1e-9, Math.max(1e-9, random())));
  const { volts: mean, swings } = between.volts(wander);
  const step = stepOf(probing);
  if (probing.dial === 'voltsDc') {
    const text = (0).toFixed(decimals(step));
    return { ...NOTHING, value: 0, text, slip: mean > HARMLESS_VOLTS ? 'directVolts' : null };
  }
  const value = drawShown(
    'volts',
    { mean: mean * meter.gain, sigma: 0, half: (meter.counts - 0.5) * step, step },
    random,
  );
  if (value > probing.range) return { ...OVER, slip: 'rangeTooLow' };
  const test = between.isOn ? between.voltsTest : null;
  const isCoarse = step > meter.resolutionVolts && !between.isMains;
  return {
    ...NOTHING,
    value,
    text: value.toFixed(decimals(step)),
    swings,
    slip: isCoarse ? 'rangeTooHigh' : null,
    told:
      test === null || isCoarse
        ? null
        : {
            test,
            found:
              swings && between.saysSwings ? { word: 'dropsOut' } : { value: roundTo(value, meter.resolutionVolts) },
          },
  };
}

/** The finder’s figures have no more digits than its meter. */
const roundTo = (value: number, step: number): number => Number((Math.round(value / step) * step).toFixed(6));

const FLASH = { ...NOTHING, text: '– – –', slip: 'flash', blowsFuse: true } as const;

/** What Ω on a test tell: a figure, a word for it, or nothing. */
function toldBy({ test, closed, open }: OhmsTest, value: number, isOver: boolean): BenchReading['told'] {
  if (isOver) return open === null ? null : { test, found: { word: open } };
  if (closed === null) return null;
  return { test, found: closed === 'figure' ? { value } : { word: closed } };
}

function shownOhms({ dial, range, ...probes }: Probing, between: Between, random: Random): BenchReading {
  if (between.isMains) return FLASH;
  if (between.isOn && between.volts(1).volts > HARMLESS_VOLTS)
    return { ...NOTHING, text: random() < 0.5 ? 'OL' : (range * random()).toFixed(1), slip: 'ohmsOnLive' };
  const truth = between.ohms();
  const step = stepOf({ dial, range, ...probes });
  const half = truth === null ? 0 : (OHMS_OFF.percent / 100) * truth + OHMS_OFF.ohms;
  const value = truth === null ? Infinity : drawShown('ohms', { mean: truth, sigma: 0, half, step }, random);
  const isOver = value > range;
  // What is taken for open is so on the lowest range, and means no more than that on it
  const test = between.isOn ? null : between.ohmsTest;
  const isFine = step <= 0.1;
  const told = test && isFine ? toldBy(test, value, isOver) : null;
  if (isOver) return { ...OVER, slip: null, told };
  return {
    ...NOTHING,
    value,
    text: value.toFixed(decimals(step)),
    beeps: dial === 'continuity' && value < BEEPS_BELOW,
    slip: test !== null && !isFine ? 'rangeTooHigh' : null,
    told,
  };
}

function shownAmps({ isMains, isOn, amps }: Between): BenchReading {
  if (isMains) return FLASH;
  const through = isOn ? amps() : 0;
  if (through < 0.01) return { ...NOTHING, value: 0, text: '0.00' };
  const blowsFuse = through > FUSE_AMPS;
  return {
    ...NOTHING,
    value: blowsFuse ? null : through,
    text: blowsFuse ? '0.00' : through.toFixed(2),
    slip: 'ampsAcross',
    blowsFuse,
  };
}

/** What the meter shows, as one does: a wrong function or range is no error of the program but of the hand. */
export function readBetween(probing: Probing, between: Between, meter: OwnMeter, random: Random): BenchReading {
  switch (probing.dial) {
    case 'voltsAc':
    case 'voltsDc':
      return shownVolts(probing, between, meter, random);
    case 'ohms':
    case 'continuity':
      return shownOhms(probing, between, random);
    case 'ampsAc':
      return shownAmps(between);
  }
}

/** Whether both probes can be put so: at one place, on two different terminals, on a range of the dial. */
export const isProbing = ({ dial, range, red, black }: Probing, place: BenchPlace): boolean =>
  TERMINALS[red] === place &&
  TERMINALS[black] === place &&
  red !== black &&
  (DIAL[dial].ranges as readonly number[]).includes(range);
