import { said, type Text } from '../said';
import { ELSEWHERE_SHARE, huntOnFoot, wayWeight, type HuntOnFoot, type HuntWay } from '../isolation';
import type { Way } from '../house/boards';
import { mayBeOneWay, type NamedWay } from '../house/breakers';
import type { Job } from '../job/job';
import { regionOf } from '../job/region';
import { buildOf } from './builds';
import type { Point } from './point';

/** One more candidate that can't be dropped here: a way on a board that nobody listed. */
export const ELSEWHERE = '(elsewhere)';

/** What is assumed until it is said: a walk to the door and back, and the switching of one way off and on again. */
export const HUNT_DEFAULTS = { people: 1, walkMinutes: 3, switchMinutes: 0.3 } as const;
/** With a helper at the door a test costs a word by telephone. */
const WORD_MINUTES = 0.5;

/** Ways that somebody works under: their circuit is off for it, or a place that hangs on it is open. */
export function busyWays({ boards, circuits, isolation }: Job): ReadonlySet<string> {
  const open = isolation.openPlaces().flatMap(({ placeId }) => isolation.circuitsAt(placeId));
  const busy = circuits.filter(
    ({ id, state }) => state.state === 'off' || state.state === 'provedDead' || open.includes(id),
  );
  return new Set(
    boards.flatMap((board) =>
      board.ways.flatMap((way) => {
        const named: NamedWay = { board: boards.length > 1 ? board.name : null, way: way.way };
        return busy.some((circuit) => circuit.named.some((one) => mayBeOneWay(one, named))) ? way.id : [];
      }),
    ),
  );
}

/** Ways of all boards as candidates, with “not on these boards”. */
export function huntWays(job: Job, point: Point): readonly HuntWay[] {
  const clues = {
    mainsVolts: regionOf(job).mains.nominalVolts,
    ...buildOf(point).huntClues(point),
  };
  const busy = busyWays(job);
  const ways = job.boards
    .flatMap((board) => board.ways)
    .map((way) => ({
      id: way.id,
      probability: wayWeight(way, clues),
      doNotDrop: (way.doNotDrop && !way.agreed) || busy.has(way.id),
    }));
  const total = ways.reduce((sum, { probability }) => sum + probability, 0);
  return ways.length === 0 ? [] : [...ways, { id: ELSEWHERE, probability: total * ELSEWHERE_SHARE, doNotDrop: true }];
}

/** A hunt as it stands. */
export type HuntStanding =
  | { readonly state: 'noBoard' }
  /** The answers leave nothing: one of them must be wrong. */
  | { readonly state: 'contradicts' }
  | ({ readonly state: 'hunting' | 'found' | 'agreementOnly' | 'elsewhere' } & HuntOnFoot);

/** What the answers leave, and the next set of ways to drop. */
export function huntOf(job: Job, point: Point): HuntStanding {
  const ways = huntWays(job, point);
  if (ways.length === 0) return { state: 'noBoard' };
  const { tests, people, walkMinutes, switchMinutes } = point.hunt;
  const walk = walkMinutes ?? HUNT_DEFAULTS.walkMinutes;
  const hunt = huntOnFoot(ways, tests, {
    perTest: (people ?? HUNT_DEFAULTS.people) === 2 ? WORD_MINUTES : walk,
    perWay: switchMinutes ?? HUNT_DEFAULTS.switchMinutes,
  });
  if (!hunt) return { state: 'contradicts' };
  if (hunt.found === ELSEWHERE) return { state: 'elsewhere', ...hunt };
  if (hunt.found !== null) return { state: 'found', ...hunt };
  return { state: hunt.drop === null ? 'agreementOnly' : 'hunting', ...hunt };
}

/** The listed way that a candidate stands for; null for one that is not listed any more, or elsewhere. */
export const wayOfId = (job: Job, id: string): Way | null =>
  job.boards.flatMap((board) => board.ways).find((way) => way.id === id) ?? null;

/** A way as it is spoken of: “breaker 7”, with its board where there are several. */
export function wayText(job: Job, way: Way): Text {
  const board = job.boards.length > 1 ? (job.boards.find(({ id }) => id === way.boardId)?.name ?? way.boardId) : null;
  return said('wayOfBoard', { way: way.way, board });
}
