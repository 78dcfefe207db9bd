import ical, { ICalCalendarMethod } from 'ical-generator';
import type { Job } from '@/core/job';
import { placeOf } from '@/core/job';
import { dueOf } from '@/core/points';
import { sayIn } from '@/words';

/** Ids of a program that has no address of its own. */
const DOMAIN = 'fox-ladder.invalid';

/**
 * What comes due at a job as iCalendar. Each thing has an id of its own, and counts up with the log: taken in anew it moves
 * what stands in a calendar already.
 * @param stampedAt when it was asked for
 */
export function calendarFile(job: Job, entries: number, stampedAt: Date): string {
  const say = sayIn(placeOf(job));
  const calendar = ical({ prodId: { company: 'Fox Ladder', product: 'Fox Ladder' }, name: job.title });
  calendar.method(ICalCalendarMethod.PUBLISH);
  for (const { id, words, when } of dueOf(job)) {
    const start = new Date('at' in when ? when.at : `${when.on}T00:00:00Z`);
    calendar.createEvent({
      id: `${job.id}-${id}@${DOMAIN}`,
      sequence: entries,
      stamp: stampedAt,
      summary: `${job.title}: ${say(words)}`,
      location: job.site.address ?? null,
      ...('at' in when
        ? { start, end: new Date(start.getTime() + when.minutes * 60_000) }
        : { start, allDay: true, timezone: 'UTC' }),
    });
  }
  return calendar.toString();
}
