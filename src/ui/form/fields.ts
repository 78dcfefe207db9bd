import { formWords } from '@/words/screens';
import { LIMITS, TEXT } from '@/core/kinds';
import {
  lengthText,
  parseFigure,
  parseLength,
  parsed,
  refused,
  type FigureRule,
  type LengthSystem,
  type Parsed,
} from '@/core/units';
import type { TypedField } from './field';

/** Free text under a name of the entry's data. */
export const textField = (
  name: string,
  label: string,
  value: string | undefined,
  { hint, most = TEXT.short }: { readonly hint?: string; readonly most?: number } = {},
): TypedField => ({
  name,
  label,
  shown: value ?? '',
  read: (text) =>
    text.trim().length > most
      ? refused({ code: 'contradicts', words: formWords.thatIsCharactersFit({ text: text.trim().length, most }) })
      : parsed({ [name]: text.trim() }),
  cleared: { [name]: null },
  ...(hint ? { hint } : {}),
});

/** One figure in the data's own unit. */
export const figureField = (name: string, label: string, rule: FigureRule, value: number | undefined): TypedField => ({
  name,
  label,
  unit: rule.unit,
  figure: true,
  shown: value === undefined ? '' : String(Number(value.toFixed(3))),
  read: (text) => mapped(parseFigure(text, rule), (figure) => ({ [name]: figure })),
  cleared: { [name]: null },
});

/** A length held to a tape, in the words of the place. */
export const tapeField = (
  name: string,
  label: string,
  system: LengthSystem,
  value: number | undefined,
  limits: { readonly least: number; readonly most: number } = LIMITS.tapeM,
): TypedField => ({
  name,
  label,
  figure: true,
  // What stands carries its own unit
  ...(value === undefined ? { unit: system === 'metric' ? 'mm' : 'in' } : {}),
  shown: value === undefined ? '' : lengthText(value, system, 'small'),
  read: (text) =>
    within(parseLength(text, system === 'metric' ? 'mm' : 'in'), limits, (metres) => ({ [name]: metres })),
  cleared: { [name]: null },
});

/** The length of a cable or a way, in metres or feet. */
export const runField = (
  name: string,
  label: string,
  system: LengthSystem,
  value: number | undefined,
  limits: { readonly least: number; readonly most: number } = LIMITS.runM,
): TypedField => ({
  name,
  label,
  figure: true,
  unit: system === 'metric' ? 'm' : 'ft',
  shown: value === undefined ? '' : lengthText(value, system).replace(/ (m|ft)$/, ''),
  read: (text) => within(parseLength(text, system === 'metric' ? 'm' : 'ft'), limits, (metres) => ({ [name]: metres })),
  cleared: { [name]: null },
});

/** Makes data of a parsed value. */
export const mapped = <T>(result: Parsed<T>, make: (value: T) => object): Parsed<object> =>
  result.ok ? parsed(make(result.value)) : result;

/** {@link mapped} for lengths with limits. */
export function within(
  result: Parsed<number>,
  { least, most }: { readonly least: number; readonly most: number },
  make: (metres: number) => object,
): Parsed<object> {
  if (!result.ok) return result;
  if (result.value < least) return refused({ code: 'tooSmall', least, unit: 'm' });
  if (result.value > most) return refused({ code: 'tooLarge', most, unit: 'm' });
  return parsed(make(result.value));
}
