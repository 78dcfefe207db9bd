import type { Walk } from '../troubleshooting';
import type { Found, TestAsked } from './troubleModel';

/** A fault that may be: how likely after the complaint, and what its repair takes. */
export interface FaultAsked<F extends string = string> {
  readonly kind: F;
  /** Of any scale. */
  readonly probability: number;
  readonly repairMinutes: number;
}

/** What was done so far: a test and what it came to, or a repair that helped or not. */
export type Done<F extends string = string, K extends string = string> =
  | { readonly test: K; readonly found: Found }
  | { readonly repair: F; readonly fixed: boolean };

/** Something in trouble: what it may be, what can be tested, and what was done. */
export interface Trouble<F extends string, T extends TestAsked> {
  readonly faults: readonly FaultAsked<F>[];
  readonly tests: readonly T[];
  readonly walks: readonly Walk[];
  /** Where tests and repairs are done, by their kinds, where it is another place than usual; null: wherever one stands. */
  readonly places?: Readonly<Record<string, string | null>>;
  /** Where one stands; null: the next walk is free. */
  readonly at: string | null;
  readonly done: readonly Done<F, T['kind']>[];
}

/** Where an act is done. @param kind of two faults at once the first one’s place stands  @param usual where nobody says otherwise */
export function placeIn(
  { places = {} }: Pick<Trouble<string, TestAsked>, 'places'>,
  kind: string,
  usual: string | null,
): string | null {
  const [first = kind] = kind.split('+');
  const place = places[first];
  return place === undefined ? usual : place;
}

/** What to do next; null where nothing is open. */
export type NextAct<F extends string = string, K extends string = string> =
  | { readonly test: K }
  | { readonly repair: F }
  | null;
