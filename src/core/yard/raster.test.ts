import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import type { CameraProfile } from '../catalogue';
import { luxOf } from '../light';
import { isHidden, isInsideOutline, isInside, sees } from '../view';
import { classOfCode, classRaster } from './coverage';
import { CAMERA as EASY } from './forTests';
import { lampsOf } from './lamps';
import { luxMap } from './luxMap';
import { groundAt } from './ground';
import { siteCoverage } from './siteCoverage';
import { FACE_M, cameraAt, standing, type Obstacle, type Scene } from './scene';

const CAMERA: CameraProfile = { ...EASY, hfovDeg: 100 };
const EXTENT = { acrossM: 8, awayM: 12, cellM: 0.5 } as const;
const obstacle = fc.record({
  distanceM: fc.double({ min: 1, max: 12, noNaN: true }),
  turnDeg: fc.integer({ min: -80, max: 80 }),
  widthM: fc.double({ min: 0.3, max: 4, noNaN: true }),
  depthM: fc.double({ min: 0.3, max: 4, noNaN: true }),
  tallM: fc.double({ min: 0.5, max: 4, noNaN: true }),
});
/** A house that goes round a corner beside the camera, as the plan would have it. */
const CORNER = {
  id: 'h',
  floorM: 0,
  shape: { id: 'h', what: 'house' as const, corners: [], tallM: 5, eaveM: 0, groundM: 0, closingM: null },
  prism: {
    footprint: [
      [-6, 0],
      [3, 0],
      [3, 4],
      [6, 4],
      [6, -8],
      [-6, -8],
    ] as const,
    baseM: 0,
    topM: 5,
  },
};
const TERRACE = [
  [-2.1, 1.2],
  [3.3, 1.2],
  [3.3, 4.6],
  [-2.1, 4.6],
] as const;
const scenes = fc
  .record({
    boxes: fc.array(obstacle, { maxLength: 6 }),
    cornered: fc.boolean(),
    round: fc.boolean(),
    pan: fc.integer({ min: -60, max: 60 }),
    tilt: fc.integer({ min: 0, max: 50 }),
    fallShare: fc.double({ min: -0.2, max: 0.2, noNaN: true }),
    baseM: fc.constantFrom(0, -0.3),
    terraceM: fc.option(fc.double({ min: -0.5, max: 0.8, noNaN: true })),
  })
  .map(({ boxes, cornered, round, pan, tilt, fallShare, terraceM, baseM }) => ({
    scene: {
      camera: round ? { ...CAMERA, projection: 'equidistant' as const, hfovDeg: 150 } : CAMERA,
      surface: 'wall' as const,
      targets: [],
      obstacles: boxes.map((one, i): Obstacle => ({ ...one, id: `b${i}`, stands: 'shed', how: 'taped' })),
      fallShare,
      around: {
        solids: cornered ? [CORNER] : [],
        walks: [],
        areas: [],
        baseM,
        levels: terraceM === null ? [] : [{ id: 't', outline: TERRACE, heightM: terraceM }],
      },
    } satisfies Scene,
    aim: { lensM: 2.9, panDeg: pan, jointDeg: tilt },
  }));
const cells = Array.from({ length: 24 * 32 }, (_, k) => ({ row: Math.floor(k / 32), column: k % 32 })).map(
  ({ row, column }) => ({ k: row * 32 + column, x: -8 + (column + 0.5) * 0.5, y: (row + 0.5) * 0.5 }),
);

describe('a raster', () => {
  it('says of every cell what a look at it says, past boxes and round the corner of a house', () => {
    fc.assert(
      fc.property(scenes, ({ scene, aim }) => {
        const { codes } = classRaster(scene, aim, EXTENT);
        const solids = standing(scene);
        const camera = cameraAt(scene, aim);
        const see = sees(camera, solids);
        for (const { k, x, y } of cells) {
          const place = [x, y, groundAt(scene, [x, y]) + FACE_M] as const;
          const one = see(place);
          const shows = one.inFrame && !one.hidden && !solids.some((solid) => isInside(solid, place));
          expect([k, classOfCode(codes[k] ?? 0)]).toEqual([k, shows ? one.class : 'none']);
        }
      }),
      { seed: 174, numRuns: 40 },
    );
  });
  it('has of every cell the light that falls there, shadows and all', () => {
    fc.assert(
      fc.property(scenes, ({ scene, aim }) => {
        const { lux } = luxMap(scene, aim, EXTENT);
        const solids = standing(scene);
        for (const { k, x, y } of cells) {
          // A terrace lies level, the ground about it leans away from the wall
          const isOnTerrace = scene.around.levels.length > 0 && isInsideOutline(TERRACE, [x, y]);
          const receiver = {
            point: [x, y, groundAt(scene, [x, y])] as const,
            normal: [0, isOnTerrace ? 0 : scene.fallShare, 1] as const,
          };
          const sum = lampsOf(scene, aim).reduce((all, lamp) => all + luxOf(lamp, solids)(receiver), 0);
          expect(lux[k]).toBeCloseTo(sum, 9);
        }
      }),
      { seed: 175, numRuns: 40 },
    );
  });
  it('puts the cameras of a site together, each in its own frame: the best of them counts', () => {
    const scene: Scene = { camera: CAMERA, surface: 'wall', targets: [], obstacles: [], around: null };
    const aim = { lensM: 2.9, panDeg: 0, jointDeg: 15 };
    const up = { frame: { origin: [0, 0] as const, outDeg: 0 }, scene, aim };
    const down = { frame: { origin: [0, 20] as const, outDeg: 180 }, scene, aim };
    const extent = { leftM: -6, lowM: -4, widthM: 12, heightM: 28, cellM: 0.5 };
    const [one, other, both] = [[up], [down], [up, down]].map((cameras) => siteCoverage(cameras, extent));
    const total = (each: typeof one): number => Object.values(each?.areaM2 ?? {}).reduce((sum, area) => sum + area, 0);
    for (const each of [one, other, both]) expect(total(each)).toBeCloseTo(12 * 28, 6);
    // They look at each other over the same yard: mirrored, and together less is blind
    expect(one?.areaM2.identify).toBeCloseTo(other?.areaM2.identify ?? NaN, 6);
    expect(both?.areaM2.none).toBeLessThan(one?.areaM2.none ?? 0);
    // Behind a wall nothing is seen
    expect(one?.stretches.every(({ y }) => y > 0)).toBe(true);
    expect(other?.stretches.every(({ y }) => y < 20)).toBe(true);
  });
  it('has shadows behind a box, and none before it', () => {
    const box: Obstacle = {
      id: 'b',
      stands: 'wall',
      how: 'taped',
      distanceM: 4,
      turnDeg: 0,
      widthM: 4,
      depthM: 0.5,
      tallM: 2.5,
    };
    const scene: Scene = { camera: CAMERA, surface: 'wall', targets: [], obstacles: [box], around: null };
    const lens = cameraAt(scene, { lensM: 2.9, panDeg: 0, jointDeg: 15 }).position;
    expect(isHidden(standing(scene), lens, [0, 6, FACE_M])).toBe(true);
    const { codes, columns } = classRaster(scene, { lensM: 2.9, panDeg: 0, jointDeg: 15 }, EXTENT);
    const at = (x: number, y: number) => codes[Math.floor(y / 0.5) * columns + Math.floor((x + 8) / 0.5)];
    expect(at(0, 6)).toBe(0);
    expect(at(0, 3)).toBeGreaterThan(0);
  });
});
