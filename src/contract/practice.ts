import { array, number, string } from 'yup';
import { DOOR_FAULT_KINDS, DOOR_TEST_KINDS, FIXTURE_FAULT_KINDS, FIXTURE_TEST_KINDS } from '@/core/faults';
import {
  BENCH_PLACES,
  DIAL_FUNCTIONS,
  LEVELS,
  TERMINAL_IDS,
  WIRING_PART_IDS,
  type BenchAct,
  type Ending,
  type Level,
} from '@/core/practice';
import { exact } from './exact';
import { uuid } from './job';
import { SCHEMA_FAULT } from './parse';
import { isFields, isFigure, isNamed, isOneOf, isText } from './shapes';

const MOST = { acts: 400, minutes: 100_000, seed: 0xffffffff } as const;
const DOS = ['walk', 'off', 'on', 'prove', 'wire', 'read', 'look', 'repair', 'allFine', 'giveUp'] as const;
const ENDINGS: readonly Ending[] = ['works', 'wasFine', 'wasNotFine', 'gaveUp'];

const isPlace = isOneOf(BENCH_PLACES);
const isPart = isOneOf(WIRING_PART_IDS);
const isTerminal = isOneOf(TERMINAL_IDS);
const isDial = isOneOf(DIAL_FUNCTIONS);
const isTest = isOneOf<string>([...DOOR_TEST_KINDS, ...FIXTURE_TEST_KINDS]);
const isFault = isOneOf<string>([...DOOR_FAULT_KINDS, ...FIXTURE_FAULT_KINDS]);

/** An act at the bench, of whatever form it came in; null: it is none. */
function actOf(value: unknown): BenchAct | null {
  if (!isFields(value)) return null;
  const { do: what, to, part, dial, range, red, black, test, fault } = value;
  switch (what) {
    case 'off':
    case 'on':
    case 'prove':
    case 'allFine':
    case 'giveUp':
      return { do: what };
    case 'walk':
      return isPlace(to) ? { do: what, to } : null;
    case 'wire':
      return isPart(part) && isText(to) ? { do: what, part, to } : null;
    case 'read':
      return isDial(dial) && isFigure(range) && isTerminal(red) && isTerminal(black)
        ? { do: what, dial, range, red, black }
        : null;
    case 'look':
      return isTest(test) ? { do: what, test } : null;
    case 'repair':
      return isFault(fault) ? { do: what, fault } : null;
    default:
      return null;
  }
}

/** Acts that were kept or sent. @returns null where one of them is none */
export function actsOf(value: unknown): readonly BenchAct[] | null {
  if (!Array.isArray(value)) return null;
  const acts = value.map(actOf);
  return acts.every((act) => act !== null) ? acts : null;
}

/** Request of POST /api/v1/practice: a round that was played to its end. The server plays it again and keeps what came of it. */
export const practiceRequest = exact({
  id: uuid(),
  byId: string().min(1).max(64).defined(),
  level: string<Level>().oneOf(LEVELS).defined(),
  seed: number().integer().min(0).max(MOST.seed).defined(),
  /** What the fault finder took for the same house; null: it is not worked out yet, and is sent once it is. */
  bestMinutes: number().min(0).max(MOST.minutes).nullable().defined(),
  acts: array(
    exact({
      do: string().oneOf(DOS).defined(),
      to: string(),
      part: string(),
      dial: string(),
      range: number(),
      red: string(),
      black: string(),
      test: string(),
      fault: string(),
    }).test(SCHEMA_FAULT, 'is no act at the bench', (act) => actOf(act) !== null),
  )
    .min(1)
    .max(MOST.acts)
    .defined(),
});
export type PracticeRequest = ReturnType<typeof practiceRequest.validateSync>;

/** A round that somebody played, as it is kept. */
export interface PlayedRound {
  readonly id: string;
  readonly by: { readonly id: string; readonly name: string };
  /** ISO 8601, by the server’s clock. */
  readonly at: string;
  readonly level: Level;
  readonly seed: number;
  readonly ending: Ending;
  readonly minutes: number;
  readonly bestMinutes: number | null;
  readonly inVain: number;
  readonly dangers: number;
}

export const isPlayedRound = (value: unknown): value is PlayedRound =>
  isNamed(value) &&
  'by' in value &&
  isNamed(value.by) &&
  'name' in value.by &&
  isText(value.by.name) &&
  'at' in value &&
  isText(value.at) &&
  'level' in value &&
  isOneOf(LEVELS)(value.level) &&
  'ending' in value &&
  isOneOf(ENDINGS)(value.ending) &&
  'bestMinutes' in value &&
  (value.bestMinutes === null || isFigure(value.bestMinutes)) &&
  ['seed', 'minutes', 'inVain', 'dangers'].every((one) => isFigure((value as unknown as Record<string, unknown>)[one]));
