import type { TroubleCase } from '../faults';

/** How much may be out of order: one plain fault; any; two at once, or nothing at all. */
export const LEVELS = ['plain', 'any', 'twoOrNone'] as const;
export type Level = (typeof LEVELS)[number];

/** A made-up place, and what its finder is asked. */
export interface MadeUp<C extends TroubleCase> {
  readonly regionId: string;
  readonly asked: C;
}
