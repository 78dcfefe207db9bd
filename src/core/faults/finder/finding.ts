import type { NextAct, Prediction } from '../diagnosis';

/** How likely a fault is; two at once by both their names. */
export interface Likely {
  readonly kind: string;
  readonly probability: number;
}

/** By what all that was found is explained. */
export const EXPLANATIONS = ['one', 'two', 'sinceRepair', 'loosely', 'nothing'] as const;
export type Explanation = (typeof EXPLANATIONS)[number];

/** An answer that a test may give, and what it would leave. */
export interface AnswerAhead {
  /** Null: a figure, from one edge to the other; null there: no edge on that side. */
  readonly word: string | null;
  readonly from: number | null;
  readonly to: number | null;
  readonly chance: number;
  readonly faults: readonly Likely[];
  /** What would be done then. */
  readonly next: NextAct;
  readonly minutes: number;
}

/** What must come out after a repair. */
export interface AfterRepair {
  readonly fault: string;
  readonly prediction: Prediction;
}

/** All that the finder says at one moment. */
export interface Finding {
  readonly explained: Explanation;
  /** What it may be, in an order that stays; those that are ruled out are not named. */
  readonly faults: readonly Likely[];
  /** What it may have been before any answer, and after so many: of many answers the last ones. */
  readonly steps: readonly { readonly answers: number; readonly faults: readonly Likely[] }[];
  readonly next: NextAct;
  /** To the repair, as the plan goes. */
  readonly expectedMinutes: number;
  /** The test that is spoken of: the next one, or the one that was asked for; null where a repair comes next. */
  readonly test: string | null;
  readonly predictions: readonly Prediction[];
  readonly answers: readonly AnswerAhead[];
  readonly after: readonly AfterRepair[];
  /** Nothing explains all of it: without one of these answers something would. */
  readonly suspects: readonly string[];
}
