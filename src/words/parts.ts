/** What a screen puts into a sentence beside its words: a figure in bold, a name in a colour of its own. */
export type Slots<T, N extends string> = { readonly [K in N]: T };

/**
 * A sentence of words and of what a screen puts between them, in the order in which it is read.
 * @example parts`Take ${ohms}: it burns ${watts}.` // ['Take ', ohms, ': it burns ', watts, '.']
 */
export const parts = <T>(words: TemplateStringsArray, ...slots: readonly T[]): readonly (string | T)[] =>
  words.flatMap((text, i) => {
    const slot = slots.slice(i, i + 1);
    return text === '' ? slot : [text, ...slot];
  });
