import { said, type Text } from '../said';

export const WALLS = [
  'timber',
  'fibreCement',
  'brick',
  'blockPlasterboard',
  'render',
  'concrete',
  'vinyl',
  'metal',
] as const;
export type Wall = (typeof WALLS)[number];

export const FIXINGS = ['own', 'bag'] as const;
export const SEALS = ['topAndSides', 'holeOnly', 'gasket'] as const;

/** How a plate holds on a wall. Engineering defaults. */
export interface WallFixing {
  readonly bit: Text;
  readonly anchor: Text;
  /** Anchor's whole length; 0 where the screw holds by itself. */
  readonly anchorM: number;
  /** Across what spreads in the wall; 0 where nothing does. */
  readonly anchorDiameterM: number;
  /** Screw that must stand in what bears where there is no anchor. */
  readonly biteM: number;
  readonly screwDiameterM: number;
  /** Something between plate and bearing wall. */
  readonly coverM: number;
  readonly caution: Text | null;
}

const ASBESTOS: Text = said('oldBoardsStucco');

export const WALL_FIXINGS: Readonly<Record<Wall, WallFixing>> = {
  timber: {
    bit: said('pilotOnly'),
    anchor: said('none'),
    anchorM: 0,
    anchorDiameterM: 0,
    biteM: 0.025,
    screwDiameterM: 0.004,
    coverM: 0,
    caution: said('oldPaintMay'),
  },
  fibreCement: {
    bit: said('pilotOf3'),
    anchor: said('smallAnchors'),
    anchorM: 0.02,
    anchorDiameterM: 0.005,
    biteM: 0,
    screwDiameterM: 0.004,
    coverM: 0.008,
    caution: ASBESTOS,
  },
  brick: {
    bit: said('masonryOf6'),
    anchor: said('anchorsOf6'),
    anchorM: 0.03,
    anchorDiameterM: 0.006,
    biteM: 0,
    screwDiameterM: 0.004,
    coverM: 0,
    caution: null,
  },
  blockPlasterboard: {
    bit: said('masonryOf6'),
    anchor: said('longAnchorsBlock'),
    anchorM: 0.03,
    anchorDiameterM: 0.006,
    biteM: 0,
    screwDiameterM: 0.004,
    coverM: 0.025,
    caution: said('plasterboardAloneDoes'),
  },
  render: {
    bit: said('masonryOf6'),
    anchor: said('anchorsOf6'),
    anchorM: 0.03,
    anchorDiameterM: 0.006,
    biteM: 0,
    screwDiameterM: 0.004,
    coverM: 0.02,
    caution: ASBESTOS,
  },
  concrete: {
    bit: said('masonryOf4'),
    anchor: said('concreteScrews'),
    anchorM: 0,
    anchorDiameterM: 0.005,
    biteM: 0.025,
    screwDiameterM: 0.005,
    coverM: 0,
    caution: null,
  },
  vinyl: {
    bit: said('pilotOnly'),
    anchor: said('mountingBlockBehind'),
    anchorM: 0,
    anchorDiameterM: 0,
    biteM: 0.025,
    screwDiameterM: 0.004,
    coverM: 0.02,
    caution: said('leaveSidingRoom'),
  },
  metal: {
    bit: said('metalOf3'),
    anchor: said('selfTappingScrews'),
    anchorM: 0,
    anchorDiameterM: 0,
    biteM: 0.012,
    screwDiameterM: 0.004,
    coverM: 0,
    caution: said('deburrGrommetCable'),
  },
};

/** Anchors stay this many of their diameters from an edge (domain/mount). */
const FROM_EDGE = 10;

/**
 * How far anchors stay from an edge, and from an old hole: as far as a hole is deep; metres.
 * @returns null where nothing spreads in the wall
 */
export function anchorKeeps(wall: Wall): { readonly edgeM: number; readonly oldHoleM: number } | null {
  const { anchorDiameterM, anchorM, biteM } = WALL_FIXINGS[wall];
  return anchorDiameterM === 0 ? null : { edgeM: FROM_EDGE * anchorDiameterM, oldHoleM: Math.max(anchorM, biteM) };
}
