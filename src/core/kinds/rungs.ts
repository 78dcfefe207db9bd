import type { Text } from '../said';

/** The eight rungs, in the order of the work. */
export const RUNGS = ['look', 'measure', 'choose', 'isolate', 'wire', 'mount', 'prove', 'leave'] as const;
export type Rung = (typeof RUNGS)[number];

export const RUNG_NAMES: Readonly<Record<Rung, string>> = {
  look: 'Look',
  measure: 'Measure',
  choose: 'Choose',
  isolate: 'Isolate',
  wire: 'Wire',
  mount: 'Mount',
  prove: 'Prove',
  leave: 'Leave',
};

export type RungState = 'open' | 'inHand' | 'done' | 'held';

/** A rung as it stands: a mark, and a few words on what is known or missing. */
export interface RungMark {
  readonly rung: Rung;
  readonly state: RungState;
  readonly words: Text;
}

/** The one thing to do next at a point. */
export interface NextMove {
  readonly rung: Rung;
  readonly words: Text;
  readonly why: Text;
  /** It waits for something that is not in the installer's hand here. */
  readonly held: boolean;
}
