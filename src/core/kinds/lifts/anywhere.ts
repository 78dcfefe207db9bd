import type { Lift } from './lift';

/** The place of proofs and steps that were written before they named theirs: history, which opens nothing any more. */
export const ANYWHERE = '*';

/** A proof, or a step, of before they named their place. Who says no version may name it all the same. */
export const withoutPlace: Lift = (data) => ({ placeId: ANYWHERE, ...data });
