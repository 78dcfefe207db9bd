import { circuitGroups, type CircuitGroup } from '../house/circuits';
import type { Board } from '../house/boards';
import { Isolation, stepGate, type Asker, type Plug } from '../isolation';
import { ANYWHERE } from '../kinds/lifts/anywhere';
import type { Entry, EntryOf } from '../kinds/register';
import { counts, type Effect } from '../log/effective';
import { byTime, momentOf } from '../log/moment';
import { placesOf } from '../points/places';
import type { Hangs } from '../house/things';
import { happenedIn, Topology } from './happened';

/** A point as far as its circuits go. */
export interface FedPoint {
  readonly hangs: Hangs;
  readonly plug: Plug | null;
  readonly breaker: boolean;
}

/** Live and dead of a job, with the circuits that were named. */
export interface JobIsolation {
  readonly isolation: Isolation;
  readonly groups: readonly CircuitGroup[];
}

/**
 * Puts together what a log says of live and dead.
 * @param entries in the order of time
 * @param hangsOf what a point hangs on now; null for one that is not there any more
 */
export function isolationOf(
  entries: readonly Entry[],
  effect: Effect,
  boards: readonly Board[],
  hangsOf: (pointId: string) => Pick<Hangs, 'boxId' | 'supplyId'> | null,
): JobIsolation {
  const groups = circuitGroups(entries, effect);
  const { happenings, sightings } = happenedIn(entries, effect, new Topology(entries), groups, boards);
  const idsOf = (first: string): readonly string[] => groups.find(({ id }) => id === first)?.ids ?? [first];
  const isolation = new Isolation({
    circuits: groups.map(({ ids, mayBe, feeds, namedAt, lookedAt, namedAs }) => ({
      ids,
      mayBe: mayBe.flatMap(idsOf),
      placeIds: [
        ...new Set(
          feeds.flatMap((id) => {
            const hangs = hangsOf(id);
            return hangs ? placesOf(hangs) : [];
          }),
        ),
      ],
      namedAt,
      lookedAt,
      namedAs,
    })),
    happenings,
    sightings,
    writings: entries.map((entry) => ({ byId: entry.by.id, at: momentOf(entry).at })),
  });
  return { isolation, groups };
}

/** The school of the bell side over time: what a step was done under. */
export function schoolOver(entries: readonly Entry[], effect: Effect): (entry: Entry) => 'off' | 'live' {
  const taken = entries.flatMap((entry) =>
    entry.kind === 'policyTaken' && entry.data.bellSide != null && counts(effect, entry)
      ? [{ moment: momentOf(entry), school: entry.data.bellSide }]
      : [],
  );
  return (entry) => taken.findLast(({ moment }) => byTime(moment, momentOf(entry)) < 0)?.school ?? 'off';
}

/** Whether the gate was open for a step when it was ticked. */
export function stoodAt(
  isolation: Isolation,
  entry: EntryOf<'stepTicked'>,
  { hangs, plug, breaker }: FedPoint,
  bellSide: 'off' | 'live',
): boolean {
  const { touches, role, placeId } = entry.data;
  const moment = momentOf(entry);
  const isOld = placeId === ANYWHERE;
  const who: Asker = { id: entry.by.id, at: moment.at, ownProofs: null };
  return (
    stepGate(
      isolation,
      {
        touches,
        role: role ?? 'work',
        placeId: isOld || placeId === undefined ? (hangs.supplyId ?? hangs.boxId) : placeId,
        supplyId: hangs.supplyId,
        bellSide,
        plug,
        breaker,
        spread: true,
      },
      who,
      { ...moment, history: isOld || entry.imported === true, anywhere: ANYWHERE },
    ).length === 0
  );
}
