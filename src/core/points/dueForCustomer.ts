import { DUE_DAYS } from '../kinds/handover';
import { said, type Text } from '../said';
import type { Point } from './point';

/** What comes due at a point, and what was told with it: no entry, no sentence. */
export function dueForCustomer({ name, handover }: Point): readonly Text[] {
  const { noticeSign, neighboursTold } = handover;
  return [
    ...DUE_DAYS.flatMap((what) => {
      const day = handover[what];
      return day === undefined ? [] : [said('comesDue', { point: name, what, day })];
    }),
    ...(noticeSign === undefined ? [] : [said('noticeHangs', { point: name, hangs: noticeSign === 'yes' })]),
    ...(neighboursTold === undefined ? [] : [said('neighboursKnow', { point: name, know: neighboursTold === 'yes' })]),
  ];
}
