import { sayIn } from '@/words';
import { placeOf } from '../job/region';
import { describe, expect, it } from 'vitest';
import { INES, TOMAS, startedLog, type TestLog } from '../job/forTests';
import { alsoSaidWorries, otherAnswer } from './alsoSaid';

const pointId = 'p';
const words = (log: TestLog): readonly string[] =>
  alsoSaidWorries(log.job, log.point).map((worry) => sayIn(placeOf(log.job))(worry.words));

describe('what somebody else said', () => {
  it('reads in the words and units of the site', () => {
    const log = startedLog()
      .write('siteDescribed', { lengths: 'imperial', boardArea: 'hall' })
      .write('pointDescribed', { pointId, leadReachM: 0.0889, shouldSee: ['faces', 'gate'] })
      .write('transformerDescribed', { supplyId: pointId, foundAt: 'boilerRoom', ratedVolts: 16 })
      .write('siteDescribed', { boardArea: 'garage' }, TOMAS)
      .write('pointDescribed', { pointId, leadReachM: 0.12, shouldSee: ['faces'] }, TOMAS)
      .write('transformerDescribed', { supplyId: pointId, foundAt: 'garage', ratedVolts: 24 }, TOMAS);
    expect(words(log)).toEqual([
      'Ines also said: breaker panel is in the hall.',
      'Ines also said: lead reaches out of the hole 3 1/2 in.',
      'Ines also said: should be seen faces, gate.',
      'Ines also said: transformer found furnace or boiler room.',
      'Ines also said: nameplate volts 16 V.',
    ]);
    log.write('siteDescribed', { region: 'gb-230', lengths: 'metric' });
    expect(words(log).slice(0, 2)).toEqual([
      'Ines also said: consumer unit is in the hall.',
      'Ines also said: lead reaches out of the hole 89 mm.',
    ]);
  });
  it('stands beside the field that it was said of, and beside no other', () => {
    const log = startedLog()
      .write('runDescribed', { pointId, run: 'toDoor', awg: 18 })
      .write('runDescribed', { pointId, run: 'toDoor', awg: 20 }, TOMAS);
    const beside = (scope: object, field: string) => {
      const other = otherAnswer(log.job, 'runDescribed', { ...scope }, field);
      return other && sayIn(placeOf(log.job))(other);
    };
    expect(beside({ pointId, run: 'toDoor' }, 'awg')).toBe('Ines said 18 AWG.');
    expect(beside({ pointId, run: 'toChime' }, 'awg')).toBeNull();
    expect(beside({ pointId, run: 'toDoor' }, 'mm2')).toBeNull();
    log.write('runDescribed', { pointId, run: 'toDoor', awg: 20 }, INES);
    expect(beside({ pointId, run: 'toDoor' }, 'awg')).toBeNull();
  });
  it('says a school of the policy in its words', () => {
    const log = startedLog()
      .write('policyTaken', { bellSide: 'off', why: 'no boots in mid-work' })
      .write('policyTaken', { bellSide: 'live', why: 'customer cannot do without' }, TOMAS);
    expect(words(log)).toEqual(['Ines also said: bell side while working: off.']);
  });
  it('is silent where they agree, and where one only corrects himself', () => {
    const log = startedLog()
      .write('pointDescribed', { pointId, wall: 'brick' })
      .write('pointDescribed', { pointId, wall: 'timber' }, INES)
      .write('pointDescribed', { pointId, wall: 'timber' }, TOMAS);
    expect(words(log)).toEqual([]);
  });
});
