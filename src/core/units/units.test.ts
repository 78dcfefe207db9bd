import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { parseFigure, parseSpan, parseVoltAmps, VOLTS } from './figure';
import { parseGauge } from './gauge';
import { lengthText, parseLength, parseLengthSpan } from './length';
import { figureProblemText } from './wording';

const volts = { ...VOLTS, least: 0, most: 60 };
const metres = (typed: string, unit: 'm' | 'ft' | 'in' = 'm') => {
  const result = parseLength(typed, unit);
  if (!result.ok) throw new Error(result.problem.code);
  return result.value;
};

describe('lengths as they are typed', () => {
  it.each([
    ['12 ft', 3.6576],
    [`3' 6 1/2"`, 1.0795],
    ['1/4 in', 0.00635],
    ['350 mm', 0.35],
    ['2,5', 2.5],
    ['4½ in', 0.1143],
    ['3 ft 6', 1.0668],
    ['1.2m', 1.2],
    [`5’ 2”`, 1.5748],
  ])('%s', (typed, expected) => {
    expect(metres(typed)).toBeCloseTo(expected, 6);
  });
  it('reads a bare number in the unit of the place', () => {
    expect(metres('10', 'ft')).toBeCloseTo(3.048, 6);
    expect(metres('48', 'in')).toBeCloseTo(1.2192, 6);
  });
  it.each([
    ['-3 m', 'negative'],
    ['abc', 'notANumber'],
    ['12 miles', 'unknownUnit'],
    ['1/0 in', 'notANumber'],
    ['', 'empty'],
  ])('refuses %s', (typed, code) => {
    expect(parseLength(typed, 'm')).toMatchObject({ ok: false, problem: { code } });
  });
  it.each([
    ['8 to 10 m', 8, 10],
    ['25-30 ft', 7.62, 9.144],
    ['between 2 and 3', 2, 3],
    ['9', 9, 9],
    [`8 ft to 10' 6"`, 2.4384, 3.2004],
  ])('reads the range %s', (typed, low, high) => {
    const result = parseLengthSpan(typed, 'm');
    expect(result.ok && [result.value.low, result.value.high].map((metre) => Number(metre.toFixed(6)))).toEqual([
      low,
      high,
    ]);
  });
  it('refuses a range that runs backwards, and half a range', () => {
    expect(parseLengthSpan('10 to 8 m', 'm')).toMatchObject({ problem: { code: 'rangeTurned' } });
    expect(parseLengthSpan('10 to', 'm').ok).toBe(false);
  });
  it('writes them back in the words of the place', () => {
    expect(lengthText(1.0795, 'imperial', 'small')).toBe('3 ft 6 1/2 in');
    expect(lengthText(0.0127, 'imperial', 'small')).toBe('1/2 in');
    expect(lengthText(9.144, 'imperial')).toBe('30 ft');
    expect(lengthText(0.092, 'metric', 'small')).toBe('92 mm');
    expect(lengthText(1.2, 'metric', 'small')).toBe('1.20 m');
  });
});

describe('figures and ranges', () => {
  it('takes a figure, with or without its unit', () => {
    expect(parseFigure('18.3', volts)).toEqual({ ok: true, value: 18.3 });
    expect(parseFigure('18,3 V', volts)).toEqual({ ok: true, value: 18.3 });
  });
  it.each(['16 to 18', '16-18 V', '16 V to 18 V', '16…18', 'between 16 and 18', '16 – 18'])(
    'takes the range %s',
    (typed) => {
      expect(parseSpan(typed, volts)).toEqual({ ok: true, value: { low: 16, high: 18 } });
    },
  );
  it('names what is wrong', () => {
    expect(parseSpan('18 to 16', volts)).toMatchObject({ problem: { code: 'rangeTurned' } });
    expect(parseSpan('-4', volts)).toMatchObject({ problem: { code: 'negative' } });
    expect(parseSpan('400', volts)).toMatchObject({ problem: { code: 'tooLarge', most: 60 } });
    expect(parseSpan('12 ohms', volts)).toMatchObject({ problem: { code: 'unknownUnit' } });
    expect(parseSpan('1e5', volts)).toMatchObject({ ok: false });
    expect(parseSpan('0', volts)).toMatchObject({ problem: { code: 'zero' } });
  });
});

describe('VA given as amps', () => {
  it('is caught, with the product where volts are known', () => {
    const result = parseVoltAmps('1.25 A', 16);
    if (result.ok) throw new Error('taken as VA');
    expect(result.problem).toEqual({ code: 'ampsForVa', amps: 1.25, va: 20 });
    expect(say(figureProblemText(result.problem))).toContain('20 VA');
  });
  it('takes “30 amps” for the VA that was meant, and asks', () => {
    const result = parseVoltAmps('30 amps', 16);
    if (result.ok) throw new Error('taken as VA');
    expect(say(figureProblemText(result.problem))).toContain('type “30 VA”');
  });
  it('takes VA', () => {
    expect(parseVoltAmps('10VA', null)).toEqual({ ok: true, value: 10 });
    expect(parseVoltAmps('500', null)).toMatchObject({ problem: { code: 'tooLarge' } });
  });
});

describe('gauges', () => {
  it('reads both systems', () => {
    expect(parseGauge('#22', 'awg')).toEqual({ ok: true, value: { awg: 22 } });
    expect(parseGauge('20 AWG', 'mm2')).toEqual({ ok: true, value: { awg: 20 } });
    expect(parseGauge('0.75 mm2', 'awg')).toEqual({ ok: true, value: { mm2: 0.75 } });
    expect(parseGauge('0,75', 'mm2')).toEqual({ ok: true, value: { mm2: 0.75 } });
  });
  it('refuses one that does not exist', () => {
    expect(parseGauge('57 AWG', 'awg')).toMatchObject({ problem: { code: 'noSuchGauge' } });
    expect(parseGauge('20.5', 'awg')).toMatchObject({ problem: { code: 'noSuchGauge' } });
    expect(parseGauge('400', 'mm2')).toMatchObject({ problem: { code: 'noSuchGauge' } });
  });
});
