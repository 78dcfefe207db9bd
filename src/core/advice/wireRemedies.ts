import { AS_FOUND_PAIRS, type BellSurvey, type Change, type RunName } from '../bell';
import { figureOf, type Catalogue } from '../catalogue';
import { MATERIAL_FACTOR, awgToMm2 } from '../circuit';
import type { Premises } from './premises';

/** What is done about the wire. */
export const WIRE_REMEDIES = ['keep', 'join', 'repull', 'mend'] as const;
export type WireRemedy = (typeof WIRE_REMEDIES)[number];

/** Thinner than this a run is worth pulling anew. */
export const WIRE_THIN_MM2 = 0.6;
/** Engineering defaults: minutes and parts. */
const JOIN_PAIRS = { minutes: 15, cost: 0 } as const;
const MEND_SPLICE = { minutes: 20, cost: 2 } as const;
const REPULL_MINUTES = 30;
/** Where no length is known, in metres for both runs. */
const GUESSED_RUN_M = 12;

const RUNS = ['toChime', 'toDoor'] as const;

const areaOf = (survey: BellSurvey, run: RunName): number | null => {
  const { gauge } = survey.runs[run];
  return gauge === null ? null : 'awg' in gauge ? awgToMm2(gauge.awg) : gauge.mm2;
};
const isThin = (survey: BellSurvey, run: RunName): boolean => (areaOf(survey, run) ?? Infinity) < WIRE_THIN_MM2;

/** The cable that is pulled: the firm’s own before the shipped one. mm², minutes and cost of a metre. */
export function cableOf({ cable }: Catalogue): {
  readonly mm2: number;
  readonly minutes: number;
  readonly cost: number;
} {
  const values = cable[0]?.values;
  if (!values) throw new Error('the catalogue holds no cable');
  return { mm2: figureOf(values, 'mm2'), minutes: figureOf(values, 'minutesPerM'), cost: figureOf(values, 'costPerM') };
}

/** Conductance of each run under a remedy, over what is there. */
export function pairFactors(
  survey: BellSurvey,
  { spare, cableLeft }: Pick<Premises, 'spare' | 'cableLeft'>,
  wire: WireRemedy,
  pulledMm2: number,
): Change['pairFactor'] {
  const factor = (run: RunName): number => {
    const { pairs, material } = survey.runs[run];
    if (wire === 'join') return (pairs + spare[run]) / pairs;
    const area = areaOf(survey, run);
    // Of an old cable that nobody looked at the new one is taken to be no better
    if (wire === 'repull' && area !== null && (cableLeft || area < WIRE_THIN_MM2))
      return (pulledMm2 / (area * pairs)) * MATERIAL_FACTOR[material];
    return 1;
  };
  return wire === 'join' || wire === 'repull'
    ? { toChime: factor('toChime'), toDoor: factor('toDoor') }
    : AS_FOUND_PAIRS;
}

/** Which wire remedies there are here: pairs that lie unused, runs that are thin, splices that are bad. */
export function wireRemediesFor(survey: BellSurvey, { spare, badSplices, cableLeft }: Premises): readonly WireRemedy[] {
  if (cableLeft) return ['repull'];
  return [
    'keep',
    ...(spare.toChime + spare.toDoor > 0 ? (['join'] as const) : []),
    ...(RUNS.some((run) => isThin(survey, run)) ? (['repull'] as const) : []),
    ...(badSplices.length > 0 ? (['mend'] as const) : []),
  ];
}

/** Minutes and money of a wire remedy. */
export function wireEffort(
  survey: BellSurvey,
  { badSplices, cableLeft, catalogue }: Premises,
  wire: WireRemedy,
): { minutes: number; cost: number } {
  switch (wire) {
    case 'keep':
      return { minutes: 0, cost: 0 };
    case 'join':
      return JOIN_PAIRS;
    case 'mend':
      return { minutes: MEND_SPLICE.minutes * badSplices.length, cost: MEND_SPLICE.cost * badSplices.length };
    case 'repull': {
      const { minutes, cost } = cableOf(catalogue);
      const metres = RUNS.reduce((sum, run) => {
        const { lengthM } = survey.runs[run];
        return (
          sum +
          (cableLeft || isThin(survey, run) ? (lengthM ? (lengthM.low + lengthM.high) / 2 : GUESSED_RUN_M / 2) : 0)
        );
      }, 0);
      return { minutes: Math.round(REPULL_MINUTES + minutes * metres), cost: Math.round(cost * metres) };
    }
  }
}
