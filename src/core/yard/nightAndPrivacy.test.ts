import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { WINDOW_LUX } from '../light';
import { luxMap, luxOnWindow } from './luxMap';
import { CAMERA, target } from './forTests';
import { luxAt } from './lamps';
import { masksOf, skyShare } from './privacy';
import { proposeSpots, sceneFrom } from './proposeSpots';
import { cameraAt, type PrivateArea, type Scene, type Surroundings, type Target } from './scene';
import { poseOfPicture } from './ownPicture';
import { lensInside, seenTargets } from './seenTarget';
import { sunInFrame } from './sun';
import { sensorMeets, walkLengths, walkPieces } from './walks';

const AHEAD = { lensM: 2.9, panDeg: 0, jointDeg: 15 } as const;
const street = (nearM: number, farM: number): PrivateArea => ({
  id: 's',
  what: 'street',
  corners: [
    [-30, nearM, 0],
    [-30, farM, 0],
    [30, farM, 0],
    [30, nearM, 0],
  ],
});
const windowAt = (x: number, y: number): PrivateArea => ({
  id: 'w',
  what: 'window',
  corners: [
    [x, y, 1],
    [x + 1.2, y, 1],
    [x + 1.2, y, 2.2],
    [x, y, 2.2],
  ],
});
const wall = (x: number, y: number, width: number, tallM: number): Surroundings['solids'][number] => ({
  id: 'b',
  floorM: 0,
  shape: { id: 'b', what: 'wall', corners: [], tallM, eaveM: 0, groundM: 0, closingM: null },
  prism: {
    footprint: [
      [x, y],
      [x + width, y],
      [x + width, y + 0.2],
      [x, y + 0.2],
    ],
    baseM: 0,
    topM: tallM,
  },
});
const around = (more: Partial<Surroundings> = {}): Surroundings => ({
  solids: [],
  walks: [],
  areas: [],
  levels: [],
  baseM: 0,
  ...more,
});
const yard = (targets: readonly Target[], more: Partial<Scene> = {}): Scene => ({
  camera: CAMERA,
  surface: 'wall',
  targets,
  obstacles: [],
  around: around(),
  ...more,
});

describe('masks', () => {
  it('cover a street across the whole width, and nothing nearer than its kerb', () => {
    const [mask] = masksOf(yard([], { around: around({ areas: [street(10, 20)] }) }), AHEAD);
    // The kerb lies atan(2.9 / 9.85) = 16.4° down, 1.4° under the middle of a picture of f = 1000: 24.6 px of 1200
    expect(mask?.foot).toBeCloseTo(50 + (100 * 24.6) / 1200, -1);
    expect(mask).toMatchObject({ left: 0, right: 100 });
    expect(mask?.share).toBeGreaterThan(0.05);
  });
  it('are none for what is not seen: behind the camera, or behind a wall', () => {
    expect(masksOf(yard([], { around: around({ areas: [street(-20, -10)] }) }), AHEAD)).toEqual([]);
    const behind = around({ areas: [street(10, 20)], solids: [wall(-40, 5, 80, 3)] });
    expect(masksOf(yard([], { around: behind }), AHEAD)).toEqual([]);
  });
  it('leave a gate free that is to be seen', () => {
    // The face, 1.5 m up and 9 m away, stands before the street behind it
    const scene = yard([target('gate', 9, 10, { wants: 'detect' })], {
      around: around({ areas: [street(12, 40)] }),
    });
    const [seen] = seenTargets(scene, AHEAD);
    const [mask] = masksOf(scene, AHEAD);
    const [x = 0, y = 0] = seen?.seen.pixel ?? [];
    const [right, down] = [(100 * x) / CAMERA.widthPx, (100 * y) / CAMERA.heightPx];
    const isCovered = mask && right > mask.left && right < mask.right && down > mask.top && down < mask.foot;
    expect(seen?.miss).toBeNull();
    expect(isCovered).toBe(false);
    const bare = masksOf(yard([], { around: around({ areas: [street(12, 40)] }) }), AHEAD);
    expect(bare[0] && down > bare[0].top && down < bare[0].foot).toBe(true);
  });
  it('cover a window where it stands in the picture', () => {
    const [mask] = masksOf(yard([], { around: around({ areas: [windowAt(2, 8)] }) }), AHEAD);
    // Its left edge: 2 m to the right at about 7.6 m of depth, f = 1000: 263 px right of the middle
    expect(mask?.left).toBeCloseTo(50 + (100 * 262) / 2000, -1);
  });
});

describe('light at night', () => {
  it('is on the raster what it is at a single place', () => {
    const scene = yard([], { around: around({ solids: [wall(1, 3, 2, 2)] }) });
    const map = luxMap(scene, AHEAD, { acrossM: 6, awayM: 10, cellM: 0.5 });
    expect(map.lux).toHaveLength(24 * 20);
    // In the shadow of the wall less than before it
    const at = (x: number, y: number) => map.lux[Math.floor(y / 0.5) * 24 + Math.floor((x + 6) / 0.5)] ?? NaN;
    expect(at(2, 4)).toBeLessThan(at(-2, 4) / 2);
    expect(at(0, 3)).toBeGreaterThan(at(0, 8));
  });
  it('falls on a window by the square of its distance, and not through a wall', () => {
    // Both windows on one line from the lens, 4 and 8 m away: about a quarter of the light
    const near = luxOnWindow(yard([]), AHEAD, windowAt(-0.6, 4.15));
    const far = luxOnWindow(yard([]), AHEAD, windowAt(-0.6, 8.15));
    expect(near / far).toBeGreaterThan(2);
    const shut = yard([], { around: around({ solids: [wall(-5, 2, 10, 4)] }) });
    expect(luxOnWindow(shut, AHEAD, windowAt(-0.6, 4.15))).toBe(0);
    // A window that stands crosswise gets what a face turned to the lamps gets, at most
    const face = luxAt(yard([]), AHEAD, target('f', 8, 0));
    expect(far).toBeLessThan(1.2 * face);
    expect(WINDOW_LUX.suburban.after).toBeLessThan(WINDOW_LUX.suburban.before);
  });
});

describe('a way that people walk', () => {
  const walked = (...walk: readonly (readonly [number, number])[]) =>
    walkLengths(walkPieces(yard([], { around: around({ walks: [walk] }) }), AHEAD));
  it('is strong across the rays, weak straight at the sensor, not sensed far off or behind a wall', () => {
    expect(walked([-2, 5], [2, 5])).toMatchObject({ weak: 0, notSensed: 0 });
    expect(walked([-2, 5], [2, 5]).strong).toBeCloseTo(4, 9);
    const straight = walked([0, 8], [0, 2]);
    expect(straight.strong).toBe(0);
    expect(straight.weak).toBeCloseTo(6, 9);
    expect(walked([-2, 12], [2, 12]).notSensed).toBeCloseTo(4, 9);
    const behind = yard([], {
      around: around({
        walks: [
          [
            [-2, 5],
            [2, 5],
          ],
        ],
        solids: [wall(-4, 4, 8, 3)],
      }),
    });
    expect(walkLengths(walkPieces(behind, AHEAD)).notSensed).toBeCloseTo(4, 9);
  });
});

describe('what the picture and the sensor come to', () => {
  it('is so much sky: 8 of 31° over the middle are over the horizon where it looks 15° down', () => {
    // f = 1000: the horizon lies 268 px over the middle of 1200, so 332 px over it are sky
    expect(skyShare(yard([]), AHEAD)).toBeCloseTo(332 / 1200, 1);
    expect(skyShare(yard([], { around: around({ solids: [wall(-60, 5, 120, 60)] }) }), AHEAD)).toBeLessThan(0.01);
  });
  it('meets a street within the reach of its sensor, and not one farther off', () => {
    expect(sensorMeets(yard([], { around: around({ areas: [street(7, 12)] }) }), AHEAD)).toEqual(['street']);
    expect(sensorMeets(yard([], { around: around({ areas: [street(12, 20)] }) }), AHEAD)).toEqual([]);
  });
});

describe('the sun in the picture', () => {
  const almanac = (bearingDeg: number, heightDeg: number) => () => ({ bearingDeg, heightDeg });
  const sees = (bearingDeg: number, heightDeg: number, wallBearingDeg: number) =>
    sunInFrame(yard([]), AHEAD, { almanac: almanac(bearingDeg, heightDeg), longitudeDeg: 0, wallBearingDeg }, 2026)
      .length;
  it('stands there where the camera looks towards it, and not behind, beside, over or under it', () => {
    // 15° down, 31° up from there to the upper edge: 16° over the horizon
    expect(sees(200, 10, 200)).toBe(12);
    expect(sees(200, 25, 200)).toBe(0);
    expect(sees(20, 10, 200)).toBe(0);
    expect(sees(290, 10, 200)).toBe(0);
    expect(sees(200, -3, 200)).toBe(0);
  });
  it('is hidden by what stands there', () => {
    const shut = yard([], { around: around({ solids: [wall(-20, 5, 40, 12)] }) });
    const under = { almanac: almanac(0, 10), longitudeDeg: 0, wallBearingDeg: 0 };
    expect(sunInFrame(shut, AHEAD, under, 2026)).toEqual([]);
  });
});

describe('other spots', () => {
  it('changes nothing where the whole yard moves along', () => {
    fc.assert(
      fc.property(fc.integer({ min: -300, max: 300 }), fc.integer({ min: -60, max: 60 }), (cm, turn) => {
        const scene = yard([target('gate', 7, turn)]);
        const moved = sceneFrom(sceneFrom(scene, cm / 100), -cm / 100);
        expect(moved.targets[0]?.distanceM).toBeCloseTo(7, 9);
        expect(moved.targets[0]?.turnDeg).toBeCloseTo(turn, 9);
      }),
      { seed: 176 },
    );
  });
  it('finds one from which a shed no longer hides the bins, and says what it costs', () => {
    const shed = {
      id: 'x',
      stands: 'shed',
      how: 'taped',
      distanceM: 4,
      turnDeg: 30,
      widthM: 1.6,
      depthM: 1,
      tallM: 2.4,
    } as const;
    const scene = yard([target('bins', 7, 30, { what: 'bins', wants: 'detect' }), target('gate', 7, -10)], {
      obstacles: [shed],
    });
    const now = { rightM: 0, lensM: 2.7 };
    const here = proposeSpots(scene, now, [0], [2.7]);
    expect(here[0]).toMatchObject({ met: 1, minutes: 0 });
    const told: number[] = [];
    const best = proposeSpots(scene, now, [-3, -2, -1, 0, 1, 2, 3], [2.4, 2.7, 3], (done) => told.push(done) > 0);
    expect(best[0]?.met).toBe(2);
    expect(best[0]?.minutes).toBeGreaterThan(0);
    expect(told.at(-1)).toBe(21);
    // What it says is so from there
    const there = sceneFrom(scene, best[0]?.rightM ?? 0);
    expect(best[0] && seenTargets(there, best[0].aim).every(({ miss }) => miss === null)).toBe(true);
    expect(cameraAt(there, best[0]?.aim ?? AHEAD).position[2]).toBe(best[0]?.lensM);
  });
  it('stops where it is told to', () => {
    let asked = 0;
    proposeSpots(yard([target('gate', 7, 0)]), { rightM: 0, lensM: 2.7 }, [...Array(40).keys()], [2.7], () => {
      asked++;
      return false;
    });
    expect(asked).toBe(1);
  });
});

describe('what is placed wrongly', () => {
  it('is said of a lens inside a shed, and of two marks on one spot', () => {
    const shed = {
      id: 'x',
      stands: 'shed',
      how: 'taped',
      distanceM: 0.6,
      turnDeg: 0,
      widthM: 2,
      depthM: 2,
      tallM: 4,
    } as const;
    expect(lensInside(yard([], { obstacles: [shed] }), AHEAD)).toBe('shed');
    expect(lensInside(yard([], { obstacles: [{ ...shed, tallM: 2 }] }), AHEAD)).toBeNull();
    const mark = { place: [0, 5, 0], right: 0.5, down: 0.6 } as const;
    expect(poseOfPicture(yard([]), 2.9, [mark, { ...mark, place: [2, 5, 0] }])).toEqual({ refused: 'oneSpot' });
    expect(poseOfPicture(yard([]), 2.9, [])).toEqual({ refused: 'noMarks' });
    expect(poseOfPicture(yard([]), 2.9, [mark, { ...mark, right: 0.6 }])).toEqual({ refused: 'oneLine' });
  });
});
