/** A box as it is sold: what can be told from outside, and the volume that goes with it. */
export interface StandardBox {
  readonly id: string;
  readonly shape: 'round' | 'square' | 'device';
  readonly volumeIn3: number;
  readonly depthM: number;
  /** Distance of the fixture’s screw holes, and their thread. */
  readonly screwCentresM: number;
  readonly thread: '8-32' | '10-24' | '6-32' | 'M3.5' | 'M4';
  readonly regions: readonly string[];
}

const INCH_M = 0.0254;
const us = (id: string, shape: StandardBox['shape'], volumeIn3: number, depthIn: number): StandardBox => ({
  id,
  shape,
  volumeIn3,
  depthM: depthIn * INCH_M,
  screwCentresM: (shape === 'device' ? 3.281 : 3.5) * INCH_M,
  thread: shape === 'device' ? '6-32' : '8-32',
  regions: ['na-120'],
});
const CM3_PER_IN3 = 16.387064;
const gb = (
  id: string,
  shape: StandardBox['shape'],
  [widthMm, heightMm, depthMm]: readonly [number, number, number],
  screwCentresMm: number,
): StandardBox => ({
  id,
  shape,
  // A round one by its circle
  volumeIn3: ((shape === 'round' ? Math.PI / 4 : 1) * widthMm * heightMm * depthMm) / 1000 / CM3_PER_IN3,
  depthM: depthMm / 1000,
  screwCentresM: screwCentresMm / 1000,
  thread: shape === 'round' ? 'M4' : 'M3.5',
  regions: ['gb-230'],
});

/** Standard boxes. Volumes of the first group are those of NEC table 314.16(A), domain/junction; of the second by their size. */
export const STANDARD_BOXES: readonly StandardBox[] = [
  us('oct-1-1-4', 'round', 12.5, 1.25),
  us('oct-1-1-2', 'round', 15.5, 1.5),
  us('oct-2-1-8', 'round', 21.5, 2.125),
  us('pancake', 'round', 6, 0.5),
  us('sq-1-1-4', 'square', 18, 1.25),
  us('sq-1-1-2', 'square', 21, 1.5),
  us('sq-2-1-8', 'square', 30.3, 2.125),
  us('sq11-1-1-4', 'square', 25.5, 1.25),
  us('sq11-1-1-2', 'square', 29.5, 1.5),
  us('sq11-2-1-8', 'square', 42, 2.125),
  us('dev-1-1-2', 'device', 7.5, 1.5),
  us('dev-2', 'device', 10, 2),
  us('dev-2-1-4', 'device', 10.5, 2.25),
  us('dev-2-1-2', 'device', 12.5, 2.5),
  us('dev-2-3-4', 'device', 14, 2.75),
  us('dev-3-1-2', 'device', 18, 3.5),
  us('util-1-1-2', 'device', 10.3, 1.5),
  us('util-1-7-8', 'device', 13, 1.875),
  us('util-2-1-8', 'device', 14.5, 2.125),
  us('fs', 'device', 13.5, 1.75),
  us('fd', 'device', 18, 2.375),
  gb('gb-16', 'device', [72, 72, 16], 60.3),
  gb('gb-25', 'device', [72, 72, 25], 60.3),
  gb('gb-35', 'device', [72, 72, 35], 60.3),
  gb('gb-47', 'device', [72, 72, 47], 60.3),
  gb('gb-conduit', 'round', [65, 65, 35], 51),
  gb('gb-ip-75', 'square', [75, 75, 40], 60),
];

/** A standard box by its id; null for none. */
export const standardBox = (id: string | undefined): StandardBox | null =>
  STANDARD_BOXES.find((box) => box.id === id) ?? null;

export const in3ToCm3 = (in3: number): number => in3 * CM3_PER_IN3;
export const cm3ToIn3 = (cm3: number): number => cm3 / CM3_PER_IN3;
