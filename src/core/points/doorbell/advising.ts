import { wayWords } from '../../advice';
import { said, type Text } from '../../said';
import {
  canKeepSupply,
  contradictionsOf,
  counts,
  holdWays,
  nextReadings,
  optionsFor,
  proposer,
  type Contradiction,
  type Option,
  type ReadingWorth,
  type Standing,
  type Premises,
} from '../../advice';
import { BELIEF, caseOf, judge, sourceIsKnown, type Estimate } from '../../bell';
import type { Policy } from '../../policy';
import { READING_WORDS, takeablesOf, type ReadingId } from './takeables';

/** A reading worth taking now, or one that would change nothing. */
export interface NextReading {
  readonly id: ReadingId;
  readonly words: Text;
  readonly why: Text;
  readonly minutes: number;
  /** Chance that it changes what is proposed; null where that is not what it is taken for (a plate, a first figure). */
  readonly chance: number | null;
}

/** What to read next at a point, and what of the readings does not go together. */
export interface PointAdvice {
  /** Those that could change what is proposed, best first by chance per minute. */
  readonly next: readonly NextReading[];
  /** Those that could be taken and would change nothing. */
  readonly idle: readonly NextReading[];
  /** Those that can’t be had here. */
  readonly missed: readonly ReadingId[];
  /** No reading can change the decision any more. */
  readonly enough: boolean;
  readonly contradictions: readonly Contradiction[];
  /** The way that the firm’s policy takes as things stand; null while none can be trusted. What is not computed has no standing. */
  readonly leading: { readonly way: Option; readonly standing: Standing | null } | null;
  /** The best that can be done with the supply that is there; null where it can’t stay. */
  readonly kept: Standing | null;
}

/** So near to one another two beliefs are the same to whoever reads them. */
const SAME_BELIEF = 0.02;

function whyOf({ moves, chanceToChange }: ReadingWorth, options: readonly Option[]): Text {
  const way = moves && options[moves.way];
  const chance = said('changesProposedCases', { chanceToChange });
  // Two beliefs that read alike say nothing
  return way && moves.up - moves.down > SAME_BELIEF
    ? said('beliefHoldsGoes', { chance, way: wayWords(way), up: moves.up, down: moves.down })
    : said('sentence', { words: chance });
}

/** Where nothing is known of the source its first figure ends “can’t tell yet”, whatever is proposed meanwhile. */
function openAtLeast(next: readonly NextReading[]): readonly NextReading[] {
  if (next.some(({ id }) => id === 'openVolts')) return next;
  const { words, how, minutes } = READING_WORDS.openVolts;
  const why = said('nothingKnownSource', { how });
  return [{ id: 'openVolts', words, why, minutes, chance: null }, ...next];
}

/** Loaded volts are held against open ones: where those were not read, they come first. */
function withOpenFirst(
  next: readonly NextReading[],
  worth: readonly ReadingWorth[],
  missed: readonly ReadingId[],
): readonly NextReading[] {
  const at = next.findIndex(({ id }) => id === 'resistor');
  const open =
    !missed.includes('openVolts') &&
    worth.some(({ id }) => id === 'openVolts') &&
    next.every(({ id }) => id !== 'openVolts');
  const loaded = next[at];
  if (!loaded || !open) return next;
  const { words, how, minutes } = READING_WORDS.openVolts;
  const why = said('readingUnderResistor', { how });
  const first: NextReading = { id: 'openVolts', words, why, minutes, chance: loaded.chance };
  return [...next.slice(0, at), first, ...next.slice(at)];
}

/**
 * Works out which reading is worth taking, over the ways that there are and the policy of the job.
 * @param deviceRuns a video doorbell hangs there already and can be read while it runs
 * @param missed what can’t be read here
 */
export function adviseOn(
  known: Estimate,
  premises: Premises,
  policy: Policy,
  deviceRuns: boolean,
  missed: readonly ReadingId[] = [],
): PointAdvice {
  const { survey, houses } = known;
  const bell = caseOf(survey);
  const options = optionsFor(survey, premises).filter(
    ({ forbidden, instead, change }) =>
      forbidden === null &&
      !instead &&
      // A coil left in series is no way where the time domain does not bear it out
      (change.treatment.path !== 'series' || judge(survey, houses, change).belief >= BELIEF.holds),
  );
  const held = holdWays(bell, houses, options);
  // Nothing that was computed is preferred to what practice does for a figure that does not exist
  const isPractice = (way: number): boolean => options[way]?.treatment.onlyWithBattery === true;
  const isConditional = (way: number): boolean => held[way]?.within != null;
  const propose = proposer(options, policy.weakSupply, survey.chime.ratedVolts, isConditional);
  const keeps = canKeepSupply(survey, premises);
  const worth = nextReadings(bell, houses, held, propose, takeablesOf(known, deviceRuns, keeps, missed));
  const read = (one: ReadingWorth): NextReading => {
    const id = one.id as ReadingId;
    const { words, how, minutes } = READING_WORDS[id];
    return {
      id,
      words,
      why: counts(one) ? said('together', { sentences: [whyOf(one, options), how] }) : how,
      minutes,
      chance: one.chanceToChange,
    };
  };
  const next = withOpenFirst(worth.filter(counts).map(read), worth, missed);
  const idle = worth.filter((one) => !counts(one) && next.every(({ id }) => id !== one.id)).map(read);
  const { words, how, minutes } = READING_WORDS.nameplate;
  const plate: NextReading = { id: 'nameplate', words, why: how, minutes, chance: null };
  const unread =
    keeps && !missed.includes('nameplate') && (survey.nameplate.volts === null || survey.nameplate.va === null);
  const judged = sourceIsKnown(survey) || !keeps;
  // A plate costs two minutes and tells much; it is no way out where nothing else could decide
  const first = unread && (next.length > 0 || !judged) ? [plate] : [];
  const at = propose((way) => (isPractice(way) ? 1 : (held[way]?.standing.belief ?? 0)));
  const way = options[at];
  const standing = isPractice(at) ? null : (held[at]?.standing ?? null);
  const kept = options.flatMap(({ transformer, tap }, i) => (transformer || tap ? [] : (held[i]?.standing ?? [])));
  return {
    leading: way ? { way, standing } : null,
    kept: kept.reduce<Standing | null>((best, one) => (best && best.belief >= one.belief ? best : one), null),
    next: [...first, ...(judged || missed.includes('openVolts') ? next : openAtLeast(next))],
    idle: idle.filter(({ id }) => id !== 'openVolts' || judged),
    missed,
    enough: next.length === 0 && first.length === 0,
    contradictions: contradictionsOf(bell, houses),
  };
}
