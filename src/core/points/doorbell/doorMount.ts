import { SHIPPED_CATALOGUE, wedgesIn, type Wedge } from '../../catalogue';
import {
  USUAL_HEIGHT_M,
  USUAL_SCENE,
  doorSeen,
  platePlace,
  savingWays,
  type DoorHangs,
  type DoorProposal,
  type DoorScene,
  type DoorSeen,
  type LensRange,
} from '../../mount';
import type { Doorbell } from './doorbell';
import { deviceOf, plateSurveyOf } from './survey';

// What a doorbell sees at its door. Answers are those of somebody who faces the wall; the scene looks out of it.

/** A visitor who stands back stands so much farther from the wall than one close up. */
const STEP_BACK_M = 0.6;

/** Wedges that are at hand: those of the catalogue that ships where nobody looked. */
export const wedgesHeld = ({ approach }: Doorbell): readonly Wedge[] => approach.wedges ?? wedgesIn(SHIPPED_CATALOGUE);

/** The door before its doorbell, with what nobody said taken as usual. */
export function doorSceneOf(point: Doorbell): DoorScene {
  const { approach, look } = point;
  const { doorSide, asideM, standsM, stepM, shortestM, tallestM, revealSide } = approach;
  const { sideClearM, revealM } = look;
  const nearestM = standsM ?? USUAL_SCENE.nearestM;
  return {
    device: deviceOf(point),
    wedges: wedgesHeld(point),
    shortestM: shortestM ?? USUAL_SCENE.shortestM,
    tallestM: tallestM ?? USUAL_SCENE.tallestM,
    nearestM,
    farthestM: nearestM + STEP_BACK_M,
    // Who faces the wall has left and right the other way round
    matRightM: (asideM ?? 0) * (doorSide === 'right' ? -1 : 1) * (doorSide === undefined ? 0 : 1),
    stepM: stepM ?? USUAL_SCENE.stepM,
    reveal:
      revealSide !== undefined && sideClearM !== undefined && revealM !== undefined
        ? { side: revealSide === 'left' ? 'right' : 'left', clearM: sideClearM, outM: revealM }
        : null,
  };
}

/** What of the scene nobody said. */
export const assumedAtDoor = ({ approach }: Doorbell): readonly (keyof Doorbell['approach'])[] =>
  (['doorSide', 'asideM', 'standsM', 'stepM', 'shortestM', 'tallestM', 'wedges'] as const).filter(
    (field) => approach[field] === undefined,
  );

/** Where the lens may sit: what lead, marks and lips allow; anywhere within reach where nobody looked. */
export function lensRangeOf(point: Doorbell): LensRange {
  const place = platePlace(plateSurveyOf(point));
  return place?.lowestM != null && place.highestM != null
    ? { lowestM: place.lowestM, highestM: place.highestM }
    : ANYWHERE;
}
const ANYWHERE: LensRange = { lowestM: 0.9, highestM: 1.6 };

/** Wedges as they are noted, in the scene’s directions: thick end up looks down, thick side right looks right out of the wall. */
const wedgesOf = ({ mount }: Doorbell): Pick<DoorHangs, 'tiltDeg' | 'sideDeg'> => ({
  tiltDeg: (mount.tiltDeg ?? 0) * (mount.tiltThickEnd === 'down' ? -1 : 1),
  sideDeg: (mount.sideDeg ?? 0) * (mount.sideThick === 'left' ? -1 : 1),
});

export interface DoorMount {
  readonly scene: DoorScene;
  readonly range: LensRange;
  /** As it was noted, or as it is thought of until then. */
  readonly hangs: DoorHangs;
  /** Its height was taped. */
  readonly isNoted: boolean;
}

export function doorMountOf(point: Doorbell): DoorMount {
  const range = lensRangeOf(point);
  const { heightM } = point.mount;
  return {
    scene: doorSceneOf(point),
    range,
    hangs: {
      lensM: heightM ?? Math.min(Math.max(USUAL_HEIGHT_M, range.lowestM), range.highestM),
      ...wedgesOf(point),
    },
    isNoted: heightM !== undefined,
  };
}

interface Judged {
  readonly seen: DoorSeen;
  readonly ways: readonly DoorProposal[];
}
/** Doors that were judged, by what decides: each keystroke folds the log anew, and few of them move a door. */
const judgedMounts = new Map<string, Judged>();
const KEPT = 40;

/** What is seen as it hangs, and what would show more. */
export function judgedMount(point: Doorbell): Judged {
  const { scene, hangs, range } = doorMountOf(point);
  const { device, ...rest } = scene;
  const key = JSON.stringify([device.viewDeg, device.plateM, rest, hangs, range]);
  const before = judgedMounts.get(key);
  if (before) return before;
  const seen = doorSeen(scene, hangs);
  const judged = { seen, ways: seen.sees === 'both' ? [] : savingWays(scene, hangs, range) };
  judgedMounts.set(key, judged);
  const oldest = judgedMounts.keys().next();
  if (judgedMounts.size > KEPT && !oldest.done) judgedMounts.delete(oldest.value);
  return judged;
}

/** What is missed as it hangs stands in words under this id. */
export const DOOR_MISS = 'door';

/** Whether it misses something that another height or wedge would show, and nobody let it stand. */
export function missedAtDoor(point: Doorbell): Judged | null {
  if (point.mount.heightM === undefined || point.missesAccepted[DOOR_MISS]) return null;
  const judged = judgedMount(point);
  return judged.ways.length > 0 ? judged : null;
}
