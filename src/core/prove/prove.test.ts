import { inWords } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from '@jest/globals';
import { checkById, doorbellChecks, floodlightChecks } from './checks';
import { judgeFigure } from './judgeFigure';

const check = (id: 'ring' | 'doorVolts' | 'lit' | 'sensorWalk') => {
  const found = checkById(id);
  if (!found) throw new Error(id);
  return found;
};

const door = { doorMinVolts: 13, doorMaxVolts: 36 };

describe('checks', () => {
  it('come in the order of the work', () => {
    expect(doorbellChecks(false).map(({ id }) => id)).toEqual([
      'lit',
      'firstCharge',
      'paired',
      'setting',
      'ring',
      'picture',
      'phoneAway',
      'faceParcel',
      'doorVolts',
      'night',
      'report',
    ]);
  });
  it('ask a new transformer for its open volts first, and whether it stays cool', () => {
    const asked = doorbellChecks(true).map(({ id }) => id);
    expect(asked[0]).toBe('newOpenVolts');
    expect(asked).toContain('warm');
    expect(asked).toHaveLength(doorbellChecks(false).length + 3);
  });
  it('ask for masks and zones only where something is to be seen, or kept out', () => {
    const [aimed, not] = [floodlightChecks(true), floodlightChecks(false)].map((checks) => checks.map(({ id }) => id));
    expect(aimed).toContain('masks');
    expect(aimed?.filter((id) => !not?.includes(id))).toEqual(['masks']);
  });
  it('hold how far a sensor fired against how far it was predicted to', () => {
    const band = { low: 6, high: 10 };
    for (const metres of [6, 8, 10]) expect(judgeFigure(check('sensorWalk'), metres, band, null).fits).toBe(true);
    expect(inWords(judgeFigure(check('sensorWalk'), 3, band, null), say)).toEqual({
      fits: false,
      why: 'It fired as far as 9.8 ft; 19.7 ft to 32.8 ft were predicted: is it level, is something in its way?',
    });
    expect(judgeFigure(check('sensorWalk'), 14, band, null).fits).toBe(false);
    expect(judgeFigure(check('sensorWalk'), 3, null, null).fits).toBe(true);
  });
  it('take a ring within two seconds', () => {
    expect(judgeFigure(check('ring'), 2, null, door)).toEqual({ fits: true });
    expect(inWords(judgeFigure(check('ring'), 2.1, null, door), say)).toEqual({
      fits: false,
      why: '2.1 s is longer than 2 s.',
    });
  });
  it('hold volts against their band, ends included', () => {
    const band = { low: 15.2, high: 17.4 };
    for (const volts of [15.2, 16, 17.4]) expect(judgeFigure(check('doorVolts'), volts, band, door).fits).toBe(true);
    expect(inWords(judgeFigure(check('doorVolts'), 14.9, band, door), say)).toMatchObject({
      fits: false,
      why: expect.stringContaining('under the predicted 15.2 to 17.4 V'),
    });
    expect(inWords(judgeFigure(check('doorVolts'), 18, band, door), say)).toMatchObject({
      why: expect.stringContaining('over'),
    });
  });
  it('fail volts that the device can’t live on, whatever was predicted', () => {
    expect(inWords(judgeFigure(check('doorVolts'), 12, { low: 11, high: 13 }, door), say)).toEqual({
      fits: false,
      why: '12.0 V: the device drops out under 13.0 V.',
    });
    expect(judgeFigure(check('doorVolts'), 37, null, door).fits).toBe(false);
    expect(judgeFigure(check('doorVolts'), 15, null, door).fits).toBe(true);
  });
});
