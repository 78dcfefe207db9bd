import {
  METER_FUNCTIONS,
  type Meter,
  type MeterReading,
  type MeterTask,
  type ProbedConductor,
} from '@/contract/instrument';
import { seeded, type Random } from '@/core/random';
import { ampsNow, ohmsBetween, voltsBetween, type MeterBench } from './bench';

/** One range of a function: up to which value, and the smallest step of its display. */
interface Range {
  readonly upTo: number;
  readonly count: number;
}

/** `±(percent of reading + counts)`, and how it makes one figure of a wave. */
export interface MeterKind {
  readonly percent: number;
  readonly counts: number;
  /** False: it averages and reads high on a wave that a device has flattened. */
  readonly trueRms: boolean;
}

export const ORDINARY: MeterKind = { percent: 1, counts: 3, trueRms: true };

const RANGES: Readonly<Record<MeterTask['function'], readonly Range[]>> = {
  voltsAc: [
    { upTo: 6, count: 0.001 },
    { upTo: 60, count: 0.01 },
    { upTo: 600, count: 0.1 },
  ],
  ohms: [
    { upTo: 600, count: 0.1 },
    { upTo: 6000, count: 1 },
    { upTo: 60_000, count: 10 },
  ],
  continuity: [{ upTo: 600, count: 0.1 }],
  ampsAc: [
    { upTo: 6, count: 0.001 },
    { upTo: 10, count: 0.01 },
  ],
};
const UNITS = { voltsAc: 'V', ohms: 'Ω', continuity: 'Ω', ampsAc: 'A' } as const;

/** The display runs up with this time constant and is still after a second. */
const SETTLE_SECONDS = 0.22;
const SETTLED_AFTER_SECONDS = 1;
const BEEPS_UNDER_OHMS = 40;
/** An averaging meter on a device's wave, domain/power: up to 0.7 V in 24. */
const AVERAGING_HIGH = 0.029;

const decimals = (count: number): number => Math.max(0, Math.round(-Math.log10(count)));

/** A small whole number from words, for a seed that is the same on every machine. */
export function seedOf(...words: readonly (string | number)[]): number {
  let hash = 2166136261;
  for (const letter of words.join('|')) hash = Math.imul(hash ^ letter.charCodeAt(0), 16777619);
  return hash >>> 0;
}

/**
 * A meter on one house: it solves the circuit, errs by its accuracy (one gain for all its readings, counts for each),
 * and takes about a second to settle.
 * @param seed the same seed gives the same readings
 */
export function simulatedMeter(bench: MeterBench, kind: MeterKind, seed: number): Meter {
  const gain = 1 + ((2 * seeded(seed)() - 1) * kind.percent) / 100;
  return {
    functions: METER_FUNCTIONS,
    read: (task, seconds) => {
      const unit = UNITS[task.function];
      const blank = { unit, beeps: false, simulated: true, settled: seconds >= SETTLED_AFTER_SECONDS } as const;
      const problem = problemOf(bench, task);
      if (problem) return { ...blank, value: null, text: '––', problem };
      const { from, to, state } = task;
      const truth = trueValue(bench, task) ?? 0;
      const range = RANGES[task.function].find(({ upTo }) => truth <= upTo);
      if (!range) return { ...blank, value: null, text: 'OL', problem: null };
      const probed = task.conductor ? Object.values(task.conductor).map(String) : [];
      const own = seeded(seedOf(seed, task.function, from, to, state, ...probed));
      const shown = erred(truth, { kind, gain, range, random: own, running: state !== 'open', task });
      const wander = seeded(seedOf(seed, from, to, Math.round(seconds * 20)));
      return display(shown, range, seconds, wander, blank, task);
    },
  };
}

interface Erring {
  readonly kind: MeterKind;
  readonly gain: number;
  readonly range: Range;
  readonly random: Random;
  readonly running: boolean;
  readonly task: MeterTask;
}

/** What the meter makes of the truth once it is still. */
function erred(truth: number, { kind, gain, range, random, running, task }: Erring): number {
  const averaging = !kind.trueRms && running && task.function !== 'ohms' ? 1 + AVERAGING_HIGH : 1;
  return Math.max(0, truth * averaging * gain + (2 * random() - 1) * kind.counts * range.count);
}

function display(
  still: number,
  { count }: Range,
  seconds: number,
  wander: Random,
  blank: Pick<MeterReading, 'unit' | 'beeps' | 'simulated' | 'settled'>,
  task: MeterTask,
): MeterReading {
  // What is called still no longer creeps: the figure that is read is the figure that is taken
  const risen = blank.settled ? still : still * (1 - Math.exp(-seconds / SETTLE_SECONDS));
  const steps = Math.max(0, Math.round(risen / count) + (blank.settled ? 0 : Math.round(2 * wander() - 1)));
  const value = Number((steps * count).toFixed(decimals(count)));
  const beeps = task.function === 'continuity' && value < BEEPS_UNDER_OHMS;
  return { ...blank, value, text: value.toFixed(decimals(count)), beeps, problem: null };
}

function trueValue(bench: MeterBench, { function: what, from, to, state, conductor }: MeterTask): number | null {
  if (conductor) return bench.atConductor(conductor);
  if (what === 'voltsAc') return voltsBetween(bench, state, from, to);
  return what === 'ampsAc' ? ampsNow(bench, state) : ohmsBetween(bench, from, to);
}

/** Ohms and a lone neutral’s amps are read with the circuit off, everything else at a box with it on. */
function conductorProblem(bench: MeterBench, conductor: ProbedConductor): string | null {
  if (bench.atConductor(conductor) === null) return 'The box has no such conductor.';
  const dead = conductor.test === 'groundOhms' || conductor.test === 'neutralAmps';
  if (dead && bench.energised) return 'Live: switch its circuit off first.';
  return !dead && !bench.energised ? 'Off: this test is made with the circuit on.' : null;
}

/** Why a real meter would show nothing useful here; null where it would. */
function problemOf(bench: MeterBench, task: MeterTask): string | null {
  const { function: what, from, to, state, conductor } = task;
  if (conductor) return conductorProblem(bench, conductor);
  if (what === 'ohms' || what === 'continuity') {
    if (from === 'hot' || to === 'hot' || from === 'neutral' || to === 'neutral' || from === 'earth' || to === 'earth')
      return 'Ohms only on the bell side here.';
    // A run that is off its screws has no volts, whatever the rest does
    if (from.startsWith('to')) return null;
    return bench.energised ? 'Live: take volts, not ohms. Switch it off first.' : null;
  }
  if (what === 'ampsAc') return state !== 'open' && !bench.energised ? 'Off: no current.' : null;
  return voltsBetween(bench, state, from, to) === null ? 'These two have nothing to do with one another.' : null;
}
