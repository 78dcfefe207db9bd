import type { Text } from './said';

/** What any subject may say. */
export interface SharedSayings {
  /** Words within a sentence, that begin one elsewhere. */
  within: { readonly words: Text };
  connectorsCount: { readonly count: number };
  pigtailsCount: { readonly count: number };
  yesOrNo: { readonly yes: boolean };
  /** What a fact of a kind of entry is called, and an answer to it. */
  fact: { readonly kind: string; readonly field: string };
  answer: { readonly kind: string; readonly field: string; readonly value: string };
  /** A length in the units of the place: of a run, or held to a tape. */
  length: { readonly metres: number };
  tapeLength: { readonly metres: number };
  /** Words that stand as a sentence of their own. */
  sentence: { readonly words: Text };
  /** Clauses of one sentence. */
  clauses: { readonly clauses: readonly Text[] };
  /** Things that belong together, the first named first. */
  listed: { readonly items: readonly Text[] };
  /** Sentences one after the other. */
  together: { readonly sentences: readonly Text[] };
  /** What a conductor carries. */
  carries: { readonly carries: 'bell' | 'hot' | 'neutral' | 'ground' | 'unknown' };
}

declare module './said' {
  interface Sayings extends SharedSayings {}
}
