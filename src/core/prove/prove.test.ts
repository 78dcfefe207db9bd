import { inWords } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import type { ChimeSetting } from '../chime';
import { RING_HOWS, checkById, doorbellChecks, floodlightChecks, type CheckId } from './checks';
import { judgeFigure } from './judgeFigure';
import { judgeReport, judgeRing, judgeSetting } from './judgeWords';
import { readNext } from './readNext';

const check = (id: 'ring' | 'doorVolts' | 'lit' | 'sensorWalk') => {
  const found = checkById(id);
  if (!found) throw new Error(id);
  return found;
};

const OLD = { newTransformer: false, chime: null } as const;
const NEW = { newTransformer: true, chime: null } as const;
const door = { doorMinVolts: 13, doorMaxVolts: 36 };

describe('checks', () => {
  it('come in the order of the work', () => {
    expect(doorbellChecks(OLD).map(({ id }) => id)).toEqual([
      'lit',
      'firstCharge',
      'paired',
      'setting',
      'ring',
      'picture',
      'phoneAway',
      'faceParcel',
      'standbyVolts',
      'doorVolts',
      'nightVolts',
      'night',
      'report',
    ]);
  });
  it('ask a new transformer for its open volts first, and whether it stays cool', () => {
    const asked = doorbellChecks(NEW).map(({ id }) => id);
    expect(asked[0]).toBe('newOpenVolts');
    expect(asked).toContain('warm');
    expect(asked).toHaveLength(doorbellChecks(OLD).length + 3);
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

describe('what a door is asked by its way', () => {
  const asked = (setting: ChimeSetting, sounds: boolean, id: CheckId) =>
    doorbellChecks({ newTransformer: false, chime: { setting, sounds } }).find((one) => one.id === id);
  it('tells what the device is to be set to, and says where nobody knows', () => {
    expect(asked('mechanicalWithModule', true, 'setting')?.answer).toEqual({
      kind: 'setting',
      wanted: 'mechanicalWithModule',
    });
    expect(doorbellChecks(OLD).find(({ id }) => id === 'setting')?.answer).toEqual({ kind: 'setting', wanted: null });
  });
  it('asks how the chime rings where it still does, and else for the sounder only', () => {
    expect(asked('mechanicalWithModule', true, 'ring')?.answer).toMatchObject({ hows: RING_HOWS });
    const silent = asked('none', false, 'ring');
    expect(silent?.answer).toMatchObject({ hows: ['clean', 'silent'] });
    expect(say(silent?.name)).toBe('Press: the plug-in sounder rings, or the phone');
  });
});

describe('an answer that is no figure', () => {
  it('fails on any ring that is not clean', () => {
    for (const how of RING_HOWS) expect(judgeRing(how).fits).toBe(how === 'clean');
    expect(inWords(judgeRing('muffled'), say)).toEqual({ fits: false, why: 'It rang muffled.' });
  });
  it('fails on a setting that is not as the wall is', () => {
    expect(judgeSetting('none', 'none').fits).toBe(true);
    expect(inWords(judgeSetting('mechanicalAlone', 'none'), say)).toEqual({
      fits: false,
      why: 'It is set to “mechanical chime, no module”; in the wall it is “no chime”.',
    });
  });
  it('fails on a report that is worse than was predicted, and on weak where nothing was', () => {
    expect(judgeReport('fair', 'good').fits).toBe(false);
    expect(judgeReport('good', 'fair').fits).toBe(true);
    expect(judgeReport('weak', 'weak').fits).toBe(true);
    expect([judgeReport('weak', null).fits, judgeReport('fair', null).fits]).toEqual([false, true]);
  });
});

describe('what is read next', () => {
  const next = (id: CheckId, answer: Parameters<typeof readNext>[1], all = doorbellChecks(NEW)) => {
    const found = [...all, ...floodlightChecks(true)].find((one) => one.id === id);
    return found ? say(readNext(found, answer)) : '';
  };
  it('goes from the place that was read towards the source where volts are short', () => {
    const short = { figure: 12, bandLow: 14, bandHigh: 16 };
    expect(next('doorVolts', { ...short, at: 'door' })).toContain('the transformer’s screws in the same state');
    expect(next('doorVolts', { ...short, at: 'transformer' })).toContain('then its open volts');
  });
  it('looks to mains and tap where they are too many, wherever they were read', () => {
    for (const at of ['door', 'transformer'] as const)
      expect(next('standbyVolts', { figure: 20, bandLow: 14, bandHigh: 16, at })).toContain('under which screws');
  });
  it('follows how it rang; a sounder in an outlet has no plunger', () => {
    expect(next('ring', { rang: 'muffled' })).toContain('plunger');
    expect(next('ring', { rang: 'hums' })).toContain('from Trans to Front in standby');
    const radio = doorbellChecks({ newTransformer: false, chime: { setting: 'none', sounds: false } });
    expect(next('ring', { rang: 'silent' }, radio)).toContain('with the sounder beside the device');
  });
  it('has a sentence for every check of every kind of point', () => {
    for (const one of [...doorbellChecks(NEW), ...floodlightChecks(true)])
      expect(say(readNext(one, {})).length).toBeGreaterThan(12);
  });
});
