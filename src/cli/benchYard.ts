import { SHIPPED_CATALOGUE, bracketsIn, wedgesIn, type CameraProfile } from '@/core/catalogue';
import { USUAL_SCENE, believed, doorSeen, proposeDoor, sidesAt, tiltsAt, type DoorScene } from '@/core/mount';
import { seeded } from '@/core/random';
import {
  cameraAt,
  classRaster,
  lampsOf,
  luxMap,
  otherMountings,
  proposeSpots,
  seenTargets,
  siteCoverage,
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
  siteMemory(scene);
  otherWays(few);
  door();
}

/** The most memory that a site of 40 × 40 m at 10 cm takes beside what stood before, by how many cameras it has. */
function siteMemory(scene: Scene): void {
  const taken = (cameras: number): number => {
    const all = Array.from({ length: cameras }, (_, i) => ({
      frame: { origin: [i, 0] as const, outDeg: 18 * i },
      scene,
      aim: { lensM: 2.9, panDeg: 0, jointDeg: 18 },
    }));
    const used = (): number => process.memoryUsage().heapUsed + process.memoryUsage().arrayBuffers;
    const before = used();
    let most = 0;
    siteCoverage(all, { leftM: -20, lowM: -20, widthM: 40, heightM: 40, cellM: 0.1 }, () => {
      most = Math.max(most, used() - before);
    });
    return most / 2 ** 20;
  };
  taken(1);
  line('a site of 1 camera, of 20', `${taken(1).toFixed(0)} MB, ${taken(20).toFixed(0)} MB at most`);
}

/** Brackets and listed cameras on one spot. */
function otherWays(scene: Scene): void {
  const cameras = Array.from({ length: 4 }, (_, i) => ({
    id: `c${i}`,
    name: `c${i}`,
    camera: { ...CAMERA, hfovDeg: 80 + 10 * i },
    cost: 100 * i,
  }));
  const now = { cameraId: 'c0', met: 0, leanDeg: 0 };
  const took = share(
    timesOf(3, () => otherMountings(scene, 2.9, now, cameras, bracketsIn(SHIPPED_CATALOGUE, 'wall'))),
    0.5,
  );
  line('4 cameras × brackets on a spot', ms(took));
}

/** Height and stack at a door, beside every stack at every height with its belief. */
function door(): void {
  const wedges = wedgesIn(SHIPPED_CATALOGUE);
  const scene: DoorScene = {
    ...USUAL_SCENE,
    device: { viewDeg: { horizontal: 155, vertical: 88 }, plateM: { height: 0.13, width: 0.05 } },
    wedges,
    reveal: { side: 'right', clearM: 0.15, outM: 0.3 },
  };
  const took = share(
    timesOf(3, () => proposeDoor(scene, { lowestM: 1.1, highestM: 1.3 })),
    0.5,
  );
  const start = performance.now();
  for (const tiltDeg of tiltsAt(scene))
    for (const sideDeg of sidesAt(scene))
      for (let lensM = 1.1; lensM <= 1.3; lensM += 0.02) {
        const hangs = { lensM, tiltDeg, sideDeg };
        believed(scene, hangs, doorSeen(scene, hangs).sees);
      }
  line('height and stack at a door', ms(took));
  line('  each single stack at each height', `${((performance.now() - start) / took).toFixed(1)} times as slow`);
}
