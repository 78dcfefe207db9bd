import { inWords } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { deviceById, type DeviceProfile } from '../catalogue';
import { northAmerica120 } from '../region/northAmerica120';
import { AS_FOUND_PAIRS, type Change } from './conditions';
import { judge, wordOf, type Judgement } from './judge';
import { likelyHouses } from './posterior';
import { UNKNOWN_RUN, type BellSurvey, type OtherDoor, type Reading } from './survey';
import { caseOf } from './surveyedCase';

const device = (id: string): DeviceProfile => {
  const found = deviceById(id);
  if (!found) throw new Error(`no device ${id}`);
  return found;
};
const at = (value: number) => ({ low: value, high: value });
const short = { ...UNKNOWN_RUN, lengthM: at(3), gauge: { awg: 18 } };
const volts = (id: string, value: number, ohms?: number): Reading =>
  ohms === undefined
    ? { id, what: 'volts', at: 'transformer', state: 'open', value: at(value) }
    : { id, what: 'volts', at: 'transformer', state: 'resistor', ohms, value: at(value) };
const MAINS: Reading = { id: 'm', what: 'mainsVolts', value: at(120) };
/** A transformer as its plate says, measured stiff: 1 Ω behind its open volts. */
const stiff = (plateVolts: number, va: number, open: number): BellSurvey => ({
  region: northAmerica120,
  nameplate: { volts: plateVolts, va },
  runs: { toChime: short, toDoor: short },
  chime: { kind: 'mechanical', rating: null, ratedVolts: null },
  present: { path: 'series' },
  device: device('tall-view'),
  readings: [volts('o', open), volts('l', (open * 22) / 23, 22), MAINS],
});
const LINK: Change = { transformer: null, treatment: { path: 'link', linkOhms: 0.02 }, pairFactor: AS_FOUND_PAIRS };
const judged = (survey: BellSurvey, change: Change = LINK): Judgement =>
  judge(survey, likelyHouses(caseOf(survey), 600), change);

describe('the word for a belief', () => {
  it.each([
    // belief, too high, full, over its rating
    [1, false, true, false, 'holds'],
    [0.99, false, true, false, 'holds'],
    [0.9899, false, true, false, 'tight'],
    [1, false, false, false, 'tight'],
    [1, false, true, true, 'tight'],
    [0.95, false, true, false, 'tight'],
    [0.9499, false, true, false, 'cannotTell'],
    [0.0501, false, false, false, 'cannotTell'],
    [0.05, false, true, false, 'fails'],
    [0, false, false, true, 'fails'],
    [1, true, true, false, 'tooHigh'],
    [0, true, false, false, 'tooHigh'],
  ] as const)('%d, too high %s, full %s, over its rating %s: %s', (belief, tooHigh, full, over, word) => {
    expect(wordOf(belief, tooHigh, full, over)).toBe(word);
  });
});

/** What any bell transformer feeds. */
const LITTLE = { standby: 0.2, liveDay: 0.3, liveNight: 0.4, boot: 0.3 };

describe('what a judgement weighs', () => {
  it('holds on a stiff transformer within its rating, and is only tight above it', () => {
    // At 108 of 120 V 16.2 V stand behind some 1.2 Ω: 15.6 V at the door, where 6.4 W / 0.75 draw 0.55 A
    const within = judged(stiff(16, 20, 18));
    expect(inWords(within, say)).toMatchObject({ verdict: 'holds', overRating: false });
    const above = judged(stiff(16, 8, 18));
    expect(inWords(above, say)).toMatchObject({ verdict: 'tight', overRating: true });
    expect(above.belief).toBeGreaterThanOrEqual(0.99);
    expect(say(above.reason)).toContain('above its rated current');
    // 0.55 A of 0.5 A
    expect(Math.max(...above.states.map(({ utilisation }) => utilisation ?? 0))).toBeCloseTo(1.09, 1);
  });
  it('fails where the device’s capacitor runs dry though the volts at its door look fine', () => {
    const survey = stiff(16, 20, 18);
    const small = { ...survey, device: { ...survey.device, capacitanceF: 0.00008 } };
    const { verdict, governingVolts, dry, reason } = judged(small);
    expect(governingVolts).toBeGreaterThan(survey.device.doorMinVolts);
    expect(dry.share).toBeGreaterThan(0.95);
    expect(verdict).toBe('fails');
    expect(say(reason)).toMatch(/capacitor (comes down to|runs empty)/);
  });
  it('says too high before all else', () => {
    const { verdict, highest, reason } = judged(stiff(24, 40, 38));
    expect(highest.likely).toBeGreaterThan(36);
    expect(verdict).toBe('tooHigh');
    expect(say(reason)).toContain('takes 36.0 V at most');
  });
  it('can’t tell where nothing is known of the source, whatever is guessed, but of a new one it can', () => {
    const modest = { ...device('compact-silent'), doorMinVolts: 3, doorFullVolts: 4, lockOutVolts: 2, watts: LITTLE };
    const blind = { ...stiff(16, 20, 18), nameplate: { volts: null, va: null }, readings: [], device: modest };
    // By the guesses alone it would be trusted
    expect(judged(blind).belief).toBeGreaterThanOrEqual(0.95);
    expect(judged(blind).verdict).toBe('cannotTell');
    expect(judged(blind, { ...LINK, transformer: { id: 'new', ratedVolts: 24, ratedVa: 40 } }).verdict).not.toBe(
      'cannotTell',
    );
  });
  it('gives an electronic chime in series no word but “not computed”', () => {
    const survey: BellSurvey = { ...stiff(24, 40, 27), chime: { kind: 'electronic', rating: null, ratedVolts: null } };
    expect(judged(survey, { ...LINK, treatment: { path: 'series' } }).verdict).toBe('notComputed');
    expect(judged(survey).verdict).toBe('holds');
  });
  it('is governed by the hungriest state', () => {
    const { governing, governingVolts, states } = judged(stiff(16, 20, 18));
    expect(governing).toBe('liveNight');
    expect(governingVolts).toBe(Math.min(...states.map(({ low }) => low.likely)));
  });
  it('counts every other door in, and names the one that drops out', () => {
    const survey = stiff(16, 20, 18);
    const other: OtherDoor = {
      id: 'b',
      name: 'Back door',
      joins: 'supply',
      chimeId: 'c',
      path: 'asHere',
      device: { ...survey.device, doorMinVolts: 17.5 },
      runM: 3,
      chimeRunM: 3,
    };
    const both = judged({ ...survey, shared: { secondChime: false, others: [other] } });
    expect(both.governingVolts).toBeGreaterThan(survey.device.doorMinVolts);
    expect(both.verdict).toBe('fails');
    expect(say(both.reason)).toMatch(/^This door keeps .* but Back door on the same transformer falls to/);
  });
});
