import { describe, expect, it } from 'vitest';
import { calendarFile } from '@/contract/calendarFile';
import { startedLog } from '@/core/job/forTests';
import { eventsIn } from './eventsIn';

const ASKED = new Date('2026-11-28T12:00:00Z');

describe('the calendar of a job, as another program reads it', () => {
  const log = startedLog()
    .write('visitPlanned', { expectedAt: '2026-11-30T09:30:00Z' })
    .write('handoverDescribed', { pointId: 'p', batteryOn: '2027-03-01' });
  const [visit, battery] = eventsIn(calendarFile(log.job, 7, ASKED));
  it('has a visit at its moment, and a whole day for what is no moment', () => {
    expect(visit?.startDate.toJSDate().toISOString()).toBe('2026-11-30T09:30:00.000Z');
    expect(visit?.duration.toSeconds()).toBe(2 * 3600);
    expect(battery?.startDate.isDate).toBe(true);
    expect(battery?.startDate.toString()).toBe('2027-03-01');
    expect(battery?.summary).toContain('look at the battery');
  });
  it('moves what stands in a calendar already: the same id, counted on', () => {
    log.write('handoverDescribed', { pointId: 'p', batteryOn: '2027-04-01' });
    const [, later] = eventsIn(calendarFile(log.job, 8, ASKED));
    expect(later?.uid).toBe(battery?.uid);
    expect(later?.uid).toContain(log.job.id);
    expect([battery?.sequence, later?.sequence]).toEqual([7, 8]);
    expect(later?.startDate.toString()).toBe('2027-04-01');
  });
  it('is a calendar without events where nothing comes due', () => {
    expect(eventsIn(calendarFile(startedLog().job, 1, ASKED))).toEqual([]);
  });
});
