/**
 * What is said: a code with the figures that belong to it. The core says; `words` makes sentences of it, in a language, in
 * the terms and units of the place.
 */

/**
 * The figures of every code. Each subject adds its own in its `sayings.ts`, beside the code that says them, and the
 * compiler asks `words` for a sentence of each.
 */
// oxlint-disable-next-line typescript/no-empty-object-type -- subjects merge theirs into it
export interface Sayings {}

export type SaidCode = keyof Sayings;

/** A code without figures. */
export type None = Readonly<Record<never, never>>;

/** What may stand in a sentence: a figure, a name as somebody wrote it, another thing said, or several. */
export type Figure = string | number | boolean | null | undefined | Said | readonly Figure[];

/** A code and, beside it, its figures. */
export interface Said {
  readonly code: SaidCode;
  readonly [figure: string]: Figure;
}

/** What somebody wrote, as it was written, or what the core says. */
export type Text = string | Said;

/**
 * Says something.
 * @param figures none where the code has none
 * @example said('fallsTo', { volts: 6.4 }) // { code: 'fallsTo', volts: 6.4 }
 */
export const said = <C extends SaidCode>(
  code: C,
  ...figures: keyof Sayings[C] extends never ? [] : [Sayings[C]]
): Said => ({ code, ...(figures[0] as Readonly<Record<string, Figure>> | undefined) });

export const isSaid = (value: unknown): value is Said =>
  typeof value === 'object' && value !== null && 'code' in value && typeof value.code === 'string';

/** The same key for what says the same. */
export const saidKey = (text: Text): string => (typeof text === 'string' ? text : JSON.stringify(text));

/** Each thing once, in the order in which it was said first. */
export function distinct(texts: readonly Text[]): readonly Text[] {
  const seen = new Set<string>();
  return texts.filter((text) => {
    const key = saidKey(text);
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  });
}
