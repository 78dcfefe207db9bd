import type { Text } from '../said';
import { array, boolean, number, string } from 'yup';
import { PLACE_FACTS, TRANSFORMER_PLACES } from '../search';
import { SEGMENT_WAYS, SUPPLY_FACTS, SUPPLY_FROM } from '../supply';
import { VOLTS, VOLT_AMPS } from '../units';
import { SCREW_PAIRS } from '../wiring';
import { exact, maybe, oneOf, reference } from './fields';
import { LIMITS, TEXT, fact, schemasOf } from '../facts';

/** How it was told that a transformer is the bell's and not the heating's. */
export const TOLD_APARTS = ['sameBreaker', 'secondaryFollowed', 'label'] as const;
export const CABLE_LEAVES = ['down', 'up', 'sideways'] as const;

const places = Object.fromEntries(TRANSFORMER_PLACES.map((place) => [place, PLACE_FACTS[place].words])) as Record<
  (typeof TRANSFORMER_PLACES)[number],
  Text
>;
const listed = (value: unknown): string => (Array.isArray(value) ? `${value.length} of them` : String(value));

export const TRANSFORMER_FACTS = {
  ratedVolts: fact.figure('nameplate volts', { ...VOLTS, ...LIMITS.nameplateVolts }),
  ratedVa: fact.figure('nameplate VA', { ...VOLT_AMPS, ...LIMITS.voltAmps }),
  /** Three or four screws: what the label says of each pair, and which pair the bell wires are on. */
  taps: fact.other(
    'pairs of screws',
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
  pair: fact.choice(
    'the bell wires are on',
    SCREW_PAIRS,
    Object.fromEntries(SCREW_PAIRS.map((pair) => [pair, pair])) as Record<(typeof SCREW_PAIRS)[number], string>,
  ),
  freeWays: fact.whole('free ways on the board’s rail', { least: 0, most: 60 }, '', ['way', 'ways']),
  place: fact.text('where, in words'),
  foundAt: fact.choice('transformer found', TRANSFORMER_PLACES, places),
  toldApart: fact.choice('how it was told from one of the heating', TOLD_APARTS, {
    sameBreaker: 'bell and it die with one breaker',
    secondaryFollowed: 'its wires followed to the chime',
    label: 'its label says so',
  }),
  alwaysFed: fact.yesNo('every switch tried: it stays fed'),
  /** Supply comes from elsewhere. */
  givenUp: fact.yes('the search was given up'),
  joined: fact.yesNo('a second transformer joined on the bell side'),
  /** Clues of the search. */
  cableLeaves: fact.choice('cable leaves the chime', CABLE_LEAVES, { down: 'down', up: 'up', sideways: 'sideways' }),
  humAt: fact.choice('something hums or is warm', TRANSFORMER_PLACES, places),
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
  from: fact.choice(
    'supply comes from',
    SUPPLY_FROM,
    Object.fromEntries(SUPPLY_FROM.map((from) => [from, SUPPLY_FACTS[from].words])) as Record<
      (typeof SUPPLY_FROM)[number],
      Text
    >,
  ),
  people: fact.other('people fishing the cable', number<1 | 2>().nullable().oneOf([1, 2, null])),
  mm2: fact.other('new cable', number().min(0.05).max(6).nullable(), (value) => `${String(value)} mm²`),
  segments: fact.other(
    'stretches of its way',
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
