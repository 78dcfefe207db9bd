import type { SupplyPolicy } from '../policy';
import { isTrusted } from './holding';
import { effortOf, type Way } from './way';

/** The chime is kept where that costs under this, minutes and money together. */
const KEEP_CHIME_UNDER = 20;

/** Picks a way by its place in the list, from what is believed of each; −1 where none can be trusted. */
export type Proposer = (belief: (way: number) => number) => number;

/** First of an order that is trusted and passes a test; −1 without. */
const first = (order: readonly number[], test: (way: number) => boolean): number => order.find(test) ?? -1;

/**
 * A policy as a rule over ways. All of them take the least effort while what is there will do with the chime kept: a
 * policy is about weak supplies. Then
 * - *soundest* takes the least effort of all, and the chime's ring where that costs under 20 more;
 * - *spare the chime* goes to the transformer nearest to the volts the chime was made for, the chime kept;
 * - *headroom* goes to the highest volts and VA that hold;
 * - *silence* takes the chime out first and keeps the transformer where that holds.
 * A way that holds only on a condition is taken where no other can be trusted.
 * @param chimeVolts what the chime was made for; null where nobody knows
 * @param isConditional whether what is believed of a way is believed on a condition
 */
export function proposer(
  ways: readonly Way[],
  policy: SupplyPolicy,
  chimeVolts: number | null,
  isConditional: (way: number) => boolean = () => false,
): Proposer {
  const all = ways.map((_, i) => i);
  const effort = ways.map(effortOf);
  const by = (...keys: readonly ((i: number) => number)[]): readonly number[] =>
    [...all].sort((a, b) => {
      for (const key of keys) {
        const difference = key(a) - key(b);
        if (difference !== 0) return difference;
      }
      return a - b;
    });
  const effortAt = (i: number): number => effort[i] ?? 0;
  const replaced = (i: number): boolean => (ways[i]?.change.transformer ?? null) !== null;
  const silent = (i: number): boolean => ways[i]?.silent ?? false;
  const least = by(effortAt);
  const cheapestKept = (trusted: (i: number) => boolean, among: (i: number) => boolean): number => {
    const cheapest = first(least, (i) => among(i) && trusted(i));
    if (cheapest < 0 || !silent(cheapest)) return cheapest;
    const ringing = first(least, (i) => among(i) && !silent(i) && trusted(i));
    return ringing >= 0 && effortAt(ringing) - effortAt(cheapest) < KEEP_CHIME_UNDER ? ringing : cheapest;
  };
  const wanted = chimeVolts ?? 16;
  const nearest = by(
    (i) => Number(silent(i)),
    (i) => Math.abs((ways[i]?.ratedVolts ?? wanted) - wanted),
    effortAt,
  );
  const highest = by(
    (i) => -(ways[i]?.ratedVolts ?? 0),
    (i) => -(ways[i]?.ratedVa ?? 0),
    effortAt,
  );
  return (belief) => {
    const kept = new Map<number, boolean>();
    const trusted = (i: number): boolean => {
      const known = kept.get(i) ?? isTrusted(belief(i));
      kept.set(i, known);
      return known;
    };
    const sure = picked((i) => !isConditional(i) && trusted(i));
    return sure >= 0 ? sure : picked(trusted);
  };

  function picked(trusted: (i: number) => boolean): number {
    if (policy === 'soundest') return cheapestKept(trusted, () => true);
    const willDo = first(least, (i) => !replaced(i) && !silent(i) && trusted(i));
    if (willDo >= 0) return willDo;
    switch (policy) {
      case 'spareChime':
        return first(nearest, trusted);
      case 'headroom': {
        const top = first(highest, (i) => replaced(i) && trusted(i));
        if (top < 0) return cheapestKept(trusted, () => true);
        const plate = ways[top];
        return cheapestKept(
          trusted,
          (i) => ways[i]?.ratedVolts === plate?.ratedVolts && ways[i]?.ratedVa === plate?.ratedVa && replaced(i),
        );
      }
      case 'silence': {
        const quiet = first(least, (i) => silent(i) && !replaced(i) && trusted(i));
        return quiet >= 0
          ? quiet
          : first(
              by((i) => Number(!silent(i)), effortAt),
              trusted,
            );
      }
    }
  }
}
