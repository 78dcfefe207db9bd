import type { Text } from '@/core/said';

// What a value that came over an edge is held against before anything of it is believed.
export type Fields = Readonly<Record<string, unknown>>;
export const isFields = (value: unknown): value is Fields => typeof value === 'object' && value !== null;
export const isText = (value: unknown): value is string => typeof value === 'string';
export const isFigure = (value: unknown): value is number => typeof value === 'number' && Number.isFinite(value);
/** Something with an id. */
export const isNamed = (value: unknown): value is { readonly id: string } => isFields(value) && isText(value.id);
/** One of some words. */
export const isOneOf =
  <T extends string>(words: readonly T[]) =>
  (value: unknown): value is T =>
    words.some((word) => word === value);
/** Something in words, or said by its code. */
export const isWords = (value: unknown): value is Text => isText(value) || (isFields(value) && isText(value.code));
