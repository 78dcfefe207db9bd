import { describe, expect, it } from 'vitest';
import { assess } from '../points/doorbell/assessment';
import { TestLog, asDoor } from './forTests';
import { trialDoors } from './trialDoor';

const head = { id: 'j', title: 'Tern Cottage', createdAt: '2026-03-04T08:00:00Z' };
const front = (va: number): TestLog =>
  new TestLog()
    .write('siteDescribed', { region: 'na-120' })
    .write('pointAdded', { pointId: 'f', pointKind: 'doorbell', name: 'Front', supplyId: 's', chimeId: 'c' })
    .write('pointDescribed', { pointId: 'f', wasThere: 'button', deviceId: 'constant-power' })
    .write('chimeDescribed', { chimeId: 'c', chimeKind: 'mechanical' })
    .write('transformerDescribed', { supplyId: 's', ratedVolts: 16, ratedVa: va })
    .write('readingTaken', { pointId: 'f', what: 'volts', at: 'transformer', state: 'open', low: 19, high: 19 });
const trials = (log: TestLog) =>
  Object.fromEntries(trialDoors(head, log.entries, asDoor(log.point)).map((one) => [one.shares, one]));

describe('a further door, tried and not written', () => {
  it('leaves the first one as it is on a supply of its own, and takes from it where they share', () => {
    const log = front(30);
    const alone = assess(log.job, log.point, 400).reference.judgement;
    const { chime, supply, nothing } = trials(log);
    expect(nothing?.beside.governingVolts).toBeCloseTo(alone.governingVolts, 6);
    expect(nothing?.here).toBeNull();
    expect(chime?.beside.governingVolts ?? NaN).toBeLessThan(alone.governingVolts);
    expect(supply?.beside.governingVolts ?? NaN).toBeLessThan(alone.governingVolts);
    expect(chime?.here?.governingVolts).toBeGreaterThan(0);
  });
  it('shows where a small transformer can’t carry two', () => {
    const { chime } = trials(front(10));
    expect(chime?.here?.belief ?? 1).toBeLessThan(0.5);
  });
  it('writes nothing', () => {
    const log = front(30);
    const before = JSON.stringify(log.entries);
    trials(log);
    expect(JSON.stringify(log.entries)).toBe(before);
    expect(log.job.points).toHaveLength(1);
  });
});
