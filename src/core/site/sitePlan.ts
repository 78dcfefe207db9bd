import type { SHAPES } from '../kinds/plan';
import type { LightZone } from '../light';
import type { Prism } from '../view';
import { alongSide, closingSide, crossingSides, lengthBetween, outwardOf, widened, type Corner } from './outline';

// The plan of a site: one for all its points. Metres, to the right and up on the paper; `northDeg` tells where north is.

export type ShapeKind = (typeof SHAPES)[number];

/** Something on the plan: a house by its walls, a street, a hedge, a way that people walk. */
export interface Shape {
  readonly id: string;
  readonly what: ShapeKind;
  readonly corners: readonly Corner[];
  /** Over its own ground; null of what lies flat. */
  readonly tallM: number | null;
  /** By how much its eaves stand out before its walls. */
  readonly eaveM: number;
  /** Its ground over that of the plan. */
  readonly groundM: number;
  /** The last side as somebody taped it; null where it follows from the others alone. */
  readonly closingM: number | null;
}

/** Where a point hangs: on which wall, and how far along it. */
export interface OnWall {
  readonly shapeId: string;
  readonly side: number;
  readonly alongM: number;
}

/** A picture of the site that is drawn over. */
export interface Underlay {
  readonly sha256: string;
  /** Its upper left corner on the plan, its width, and how it is turned. */
  readonly leftM: number;
  readonly topM: number;
  readonly widthM: number;
}

export interface SitePlan {
  readonly shapes: readonly Shape[];
  /** Bearing of the plan’s up, clockwise from north; null until somebody said. */
  readonly northDeg: number | null;
  readonly underlay: Underlay | null;
  /** Where on earth it is; null until somebody said. */
  readonly onEarth: { readonly latitudeDeg: number; readonly longitudeDeg: number } | null;
  /** How dark its nights are; null until somebody said. */
  readonly zone: LightZone | null;
}

export const NO_PLAN: SitePlan = { shapes: [], northDeg: null, underlay: null, onEarth: null, zone: null };

/** How tall something is where nobody measured it; null of what lies flat on the ground. Engineering defaults. */
export const USUAL_TALL_M: Readonly<Record<ShapeKind, number | null>> = {
  house: 5.5,
  neighbour: 6,
  shed: 2.2,
  wall: 1.8,
  hedge: 1.6,
  car: 1.5,
  window: null,
  street: null,
  garden: null,
  path: null,
  boundary: null,
  step: null,
};

/** What is no business of the camera. */
export const PRIVATE: ReadonlySet<ShapeKind> = new Set(['street', 'garden', 'window', 'neighbour']);
/** What is a line, not an area. */
export const LINES: ReadonlySet<ShapeKind> = new Set(['path', 'boundary', 'window']);
export const isArea = ({ what, corners }: Pick<Shape, 'what' | 'corners'>): boolean =>
  !LINES.has(what) && corners.length >= 3;

export type ShapeFault =
  | { readonly fault: 'cross'; readonly sides: readonly [number, number] }
  /** The closing side was taped, and is another length than the other sides make it. */
  | { readonly fault: 'open'; readonly offM: number }
  | { readonly fault: 'flat' };

/** A taped closing side may differ by so much of the whole way round: an engineering default. */
const OPEN_SHARE = 0.01;
const FLAT_M = 0.05;

/** What is wrong with a shape; null where nothing is. */
export function faultOf(shape: Shape): ShapeFault | null {
  const { corners, closingM } = shape;
  if (!isArea(shape)) return null;
  const sides = crossingSides(corners);
  if (sides) return { fault: 'cross', sides };
  const lengths = corners.map((corner, i) => lengthBetween(corner, corners[(i + 1) % corners.length] ?? corner));
  if (lengths.some((length) => length < FLAT_M)) return { fault: 'flat' };
  const round = lengths.reduce((sum, one) => sum + one, 0);
  const offM = closingM === null ? 0 : closingM - (lengths[closingSide(corners)] ?? 0);
  return Math.abs(offM) > OPEN_SHARE * round ? { fault: 'open', offM } : null;
}

/** The frame of a point: where it hangs on the plan, and which way its wall looks, clockwise from the plan’s up. */
export interface PointFrame {
  readonly origin: Corner;
  readonly outDeg: number;
}

/** @returns null where its wall is not on the plan (any more) */
export function frameOf({ shapes }: SitePlan, { shapeId, side, alongM }: OnWall): PointFrame | null {
  const shape = shapes.find(({ id }) => id === shapeId);
  if (!shape || !isArea(shape) || side >= shape.corners.length) return null;
  return { origin: alongSide(shape.corners, side, alongM), outDeg: outwardOf(shape.corners, side) };
}

/** How far its wall goes on to the left and to the right of a point, looking out of it; null where it is on no wall. */
export function roomAlong(plan: SitePlan, on: OnWall): { readonly left: number; readonly right: number } | null {
  const frame = frameOf(plan, on);
  const corners = plan.shapes.find(({ id }) => id === on.shapeId)?.corners ?? [];
  const [from, to] = [corners[on.side], corners[(on.side + 1) % corners.length]];
  if (!frame || !from || !to) return null;
  // Which end is to the right hangs on the way round its outline was drawn
  const ends = [toLocal(frame, from)[0], toLocal(frame, to)[0]];
  return { left: Math.max(0, -Math.min(...ends)), right: Math.max(0, ...ends) };
}

/** From the plan into a point’s own frame: to the right looking out of its wall, and away from it. */
export function toLocal({ origin, outDeg }: PointFrame, [x, y]: Corner): Corner {
  const [dx, dy] = [x - origin[0], y - origin[1]];
  const [s, c] = [Math.sin((outDeg * Math.PI) / 180), Math.cos((outDeg * Math.PI) / 180)];
  return [dx * c - dy * s, dx * s + dy * c];
}

/** Back again. */
export function toSite({ origin, outDeg }: PointFrame, [right, out]: Corner): Corner {
  const [s, c] = [Math.sin((outDeg * Math.PI) / 180), Math.cos((outDeg * Math.PI) / 180)];
  return [origin[0] + right * c + out * s, origin[1] - right * s + out * c];
}

/** What of the plan stands up, as a point sees it: a shape’s walls, or its eaves. */
export interface SolidShape {
  readonly id: string;
  readonly shape: Shape;
  readonly prism: Prism;
  /** Where what can be seen of it begins. */
  readonly floorM: number;
}

const topOf = ({ tallM, what }: Shape): number | null => tallM ?? USUAL_TALL_M[what];

/** Walls go so far into their ground: they end nowhere above it. */
const SUNK_M = 8;
/** How thick eaves are: an engineering default. */
const EAVE_M = 0.15;

/**
 * What of a plan stands up, in the frame of a point.
 * @param groundOf how high the ground of a shape lies there
 */
export const solidsFor = (
  { shapes }: SitePlan,
  frame: PointFrame,
  groundOf: (shape: Shape) => number,
): readonly SolidShape[] =>
  shapes.flatMap((shape): readonly SolidShape[] => {
    const tall = topOf(shape);
    if (tall === null || !isArea(shape) || crossingSides(shape.corners)) return [];
    const local = (corners: readonly Corner[]) => corners.map((corner) => toLocal(frame, corner));
    const floorM = groundOf(shape);
    const topM = floorM + tall;
    const walls = { footprint: local(shape.corners), baseM: floorM - SUNK_M, topM };
    if (shape.eaveM <= 0) return [{ id: shape.id, shape, floorM, prism: walls }];
    const eaves = { footprint: local(widened(shape.corners, shape.eaveM)), baseM: topM, topM: topM + EAVE_M };
    return [
      { id: shape.id, shape, floorM, prism: walls },
      { id: `${shape.id}-eave`, shape, floorM: topM, prism: eaves },
    ];
  });

/** Where a wall looks, clockwise from north; null where nobody said where north is. */
export const bearingOn = ({ northDeg }: SitePlan, { outDeg }: PointFrame): number | null =>
  northDeg === null ? null : (((outDeg + northDeg) % 360) + 360) % 360;
