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
  readonly bit: string;
  readonly anchor: string;
  /** Anchor's whole length; 0 where the screw holds by itself. */
  readonly anchorM: number;
  /** Screw that must stand in what bears where there is no anchor. */
  readonly biteM: number;
  readonly screwDiameterM: number;
  /** Something between plate and bearing wall. */
  readonly coverM: number;
  readonly caution: string | null;
}

const ASBESTOS = 'Old boards and stucco may hold asbestos: not drilled until known.';

export const WALL_FIXINGS: Readonly<Record<Wall, WallFixing>> = {
  timber: {
    bit: 'pilot only, 2.5 mm',
    anchor: 'none',
    anchorM: 0,
    biteM: 0.025,
    screwDiameterM: 0.004,
    coverM: 0,
    caution: 'Old paint may hold lead: no dry sanding.',
  },
  fibreCement: {
    bit: 'pilot 3 mm',
    anchor: 'small anchors',
    anchorM: 0.02,
    biteM: 0,
    screwDiameterM: 0.004,
    coverM: 0.008,
    caution: ASBESTOS,
  },
  brick: {
    bit: 'masonry 6 mm (1/4 in)',
    anchor: 'anchors 6 mm',
    anchorM: 0.03,
    biteM: 0,
    screwDiameterM: 0.004,
    coverM: 0,
    caution: null,
  },
  blockPlasterboard: {
    bit: 'masonry 6 mm (1/4 in)',
    anchor: 'long anchors into the block',
    anchorM: 0.03,
    biteM: 0,
    screwDiameterM: 0.004,
    coverM: 0.025,
    caution: 'Plasterboard alone does not hold it.',
  },
  render: {
    bit: 'masonry 6 mm (1/4 in)',
    anchor: 'anchors 6 mm',
    anchorM: 0.03,
    biteM: 0,
    screwDiameterM: 0.004,
    coverM: 0.02,
    caution: ASBESTOS,
  },
  concrete: {
    bit: 'masonry 4 mm (5/32 in)',
    anchor: 'concrete screws 5 mm (3/16 in)',
    anchorM: 0,
    biteM: 0.025,
    screwDiameterM: 0.005,
    coverM: 0,
    caution: null,
  },
  vinyl: {
    bit: 'pilot only, 2.5 mm',
    anchor: 'mounting block behind',
    anchorM: 0,
    biteM: 0.025,
    screwDiameterM: 0.004,
    coverM: 0.02,
    caution: 'Leave the siding room to move.',
  },
  metal: {
    bit: 'metal 3 mm',
    anchor: 'self-tapping screws',
    anchorM: 0,
    biteM: 0.012,
    screwDiameterM: 0.004,
    coverM: 0,
    caution: 'Deburr and grommet the cable hole.',
  },
};
