import { NUMBER, numberValue, tidy } from './number';
import { parsed, refused, type Parsed } from './parsed';

/** A reading: one figure, or a low and a high where it wandered. */
export interface Span {
  readonly low: number;
  readonly high: number;
}

/** What a field takes: its unit, the ways people write it, and the limits of what is possible there. */
export interface FigureRule {
  readonly unit: string;
  /** Lower case, without spaces. */
  readonly unitWords: readonly string[];
  readonly least: number;
  readonly most: number;
  readonly zeroAllowed?: boolean;
}

const FIGURE = new RegExp(`^(${NUMBER}) ?([^\\d\\s].*)?$`);

/** Reads one figure with or without its unit. */
export function parseFigure(typed: string, rule: FigureRule): Parsed<number> {
  const text = tidy(typed);
  if (text === '') return refused({ code: 'empty' });
  const match = FIGURE.exec(text);
  if (!match?.[1]) return refused({ code: 'notANumber', typed });
  const unit = match[2]?.replace(/\s/g, '');
  if (unit !== undefined && !rule.unitWords.includes(unit))
    return refused({ code: 'unknownUnit', typed: match[2] ?? '', expected: rule.unit });
  return withinRule(numberValue(match[1]), typed, rule);
}

function withinRule(value: number, typed: string, rule: FigureRule): Parsed<number> {
  if (Number.isNaN(value)) return refused({ code: 'notANumber', typed });
  if (value < 0 && rule.least >= 0) return refused({ code: 'negative' });
  if (value === 0 && !rule.zeroAllowed && rule.least >= 0) return refused({ code: 'zero' });
  if (value < rule.least) return refused({ code: 'tooSmall', least: rule.least, unit: rule.unit });
  if (value > rule.most) return refused({ code: 'tooLarge', most: rule.most, unit: rule.unit });
  return parsed(value);
}

const BETWEEN = /\s*(?:\bto\b|\.\.\.|…|-|\band\b|\bor\b)\s*/;

/**
 * Reads a figure or a range: `16.2`, `16 to 18 V`, `16-18`, `16…18`. The unit may stand on either side.
 * @returns low and high, equal for a single figure
 */
export function parseSpan(typed: string, rule: FigureRule): Parsed<Span> {
  const text = tidy(typed);
  const parts = text
    .replace(/^between /, '')
    .split(BETWEEN)
    .filter((part) => part !== '');
  if (parts.length !== 2 || text.startsWith('-')) {
    const single = parseFigure(typed, rule);
    return single.ok ? parsed({ low: single.value, high: single.value }) : single;
  }
  const [low, high] = [parseFigure(parts[0] ?? '', rule), parseFigure(parts[1] ?? '', rule)];
  if (!low.ok) return low;
  if (!high.ok) return high;
  if (low.value > high.value) return refused({ code: 'rangeTurned' });
  return parsed({ low: low.value, high: high.value });
}

export const VOLTS = { unit: 'V', unitWords: ['v', 'volt', 'volts', 'vac', 'v~', 'vac~'] } as const;
export const OHMS = { unit: 'Ω', unitWords: ['ω', 'ohm', 'ohms', 'r'] } as const;
export const VOLT_AMPS = { unit: 'VA', unitWords: ['va', 'voltamp', 'voltamps', 'w', 'watt', 'watts'] } as const;
export const DEGREES = { unit: '°', unitWords: ['°', 'deg', 'degree', 'degrees'] } as const;

const AMPS = new RegExp(`^(${NUMBER}) ?(a|amp|amps|ampere|amperes)$`);

/** VA that bell transformers are made for; what lies outside was not VA. */
const BELL_VA = { least: 1, most: 200 } as const;

/**
 * Reads a nameplate's VA. Amps are caught: they are asked back with the product where volts are known.
 * @param ratedVolts nameplate volts beside it, null where not known
 */
export function parseVoltAmps(typed: string, ratedVolts: number | null): Parsed<number> {
  const amps = AMPS.exec(tidy(typed));
  if (amps?.[1]) {
    const value = numberValue(amps[1]);
    return refused({ code: 'ampsForVa', amps: value, va: ratedVolts === null ? null : ratedVolts * value });
  }
  return parseFigure(typed, { ...VOLT_AMPS, ...BELL_VA });
}
