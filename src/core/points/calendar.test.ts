import { sayIn } from '@/words';
import { describe, expect, it } from 'vitest';
import { startedLog } from '../job/forTests';
import { placeOf } from '../job/region';
import { erasedData, partedData } from '../kinds/personal';
import { ENTRY_KINDS } from '../kinds/register';
import { dueOf } from './calendar';
import { customerSheet } from './customerSheet';

const pointId = 'p';
const taken = (kind: 'handoverDescribed' | 'pointLeft', data: object): boolean =>
  ENTRY_KINDS[kind].isValidSync({ pointId, ...data }, { strict: true });

describe('what comes due', () => {
  it('is the visit, a wait until it is answered, and the days that were agreed', () => {
    const log = startedLog();
    expect(dueOf(log.job)).toEqual([]);
    log
      .write('visitPlanned', { expectedAt: '2026-11-30T09:00:00Z' })
      .write('handoverDescribed', { pointId, batteryOn: '2027-03-01', trialEndsOn: '2026-12-28' });
    const due = dueOf(log.job);
    expect(due.map(({ id }) => id)).toEqual(['visit', 'trialEndsOn-p', 'batteryOn-p']);
    expect(due[1]?.when).toEqual({ on: '2026-12-28' });
    log.write('waitStarted', { pointId, check: 'firstCharge', minutes: 15 });
    const wait = dueOf(log.job).find(({ id }) => id === 'wait-p-firstCharge');
    const begun = Date.parse(log.point.waits.firstCharge?.at ?? '');
    expect(wait?.when).toEqual({ at: new Date(begun + 15 * 60_000).toISOString(), minutes: 5 });
    log.write('checkDone', { pointId, check: 'firstCharge', result: 'passed' });
    expect(dueOf(log.job).some(({ id }) => id.startsWith('wait'))).toBe(false);
  });
  it('is told the customer in words, each only where it was said', () => {
    const log = startedLog();
    const yours = () =>
      customerSheet(log.job)
        .yours.map(sayIn(placeOf(log.job)))
        .join(' ');
    expect(yours()).not.toMatch(/sign tells|neighbours|trial/i);
    log.write('handoverDescribed', { pointId, trialEndsOn: '2026-12-28', noticeSign: 'no', neighboursTold: 'yes' });
    expect(yours()).toContain('ends on 28 December 2026: after that it costs, or stops.');
    expect(yours()).toContain('hang one where people come in.');
    expect(yours()).toMatch(/neighbou?rs were told of the camera/);
    log.write('handoverDescribed', { pointId, trialEndsOn: null });
    expect(yours()).not.toContain('December');
  });
});

describe('what is taken at the handing over', () => {
  it.each([
    { signed: 'signed', signature: 'M1 2L30 4', customer: 'R. Carne' },
    { signed: 'absent', unsignedWhy: 'R. Carne was at work' },
  ])('tells of nobody once the customer is erased, and can still be taken in elsewhere: $signed', (data) => {
    const { record, personal } = partedData({ kind: 'pointLeft', data: { pointId, ...data } });
    expect(Object.keys(personal ?? {})).not.toContain('signed');
    expect(JSON.stringify(record)).not.toMatch(/Carne|M1 2/);
    expect(taken('pointLeft', erasedData('pointLeft', record))).toBe(true);
  });
  it.each([
    ['a day that there is', { batteryOn: '2028-02-29' }, true],
    ['no day of that month', { batteryOn: '2027-02-29' }, false],
    ['a moment', { batteryOn: '2027-02-28T10:00:00Z' }, false],
    ['words', { batteryOn: 'next spring' }, false],
  ])('%s', (_, data, fine) => {
    expect(taken('handoverDescribed', data)).toBe(fine);
  });
  it.each([
    ['a signature', { signed: 'signed', signature: 'M1 2L30 4M50 60L7 8' }, true],
    ['signed without one', { signed: 'signed' }, false],
    ['a signature that draws more than lines', { signed: 'signed', signature: 'M1 2C3 4 5 6 7 8' }, false],
    ['a signature off its field', { signed: 'signed', signature: 'M1 2L3000 4' }, false],
    ['nobody there, and why', { signed: 'absent', unsignedWhy: 'at work' }, true],
    ['nobody there, for no reason', { signed: 'absent', unsignedWhy: ' ' }, false],
    ['refused, for no reason', { signed: 'refused' }, false],
    ['nothing said of it', {}, true],
  ])('%s', (_, data, fine) => {
    expect(taken('pointLeft', data)).toBe(fine);
  });
});
