import {
  FIXTURE_SYMPTOMS,
  type DoorCase,
  type FaultyFixture,
  type FaultyHouse,
  type FixtureCase,
  type TroubleCase,
} from '../faults';
import { mixed, seeded, type Random } from '../random';
import { DIAL } from './benchMeter';
import type { Faulty } from './benchKind';
import { caseAt } from './caseAt';
import { madeUpDoor } from './door/madeUpDoor';
import { madeUpFixture } from './fixture/madeUpFixture';
import { benchKindOf } from './kinds';
import type { Level } from './levels';

interface RoundAt<C extends TroubleCase, H extends Faulty> {
  readonly asked: C;
  readonly regionId: string;
  readonly hidden: H;
  /** The board’s label names the wrong one: what is switched off by it is another circuit. */
  readonly labelLies: boolean;
  readonly seed: number;
}
export interface DoorRound extends RoundAt<DoorCase, FaultyHouse> {
  readonly of: 'door';
}
export interface FixtureRound extends RoundAt<FixtureCase, FaultyFixture> {
  readonly of: 'fixture';
}
/** One house with what is hidden in it: all that happens at it follows from this and from what somebody does. */
export type Round = DoorRound | FixtureRound;

/** So often a label lies. */
const LYING_LABELS = 0.2;
/** Of the hardest rounds so many have two faults, and so many none. */
const TWO_OR_NONE = { two: 0.6, none: 0.15 } as const;
/** So many of the made-up houses have a floodlight camera in trouble. */
const FLOODLIGHTS = 0.35;
/** A fault that shows a complaint at all often shows it in one of so many houses. */
const SOON = 12;
/** The customer opens the door. */
const START = 'hall';

/** What never was enough is no fault that came: a house at the bench once worked. */
const hides = (kind: string): boolean => kind !== 'notEnough';

/** A fault by how likely each is, but one. */
function drawFault({ faults }: TroubleCase, random: Random, but: string | null): string | null {
  // A case lists single faults: pairs are made of them where one does not explain it
  const open = faults.filter(({ kind }) => kind !== but && hides(kind));
  let left = random() * open.reduce((sum, { probability }) => sum + probability, 0);
  return open.find(({ probability }) => (left -= probability) < 0)?.kind ?? open.at(-1)?.kind ?? null;
}

function roundWith(
  known: TroubleCase,
  more: { readonly regionId: string; readonly seed: number; readonly labels: number; readonly most?: number },
  random: Random,
  faultsOf: () => readonly string[],
): Round | null {
  const hidden = benchKindOf(known).hide(faultsOf, random, more.most);
  if (!hidden) return null;
  const { regionId, seed, labels } = more;
  const asked = caseAt(known, { place: START, isDead: false, done: [] });
  const lies = random() < labels;
  // What gets no feed anyway names no label as a liar
  if (asked.of === 'door')
    return 'house' in hidden ? { of: 'door', asked, regionId, hidden, labelLies: lies && hidden.isFed, seed } : null;
  return 'lampsOhms' in hidden ? { of: 'fixture', asked, regionId, hidden, labelLies: lies, seed } : null;
}

/** A made-up house by its level and seed: the same for everybody. @returns null where none shows the complaint */
export function roundOf(level: Level, seed: number): Round | null {
  // Numbers that follow one another make houses that have nothing in common
  const isFloodlight = seeded(mixed(seed, 'kind'))() < FLOODLIGHTS;
  const random = seeded(mixed(seed, level));
  const { regionId, asked } = isFloodlight ? madeUpFixture(level, random) : madeUpDoor(level, random);
  const share = level === 'twoOrNone' ? random() : 1;
  const many = share < TWO_OR_NONE.none ? 0 : share < TWO_OR_NONE.none + TWO_OR_NONE.two ? 2 : 1;
  return roundWith(asked, { regionId, seed, labels: LYING_LABELS }, random, () => {
    const one = many > 0 ? drawFault(asked, random, null) : null;
    const other = many > 1 ? drawFault(asked, random, one) : null;
    return [one, other].flatMap((fault) => fault ?? []);
  });
}

/** As the bench’s meter reads: on the range that holds the mains it has fewer digits than the job’s may have. */
function forBench(asked: TroubleCase): TroubleCase {
  if (asked.of === 'door') return asked;
  const { meter, mains } = asked.fixture;
  const { ranges, steps } = DIAL.voltsAc;
  const step = steps[ranges.findIndex((range) => range > mains.nominalVolts * (1 + mains.highPercent / 100))] ?? 1;
  return {
    ...asked,
    fixture: { ...asked.fixture, meter: { ...meter, resolutionVolts: Math.max(meter.resolutionVolts, step) } },
  };
}

/** A house as its customer may complain of it: what a fault does decides, beside what is complained of already. */
const complaints = (asked: TroubleCase): readonly TroubleCase[] =>
  asked.of === 'door'
    ? [asked]
    : [asked, ...FIXTURE_SYMPTOMS.map((symptom) => ({ ...asked, fixture: { ...asked.fixture, symptom } }))];

/**
 * The house of a job with a fault put into it: “what would I read if …?”
 * @param fault null: one is drawn by how likely each is
 * @returns null where the house would not show any complaint with it
 */
export function ownRound(known: TroubleCase, regionId: string, fault: string | null, seed: number): Round | null {
  // A complaint that such a fault brings most of the time comes before one that it hardly ever brings
  for (const most of [SOON, undefined])
    for (const asked of complaints(forBench(known))) {
      const random = seeded(seed);
      const round = roundWith(asked, { regionId, seed, labels: 0, most }, random, () => {
        const one = fault ?? drawFault(asked, random, null);
        return one === null ? [] : [one];
      });
      if (round) return round;
    }
  return null;
}

/** What makes a round. */
export type RoundAsked =
  | { readonly of: 'made'; readonly level: Level; readonly seed: number }
  | {
      readonly of: 'own';
      readonly asked: TroubleCase;
      readonly regionId: string;
      readonly fault: string | null;
      readonly seed: number;
    };

export const roundFor = (one: RoundAsked): Round | null =>
  one.of === 'made' ? roundOf(one.level, one.seed) : ownRound(one.asked, one.regionId, one.fault, one.seed);

/** Faults that can be put into the house of a case. */
export const hidable = ({ faults }: TroubleCase): readonly string[] =>
  faults.flatMap(({ kind }) => (hides(kind) && !kind.includes('+') ? [kind] : []));

/** The house of a day: the same for the whole crew. @param day of the calendar, ISO 8601 */
export const seedOfDay = (day: string): number => Number(day.replaceAll('-', ''));
