import {
  asFound,
  caseOf,
  circuitOf,
  doorVolts,
  drawOf,
  houseAt,
  likelyHouses,
  type BellSurvey,
  type Circuit,
  type House,
} from '@/core/bell';
import type { LastingState } from '@/core/catalogue';
import { seeded, type Random } from '@/core/random';
import type { RegionPack } from '@/core/region';
import type { BoxSurvey } from '@/core/junction';
import type { Probe, ProbedConductor } from '@/contract/instrument';
import { boxTruth } from './boxTruth';

/** A bell circuit as the meter finds it. */
interface BellBench {
  readonly survey: BellSurvey;
  readonly house: House;
}

/** One possible house that agrees with what was really read, with its mains of the moment: what the meter is put on. */
export interface MeterBench {
  /** Volts of the mains now. */
  readonly mainsVolts: number;
  readonly region: RegionPack;
  /** The bell circuit; null at a point that has none. */
  readonly bell: BellBench | null;
  readonly energised: boolean;
  /** Fraction of live volts that an idle circuit picks up. */
  readonly stray: number;
  /** True value at a conductor of the point’s box; null where there is none. */
  readonly atConductor: (probed: ProbedConductor) => number | null;
}

const DRAWS = 400;
/** An off circuit beside live ones: hundredths of a volt on the bell side, tenths on the mains side. */
const STRAY = { least: 0.0006, most: 0.0045 } as const;

/** One of the likely houses of a survey. */
function bellBench(survey: BellSurvey, random: Random): BellBench {
  const houses = likelyHouses(caseOf(survey), DRAWS);
  return { survey, house: houseAt(houses, Math.floor(random() * houses.count)) };
}

/** Mains of the moment where no bell circuit says them: somewhere between what the region allows, as a fraction. */
const mainsNow = ({ mains: { lowPercent, highPercent } }: RegionPack, random: Random): number =>
  1 + (lowPercent + random() * (highPercent - lowPercent)) / 100;

/**
 * Picks the house that the meter is on: the same one for the same job, whatever the meter itself read before.
 * @param survey of the bell circuit, without readings of the simulated meter; null where there is none
 * @param box the point’s junction box, likewise
 */
export function meterBench(
  region: RegionPack,
  survey: BellSurvey | null,
  energised: boolean,
  seed: number,
  box: BoxSurvey | null = null,
): MeterBench {
  const random = seeded(seed);
  const bell = survey && bellBench(survey, random);
  const mainsVolts = region.mains.nominalVolts * (bell ? bell.house.mains : mainsNow(region, random));
  return {
    mainsVolts,
    region,
    bell,
    energised,
    stray: STRAY.least + random() * (STRAY.most - STRAY.least),
    atConductor: box ? boxTruth(box, mainsVolts, seeded(seed + 1)) : () => null,
  };
}

const circuitNow = ({ survey, house }: BellBench): Circuit =>
  circuitOf(house, asFound(survey), {
    mains: house.mains,
    winding: 1,
    toChimeCelsius: house.toChimeCelsius,
    toDoorCelsius: house.toDoorCelsius,
  });

/** The loop now, with the device doing something or nothing. */
function loopNow(bell: BellBench, state: 'open' | LastingState) {
  const circuit = circuitNow(bell);
  const draw = state === 'open' ? null : drawOf(bell.survey, bell.house, state);
  const door = draw ? doorVolts(circuit, draw) : circuit.emf;
  const amps = draw && door > 0 ? draw.watts / draw.powerFactor / door : 0;
  return { circuit, door, amps, watts: draw?.watts ?? 0 };
}

/** The screws in the order in which the loop passes them; the device sits between D1 and D2. */
const ALONG_LOOP: readonly Probe[] = ['S1', 'Trans', 'Front', 'D1', 'D2', 'S2'];
const DEVICE_AFTER = ALONG_LOOP.indexOf('D1');

/** What lies between each of them and the next; half of a run is on the way there, half on the way back. */
const partsOf = ({ toChimeOhms, toDoorOhms, chime }: Circuit): readonly { re: number; im: number }[] => [
  { re: toChimeOhms / 2, im: 0 },
  chime,
  { re: toDoorOhms / 2, im: 0 },
  { re: 0, im: 0 },
  { re: (toChimeOhms + toDoorOhms) / 2, im: 0 },
];

/** Neutral against earth in a house that draws something, and what leaks through the winding: engineering defaults. */
const NEUTRAL_RISE = 0.004;
const LEAK_TO_EARTH = 0.05;

/** rms volts between two probes while energised; over the device by the law of the operating point (domain/power). */
function liveVolts(bench: MeterBench, state: 'open' | LastingState, from: Probe, to: Probe): number | null {
  const mains = bench.mainsVolts;
  const pair = new Set([from, to]);
  if (pair.has('hot')) return pair.has('neutral') || pair.has('earth') ? mains : null;
  if (pair.has('neutral')) return pair.has('earth') ? NEUTRAL_RISE * mains : null;
  if (!bench.bell) return null;
  const { circuit, door, amps, watts } = loopNow(bench.bell, state);
  // The secondary floats: against earth only what leaks through the winding
  if (pair.has('earth')) return circuit.emf * LEAK_TO_EARTH;
  const [first = -1, last = -1] = [ALONG_LOOP.indexOf(from), ALONG_LOOP.indexOf(to)].sort((a, b) => a - b);
  if (first < 0) return null;
  const between = partsOf(circuit)
    .slice(first, last)
    .reduce((sum, part) => ({ re: sum.re + part.re, im: sum.im + part.im }), { re: 0, im: 0 });
  const dropped = amps * Math.hypot(between.re, between.im);
  const overDevice = first <= DEVICE_AFTER && last > DEVICE_AFTER;
  return overDevice ? Math.sqrt(door ** 2 + 2 * between.re * watts + dropped ** 2) : dropped;
}

/** Volts between two probes; null where the pair makes no sense. */
export function voltsBetween(bench: MeterBench, state: 'open' | LastingState, from: Probe, to: Probe): number | null {
  const live = liveVolts(bench, state, from, to);
  if (live === null || bench.energised) return live;
  const onMains = from === 'hot' || to === 'hot' || from === 'neutral' || to === 'neutral';
  const mains = bench.region.mains.nominalVolts;
  return bench.stray * (onMains ? mains : mains / 6);
}

export const ampsNow = (bench: MeterBench, state: 'open' | LastingState): number =>
  bench.energised && bench.bell ? loopNow(bench.bell, state).amps : 0;

/** Ohms between two probes of a circuit that is off; Infinity where nothing joins them. */
export function ohmsBetween(bench: MeterBench, from: Probe, to: Probe): number {
  if (!bench.bell) return Infinity;
  const { house } = bench.bell;
  const circuit = circuitNow(bench.bell);
  const pair = [from, to].sort().join('–');
  const loose = circuit.sourceOhms + circuit.toChimeOhms;
  const table: Readonly<Record<string, number>> = {
    'S1–S2': house.sourceOhms * WINDING_OF_SOURCE,
    'Front–Trans': circuit.chime.re,
    'S1–Trans': circuit.toChimeOhms / 2,
    'D1–Front': circuit.toDoorOhms / 2,
    'D1–D2': loose + circuit.chime.re + circuit.toDoorOhms,
    'S2–Trans': loose,
    'toChimeA–toChimeB': circuit.toChimeOhms,
    'toDoorA–toDoorB': circuit.toDoorOhms,
  };
  return table[pair] ?? Infinity;
}

/** Of the source's ohms this part is the secondary's own copper. */
const WINDING_OF_SOURCE = 0.55;
