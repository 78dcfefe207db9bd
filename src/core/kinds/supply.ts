import { said, type Text } from '../said';
import { array, boolean, number, string } from 'yup';
import { TRANSFORMER_PLACES } from '../search';
import { SEGMENT_WAYS, SUPPLY_FROM } from '../supply';
import { VOLTS, VOLT_AMPS } from '../units';
import { SCREW_PAIRS } from '../wiring';
import { exact, maybe, oneOf, reference } from './fields';
import { LIMITS, TEXT, fact, schemasOf } from '../facts';

/** How it was told that a transformer is the bell's and not the heating's. */
export const TOLD_APARTS = ['sameBreaker', 'secondaryFollowed', 'label'] as const;
export const CABLE_LEAVES = ['down', 'up', 'sideways'] as const;

const listed = (value: unknown): Text =>
  Array.isArray(value) ? said('ofThem', { count: value.length }) : String(value);

export const TRANSFORMER_FACTS = {
  ratedVolts: fact.figure({ ...VOLTS, ...LIMITS.nameplateVolts }),
  ratedVa: fact.figure({ ...VOLT_AMPS, ...LIMITS.voltAmps }),
  /** Three or four screws: what the label says of each pair, and which pair the bell wires are on. */
  taps: fact.other(
    array(
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
    listed,
  ),
  pair: fact.choice(SCREW_PAIRS),
  freeWays: fact.whole({ least: 0, most: 60 }, '', ['way', 'ways']),
  place: fact.text(),
  foundAt: fact.choice(TRANSFORMER_PLACES),
  toldApart: fact.choice(TOLD_APARTS),
  alwaysFed: fact.yesNo(),
  /** Supply comes from elsewhere. */
  givenUp: fact.yes(),
  joined: fact.yesNo(),
  /** It plugs into an outlet: no breaker makes it dead, its plug does. */
  plugged: fact.yesNo(),
  /** Whether an outlet is beside the bell wires: an adapter could feed them. */
  outletNear: fact.yesNo(),
  /** Clues of the search. */
  cableLeaves: fact.choice(CABLE_LEAVES),
  humAt: fact.choice(TRANSFORMER_PLACES),
} as const;

/** What stands on the transformer. */
export const transformerDescribed = exact({ supplyId: reference(), ...schemasOf(TRANSFORMER_FACTS) });

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

export const SUPPLY_PLAN_FACTS = {
  from: fact.choice(SUPPLY_FROM),
  people: fact.other(number<1 | 2>().nullable().oneOf([1, 2, null])),
  mm2: fact.other(number().min(0.05).max(6).nullable(), (value) => `${String(value)} mm²`),
  segments: fact.other(
    array(
      exact({
        way: oneOf(SEGMENT_WAYS),
        lengthM: number().min(LIMITS.segmentM.least).max(LIMITS.segmentM.most).defined(),
        holes: number().integer().min(LIMITS.holes.least).max(LIMITS.holes.most).defined(),
      }),
    )
      .max(LIMITS.segments.most)
      .nullable(),
    listed,
  ),
} as const;

/** Where a supply comes from where there was none, and the route of its cable. */
export const supplyPlanned = exact({ supplyId: reference(), ...schemasOf(SUPPLY_PLAN_FACTS) });
