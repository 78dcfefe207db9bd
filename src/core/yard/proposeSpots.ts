import { placeAt } from './placed';
import { cameraAt, type Aim, type Scene, type Where } from './scene';
import { proposeAim } from './proposeAim';
import { seenTargets } from './seenTarget';
import { masksOf } from './privacy';
import { windowLuxOf } from './luxMap';

/** A spot along the wall, to the right of where it is now, and a height. */
export interface Spot {
  readonly rightM: number;
  readonly lensM: number;
}

/** What hanging at a spot would come to. */
export interface SpotProposal extends Spot {
  readonly aim: Aim;
  readonly met: number;
  /** Targets that are met there, by id. */
  readonly meets: readonly string[];
  /** Share of the picture over what is nobody’s business. */
  readonly privateShare: number;
  /** The most lux on a window next door. */
  readonly windowLux: number;
  /** More minutes than where it is: cable, ladder. */
  readonly minutes: number;
}

/** Minutes that a metre of cable along a wall takes, and a ladder that must be longer. Engineering defaults. */
const MINUTES = { perMetre: 8, begun: 15, perMetreUp: 6 } as const;
/** How the scene looks from a spot farther along the wall. */
export function sceneFrom(scene: Scene, rightM: number): Scene {
  if (rightM === 0) return scene;
  const moved = <T extends Where>(one: T): T => {
    const [x, y] = placeAt(one);
    const right = x - rightM;
    return { ...one, distanceM: Math.hypot(right, y), turnDeg: (Math.atan2(right, y) * 180) / Math.PI };
  };
  const { around } = scene;
  return {
    ...scene,
    targets: scene.targets.map(moved),
    obstacles: scene.obstacles.map(moved),
    around: around && {
      ...around,
      solids: around.solids.map(({ prism, ...solid }) => ({
        ...solid,
        prism: { ...prism, footprint: prism.footprint.map(([x, y]) => [x - rightM, y] as const) },
      })),
      walks: around.walks.map((walk) => walk.map(([x, y]) => [x - rightM, y] as const)),
      areas: around.areas.map((area) => ({
        ...area,
        corners: area.corners.map(([x, y, z]) => [x - rightM, y, z] as const),
      })),
      levels: around.levels.map((level) => ({
        ...level,
        outline: level.outline.map(([x, y]) => [x - rightM, y] as const),
      })),
    },
  };
}

/** How much is met and kept out, before anything else. */
function roughly(scene: Scene, spot: Spot): { readonly aim: Aim; readonly meets: readonly string[] } | null {
  const there = sceneFrom(scene, spot.rightM);
  const aim = proposeAim(there, spot.lensM);
  if (!aim) return null;
  return {
    aim,
    meets: seenTargets(there, aim)
      .filter(({ miss }) => miss === null)
      .map(({ target }) => target.id),
  };
}

const minutesOf = (spot: Spot, now: Spot): number => {
  const along = Math.abs(spot.rightM - now.rightM);
  const up = Math.max(0, spot.lensM - now.lensM);
  return (along > 0 ? MINUTES.begun + MINUTES.perMetre * along : 0) + MINUTES.perMetreUp * up;
};

function priced(scene: Scene, now: Spot, spot: Spot, aim: Aim, meets: readonly string[]): SpotProposal {
  const there = sceneFrom(scene, spot.rightM);
  return {
    ...spot,
    aim,
    met: meets.length,
    meets,
    privateShare: masksOf(there, aim).reduce((sum, { share }) => sum + share, 0),
    windowLux: windowLuxOf(there, aim),
    minutes: Math.round(minutesOf(spot, now)),
  };
}

/** Spots that are shown at most. */
const SHOWN = 3;
/** Two spots that are nearer than this are one. */
const APART_M = 0.75;

/**
 * The best few spots along a wall and heights: targets met first, then minutes, then what is seen of what is nobody’s business.
 * @param rights spots along the wall, to the right of where it is now
 * @param tell is told how many were looked at; answers whether to go on
 */
export function proposeSpots(
  scene: Scene,
  now: Spot,
  rights: readonly number[],
  heights: readonly number[],
  tell: (done: number, of: number, best: readonly SpotProposal[]) => boolean = () => true,
): readonly SpotProposal[] {
  const spots = rights.flatMap((rightM) => heights.map((lensM): Spot => ({ rightM, lensM })));
  // The dear part comes last, and only for those that may win
  spots.sort((a, b) => minutesOf(a, now) - minutesOf(b, now));
  let best: SpotProposal[] = [];
  for (const [i, spot] of spots.entries()) {
    const found = roughly(scene, spot);
    const worst = best[SHOWN - 1];
    if (found && (!worst || found.meets.length >= worst.met)) {
      best = taken([...best, priced(scene, now, spot, found.aim, found.meets)]);
    }
    if ((i % 16 === 15 || i === spots.length - 1) && !tell(i + 1, spots.length, best)) return best;
  }
  return best;
}

/** The best few, each some way from the better ones. */
function taken(all: readonly SpotProposal[]): SpotProposal[] {
  const sorted = [...all].sort(
    (a, b) => b.met - a.met || a.minutes - b.minutes || a.privateShare - b.privateShare || a.windowLux - b.windowLux,
  );
  const out: SpotProposal[] = [];
  for (const one of sorted) {
    const isNear = out.some(
      (other) => Math.abs(other.rightM - one.rightM) < APART_M && Math.abs(other.lensM - one.lensM) < APART_M,
    );
    if (!isNear) out.push(one);
    if (out.length === SHOWN) break;
  }
  return out;
}

/** Where a camera at a spot looks, for a sentence: to the right, and below the horizon. */
export function lookFrom(
  scene: Scene,
  { rightM, aim }: SpotProposal,
): { readonly panDeg: number; readonly downDeg: number } {
  const there = sceneFrom(scene, rightM);
  return { panDeg: aim.panDeg, downDeg: cameraAt(there, aim).tiltDownDeg };
}
