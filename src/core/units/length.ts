import { NUMBER, numberValue, tidy } from './number';
import type { Span } from './figure';
import { parsed, refused, type Parsed } from './parsed';

export const METRES_PER_FOOT = 0.3048;
export const METRES_PER_INCH = 0.0254;

/** How a site writes lengths. */
export type LengthSystem = 'metric' | 'imperial';

const UNITS: Readonly<Record<string, number>> = {
  m: 1,
  metre: 1,
  metres: 1,
  meter: 1,
  meters: 1,
  cm: 0.01,
  mm: 0.001,
  ft: METRES_PER_FOOT,
  foot: METRES_PER_FOOT,
  feet: METRES_PER_FOOT,
  "'": METRES_PER_FOOT,
  in: METRES_PER_INCH,
  inch: METRES_PER_INCH,
  inches: METRES_PER_INCH,
  '"': METRES_PER_INCH,
};

export type LengthUnit = 'm' | 'mm' | 'cm' | 'ft' | 'in';

const PART = new RegExp(`^(${NUMBER}) ?([a-z]+|'|")?[ ,]*`);

/**
 * Reads a length as an installer types it: `12 ft`, `3' 6 1/2"`, `1/4 in`, `350 mm`, `2,5`.
 * @param unit what a bare number means
 * @returns metres, or what was wrong with it
 */
export function parseLength(typed: string, unit: LengthUnit): Parsed<number> {
  let rest = tidy(typed);
  if (rest === '') return refused({ code: 'empty' });
  let metres = 0;
  let last = '';
  let first = true;
  while (rest !== '') {
    const match = PART.exec(rest);
    if (!match?.[1]) return refused({ code: 'notANumber', typed });
    // "3 ft 6": the bare rest of feet is inches
    const given = match[2] ?? (last.startsWith('f') || last === "'" ? 'in' : unit);
    const factor = UNITS[given];
    if (factor === undefined) return refused({ code: 'unknownUnit', typed: given, expected: 'm, mm, ft or in' });
    const value = numberValue(match[1]);
    if (Number.isNaN(value)) return refused({ code: 'notANumber', typed });
    if (value < 0 || (!first && match[1].startsWith('-'))) return refused({ code: 'negative' });
    metres += value * factor;
    last = given;
    first = false;
    rest = rest.slice(match[0].length);
  }
  return parsed(metres);
}

const RANGE = /^(?:between )?(.+?)\s*(?:\bto\b|\band\b|\.\.\.|…|(?<=[\d"a-z])\s*-)\s*(.+)$/;
const UNIT_AT_END = /([a-z]+|'|")\s*$/;

/**
 * Reads a length or a range of lengths: `9 m`, `8 to 10 m`, `25-30 ft`. A bare first figure takes the second's unit.
 * @returns metres, low and high alike for a single length
 */
export function parseLengthSpan(typed: string, unit: LengthUnit): Parsed<Span> {
  const [, first, second] = RANGE.exec(tidy(typed)) ?? [];
  if (first === undefined || second === undefined) {
    const single = parseLength(typed, unit);
    return single.ok ? parsed({ low: single.value, high: single.value }) : single;
  }
  const given = UNIT_AT_END.exec(first) ? '' : (UNIT_AT_END.exec(second)?.[1] ?? '');
  const [low, high] = [parseLength(`${first}${given}`, unit), parseLength(second, unit)];
  if (!low.ok) return low;
  if (!high.ok) return high;
  return low.value > high.value ? refused({ code: 'rangeTurned' }) : parsed({ low: low.value, high: high.value });
}

const SIXTEENTHS = 16;

/** Inches with the nearest sixteenth, reduced: 6.53 → `6 1/2`. */
function inchText(inches: number): string {
  const total = Math.round(inches * SIXTEENTHS);
  const whole = Math.floor(total / SIXTEENTHS);
  let top = total % SIXTEENTHS;
  let bottom = SIXTEENTHS;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  if (top === 0) return `${whole}`;
  return whole === 0 ? `${top}/${bottom}` : `${whole} ${top}/${bottom}`;
}

/**
 * A length in the words of the place: metres from 1 m up and millimetres below, or feet and inches.
 * @param kind `run` is a cable's length (feet with a decimal at most), `small` something held to a tape
 */
export function lengthText(metres: number, system: LengthSystem, kind: 'run' | 'small' = 'run'): string {
  if (system === 'metric') {
    if (kind === 'small' && metres < 1) return `${Math.round(metres * 1000)} mm`;
    return `${metres.toFixed(kind === 'small' ? 2 : 1)} m`;
  }
  if (kind === 'run') {
    const feet = metres / METRES_PER_FOOT;
    return `${Number.isInteger(Number(feet.toFixed(1))) ? feet.toFixed(0) : feet.toFixed(1)} ft`;
  }
  const inches = metres / METRES_PER_INCH;
  if (inches < 24) return `${inchText(inches)} in`;
  const sixteenths = Math.round(inches * SIXTEENTHS);
  const feet = Math.floor(sixteenths / (12 * SIXTEENTHS));
  const rest = sixteenths / SIXTEENTHS - feet * 12;
  return rest === 0 ? `${feet} ft` : `${feet} ft ${inchText(rest)} in`;
}
