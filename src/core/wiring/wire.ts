import { awgToMm2 } from '../circuit';
import type { Gauge } from '../units';

/** Colours of insulation that are met, by their plain names; `bare` has none, `cloth` has lost it. */
export const WIRE_COLOURS = [
  'black',
  'red',
  'white',
  'grey',
  'blue',
  'brown',
  'yellow',
  'orange',
  'green',
  'greenYellow',
  'bare',
  'cloth',
] as const;
export type WireColour = (typeof WIRE_COLOURS)[number];

/** Colours that are a ground’s wherever one is. */
export const GROUND_COLOURS: ReadonlySet<WireColour> = new Set(['bare', 'green', 'greenYellow']);

/** What a conductor is, apart from what it carries. */
export interface Wire {
  readonly gauge: Gauge;
  readonly strands: 'solid' | 'stranded';
  readonly metal: 'copper' | 'aluminium';
  readonly colour: WireColour;
  /** What its colour claims here, by region and era; null where it claims nothing. */
  readonly claims: 'hot' | 'neutral' | 'ground' | null;
  /** Marked anew at this end, so that its colour lies no more. */
  readonly marked?: true;
}

/** Cross-section of one conductor, mm². */
export const gaugeMm2 = (gauge: Gauge): number => ('awg' in gauge ? awgToMm2(gauge.awg) : gauge.mm2);
