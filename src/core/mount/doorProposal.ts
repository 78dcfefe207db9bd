import { Z95, normals, seeded } from '../random';
import type { DoorHangs, DoorScene } from './doorScene';
import { doorSeen, wallShare, type DoorSeen, type Sees } from './doorSeen';
import { anglesOf, stackOf } from './wedge';

/** Tilts and turns of one wedge each that can be built of those at hand. */
export const tiltsAt = ({ wedges }: Pick<DoorScene, 'wedges'>): readonly number[] => anglesOf(wedges, 'tilt', 1);
export const sidesAt = ({ wedges }: Pick<DoorScene, 'wedges'>): readonly number[] => anglesOf(wedges, 'side', 1);

/** Heights over which a plate is thought of, metres. */
export const MAP_M = { least: 0.8, most: 1.8, step: 0.02 } as const;
/** Between these a button can be pressed from a wheelchair (domain/mount). */
export const BUTTON_REACH_M = { least: 0.9, most: 1.2 } as const;
/** The button sits so far below the lens: an engineering default. */
export const BUTTON_BELOW_LENS_M = 0.1;

export const buttonM = ({ lensM }: Pick<DoorHangs, 'lensM'>): number => lensM - BUTTON_BELOW_LENS_M;
export const isInReach = (hangs: Pick<DoorHangs, 'lensM'>): boolean =>
  buttonM(hangs) >= BUTTON_REACH_M.least - 1e-9 && buttonM(hangs) <= BUTTON_REACH_M.most + 1e-9;

export const mapHeights: readonly number[] = Array.from(
  { length: Math.round((MAP_M.most - MAP_M.least) / MAP_M.step) + 1 },
  (_, i) => Number((MAP_M.least + i * MAP_M.step).toFixed(2)),
);

/** For one tilt wedge, what is seen from each height of `mapHeights`. */
export interface MapColumn {
  readonly tiltDeg: number;
  readonly sees: readonly Sees[];
}

/** For each tilt wedge, at which heights faces and parcel are in frame. @param also a tilt of another stack */
export const heightMap = (scene: DoorScene, sideDeg: number, also = 0): readonly MapColumn[] =>
  [...new Set([...tiltsAt(scene), also])]
    .sort((a, b) => a - b)
    .map((tiltDeg) => ({
      tiltDeg,
      sees: mapHeights.map((lensM) => doorSeen(scene, { lensM, tiltDeg, sideDeg }).sees),
    }));

/** Half widths of 90 %: a taped height, and what is paced or guessed of visitors and mat (domain/mount). */
const SPREAD = { lensM: 0.03, share: 0.1, tallM: 0.03 } as const;
const DRAWS = 60;
const SEED = 1804;

/** How far it is believed that all is seen that is to be seen there. The same scene gives the same chance. */
export function believed(scene: DoorScene, hangs: DoorHangs, wanted: Sees): number {
  const errors = normals(DRAWS * 6, seeded(SEED));
  let next = 0;
  const error = (halfWidth: number): number => ((errors[next++] ?? 0) * halfWidth) / Z95;
  let good = 0;
  for (let i = 0; i < DRAWS; i++) {
    const drawn: DoorScene = {
      ...scene,
      nearestM: scene.nearestM * (1 + error(SPREAD.share)),
      farthestM: scene.farthestM * (1 + error(SPREAD.share)),
      matRightM: scene.matRightM * (1 + error(SPREAD.share)),
      tallestM: scene.tallestM + error(SPREAD.tallM),
      shortestM: scene.shortestM + error(SPREAD.tallM),
    };
    const { sees } = doorSeen(drawn, { ...hangs, lensM: hangs.lensM + error(SPREAD.lensM) });
    if (sees === 'both' || sees === wanted) good++;
  }
  return good / DRAWS;
}

const WORTH: Readonly<Record<Sees, number>> = { both: 30, faces: 20, parcel: 10, neither: 0 };
/** How much is seen: faces and parcel, then the fewest faces that are cut. */
const worthOf = ({ sees, cut }: DoorSeen): number => WORTH[sees] - cut.length;
/** What is proposed is believed at least so far. */
export const BELIEVED_ENOUGH = 0.9;

export interface DoorProposal extends DoorHangs {
  readonly sees: Sees;
  /** How many of the visitors’ faces are cut. */
  readonly cut: number;
  readonly believed: number;
  readonly wall: number;
}

/** Where a lens may sit, metres over standing ground. */
export interface LensRange {
  readonly lowestM: number;
  readonly highestM: number;
}

const isWithin = (lensM: number, { lowestM, highestM }: LensRange): boolean =>
  lensM >= lowestM - 1e-9 && lensM <= highestM + 1e-9;

/** Heights that come into question, the greatest first: those within reach of the button where there are some. */
function heightsWithin(range: LensRange): readonly number[] {
  // Of a plate that has hardly room the ends count, whatever grid they miss
  const inRange = mapHeights.filter((lensM) => isWithin(lensM, range));
  const heights = [...new Set([...inRange, range.lowestM, range.highestM])].sort((a, b) => b - a);
  const inReach = heights.filter((lensM) => isInReach({ lensM }));
  return inReach.length > 0 ? inReach : heights;
}

/** The heights at which most is seen on these wedges, the greatest first. */
interface BestHeights {
  readonly tiltDeg: number;
  readonly sideDeg: number;
  readonly sees: Sees;
  readonly cut: number;
  readonly worth: number;
  readonly heights: readonly number[];
}

function bestHeights(scene: DoorScene, tiltDeg: number, sideDeg: number, heights: readonly number[]): BestHeights {
  const all = heights.map((lensM) => ({ lensM, seen: doorSeen(scene, { lensM, tiltDeg, sideDeg }) }));
  const worth = Math.max(...all.map(({ seen }) => worthOf(seen)));
  const best = all.filter(({ seen }) => worthOf(seen) === worth);
  const { sees, cut } = best[0]?.seen ?? { sees: 'neither' as const, cut: [] };
  return { tiltDeg, sideDeg, sees, cut: cut.length, worth, heights: best.map(({ lensM }) => lensM) };
}

/** The greatest of the best heights that is believed enough; else the one that is believed most. */
function surest(scene: DoorScene, { tiltDeg, sideDeg, sees, cut, heights }: BestHeights): DoorProposal | null {
  let best: DoorProposal | null = null;
  for (const lensM of heights) {
    const hangs = { lensM, tiltDeg, sideDeg };
    const chance = sees === 'neither' ? 0 : believed(scene, hangs, sees);
    if (!best || chance > best.believed)
      best = { ...hangs, sees, cut, believed: chance, wall: wallShare(scene, hangs) };
    if (chance >= BELIEVED_ENOUGH) break;
  }
  return best;
}

/** Less of the picture lost to the wall by this is worth another wedge. */
const WALL_WORTH = 0.06;

/**
 * Height and wedges that show most where the plate can sit: faces and parcel, then less wall, then fewer wedges. Two wedges
 * about one axis are thought of only where one does not show all.
 */
export function proposeDoor(scene: DoorScene, range: LensRange): DoorProposal | null {
  const single = bestOf(scene, range, 1);
  if (single && single.sees === 'both' && single.believed >= BELIEVED_ENOUGH) return single;
  const double = bestOf(scene, range, 2);
  if (!single || !double) return single ?? double;
  const better = (one: DoorProposal): number => WORTH[one.sees] - one.cut;
  return better(double) > better(single) || (better(double) === better(single) && double.believed > single.believed)
    ? double
    : single;
}

/** @param most wedges about one axis */
function bestOf(scene: DoorScene, range: LensRange, most: number): DoorProposal | null {
  const heights = heightsWithin(range);
  const costOf = ({ tiltDeg, sideDeg, heights: [lensM = 0] }: BestHeights): number =>
    wallShare(scene, { lensM, tiltDeg, sideDeg }) +
    WALL_WORTH * stackOf(scene.wedges, { tiltDeg, sideDeg }).length +
    Math.abs(tiltDeg) / 1000;
  const all = anglesOf(scene.wedges, 'side', most)
    .flatMap((sideDeg) =>
      anglesOf(scene.wedges, 'tilt', most).map((tiltDeg) => bestHeights(scene, tiltDeg, sideDeg, heights)),
    )
    .map((one) => ({ one, cost: costOf(one) }))
    .sort((a, b) => b.one.worth - a.one.worth || a.cost - b.cost);
  let best: DoorProposal | null = null;
  const worth = all[0]?.one.worth;
  // The cheapest that is believed enough; else, of those that show as much, what is believed most
  for (const { one } of all) {
    if (one.worth !== worth) break;
    const found = surest(scene, one);
    if (found && (!best || found.believed > best.believed)) best = found;
    if (best && (best.believed >= BELIEVED_ENOUGH || best.sees === 'neither')) break;
  }
  return best;
}

/** Ways that show more than how it hangs now: another height on the same wedges, another tilt wedge at the same height. */
export function savingWays(scene: DoorScene, hangs: DoorHangs, range: LensRange): readonly DoorProposal[] {
  const here = worthOf(doorSeen(scene, hangs));
  const atHeight = surest(scene, bestHeights(scene, hangs.tiltDeg, hangs.sideDeg, heightsWithin(range)));
  const byWedge = [...tiltsAt(scene)]
    .sort((a, b) => Math.abs(a) - Math.abs(b))
    .map((tiltDeg): DoorProposal => {
      const changed = { ...hangs, tiltDeg };
      const seen = doorSeen(scene, changed);
      const { sees } = seen;
      const chance = sees === 'neither' ? 0 : believed(scene, changed, sees);
      return { ...changed, sees, cut: seen.cut.length, believed: chance, wall: wallShare(scene, changed) };
    })
    .sort((a, b) => WORTH[b.sees] - b.cut - (WORTH[a.sees] - a.cut))[0];
  return [...(atHeight ? [atHeight] : []), ...(byWedge ? [byWedge] : [])].filter(
    ({ sees, cut }) => WORTH[sees] - cut > here,
  );
}
