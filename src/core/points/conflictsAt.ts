import type { Answer, Conflict, Job } from '../job/job';
import { factSaid } from '../kinds/factText';
import type { Person, Stated } from '../kinds/register';
import { said, type Text } from '../said';
import type { Point } from './point';

/** One of two answers, as it is put into words; of an entry that says one thing as a whole there is none but its kind. */
export interface AnswerTold {
  readonly value: Text | null;
  readonly by: Person;
  readonly at: string;
  /** What settles it: said again by somebody who has seen both. */
  readonly again: Stated;
}

/** What two say differently, as it is told at a point. */
export interface ConflictTold {
  readonly fact: string;
  readonly kind: Answer['kind'];
  /** What the fact is called; null: its kind says it. */
  readonly name: Text | null;
  /** The one that stands is the second. */
  readonly answers: readonly [AnswerTold, AnswerTold];
}

/** Fields that name what an entry is about. */
const SCOPES = [
  'pointId',
  'supplyId',
  'chimeId',
  'boxId',
  'cableId',
  'targetId',
  'obstacleId',
  'shapeId',
  'run',
] as const;

/** The same said once more. */
function again({ kind, data, value }: Answer, field: string | null): Stated {
  const scope = Object.fromEntries(SCOPES.flatMap((key) => (data[key] === undefined ? [] : [[key, data[key]]])));
  // Fields of an entry of this very kind that stands in the log
  return { kind, data: field === null ? data : { ...scope, [field]: value } } as Stated;
}

const told = (answer: Answer, field: string | null): AnswerTold => ({
  value:
    field === null
      ? null
      : answer.value === null
        ? said('notAnyMore')
        : (factSaid(answer.kind, field, answer.value)?.value ?? JSON.stringify(answer.value)),
  by: answer.by,
  at: answer.at,
  again: again(answer, field),
});

const toldOf = ({ fact, field, answers: [before, stands] }: Conflict): ConflictTold => ({
  fact,
  kind: stands.kind,
  name: field === null ? null : (factSaid(stands.kind, field, stands.value)?.name ?? null),
  answers: [told(before, field), told(stands, field)],
});

/** What two people say differently, not having seen each other’s, of a point, of what it hangs on, or of the site. */
export const conflictsAt = ({ conflicts }: Job, point: Point): readonly ConflictTold[] =>
  conflicts.filter(({ of }) => of === null || of === point.id || Object.values(point.hangs).includes(of)).map(toldOf);
