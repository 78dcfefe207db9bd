import type { Text } from '../said';

/** Why a typed figure was not understood. Codes here; the sentences are in `wording.ts`. */
export type FigureProblem =
  | { readonly code: 'empty' }
  | { readonly code: 'notANumber'; readonly typed: string }
  | { readonly code: 'unknownUnit'; readonly typed: string; readonly expected: string }
  | { readonly code: 'negative' }
  | { readonly code: 'zero' }
  | { readonly code: 'tooSmall'; readonly least: number; readonly unit: string }
  | { readonly code: 'tooLarge'; readonly most: number; readonly unit: string }
  | { readonly code: 'rangeTurned' }
  /** Possible by itself, but not beside what stands already: a sentence says why. */
  | { readonly code: 'contradicts'; readonly words: Text }
  | { readonly code: 'noSuchGauge'; readonly typed: string }
  | { readonly code: 'ampsForVa'; readonly amps: number; readonly va: number | null };

export type Parsed<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly problem: FigureProblem };

export const parsed = <T>(value: T): Parsed<T> => ({ ok: true, value });
export const refused = (problem: FigureProblem): Parsed<never> => ({ ok: false, problem });
