import { NOBODY } from '../isolation';
import type { Job } from '../job/job';
import type { Text } from '../said';
import type { Assessment } from './doorbell/assessment';
import type { Point } from './point';
import { stepStandings } from './stepStandings';
import { worriesOf } from './worries';

/** Whose what is not done is. */
export const WHOSE = ['crew', 'customer', 'licensed'] as const;
export type Whose = (typeof WHOSE)[number];

/** What stays open when a point is handed over, and whose it is: worries, and steps that wait for a licence. */
export const stillOpen = (
  job: Job,
  point: Point,
  assessment: Assessment,
): readonly { readonly id: string; readonly whose: Whose; readonly words: Text }[] => [
  ...worriesOf(job, point, assessment).map(({ id, words, whose }) => ({
    id,
    words,
    whose: whose ?? ('crew' as const),
  })),
  ...stepStandings(job, point, NOBODY).flatMap(({ step, licensed, ticked }) =>
    licensed && !ticked ? [{ id: `licensed-${step.id}`, whose: 'licensed' as const, words: step.words }] : [],
  ),
];
