import type { Judgement } from '../bell';
import { newEntry } from '../kinds/newEntry';
import type { Entry } from '../kinds/register';
import { SHARES, type Shares } from '../points/build';
import { assess } from '../points/doorbell/assessment';
import type { Doorbell } from '../points/doorbell/doorbell';
import { newPoint } from '../points/newPoint';
import { fold } from './fold';
import type { JobHead } from './job';

/** What a further door would come to, and what it would do to the one that it shares with. */
export interface DoorTrial {
  readonly shares: Shares;
  /** At the new door; null where nothing of a supply of its own is known yet. */
  readonly here: Judgement | null;
  readonly beside: Judgement;
}

/** Houses drawn for a look ahead. */
const DRAWS = 400;
const TRIED = 'tried';

/** Every way in which a further door may share with one that stands, worked out as if it were there, nothing written. */
export function trialDoors(head: JobHead, entries: readonly Entry[], door: Doorbell): readonly DoorTrial[] {
  const before = fold(head, entries);
  return SHARES.map((shares): DoorTrial => {
    let ids = 0;
    const data = newPoint(before, {
      pointId: TRIED,
      pointKind: 'doorbell',
      name: TRIED,
      newId: () => `${TRIED} ${++ids}`,
      with: { door, shares },
    });
    const at = entries.at(-1)?.at ?? head.createdAt;
    const added = newEntry('pointAdded', data, { id: TRIED, at, by: { id: TRIED, name: TRIED } });
    const seq = (entries.at(-1)?.seq ?? 0) + 1;
    const job = fold(head, [...entries, { ...added, seq, receivedAt: at }]);
    const judged = (id: string): Judgement => {
      const point = job.points.find((one) => one.id === id);
      if (!point) throw new Error(`the job lost ${id}`);
      return assess(job, point, DRAWS).reference.judgement;
    };
    return { shares, here: shares === 'nothing' ? null : judged(TRIED), beside: judged(door.id) };
  });
}
