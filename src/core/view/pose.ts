import { axesOf, lookOf, projecting, rayOf, type Axes, type Lens, type Look } from './camera';
import { smallestCap } from './cap';
import { cosDeg, degreesOf } from './degrees';
import { leastSquares, squaresOf, type Until } from './leastSquares';
import { cross, dot, lengthOf, minus, plus, times, unit, type Vec3 } from './vector';

/** A place whose pixel in a picture is known. */
export interface PoseMark {
  readonly point: Vec3;
  readonly pixel: readonly [number, number];
}

/** How a camera stands by its own picture. */
export interface FoundPose extends Look {
  /** Root of the mean squared distance between marks and where they would be seen, pixels. */
  readonly rmsPx: number;
  readonly worstPx: number;
}

/** Poses whose rms differs by less are equal, pixels. */
const EQUAL_PX = 1e-6;
/** Steps in which the sphere of poses is looked over, and how many of the best are followed down. */
const STEP_DEG = { level: 3, free: 12 } as const;
const FOLLOWED = 40;
/** Poses that were followed down and are nearer to one another came to one valley. */
const SAME_VALLEY_DEG = 0.01;

interface Looked {
  readonly look: Look;
  readonly squares: number;
}

/** Distances between marks and their pixels at a pose, right and down of each; null where a point is not in front. */
type Residuals = (axes: Axes) => Float64Array | null;

function residualsOf(lens: Lens, position: Vec3, marks: readonly PoseMark[]): Residuals {
  const known = marks.map(({ point, pixel }) => ({ offset: minus(point, position), pixel }));
  const project = projecting(lens);
  const rim = Math.hypot(lens.widthPx, lens.heightPx);
  // Asked some hundred thousand times: a plain loop
  return (axes) => {
    const out = new Float64Array(2 * known.length);
    let i = 0;
    for (const { offset, pixel: wanted } of known) {
      const pixel = project(dot(offset, axes.right), dot(offset, axes.down), dot(offset, axes.forward));
      if (pixel) {
        out[i] = pixel[0] - wanted[0];
        out[i + 1] = pixel[1] - wanted[1];
      } else if (lens.model === 'rectilinear') return null;
      // Straight behind an equidistant camera: the whole rim of its picture is as near
      else out[i] = rim;
      i += 2;
    }
    return out;
  };
}

/** Axes turned by small angles about their own right, down and forward. */
function turned({ forward, right, down }: Axes, [a = 0, b = 0, c = 0]: readonly number[]): Axes {
  const about: Vec3 = plus(plus(times(right, a), times(down, b)), times(forward, c));
  const angle = lengthOf(about);
  if (angle === 0) return { forward, right, down };
  const axis = times(about, 1 / angle);
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  // Rodrigues
  const turn = (v: Vec3): Vec3 =>
    plus(plus(times(v, cos), times(cross(axis, v), sin)), times(axis, dot(axis, v) * (1 - cos)));
  const ahead = unit(turn(forward));
  const across = turn(right);
  const level = unit(minus(across, times(ahead, dot(across, ahead))));
  return { forward: ahead, right: level, down: cross(ahead, level) };
}

/** Poses a few steps apart that cover all. */
function* grid(isLevel: boolean): Generator<Look> {
  const step = isLevel ? STEP_DEG.level : STEP_DEG.free;
  for (let tiltDownDeg = -90; tiltDownDeg <= 90; tiltDownDeg += step / 2)
    for (let bearingDeg = 0; bearingDeg < 360; bearingDeg += step)
      for (let rollDeg = 0; rollDeg < (isLevel ? 1 : 360); rollDeg += step) yield { bearingDeg, tiltDownDeg, rollDeg };
}

/** The best poses of a list in order, each some steps from all better ones: a valley is gone down once. */
function spread(looked: readonly Looked[], apartDeg: number): readonly Looked[] {
  const apartCosine = cosDeg(apartDeg);
  const taken: { readonly one: Looked; readonly axes: Axes }[] = [];
  for (const one of looked) {
    const axes = axesOf(one.look);
    const isNear = taken.some(
      ({ axes: { forward, right, down } }) =>
        (dot(axes.forward, forward) + dot(axes.right, right) + dot(axes.down, down) - 1) / 2 > apartCosine,
    );
    if (!isNear) taken.push({ one, axes });
    if (taken.length === FOLLOWED) break;
  }
  return taken.map(({ one }) => one);
}

/** Axes that bring two directions in the picture as near to two in the world as a rotation can. */
function fromPair(rays: readonly [Vec3, Vec3], ways: readonly [Vec3, Vec3]): Axes | null {
  const frame = ([a, b]: readonly [Vec3, Vec3]): readonly [Vec3, Vec3, Vec3] | null => {
    const [middle, off] = [plus(a, b), cross(a, b)];
    if (lengthOf(middle) < 1e-9 || lengthOf(off) < 1e-9) return null;
    const [x, z] = [unit(middle), unit(off)];
    return [x, cross(z, x), z];
  };
  const [seen, world] = [frame(rays), frame(ways)];
  if (!seen || !world) return null;
  // What the camera calls (right, down, forward) as the world calls it
  const inWorld = (v: Vec3): Vec3 =>
    plus(plus(times(world[0], dot(seen[0], v)), times(world[1], dot(seen[1], v))), times(world[2], dot(seen[2], v)));
  return { right: inWorld([1, 0, 0]), down: inWorld([0, 1, 0]), forward: inWorld([0, 0, 1]) };
}

const CAMERA_AXES: Axes = { right: [1, 0, 0], down: [0, 1, 0], forward: [0, 0, 1] };
const MOST_PAIRS = 200;

/** Poses by pairs of marks: exact where the marks are, however narrow the picture is. */
function pairPoses(lens: Lens, position: Vec3, marks: readonly PoseMark[]): readonly Look[] {
  const rays = marks.map(({ pixel }) => rayOf(lens, CAMERA_AXES, pixel));
  const ways = marks.map(({ point }) => unit(minus(point, position)));
  const looks: Look[] = [];
  for (let gap = 1; gap < marks.length && looks.length < MOST_PAIRS; gap++)
    for (let i = 0; i + gap < marks.length && looks.length < MOST_PAIRS; i++) {
      const [a, b, c, d] = [rays[i], rays[i + gap], ways[i], ways[i + gap]];
      const axes = a && b && c && d ? fromPair([a, b], [c, d]) : null;
      if (axes) looks.push(lookOf(axes));
    }
  return looks;
}

/** A pose with all points in front, in some rolls; none where there is no such pose. */
function inFront(position: Vec3, marks: readonly PoseMark[], isLevel: boolean): readonly Look[] {
  const cap = smallestCap(marks.map(({ point }) => unit(minus(point, position))));
  if (!cap) return [];
  const [x, y, z] = cap.axis;
  const base = {
    bearingDeg: (degreesOf(Math.atan2(x, y)) + 360) % 360,
    tiltDownDeg: degreesOf(Math.atan2(-z, Math.hypot(x, y))),
  };
  return Array.from({ length: isLevel ? 1 : 12 }, (_, i) => ({ ...base, rollDeg: 30 * i }));
}

/** Follows a free pose down to where its squares are least nearby. */
function settleFree(residuals: Residuals, start: Look, until: Until): Looked {
  let axes = axesOf(start);
  const { squares } = leastSquares(
    3,
    (step) => residuals(turned(axes, step)),
    (step) => (axes = turned(axes, step)),
    until,
  );
  return { look: lookOf(axes), squares };
}

/** Follows a level pose down; straight up and down are the ends of its tilt. */
function settleLevel(residuals: Residuals, start: Look, until: Until): Looked {
  let look = start;
  const within = (tiltDownDeg: number): number => Math.min(90, Math.max(-90, tiltDownDeg));
  const at = ([a = 0, b = 0]: readonly number[]): Look => ({
    bearingDeg: look.bearingDeg + degreesOf(a),
    tiltDownDeg: within(look.tiltDownDeg + degreesOf(b)),
    rollDeg: 0,
  });
  const run = (free: number) =>
    leastSquares(
      free,
      (step) => residuals(axesOf(at(step))),
      (step) => (look = at(step)),
      until,
    ).squares;
  run(2);
  // At an end of the tilt the bearing alone goes on
  const squares = run(Math.abs(look.tiltDownDeg) === 90 ? 1 : 2);
  return { look: { ...look, bearingDeg: ((look.bearingDeg % 360) + 360) % 360 }, squares };
}

/**
 * How a camera stands whose place is known, from points that are known in its picture: the pose with the least sum of squared
 * distances in pixels, of all poses and not the nearest to a guess.
 * @param isLevel whether its roll is 0
 * @returns null where no pose has all points in front of a rectilinear camera
 */
export function poseFrom(lens: Lens, position: Vec3, marks: readonly PoseMark[], isLevel: boolean): FoundPose | null {
  const residuals = residualsOf(lens, position, marks);
  const inOrder = (looks: Iterable<Look>): readonly Looked[] =>
    [...looks]
      .map((look): Looked => ({ look, squares: squaresOf(residuals(axesOf(look))) }))
      .filter(({ squares }) => squares < Infinity)
      .sort(
        (a, b) =>
          a.squares - b.squares ||
          Math.abs(a.look.tiltDownDeg) - Math.abs(b.look.tiltDownDeg) ||
          a.look.bearingDeg - b.look.bearingDeg,
      );
  const ofPairs = pairPoses(lens, position, marks).map((one) => (isLevel ? { ...one, rollDeg: 0 } : one));
  const near = [
    ...spread(inOrder(grid(isLevel)), 2 * (isLevel ? STEP_DEG.level : STEP_DEG.free)),
    ...inOrder(ofPairs).slice(0, FOLLOWED),
  ];
  const starts = near.length > 0 ? near : inOrder(inFront(position, marks, isLevel));
  if (starts.length === 0) return null;
  const settle = isLevel ? settleLevel : settleFree;
  const rmsOf = (squares: number): number => Math.sqrt(squares / marks.length);
  // Every valley roughly, then those that may be the deepest to the ground
  const rough = starts.map(({ look }) => settle(residuals, look, 'near')).sort((a, b) => a.squares - b.squares);
  const deep = 2 * (rough[0]?.squares ?? 0) + marks.length;
  const settled = spread(
    rough.filter(({ squares }) => squares <= deep),
    SAME_VALLEY_DEG,
  ).map(({ look }) => settle(residuals, look, 'end'));
  const least = Math.min(...settled.map(({ squares }) => rmsOf(squares)));
  const [best] = settled
    .filter(({ squares }) => rmsOf(squares) <= least + EQUAL_PX)
    .sort(
      (a, b) =>
        apart(Math.abs(a.look.tiltDownDeg), Math.abs(b.look.tiltDownDeg)) ||
        apart(a.look.bearingDeg, b.look.bearingDeg) ||
        a.squares - b.squares,
    );
  if (!best) return null;
  const last = residuals(axesOf(best.look)) ?? new Float64Array(2 * marks.length);
  const misses = marks.map((_, i) => Math.hypot(last[2 * i] ?? 0, last[2 * i + 1] ?? 0));
  return { ...best.look, rmsPx: rmsOf(best.squares), worstPx: Math.max(...misses) };
}

/** Angles that rounding alone tells apart are one, degrees. */
const SAME_DEG = 1e-7;
const apart = (a: number, b: number): number => (Math.abs(a - b) <= SAME_DEG ? 0 : a - b);
