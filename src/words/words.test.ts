import { describe, expect, it } from 'vitest';
import { said } from '@/core/said';
import { REGION_PACKS, regionPack } from '@/core/region';
import { english, inWords, moneyIn, sayIn } from '.';
import { factWord } from './facts';
import { factWords } from './en/facts';
import { region as regional } from './en/region';
import { faultsOf, foreignUnit } from './faults';
import { SAMPLE } from './sample';
import { textsOfScreens } from './screenTexts';
import { screens } from './en/screens';
import { screens as sampledScreens } from './sample/screens';
import { sentences as sampled } from './sample/sentences';
import { termsIn, type Place } from '.';

const US: Place = { region: regionPack('na-120'), lengths: 'imperial' };
const GB: Place = { region: regionPack('gb-230'), lengths: 'metric' };

describe('what is said', () => {
  it('is put into the terms and units of the place', () => {
    const lack = said('getsNo', { part: 'lamp', lacks: [said('carries', { carries: 'hot' })] });
    expect(sayIn(US)(lack)).toBe('The lamp gets no hot.');
    expect(sayIn(GB)(lack)).toBe('The lamp gets no line.');
    expect(sayIn(US)(said('tapeLength', { metres: 0.0889 }))).toBe('3 1/2 in');
    expect(sayIn(GB)(said('tapeLength', { metres: 0.0889 }))).toBe('89 mm');
    // Lengths follow the site, not the region
    expect(sayIn({ ...GB, lengths: 'imperial' })(said('tapeLength', { metres: 0.0889 }))).toBe('3 1/2 in');
  });
  it('counts by the rules of the language, one as one', () => {
    const holes = (count: number) => sayIn(US)(said('holesAngledDown', { holes: count }));
    expect([holes(1), holes(2)]).toEqual([
      '1 hole, angled down to the outside.',
      '2 holes, angled down to the outside.',
    ]);
  });
  it('claims neither all nor none of the cases where rounding would', () => {
    const { percent } = termsIn(US);
    expect([0.004, 0.5, 0.996, 1, 0].map(percent)).toEqual(['under 1 %', '50 %', 'over 99 %', '100 %', '0 %']);
  });
  it('stays as somebody wrote it, and is nothing where nothing was said', () => {
    expect(sayIn(GB)('the ground floor breaker')).toBe('the ground floor breaker');
    expect(sayIn(GB)(null)).toBe('');
  });
  it('is found however deep it lies in an answer', () => {
    const row = { move: { words: said('nothingTyped'), held: false }, worries: [said('belowZero'), 'as written'] };
    expect(inWords(row, sayIn(US))).toEqual({
      move: { words: 'Nothing typed yet.', held: false },
      worries: ['It can’t be below zero. Leave the minus sign out.', 'as written'],
    });
  });
  it('has no words for a code that this program does not know', () => {
    expect(() => sayIn(US)({ code: 'fromTomorrow' as never })).toThrow('no sentence says fromTomorrow');
    expect(() => factWord(factWords, 'pointDescribed', 'hieght', termsIn(US))).toThrow('no fact hieght');
  });
});

describe('a sentence with something marked in it', () => {
  it('is its words and what is put between them, in the order of reading', () => {
    const parts = screens.measure.takeItPullsA<string | number>({
      ohms: 22,
      amps: 1,
      watts: 16,
      ratings: 'more',
    });
    expect(parts).toEqual(['Take ', 22, ': it pulls ', 1, ' A and burns ', 16, '. A resistor of ', 'more', '.']);
  });
  it('is listed with its slots by their names', () => {
    const texts = textsOfScreens(screens);
    expect(texts).toContainEqual({ room: 'form', name: 'missing', text: 'Missing: {label}.' });
    expect(texts.filter(({ text }) => /undefined|\[object/.test(text))).toEqual([]);
  });
});

describe('money', () => {
  it('is written in the firm’s currency, and as a bare figure where none is said', () => {
    expect(moneyIn('')(30)).toBe('30');
    expect(moneyIn('GBP')(30)).toBe('£30');
    expect(moneyIn('USD')(4.5)).toBe('$4.50');
    expect(moneyIn('EUR', SAMPLE)(4.5)).toBe('4,50\u00a0€');
  });
});

describe('a second language', () => {
  const say = sayIn(GB, SAMPLE);
  it('has a decimal comma and its own plural, and English where it is not there yet', () => {
    expect(say(said('holdsSpare', { state: said('lowMains', { state: 'liveNight' }), marginVolts: 2.34 }))).toBe(
      'Hält in der kältesten Nacht, 2,3 V Reserve.',
    );
    expect(say(said('stepsDone', { steps: 1 }))).toBe('1 Schritt');
    expect(say(said('stepsDone', { steps: 3 }))).toBe('3 Schritte');
    expect(say(said('blankPlate'))).toBe('blank plate');
  });
  it('says the names on the screens in its own words, where it has them', () => {
    expect(sampledScreens.frame.board).toBe('Tafel');
    expect(sampledScreens.wire.wholeList).toBe('whole list');
  });
  it('is a sample: some thirty sentences, each of a code that English has', () => {
    const codes = Object.keys(sampled);
    expect(codes.length).toBeGreaterThanOrEqual(30);
    for (const code of codes) expect(Object.keys(english.sentences)).toContain(code);
  });
});

describe('the reading of a sentence', () => {
  it.each([
    ['a hole', 'The door keeps NaN V.'],
    ['an identifier', 'Ines also said: holeHeightM 1.25.'],
    ['one of several', '1 holes, angled down.'],
    ['a word twice', 'Read the the volts.'],
    ['a gap', 'Read the volts , then go on.'],
    ['over 25 words', `Read ${'one more and '.repeat(9)}go.`],
  ])('finds %s', (fault, text) => {
    expect(faultsOf(text, US.region)).toContain(fault);
  });
  it('finds the term and the unit of another place, and leaves the ground that one stands on', () => {
    expect(faultsOf('Earths together.', US.region)).toEqual(['a term of another place']);
    expect(faultsOf('Grounds together.', GB.region)).toEqual(['a term of another place']);
    expect(faultsOf('Measure its height over the ground.', GB.region)).toEqual([]);
    expect(foreignUnit('Strip 8 mm.', 'imperial')).toBe(true);
    expect(foreignUnit('Strip 5/16 in.', 'metric')).toBe(true);
    expect(foreignUnit('Strip 8 mm.', 'metric')).toBe(false);
  });
  it('finds nothing in the plain sentences of English, in any region', () => {
    // What only one region says stands in its pack
    const common = Object.entries(english.sentences).filter(([code]) => !(code in regional));
    const faults = REGION_PACKS.flatMap((region) =>
      common.flatMap(([, sentence]) =>
        typeof sentence === 'string' ? faultsOf(sentence, region).map((fault) => `${fault}: ${sentence}`) : [],
      ),
    );
    expect(faults).toEqual([]);
  });
});
