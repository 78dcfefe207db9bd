import type { TreatmentPath } from '../chime';
import { chimeImpedance, copperWarmth, type ChimePath, type Complex } from '../circuit';
import type { BellCase } from './bellCase';
import { newSourceOf, type RatedTransformer } from './housePrior';
import type { House } from './houses';
import { RUN_CELSIUS, SPLICE, WARM_WINDING } from './priors';
import type { RunName } from './bellCase';

/** What is changed in a house: another transformer, the chime's treatment, pairs joined. */
export interface Change {
  readonly transformer: RatedTransformer | null;
  readonly treatment: TreatmentPath;
  /** Another pair of the old transformer’s screws: its open volts and its ohms over those of the pair in use. */
  readonly tap?: { readonly voltsFactor: number; readonly ohmsFactor: number };
  /** Splices of these runs are made anew. */
  readonly mended?: readonly RunName[];
  /** Total of pairs over the pairs as found, per run: 1 leaves it. */
  readonly pairFactor: Readonly<Record<RunName, number>>;
}

/** What swings from day to day. */
export interface Conditions {
  /** Mains over nominal. */
  readonly mains: number;
  /** Winding's resistance over that of a cold one. */
  readonly winding: number;
  readonly toChimeCelsius: number;
  readonly toDoorCelsius: number;
}

/** An ordinary day: nominal mains, a cold winding, the runs at the temperatures of a cool house. */
export const NOMINAL_DAY: Conditions = {
  mains: 1,
  winding: 1,
  toChimeCelsius: RUN_CELSIUS.toChime.low,
  toDoorCelsius: 20,
};

/** The loop's parts as numbers, for the many solves of a spread. */
export interface Circuit {
  readonly emf: number;
  readonly sourceOhms: number;
  readonly toChimeOhms: number;
  readonly chime: Complex;
  readonly toDoorOhms: number;
}

export const AS_FOUND_PAIRS = { toChime: 1, toDoor: 1 } as const;

/** The worst of the swings for door volts: low mains, hot winding, hot wires; and the other end. */
export function worstSwings({ mains, runs }: Pick<BellCase, 'mains' | 'runs'>): {
  readonly low: Conditions;
  readonly high: Conditions;
} {
  const { toChime, toDoor } = runs;
  return {
    low: {
      mains: 1 + mains.lowPercent / 100,
      winding: WARM_WINDING,
      toChimeCelsius: toChime.yearCelsius.high,
      toDoorCelsius: toDoor.yearCelsius.high,
    },
    high: {
      mains: 1 + mains.highPercent / 100,
      winding: 1,
      toChimeCelsius: toChime.yearCelsius.low,
      toDoorCelsius: toDoor.yearCelsius.low,
    },
  };
}

/** The chime's path for the solver: the house's coil under a treatment. */
export function chimePath(house: House, path: TreatmentPath): ChimePath {
  switch (path.path) {
    case 'series':
      return { treatment: 'series', ohms: house.coilOhms, reactanceOhms: house.coilReactanceOhms };
    case 'shunt':
      return {
        treatment: 'shunt',
        ohms: house.coilOhms,
        reactanceOhms: house.coilReactanceOhms,
        shuntOhms: path.shuntOhms,
      };
    case 'link':
      return { treatment: 'link', linkOhms: path.linkOhms };
    case 'none':
      return { treatment: 'none' };
  }
}

/** Ohms of a run’s splices once a change is made: a mended one is a good one. */
export const spliceOhms = ({ mended }: Change, run: RunName, found: number): number =>
  mended?.includes(run) ? Math.min(found, SPLICE.goodUpToOhms) : found;

/** A house with a change made to it, on a day. Joined pairs divide a whole run, a hidden splice included. */
export function circuitOf(house: House, change: Change, day: Conditions): Circuit {
  const { transformer, pairFactor, tap } = change;
  const source = transformer
    ? newSourceOf(transformer)(house.newRegulation)
    : {
        openVolts: house.openVolts * (tap?.voltsFactor ?? 1),
        ohms: house.sourceOhms * (tap?.ohmsFactor ?? 1),
      };
  return {
    emf: source.openVolts * day.mains,
    sourceOhms: source.ohms * day.winding,
    toChimeOhms:
      (house.toChimeOhms * copperWarmth(day.toChimeCelsius) + spliceOhms(change, 'toChime', house.toChimeSpliceOhms)) /
      pairFactor.toChime,
    chime: chimeImpedance(chimePath(house, change.treatment)),
    toDoorOhms:
      (house.toDoorOhms * copperWarmth(day.toDoorCelsius) + spliceOhms(change, 'toDoor', house.toDoorSpliceOhms)) /
      pairFactor.toDoor,
  };
}
