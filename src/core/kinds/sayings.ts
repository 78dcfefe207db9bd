import type { None } from '../said';

/** Facts that are said by other means than one field. */
export interface KindsSayings {
  ofThem: { readonly count: number };
  anotherOne: None;
  none: None;
  ofThePoints: { readonly points: number };
  onDay: { readonly day: string };
  /** Marks that are drawn on a picture. */
  marksDrawn: { readonly marks: number };
  hunters: { readonly people: 1 | 2 };
  /** Whether both ways of the loop run in one cable. */
  loopWays: { readonly there: 1 | 2 };
}

declare module '../said/said' {
  interface Sayings extends KindsSayings {}
}
