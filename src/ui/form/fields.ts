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

/** Data of one name. A computed name of a literal type is widened by the compiler, so it is said here what it is. */
const named = <N extends string, V>(name: N, value: V) => ({ [name]: value }) as Readonly<Record<N, V>>;

/** A field that may stay empty where the others are asked for. */
export const optional = <D extends object>(field: TypedField<D>): TypedField<Partial<D>> => ({
  ...field,
  optional: true,
});

/** Free text under a name of the entry's data. */
export const textField = <N extends string>(
  name: N,
  label: string,
  value: string | undefined,
  { hint, most = TEXT.short }: { readonly hint?: string; readonly most?: number } = {},
): TypedField<Readonly<Record<N, string>>> => ({
  name,
  label,
  shown: value ?? '',
  read: (text) =>
    text.trim().length > most
      ? refused({ code: 'contradicts', words: formWords.thatIsCharactersFit({ text: text.trim().length, most }) })
      : parsed(named(name, text.trim())),
  cleared: { [name]: null },
  ...(hint ? { hint } : {}),
});

/** One figure in the data's own unit. */
export const figureField = <N extends string>(
  name: N,
  label: string,
  rule: FigureRule,
  value: number | undefined,
): TypedField<Readonly<Record<N, number>>> => ({
  name,
  label,
  unit: rule.unit,
  figure: true,
  shown: value === undefined ? '' : String(Number(value.toFixed(3))),
  read: (text) => mapped(parseFigure(text, rule), (figure) => named(name, figure)),
  cleared: { [name]: null },
});

/** A length held to a tape, in the words of the place. */
export const tapeField = <N extends string>(
  name: N,
  label: string,
  system: LengthSystem,
  value: number | undefined,
  limits: { readonly least: number; readonly most: number } = LIMITS.tapeM,
): TypedField<Readonly<Record<N, number>>> => ({
  name,
  label,
  figure: true,
  // What stands carries its own unit
  ...(value === undefined ? { unit: system === 'metric' ? 'mm' : 'in' } : {}),
  shown: value === undefined ? '' : lengthText(value, system, 'small'),
  read: (text) => within(parseLength(text, system === 'metric' ? 'mm' : 'in'), limits, (metres) => named(name, metres)),
  cleared: { [name]: null },
});

/** The length of a cable or a way, in metres or feet. */
export const runField = <N extends string>(
  name: N,
  label: string,
  system: LengthSystem,
  value: number | undefined,
  limits: { readonly least: number; readonly most: number } = LIMITS.runM,
): TypedField<Readonly<Record<N, number>>> => ({
  name,
  label,
  figure: true,
  unit: system === 'metric' ? 'm' : 'ft',
  shown: value === undefined ? '' : lengthText(value, system).replace(/ (m|ft)$/, ''),
  read: (text) => within(parseLength(text, system === 'metric' ? 'm' : 'ft'), limits, (metres) => named(name, metres)),
  cleared: { [name]: null },
});

/** Makes data of a parsed value. */
export const mapped = <T, D extends object>(result: Parsed<T>, make: (value: T) => D): Parsed<D> =>
  result.ok ? parsed(make(result.value)) : result;

/** {@link mapped} for lengths with limits. */
export function within<D extends object>(
  result: Parsed<number>,
  { least, most }: { readonly least: number; readonly most: number },
  make: (metres: number) => D,
): Parsed<D> {
  if (!result.ok) return result;
  if (result.value < least) return refused({ code: 'tooSmall', least, unit: 'm' });
  if (result.value > most) return refused({ code: 'tooLarge', most, unit: 'm' });
  return parsed(make(result.value));
}
