import type { CameraProfile } from '@/core/catalogue';
import { seeded } from '@/core/random';
import {
  cameraAt,
  classRaster,
  lampsOf,
  luxMap,
  proposeSpots,
  seenTargets,
  standing,
  type Scene,
  type Target,
} from '@/core/yard';
import { luxOf } from '@/core/light';
import { sees } from '@/core/view';
import { line, ms, share, timesOf } from './measured';

// The yard of a large site: rasters, a handle that is dragged, spots along a wall; each beside a plain version in the same run.

const CAMERA: CameraProfile = {
  projection: 'rectilinear',
  hfovDeg: 105,
  widthPx: 2560,
  heightPx: 1440,
  panDeg: 90,
  headDownDeg: 60,
  headUpDeg: 10,
  sensorReachM: 9,
  sensorHeightM: 2.9,
  sensorLobeDeg: 180,
  lamps: 2,
  lampLm: 1000,
  lampBeamDeg: 90,
};

const random = seeded(1811);
const between = (low: number, high: number): number => low + (high - low) * random();
const target = (i: number): Target => ({
  id: `t${i}`,
  what: 'gate',
  wants: 'recognise',
  how: 'paced',
  distanceM: between(3, 14),
  turnDeg: between(-70, 70),
});
/** A yard with so many boxes, seen by one camera. */
const yardOf = (boxes: number): Scene => ({
  camera: CAMERA,
  surface: 'wall',
  targets: Array.from({ length: 6 }, (_, i) => target(i)),
  obstacles: Array.from({ length: boxes }, (_, i) => ({
    id: `b${i}`,
    stands: 'shed' as const,
    how: 'taped' as const,
    distanceM: between(4, 38),
    turnDeg: between(-70, 70),
    widthM: between(0.5, 3),
    depthM: between(0.5, 3),
    tallM: between(1, 3),
  })),
});
const AIMS = [-30, -10, 10, 30].map((panDeg) => ({ lensM: 2.9, panDeg, jointDeg: 18 }));
const FINE = { acrossM: 20, awayM: 40, cellM: 0.1 } as const;
const COARSE = { acrossM: 20, awayM: 40, cellM: 0.5 } as const;

/** A raster cell by cell, every cell a look of its own past every box. */
function plainClasses(scene: Scene): void {
  for (const aim of AIMS) {
    const see = sees(cameraAt(scene, aim), standing(scene));
    for (let y = 0.05; y < 40; y += 0.1) for (let x = -19.95; x < 20; x += 0.1) see([x, y, 1.5]);
  }
}

function plainLux(scene: Scene): void {
  for (const aim of AIMS)
    for (const lamp of lampsOf(scene, aim)) {
      const shines = luxOf(lamp, standing(scene));
      for (let y = 0.05; y < 40; y += 0.1)
        for (let x = -19.95; x < 20; x += 0.1) shines({ point: [x, y, 0], normal: [0, 0, 1] });
    }
}

/** Rasters of a site, a handle that is dragged, spots along a wall. */
export function benchYard(): void {
  const scene = yardOf(50);
  const middle = (runs: number, work: () => void): number => share(timesOf(runs, work), 0.5);
  const classes = middle(5, () => AIMS.forEach((aim) => classRaster(scene, aim, FINE)));
  const plain = middle(1, () => plainClasses(scene));
  line('40 × 40 m at 10 cm, 4 cameras, 50 boxes: classes', ms(classes));
  line('  cell by cell', `${(plain / classes).toFixed(1)} times as slow`);
  const lux = middle(5, () => AIMS.forEach((aim) => luxMap(scene, aim, FINE)));
  const plainLight = middle(1, () => plainLux(scene));
  line('  lux', ms(lux));
  line('  cell by cell', `${(plainLight / lux).toFixed(1)} times as slow`);
  const drag = middle(20, () => {
    seenTargets(scene, AIMS[1] ?? { lensM: 2.9, panDeg: 0, jointDeg: 18 });
    classRaster(scene, AIMS[1] ?? { lensM: 2.9, panDeg: 0, jointDeg: 18 }, COARSE);
  });
  line('  a handle dragged: targets and a coarse raster, one camera', ms(drag));
  const few = yardOf(10);
  const spots = Array.from({ length: 200 }, (_, i) => -5 + i * 0.05);
  const heights = [2.2, 2.4, 2.5, 2.6, 2.7, 2.8, 2.9, 3, 3.2];
  let firstMs = 0;
  const start = performance.now();
  proposeSpots(few, { rightM: 0, lensM: 2.9 }, spots, heights, () => {
    if (firstMs === 0) firstMs = performance.now() - start;
    return true;
  });
  line('200 spots × 9 heights', `${ms(performance.now() - start)}, first told after ${ms(firstMs)}`);
  const cost = (boxes: number): number => {
    const yard = yardOf(boxes);
    return middle(5, () => classRaster(yard, { lensM: 2.9, panDeg: 0, jointDeg: 18 }, FINE));
  };
  const [ten, forty] = [cost(10), cost(40)];
  line('  10 boxes to 40, one camera', `${(forty / ten).toFixed(2)} times as long`);
  const [one, four] = [
    middle(5, () => AIMS.slice(0, 1).forEach((aim) => classRaster(scene, aim, FINE))),
    middle(5, () => AIMS.forEach((aim) => classRaster(scene, aim, FINE))),
  ];
  line('  1 camera to 4', `${(four / one).toFixed(2)} times as long`);
}
