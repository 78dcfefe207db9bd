import { array, boolean, number, string } from 'yup';
import { TRANSFORMER_PLACES } from '../search';
import { SEGMENT_WAYS, SUPPLY_FROM } from '../supply';
import { SCREW_PAIRS } from '../wiring';
import { exact, maybe, oneOf, reference } from './fields';
import { LIMITS, TEXT } from './limits';
import { YES_NO } from './site';

/** How it was told that a transformer is the bell's and not the heating's. */
export const TOLD_APARTS = ['sameBreaker', 'secondaryFollowed', 'label'] as const;
export const CABLE_LEAVES = ['down', 'up', 'sideways'] as const;

/** What stands on the transformer. */
export const transformerDescribed = exact({
  supplyId: reference(),
  ratedVolts: maybe.amount(LIMITS.nameplateVolts),
  ratedVa: maybe.amount(LIMITS.voltAmps),
  /** Three or four screws: what the label says of each pair, and which pair the bell wires are on. */
  taps: array(
    exact({
      screws: oneOf(SCREW_PAIRS),
      ratedVolts: number().min(LIMITS.nameplateVolts.least).max(LIMITS.nameplateVolts.most).defined(),
      ratedVa: number().min(LIMITS.voltAmps.least).max(LIMITS.voltAmps.most).defined(),
    }),
  )
    .max(SCREW_PAIRS.length)
    .test(
      'pairs',
      'each pair of screws once',
      (taps) => new Set(taps?.map(({ screws }) => screws)).size === (taps?.length ?? 0),
    )
    .nullable(),
  pair: maybe.choice(SCREW_PAIRS),
  /** Free ways on the board’s rail. */
  freeWays: maybe.whole({ least: 0, most: 60 }),
  place: maybe.text(),
  foundAt: maybe.choice(TRANSFORMER_PLACES),
  toldApart: maybe.choice(TOLD_APARTS),
  /** Every switch was tried: the bell stays fed, or it does not. */
  alwaysFed: maybe.choice(YES_NO),
  /** The search was given up: supply comes from elsewhere. */
  givenUp: maybe.yes(),
  /** A second transformer is joined on the bell side. */
  joined: maybe.choice(YES_NO),
  /** Clues of the search. */
  cableLeaves: maybe.choice(CABLE_LEAVES),
  humAt: maybe.choice(TRANSFORMER_PLACES),
});

/** A place that was looked at; null: the answer was taken back. */
export const placeLooked = exact({
  supplyId: reference(),
  place: oneOf(TRANSFORMER_PLACES),
  result: maybe.choice(['notThere'] as const),
});

/** One switch that was tried while somebody listened to the bell. */
export const switchTried = exact({
  supplyId: reference(),
  name: string().trim().min(1).max(TEXT.short).defined(),
  bellDies: boolean().defined(),
});

/** Where a supply comes from where there was none, and the route of its cable. */
export const supplyPlanned = exact({
  supplyId: reference(),
  from: maybe.choice(SUPPLY_FROM),
  people: number<1 | 2>().nullable().oneOf([1, 2, null]),
  mm2: number().min(0.05).max(6).nullable(),
  segments: array(
    exact({
      way: oneOf(SEGMENT_WAYS),
      lengthM: number().min(LIMITS.segmentM.least).max(LIMITS.segmentM.most).defined(),
      holes: number().integer().min(LIMITS.holes.least).max(LIMITS.holes.most).defined(),
    }),
  )
    .max(LIMITS.segments.most)
    .nullable(),
});
