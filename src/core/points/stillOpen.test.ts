import { describe, expect, it } from 'vitest';
import { say } from '@/words/forTests';
import { TestLog } from '../job/forTests';
import { assess } from './doorbell/assessment';
import { stillOpen } from './stillOpen';

const site = () =>
  new TestLog()
    .write('siteDescribed', { region: 'na-120' })
    .write('pointAdded', { pointId: 'p', pointKind: 'plugFloodlight', name: 'Yard', boxId: 'b' });
const open = ({ job, point }: TestLog) => stillOpen(job, point, assess(job, point));

describe('what is open when a point is handed over', () => {
  it('names whose it is: what the customer brings is theirs, what failed is ours', () => {
    const log = site().write('checkDone', { pointId: 'p', check: 'lamps', result: 'failed', reason: 'dark' });
    const whose = Object.fromEntries(open(log).map((one) => [one.id, one.whose]));
    expect(whose['failed-lamps']).toBe('crew');
    expect(whose['customer']).toBe('customer');
  });
  it('is the customer’s where they send the picture, and ours where we come back', () => {
    const put = (by: 'crew' | 'customer') =>
      open(site().write('checkPutOff', { pointId: 'p', check: 'night', on: '2026-12-03', by })).find(({ id }) =>
        id.startsWith('putOff'),
      );
    expect(put('crew')?.whose).toBe('crew');
    expect(put('customer')?.whose).toBe('customer');
    expect(say(put('customer')?.words)).toContain('picture');
  });
});
