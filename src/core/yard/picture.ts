import { alongAxes, axesOf, minus, projecting, type Box, type Camera, type Prism, type Vec3 } from '../view';
import { overTarget } from './ground';
import { LOOKED_AT_M, boxOf, cameraAt, isVisited, type Aim, type Scene, type Target } from './scene';

/** Something drawn in a picture: its pixels in order. */
export type Outline = readonly (readonly [number, number])[];

export interface PictureBox {
  readonly id: string;
  readonly faces: readonly Outline[];
}

export interface PictureFigure {
  readonly target: Target;
  /** Where its foot stands; null of what is no visitor. */
  readonly foot: readonly [number, number] | null;
  /** A visitor’s head, or the middle of what is looked at. */
  readonly head: readonly [number, number];
  readonly headPx: number;
  /** A child beside a grown visitor; null of what is no visitor, and where it is not in front. */
  readonly child: Pick<PictureFigure, 'foot' | 'head' | 'headPx'> | null;
}

/** What a camera will show, as lines and faces in pixels; what lies behind it is left out. */
export interface Picture {
  /** Lines on the ground, some metres apart. */
  readonly ground: readonly Outline[];
  /** Where ground and sky meet. */
  readonly horizon: Outline;
  /** The farthest first. */
  readonly boxes: readonly PictureBox[];
  readonly figures: readonly PictureFigure[];
}

/** A grown visitor, to the crown, and half a head. */
const FIGURE = { tallM: 1.75, headM: 0.12 } as const;
/** A child, half a metre to the right of it. */
const CHILD = { tallM: 1.1, headM: 0.1, asideM: 0.5 } as const;
const GRID = { stepM: 2, acrossM: 16, awayM: 24, sampleM: 0.5 } as const;
const FAR_M = 4000;

type Draws = (place: Vec3) => readonly [number, number] | null;

const drawsOf = (camera: Camera): Draws => {
  const axes = axesOf(camera);
  const project = projecting(camera);
  return (place) => {
    const [right, down, forward] = alongAxes(axes, minus(place, camera.position));
    // Beside and behind the camera a line of a wide lens turns back on itself: nothing of it is in the picture
    return forward > 0.02 ? project(right, down, forward) : null;
  };
};

/** A line between two places, in pieces where parts of it are not seen. */
function line(draws: Draws, from: Vec3, to: Vec3, sampleM: number): readonly Outline[] {
  const steps = Math.max(1, Math.ceil(Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]) / sampleM));
  const pieces: (readonly [number, number])[][] = [];
  let open = false;
  for (let i = 0; i <= steps; i++) {
    const share = i / steps;
    const pixel = draws([
      from[0] + share * (to[0] - from[0]),
      from[1] + share * (to[1] - from[1]),
      from[2] + share * (to[2] - from[2]),
    ]);
    if (!pixel) open = false;
    else if (open) pieces.at(-1)?.push(pixel);
    else {
      pieces.push([pixel]);
      open = true;
    }
  }
  return pieces.filter(({ length }) => length > 1);
}

function ground(scene: Scene, draws: Draws): readonly Outline[] {
  const { stepM, acrossM, awayM, sampleM } = GRID;
  const lines: Outline[] = [];
  const at = (x: number, y: number): Vec3 => [x, y, (scene.around?.baseM ?? 0) - (scene.fallShare ?? 0) * y];
  for (let x = -acrossM; x <= acrossM; x += stepM) lines.push(...line(draws, at(x, 0.2), at(x, awayM), sampleM));
  for (let y = stepM; y <= awayM; y += stepM) lines.push(...line(draws, at(-acrossM, y), at(acrossM, y), sampleM));
  // Edges of what lies higher or lower
  for (const { outline, heightM } of scene.around?.levels ?? [])
    for (const [i, [x, y]] of outline.entries()) {
      const [a, b] = outline[(i + 1) % outline.length] ?? [x, y];
      lines.push(...line(draws, [x, y, heightM], [a, b, heightM], sampleM));
    }
  return lines;
}

/** The four corners of each face that may be seen, and the roof. */
function facesOf({ min, max }: Box, from: Vec3): readonly (readonly Vec3[])[] {
  const [x0, y0, z0] = min;
  const [x1, y1, z1] = max;
  const wall = (a: readonly [number, number], b: readonly [number, number]): readonly Vec3[] => [
    [...a, z0],
    [...b, z0],
    [...b, z1],
    [...a, z1],
  ];
  return [
    ...(from[1] < y0 ? [wall([x0, y0], [x1, y0])] : []),
    ...(from[1] > y1 ? [wall([x0, y1], [x1, y1])] : []),
    ...(from[0] < x0 ? [wall([x0, y0], [x0, y1])] : []),
    ...(from[0] > x1 ? [wall([x1, y0], [x1, y1])] : []),
    ...(from[2] > z1
      ? [
          [
            [x0, y0, z1],
            [x1, y0, z1],
            [x1, y1, z1],
            [x0, y1, z1],
          ] as readonly Vec3[],
        ]
      : []),
  ];
}

/** The upright faces of a prism that may be seen, and its roof. */
function prismFaces({ footprint, baseM, topM }: Prism, floorM: number, from: Vec3): readonly (readonly Vec3[])[] {
  const round = footprint.reduce((sum, [x, y], i) => {
    const [a, b] = footprint[(i + 1) % footprint.length] ?? [x, y];
    return sum + x * b - a * y;
  }, 0);
  const footM = Math.max(baseM, floorM);
  const walls = footprint.flatMap(([x, y], i): readonly (readonly Vec3[])[] => {
    const [a, b] = footprint[(i + 1) % footprint.length] ?? [x, y];
    // Which side of the wall the camera is on
    const side = (a - x) * (from[1] - y) - (b - y) * (from[0] - x);
    return side * round < 0
      ? [
          [
            [x, y, footM],
            [a, b, footM],
            [a, b, topM],
            [x, y, topM],
          ],
        ]
      : [];
  });
  return from[2] > topM ? [...walls, footprint.map(([x, y]): Vec3 => [x, y, topM])] : walls;
}

/** How far the middle of what is seen is away. */
const farthest = (faces: readonly (readonly Vec3[])[], from: Vec3): number => {
  const corners = faces.flat();
  if (corners.length === 0) return 0;
  return corners.reduce((sum, [x, y]) => sum + Math.hypot(x - from[0], y - from[1]), 0) / corners.length;
};

/** A face as one outline; null where part of it is not in front. */
function outlineOf(draws: Draws, corners: readonly Vec3[]): Outline | null {
  const out: (readonly [number, number])[] = [];
  for (const [i, corner] of corners.entries()) {
    const next = corners[(i + 1) % corners.length] ?? corner;
    const pieces = line(draws, corner, next, GRID.sampleM / 2);
    const [only] = pieces;
    if (pieces.length !== 1 || !only || !draws(corner) || !draws(next)) return null;
    out.push(...only.slice(0, -1));
  }
  return out;
}

function childBeside(scene: Scene, draws: Draws, target: Target): PictureFigure['child'] {
  const [x, y, groundM] = overTarget(scene, target, 0);
  const at = (z: number) => draws([x + CHILD.asideM, y, groundM + z]);
  const head = at(CHILD.tallM - CHILD.headM);
  const crown = at(CHILD.tallM);
  return head && crown ? { foot: at(0), head, headPx: Math.hypot(crown[0] - head[0], crown[1] - head[1]) } : null;
}

/** What a camera that hangs so will show. */
export function pictureOf(scene: Scene, aim: Aim): Picture {
  const camera = cameraAt(scene, aim);
  const draws = drawsOf(camera);
  const boxes = [
    ...scene.obstacles.map((one) => ({ id: one.id, faces: facesOf(boxOf(scene, one), camera.position) })),
    ...(scene.around?.solids ?? []).map(({ id, floorM, prism }) => ({
      id,
      faces: prismFaces(prism, floorM, camera.position),
    })),
  ]
    .sort((a, b) => farthest(b.faces, camera.position) - farthest(a.faces, camera.position))
    .map(({ id, faces }): PictureBox => ({
      id,
      faces: faces.flatMap((corners) => {
        const outline = outlineOf(draws, corners);
        return outline ? [outline] : [];
      }),
    }));
  const figures = scene.targets.flatMap((target): readonly PictureFigure[] => {
    const isVisitor = isVisited(target);
    const overM = isVisitor ? FIGURE.tallM - FIGURE.headM : LOOKED_AT_M[target.what];
    const head = draws(overTarget(scene, target, overM));
    const crown = draws(overTarget(scene, target, overM + FIGURE.headM));
    const foot = draws(overTarget(scene, target, 0));
    return head && crown
      ? [
          {
            target,
            foot: isVisitor ? foot : null,
            head,
            headPx: Math.hypot(crown[0] - head[0], crown[1] - head[1]),
            child: isVisitor ? childBeside(scene, draws, target) : null,
          },
        ]
      : [];
  });
  const horizon = Array.from({ length: 73 }, (_, i) => {
    const turn = ((i * 2.5 - 90) * Math.PI) / 180;
    return draws([FAR_M * Math.sin(turn), FAR_M * Math.cos(turn), 0]);
  }).filter((one) => one !== null);
  return { ground: ground(scene, draws), horizon, boxes, figures };
}
