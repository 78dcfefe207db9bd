import type { Figure, Said, SaidCode, Sayings } from '@/core/said';
import type { Terms } from './terms';

/** A figure as a sentence gets it: what is said or was written is text by now, figures are still figures. */
export type Spoken<F> = F extends Said ? string : F extends readonly (infer One)[] ? readonly Spoken<One>[] : F;

/** A sentence: a text, or one made of its figures in the terms of the place. */
export type Sentence<F> = string | ((figures: { readonly [K in keyof F]: Spoken<F[K]> }, terms: Terms) => string);

/** A sentence for every code of a subject. */
export type Sentences<S> = { readonly [C in keyof S]: Sentence<S[C]> };

export type { Figure, Said, SaidCode, Sayings };
