import type { EntryKind } from '../register';
import type { Lift } from './lift';
import { withoutPlace } from './anywhere';
import { tickWithTouches } from './stepTicked';
import { ofBox, ofChime, ofSupply, pointWithThings, runWithEnd } from './things';

/** What lifts the data of a kind from its version 1 on, one version at a time. A kind that never changed has none. */
const LIFTS: { readonly [K in EntryKind]?: readonly Lift[] } = {
  pointAdded: [pointWithThings],
  transformerDescribed: [ofSupply],
  placeLooked: [ofSupply],
  switchTried: [ofSupply],
  supplyPlanned: [ofSupply],
  chimeDescribed: [ofChime],
  runDescribed: [runWithEnd],
  boxDescribed: [ofBox],
  cableDescribed: [ofBox],
  conductorTested: [ofBox],
  deadProved: [withoutPlace],
  stepTicked: [tickWithTouches, withoutPlace],
};

/** The version that entries of a kind are written with now. */
export const versionOf = (kind: EntryKind): number => 1 + (LIFTS[kind]?.length ?? 0);

/** Data of an older version in the form of now; those of now as they are. */
export const lifted = (
  kind: EntryKind,
  version: number,
  data: Readonly<Record<string, unknown>>,
): Readonly<Record<string, unknown>> => (LIFTS[kind] ?? []).slice(version - 1).reduce((form, lift) => lift(form), data);
