import type { None } from '../said';

/** What is wrong with a typed figure, and what to do. */
export interface UnitsSayings {
  nothingTyped: None;
  notAFigure: { readonly typed: string };
  notItsUnit: { readonly typed: string; readonly expected: string };
  belowZero: None;
  zeroNotPossible: None;
  underLeast: { readonly least: number; readonly unit: string };
  overMost: { readonly most: number; readonly unit: string };
  rangeTurned: None;
  noSuchConductor: { readonly typed: string };
  /** So many amps are no bell transformer: the label says VA. */
  ampsAreVa: { readonly amps: number };
  /** @see va volts × amps; null where the volts are not known */
  ampsForVa: { readonly va: number | null };
}

declare module '../said/said' {
  interface Sayings extends UnitsSayings {}
}
