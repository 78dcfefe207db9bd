import { describe, expect, it } from 'vitest';
import { say } from '@/words/forTests';
import { NOBODY } from '../isolation';
import { TestLog } from '../job/forTests';
import { assess } from './doorbell/assessment';
import { meanwhile, powerUpOf } from './powerUp';

const site = () =>
  new TestLog()
    .write('siteDescribed', { region: 'na-120' })
    .write('pointAdded', { pointId: 'p', pointKind: 'floodlight', name: 'Yard', boxId: 'b' });
const off = () =>
  site()
    .write('circuitListed', { circuitId: 'c', way: 'B7', feeds: ['p'] })
    .write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true, guard: 'locked' });

describe('before and after a point is switched on', () => {
  it('names what is off, on whose word, and what comes off before', () => {
    const { job, point } = off();
    const { off: still, onSince } = powerUpOf(job, point);
    expect(still).toHaveLength(1);
    expect(still[0]).toMatchObject({ circuitId: 'c', tagged: true, guard: 'locked' });
    expect(say(still[0]?.way)).toBe('B7');
    expect(still[0]?.since?.byName).toBeTruthy();
    expect(onSince).toBeNull();
  });
  it('takes a circuit of which nobody said anything for one that is not on', () => {
    const { job, point } = site().write('circuitListed', { circuitId: 'c', way: 'B7', feeds: ['p'] });
    expect(powerUpOf(job, point)).toMatchObject({ off: [{ since: null, tagged: false }], onSince: null });
  });
  it('counts from the last switching on of all that feeds it', () => {
    const log = off().write('circuitSwitched', { circuitId: 'c', to: 'on' });
    expect(powerUpOf(log.job, log.point)).toMatchObject({ off: [], onSince: log.entries.at(-1)?.at });
    // Off again: nothing is counted any more
    log.write('circuitSwitched', { circuitId: 'c', to: 'off', tagged: true });
    expect(powerUpOf(log.job, log.point).onSince).toBeNull();
  });
  it('knows no moment where no circuit is named', () => {
    expect(powerUpOf(site().job, site().point).onSince).toBeNull();
  });
});

describe('what is done meanwhile', () => {
  const asked = (log: TestLog) => meanwhile(log.job, log.point, NOBODY, (point) => assess(log.job, point));
  it('is the move of another point, and none where there is no other', () => {
    expect(asked(site())).toBeNull();
    const log = site().write('pointAdded', { pointId: 'q', pointKind: 'plugFloodlight', name: 'Gate', boxId: 'd' });
    expect(asked(log)?.point.name).toBe('Gate');
  });
  it('is none at a point that was left', () => {
    const log = site()
      .write('pointAdded', { pointId: 'q', pointKind: 'plugFloodlight', name: 'Gate', boxId: 'd' })
      .write('pointLeft', { pointId: 'q', copyGiven: true });
    expect(asked(log)).toBeNull();
  });
});
