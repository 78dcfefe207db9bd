import type { BoxScrew, ScrewThread } from '../catalogue';

const INCH_M = 0.0254;
/** Rise of one turn, m: unified coarse threads by their turns to the inch, metric ones by ISO 261. */
export const PITCH_M: Readonly<Record<ScrewThread, number>> = {
  '6-32': INCH_M / 32,
  '8-32': INCH_M / 32,
  '10-24': INCH_M / 24,
  'M3.5': 0.0006,
  M4: 0.0007,
};
/** A screw holds from so many turns on (domain/junction). */
export const ENGAGED_TURNS = 5;
/** A box further behind the wall than this needs an extension ring: ¼ in (domain/junction). */
export const RECESS_MOST_M = 0.00635;

export const engagementM = (thread: ScrewThread): number => ENGAGED_TURNS * PITCH_M[thread];

/** Two joints: the bar goes on the box, the plate on the bar. */
export interface Hanging {
  /** From the box’s ears to the bar’s back: how far the box stands behind the wall. */
  readonly gapM: number;
  readonly barM: number;
  readonly plateM: number;
  readonly gasketM: number;
  /** Depth of the box; null where it is not known. */
  readonly boxDepthM: number | null;
  readonly boxThread: ScrewThread;
  readonly barThread: ScrewThread;
}

/** A screw for one joint. */
export interface ScrewChoice {
  readonly thread: ScrewThread;
  readonly neededM: number;
  /** Longer than this it bottoms out in the box. */
  readonly mostM: number;
  /** The shortest of the assortment that holds; null: buy one of at least {@link neededM}. */
  readonly screw: BoxScrew | null;
  /** Those of the assortment are all too short, or all that are long enough bottom out. */
  readonly problem: 'tooShort' | 'bottomsOut' | null;
}

function choose(thread: ScrewThread, neededM: number, mostM: number, screws: readonly BoxScrew[]): ScrewChoice {
  const longEnough = screws.filter((screw) => screw.thread === thread && screw.lengthM >= neededM - 1e-9);
  const screw = longEnough.find(({ lengthM }) => lengthM <= mostM + 1e-9) ?? null;
  const problem = screw ? null : longEnough.length === 0 ? 'tooShort' : 'bottomsOut';
  return { thread, neededM, mostM, screw, problem };
}

export interface HangingScrews {
  readonly barToBox: ScrewChoice;
  readonly plateToBar: ScrewChoice;
  /** The box stands so far behind the wall that a ring comes first. */
  readonly needsRing: boolean;
}

/**
 * The two screws of a cross-bar: bar to box is gap + bar + engagement, plate to bar is plate + gasket + engagement; each
 * the shortest of the assortment that engages five turns and does not bottom out in the box.
 * @param screws the shortest first
 */
export function hangingScrews(hanging: Hanging, screws: readonly BoxScrew[]): HangingScrews {
  const { gapM, barM, plateM, gasketM, boxDepthM, boxThread, barThread } = hanging;
  const room = boxDepthM ?? Infinity;
  return {
    barToBox: choose(boxThread, gapM + barM + engagementM(boxThread), gapM + barM + room, screws),
    plateToBar: choose(
      barThread,
      plateM + gasketM + engagementM(barThread),
      plateM + gasketM + barM + gapM + room,
      screws,
    ),
    needsRing: gapM > RECESS_MOST_M + 1e-9,
  };
}
