/** What a step may put hands on. Decides which proof it needs. */
export type Touches = 'nothing' | 'bell' | 'mains';

export type StepPlace = 'van' | 'chime' | 'door' | 'transformer' | 'cable';

/** Screws that a step can name on the drawing. */
export type Terminal = 'Trans' | 'Front' | 'Rear' | 'D1' | 'D2';

/** One thing to do, small enough to be ticked. */
export interface Step {
  /** Stable within a plan: ticks refer to it. */
  readonly id: string;
  readonly place: StepPlace;
  readonly words: string;
  readonly how: string;
  readonly touches: Touches;
  readonly terminal?: Terminal;
  /** What the tick says: “Done, tugged” where a lead went under a screw. */
  readonly tug?: boolean;
}
