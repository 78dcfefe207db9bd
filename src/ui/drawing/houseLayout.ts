import type { HouseCable, HouseGraph, HouseNode } from '@/core/house';

/** A node with its box in the drawing. */
export interface PlacedNode {
  readonly node: HouseNode;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Side of the house on which a point stands; null inside. */
  readonly side: 'left' | 'right' | null;
}

/** A cable as a line of right angles. */
export interface PlacedCable {
  readonly cable: HouseCable;
  readonly points: readonly (readonly [number, number])[];
}

export interface HouseLayout {
  readonly height: number;
  readonly cellar: boolean;
  readonly placed: readonly PlacedNode[];
  readonly lines: readonly PlacedCable[];
}

export const WIDTH = 760;
/** Walls, eaves and ground of the house that is drawn. */
export const HOUSE = { left: 190, right: 570, apex: 18, eaves: 96, ground: 300, cellar: 386 } as const;

const BOX = { width: 176, height: 44 } as const;
const POINT = { width: 26, height: 34 } as const;
/** From one point on a wall to the next. */
const STEP = 62;

/** Points go to both walls in turn, doors at the ground and floodlights under the eaves. */
function placePoints(points: readonly HouseNode[]): readonly PlacedNode[] {
  const count = { left: { door: 0, floodlight: 0 }, right: { door: 0, floodlight: 0 } };
  return points.map((node, i): PlacedNode => {
    const side = i % 2 === 0 ? 'left' : 'right';
    const kind = node.kind === 'door' ? 'door' : 'floodlight';
    const nth = count[side][kind]++;
    const y = kind === 'door' ? HOUSE.ground - POINT.height - 50 - nth * (STEP + 12) : HOUSE.eaves + 10 + nth * STEP;
    const x = side === 'left' ? HOUSE.left - POINT.width : HOUSE.right;
    return { node, x, y, ...POINT, side };
  });
}

const WALL_BOX = { width: 22, height: 22, inside: 8 } as const;

/** A box inside the wall behind a point. */
const behind = (node: HouseNode, { y, side }: PlacedNode): PlacedNode => ({
  node,
  x: side === 'right' ? HOUSE.right - WALL_BOX.inside - WALL_BOX.width : HOUSE.left + WALL_BOX.inside,
  y: y - 2,
  width: WALL_BOX.width,
  height: WALL_BOX.height,
  side: null,
});

/** A row of boxes between the walls, as wide as there is room. */
function row(nodes: readonly HouseNode[], y: number, from: number): readonly PlacedNode[] {
  const gap = 14;
  const width = Math.min(BOX.width, (HOUSE.right - 20 - from - gap * (nodes.length - 1)) / Math.max(1, nodes.length));
  return nodes.map((node, i) => ({ node, x: from + i * (width + gap), y, width, height: BOX.height, side: null }));
}

const middle = ({ x, width }: PlacedNode): number => x + width / 2;

type Spot = readonly [number, number];

/** From a way of the board: out at its side, up or down beside the board, then to what it feeds. */
function fromWay(from: PlacedNode, to: PlacedNode, nth: number): readonly Spot[] {
  const y = from.y + from.height / 2;
  const rise = from.x + from.width + 12 + nth * 7;
  if (to.side === null)
    return [
      [from.x + from.width, y],
      [rise, y],
      [rise, to.y + to.height / 2],
      [to.x, to.y + to.height / 2],
    ];
  const end = to.y + 9;
  return [
    [from.x + from.width, y],
    [rise, y],
    [rise, end],
    [to.side === 'right' ? to.x : to.x + to.width, end],
  ];
}

/** From a supply or a chime: out at its top, over all that stands in its row, along the wall to a point, or up to a chime. */
function fromThing(from: PlacedNode, to: PlacedNode, nth: number): readonly Spot[] {
  const x = Math.max(from.x + 12, Math.min(from.x + from.width - 12, middle(from) + (nth - 1) * 18));
  if (to.side === null) {
    const between = (from.y + to.y + to.height) / 2;
    const arrive = Math.max(to.x + 12, Math.min(to.x + to.width - 12, x));
    return [
      [x, from.y],
      [x, between],
      [arrive, between],
      [arrive, to.y + to.height],
    ];
  }
  const right = to.side === 'right';
  const wall = right ? HOUSE.right - 12 - nth * 7 : HOUSE.left + 12 + nth * 7;
  const over = from.y - 12 - nth * 6;
  const y = to.y + to.height / 2;
  return [
    [x, from.y],
    [x, over],
    [wall, over],
    [wall, y],
    [right ? to.x : to.x + to.width, y],
  ];
}

/** From a box in the wall straight out to what hangs on it. */
const fromBox = (from: PlacedNode, to: PlacedNode): readonly Spot[] => [
  [middle(from), from.y + from.height / 2],
  [middle(to), from.y + from.height / 2],
];

const wayOf = ({ node: { kind } }: PlacedNode): ((from: PlacedNode, to: PlacedNode, nth: number) => readonly Spot[]) =>
  kind === 'circuit' ? fromWay : kind === 'box' ? fromBox : fromThing;

/** Places every node of a house, and its cables between them. */
export function houseLayout({ nodes, cables }: HouseGraph, cellar: boolean): HouseLayout {
  const of = (...kinds: readonly HouseNode['kind'][]) => nodes.filter(({ kind }) => kinds.includes(kind));
  const low = cellar ? HOUSE.ground + 22 : HOUSE.ground - BOX.height - 14;
  const circuits = of('circuit');
  const boards = of('board').slice(0, 1);
  const boardHeight = 26 + 22 * Math.max(1, circuits.length);
  const bottom = low + BOX.height;
  const board: readonly PlacedNode[] = boards.map((node) => ({
    node,
    x: HOUSE.left + 22,
    y: bottom - boardHeight,
    width: 112,
    height: boardHeight,
    side: null,
  }));
  const ways: readonly PlacedNode[] = circuits.map((node, i) => ({
    node,
    x: HOUSE.left + 22,
    y: bottom - boardHeight + 24 + 22 * i,
    width: 112,
    height: 22,
    side: null,
  }));
  const points = placePoints(of('door', 'floodlight'));
  // A box stands inside the wall behind what hangs on it; one that carries nothing stands among the chimes
  const carried = (box: HouseNode): PlacedNode | undefined =>
    points.find(({ node }) => cables.some(({ from, to }) => from === box.id && to === node.id));
  const boxes = of('box');
  const placed = [
    ...board,
    ...ways,
    ...row(of('supply'), low, HOUSE.left + 164),
    ...row([...of('chime'), ...boxes.filter((box) => !carried(box))], 178, HOUSE.left + 164),
    ...boxes.flatMap((node) => {
      const point = carried(node);
      return point ? [behind(node, point)] : [];
    }),
    ...points,
  ];
  const at = (id: string): PlacedNode | undefined => placed.find(({ node }) => node.id === id);
  const lines = cables.flatMap((cable, i): readonly PlacedCable[] => {
    const [from, to] = [at(cable.from), at(cable.to)];
    return from && to ? [{ cable, points: wayOf(from)(from, to, i % 5) }] : [];
  });
  return { height: cellar ? HOUSE.cellar + 12 : HOUSE.ground + 16, cellar, placed, lines };
}
