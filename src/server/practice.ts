import { actsOf, type PlayedRound, type PracticeRequest } from '@/contract/practice';
import { ProblemError } from '@/contract/problem';
import { LEVELS, playAll, roundOf, type Ending, type Level } from '@/core/practice';
import type { Clock } from './clock';
import type { Database } from './db/open';

/** So many rounds are told, the latest. */
const MOST_TOLD = 2_000;

const refuse = (path: string, message: string): never => {
  throw new ProblemError(422, `${path}: ${message}`, [{ path, message }]);
};

interface Row {
  readonly id: string;
  readonly person_id: string;
  readonly person_name: string;
  readonly at: string;
  readonly level: string;
  readonly seed: number;
  readonly ending: string;
  readonly minutes: number;
  readonly best_minutes: number | null;
  readonly in_vain: number;
  readonly dangers: number;
}

const roundFrom = (row: Row): PlayedRound => ({
  id: row.id,
  by: { id: row.person_id, name: row.person_name },
  at: row.at,
  level: LEVELS.find((one): one is Level => one === row.level) ?? 'any',
  seed: row.seed,
  ending: row.ending as Ending,
  minutes: row.minutes,
  bestMinutes: row.best_minutes,
  inVain: row.in_vain,
  dangers: row.dangers,
});

/** Rounds that were played here, the latest first. */
export const playedRounds = async (db: Database): Promise<readonly PlayedRound[]> =>
  (await db.selectFrom('practice_rounds').selectAll().orderBy('at', 'desc').limit(MOST_TOLD).execute()).map(roundFrom);

/**
 * Keeps a round: it is played again here, so that what is kept is what the house makes of the acts. The same again changes
 * nothing, but that the finder’s minutes may come later.
 * @throws ProblemError 409, 422
 */
export async function keepRound(
  db: Database,
  clock: Clock,
  { id, byId, level, seed, bestMinutes, acts: sent }: PracticeRequest,
): Promise<{ readonly made: boolean; readonly round: PlayedRound }> {
  const known = await db.selectFrom('practice_rounds').selectAll().where('id', '=', id).executeTakeFirst();
  if (known) {
    if (known.person_id !== byId || known.seed !== seed)
      throw new ProblemError(409, 'Another round has this id already.', [{ path: 'id', message: 'is taken' }]);
    if (known.best_minutes !== null || bestMinutes === null) return { made: false, round: roundFrom(known) };
    await db.updateTable('practice_rounds').set({ best_minutes: bestMinutes }).where('id', '=', id).execute();
    return { made: false, round: roundFrom({ ...known, best_minutes: bestMinutes }) };
  }
  const person = await db.selectFrom('crew').selectAll().where('id', '=', byId).executeTakeFirst();
  const round = roundOf(level, seed);
  if (!person) return refuse('byId', 'is nobody of the crew');
  if (!round) return refuse('seed', 'makes no house');
  const { ending, minutes, inVain, dangers } = playAll(round, actsOf(sent) ?? []);
  if (!ending) return refuse('acts', 'do not end the round');
  const row = {
    id,
    person_id: person.id,
    person_name: person.name,
    at: clock.now(),
    level,
    seed,
    ending,
    minutes,
    best_minutes: bestMinutes,
    in_vain: inVain,
    dangers,
  };
  await db
    .insertInto('practice_rounds')
    .values(row)
    .onConflict((one) => one.doNothing())
    .execute();
  return { made: true, round: roundFrom(row) };
}
