import { said, type Text } from '../said';

/** Sizes that a box-fill allowance is named for, AWG. */
export const BOX_FILL_AWG = [18, 16, 14, 12, 10, 8, 6] as const;
export type BoxFillAwg = (typeof BOX_FILL_AWG)[number];

/** Volume that one conductor of a size is counted with, in³ (NEC 314.16(B), table). */
export const ALLOWANCE_IN3: Readonly<Record<BoxFillAwg, number>> = {
  18: 1.5,
  16: 1.75,
  14: 2,
  12: 2.25,
  10: 2.5,
  8: 3,
  6: 5,
};

export const BOX_FILL_EDITIONS = [2017, 2020, 2023] as const;

/** Allowances that one conductor of a role takes: looped unbroken with free length it counts twice, inside it is free. */
const ROLE_COUNT = { ends: 1, through: 1, looped: 2, inside: 0, fixture: 1 } as const;
export type ConductorRole = keyof typeof ROLE_COUNT;
export const CONDUCTOR_ROLES = Object.keys(ROLE_COUNT) as readonly ConductorRole[];

const ROLE_WORDS: Readonly<Record<ConductorRole, Text>> = {
  ends: said('endHere'),
  through: said('passThrough'),
  looped: said('loopedUnbrokenCounted'),
  inside: said('whollyInside'),
  fixture: said('ofTheFixture'),
};

/** A group of alike conductors in the box. */
export interface BoxConductor {
  readonly awg: BoxFillAwg;
  readonly count: number;
  readonly role: ConductorRole;
}

/** What is in a box, as NEC 314.16(B) counts it. */
export interface BoxContents {
  readonly edition: (typeof BOX_FILL_EDITIONS)[number];
  readonly boxIn3: number;
  readonly conductors: readonly BoxConductor[];
  /** A domed canopy takes up to four thin fixture leads and its grounds; a flat plate does not. */
  readonly canopy: 'domed' | 'flat';
  readonly clamps: 'none' | 'internal';
  /** Kinds of fittings: stud, hickey. */
  readonly fittings: number;
  readonly terminalBlocks: number;
  readonly yokes: readonly { readonly awg: BoxFillAwg }[];
  /** `count` includes those that come from the canopy. */
  readonly grounds: { readonly count: number; readonly awg: BoxFillAwg; readonly fromCanopy: number };
}

/** One line of the sum: so many allowances of one size. */
export interface BoxFillItem {
  readonly what: Text;
  /** In allowances; grounds above four are quarters. */
  readonly count: number;
  readonly eachIn3: number;
  readonly in3: number;
}

export interface BoxFill {
  readonly requiredIn3: number;
  readonly spareIn3: number;
  readonly fits: boolean;
  readonly items: readonly BoxFillItem[];
}

/** A domed canopy leaves out at most this many fixture leads, smaller than this. */
const LEFT_OUT = { most: 4, smallerThanAwg: 14 } as const;
/** So many grounds share one allowance; from 2020 on each further one adds this part of it. */
const GROUNDS = { together: 4, furtherShare: 0.25, from: 2020 } as const;
/** Terminal blocks count from this edition on. */
const BLOCKS_FROM = 2023;
const YOKE_ALLOWANCES = 2;
/** What is counted to the last quarter of a cubic inch may differ by rounding in the machine only. */
const ROUNDING_IN3 = 1e-9;

/** Fixture leads that a domed canopy leaves out, largest first, taken from the groups they are in. */
function withoutCanopyLeads(conductors: readonly BoxConductor[]): readonly BoxConductor[] {
  let left: number = LEFT_OUT.most;
  const groups = conductors.map((group, i) => ({ group, i }));
  const counts = conductors.map(({ count }) => count);
  // A larger conductor has a smaller number
  for (const { group, i } of groups
    .filter(({ group: { role, awg } }) => role === 'fixture' && awg > LEFT_OUT.smallerThanAwg)
    .sort((a, b) => a.group.awg - b.group.awg)) {
    const taken = Math.min(left, group.count);
    left -= taken;
    counts[i] = group.count - taken;
  }
  return conductors.map((group, i) => ({ ...group, count: counts[i] ?? 0 }));
}

/** Allowances that the grounds take together. */
function groundAllowances(count: number, edition: BoxContents['edition']): number {
  if (count === 0) return 0;
  const further = edition >= GROUNDS.from ? Math.max(0, count - GROUNDS.together) : 0;
  return 1 + GROUNDS.furtherShare * further;
}

/** Largest conductor that is present in the box, whatever its role; null in an empty one. */
function largestOf({ conductors, grounds, yokes }: BoxContents): BoxFillAwg | null {
  const sizes = [
    ...conductors.filter(({ count }) => count > 0).map(({ awg }) => awg),
    ...(grounds.count > 0 ? [grounds.awg] : []),
    ...yokes.map(({ awg }) => awg),
  ];
  return sizes.length === 0 ? null : sizes.reduce((largest, awg) => (awg < largest ? awg : largest));
}

const item = (what: Text, count: number, awg: BoxFillAwg): BoxFillItem => ({
  what,
  count,
  eachIn3: ALLOWANCE_IN3[awg],
  in3: count * ALLOWANCE_IN3[awg],
});

/**
 * Box fill by NEC 314.16(B): the volume that what is in a box needs, line by line, against the volume that it has.
 * Nothing is rounded.
 */
export function boxFill(contents: BoxContents): BoxFill {
  const { edition, boxIn3, canopy, clamps, fittings, terminalBlocks, yokes, grounds } = contents;
  const domed = canopy === 'domed';
  const conductors = domed ? withoutCanopyLeads(contents.conductors) : contents.conductors;
  const largest = largestOf(contents);
  const ofLargest = (what: Text, count: number): readonly BoxFillItem[] =>
    largest === null ? [] : [item(said('asAwg', { what, largest }), count, largest)];
  const leftGrounds = grounds.count - (domed ? grounds.fromCanopy : 0);
  const items = [
    ...conductors.map(({ awg, count, role }) =>
      item(said('awg', { awg, role: ROLE_WORDS[role] }), count * ROLE_COUNT[role], awg),
    ),
    ...ofLargest(said('internalClampsTogether'), clamps === 'internal' ? 1 : 0),
    ...ofLargest(said('fittingsEachKind'), fittings),
    ...ofLargest(said('terminalBlocks'), edition >= BLOCKS_FROM ? terminalBlocks : 0),
    ...yokes.map(({ awg }) => item(said('deviceYokeAwg', { awg }), YOKE_ALLOWANCES, awg)),
    item(
      said('groundsOf', { grounds: leftGrounds, awg: grounds.awg }),
      groundAllowances(leftGrounds, edition),
      grounds.awg,
    ),
  ].filter(({ count }) => count > 0);
  const requiredIn3 = items.reduce((sum, { in3 }) => sum + in3, 0);
  return { requiredIn3, spareIn3: boxIn3 - requiredIn3, fits: requiredIn3 <= boxIn3 + ROUNDING_IN3, items };
}
