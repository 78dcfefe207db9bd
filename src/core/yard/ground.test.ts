import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { classReachM, nearEdgeM } from './coverage';
import { CAMERA, target } from './forTests';
import { groundAt, overGround } from './ground';
import { isOverHorizon, lampsInPicture, lampsOf, luxAt } from './lamps';
import { lampDownFor, windowLuxOf } from './luxMap';
import { cameraAt, targetPlace, type Scene, type Surroundings } from './scene';
import { lensForFace, seenTargets } from './seenTarget';
import { isSensed, sensorLobe, sensorReach } from './sensor';

const AHEAD = { lensM: 2.9, panDeg: 0, jointDeg: 15 } as const;
const yard = (more: Partial<Scene> = {}): Scene => ({
  camera: CAMERA,
  surface: 'wall',
  targets: [],
  obstacles: [],
  ...more,
});
const around = (more: Partial<Surroundings>): Surroundings => ({
  solids: [],
  walks: [],
  areas: [],
  levels: [],
  baseM: 0,
  ...more,
});
const STEPS = {
  id: 's',
  outline: [
    [-2, 5],
    [2, 5],
    [2, 8],
    [-2, 8],
  ],
  heightM: 0.6,
} as const;

describe('ground that is not level', () => {
  it('falls away from the wall, and lies level on what was drawn higher; the last drawn counts', () => {
    const scene = yard({ fallShare: 0.1, around: around({ levels: [STEPS, { ...STEPS, id: 't', heightM: 0.4 }] }) });
    expect(groundAt(scene, [5, 6])).toBeCloseTo(-0.6, 9);
    expect(groundAt(scene, [0, 6])).toBe(0.4);
    expect(overGround(scene, { distanceM: 10, turnDeg: 0 }, 1.5)[2]).toBeCloseTo(0.5, 9);
  });
  it('has a face by its own ground where somebody measured it', () => {
    const scene = yard({ fallShare: 0.1 });
    expect(targetPlace(scene, target('g', 10, 0))[2]).toBeCloseTo(0.5, 9);
    expect(targetPlace(scene, target('g', 10, 0, { groundM: 1 }))[2]).toBeCloseTo(2.5, 9);
  });
  it('says from which height a face is more than a cap: 30° at 4 m, and none within reach of hands', () => {
    expect(lensForFace(yard(), target('g', 4, 0))).toBeCloseTo(1.5 + 3.85 * Math.tan(Math.PI / 6), 9);
    expect(lensForFace(yard(), target('g', 0.8, 0))).toBeNull();
    // On steps it may hang as much higher
    const onSteps = yard({ around: around({ levels: [STEPS] }) });
    expect(lensForFace(onSteps, target('g', 6, 0))).toBeCloseTo(2.1 + 5.85 * Math.tan(Math.PI / 6), 9);
  });
  it('moves a face in the picture as if it were carried there', () => {
    // On steps 0.6 m high a face is seen as on level ground from a lens 0.6 m lower
    const high = seenTargets(yard({ targets: [target('g', 6, 0)], around: around({ levels: [STEPS] }) }), AHEAD);
    const low = seenTargets(yard({ targets: [target('g', 6, 0)] }), { ...AHEAD, lensM: 2.3 });
    expect(high[0]?.seen.pixel?.[1]).toBeCloseTo(low[0]?.seen.pixel?.[1] ?? NaN, 9);
    expect(high[0]?.downDeg).toBeCloseTo(low[0]?.downDeg ?? NaN, 9);
  });
  it('reaches where a class ends: the face there has just its pixels per metre', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.25, max: 0.25, noNaN: true }),
        fc.integer({ min: -50, max: 50 }),
        fc.boolean(),
        (fallShare, panDeg, round) => {
          const camera = round ? { ...CAMERA, projection: 'equidistant' as const, hfovDeg: 150 } : CAMERA;
          const aim = { lensM: 2.9, panDeg, jointDeg: 15 };
          const scene = yard({ fallShare, camera });
          const reach = classReachM(scene, aim, 'recognise');
          // Counted from below the lens, which stands a hand before the wall
          const { bearingDeg, position } = cameraAt(scene, aim);
          const turn = (bearingDeg * Math.PI) / 180;
          const [x, y] = [reach * Math.sin(turn), position[1] + reach * Math.cos(turn)];
          const there = target('g', Math.hypot(x, y), (Math.atan2(x, y) * 180) / Math.PI, {
            groundM: -fallShare * (y - position[1]),
          });
          const [one] = seenTargets({ ...scene, targets: [there] }, aim);
          expect(one?.seen.pixelsPerMetre).toBeCloseTo(125, 6);
        },
      ),
      { seed: 1801 },
    );
  });
  it('is seen from nearer where it rises, by hand', () => {
    // 1200 px over 1000 px of focal length: 30.96° below 15°, so 45.96°
    const steepest = Math.tan((45.9638 * Math.PI) / 180);
    expect(nearEdgeM(yard(), AHEAD)).toBeCloseTo(2.9 / steepest, 3);
    expect(nearEdgeM(yard({ fallShare: -0.2 }), AHEAD)).toBeCloseTo(2.9 / (steepest + 0.2), 3);
    expect(nearEdgeM(yard({ fallShare: 1.5 }), AHEAD)).toBeNull();
  });
  it('lets a sensor reach a body farther off where it falls away, and never past its rating', () => {
    // tan 11.92° = 1.9/9; 5 m out on ground that rises 10 %: 1.9 / (0.2111 + 0.1) = 6.11 m
    expect(sensorReach(CAMERA, AHEAD, -0.1).reachM).toBeCloseTo(1.9 / (1.9 / 9 + 0.1), 6);
    expect(sensorReach(CAMERA, AHEAD, 0.1).reachM).toBeCloseTo(9.9, 9);
    const sensed = (fallShare: number, distanceM: number) =>
      isSensed(yard({ fallShare }), AHEAD, target('g', distanceM, 0));
    expect([sensed(-0.1, 6), sensed(-0.1, 6.2), sensed(0.1, 9.5), sensed(0.1, 10)]).toEqual([true, false, true, false]);
    // Along the wall ground that falls away from it is level
    const lobe = sensorLobe(yard({ fallShare: -0.1 }), AHEAD);
    expect(Math.hypot(...(lobe[0] ?? [0, 0]))).toBeCloseTo(9, 6);
    expect(Math.hypot(...(lobe[12] ?? [0, 0]))).toBeCloseTo(6.1, 1);
  });
});

describe('lamps', () => {
  it('stand as they are set, and light the ground they look at more', () => {
    const scene = yard();
    const [left, right] = lampsOf(scene, { ...AHEAD, lampDownDeg: 55, lampOutDeg: 30 });
    expect([left?.tiltDownDeg, left?.bearingDeg, right?.bearingDeg]).toEqual([55, -30, 30]);
    const face = target('g', 6, 0);
    expect(luxAt(scene, { ...AHEAD, lampDownDeg: 15, lampOutDeg: 0 }, face)).toBeGreaterThan(luxAt(scene, AHEAD, face));
  });
  it('shine over the horizon when tilted less than half their beam', () => {
    const [lamp] = lampsOf(yard(), AHEAD);
    if (!lamp) throw new Error('no lamp');
    // Nobody said how they stand: below the horizon
    expect(lamp.tiltDownDeg).toBe(45);
    expect(isOverHorizon(lamp)).toBe(false);
    expect(isOverHorizon({ ...lamp, tiltDownDeg: 44 })).toBe(true);
  });
  it('stand in the picture of a head that is turned to them', () => {
    expect(lampsInPicture(yard(), AHEAD)).toEqual([]);
    expect(lampsInPicture(yard(), { ...AHEAD, panDeg: 60 })).toEqual([1]);
    expect(lampsInPicture(yard(), { ...AHEAD, panDeg: -60 })).toEqual([0]);
  });
  it('are tilted just so far that a window next door gets no more than it may', () => {
    const window = {
      id: 'w',
      what: 'window' as const,
      corners: [
        [1, 9, 1],
        [2.2, 9, 1],
        [2.2, 9, 2.2],
        [1, 9, 2.2],
      ] as const,
    };
    const scene = yard({ around: around({ areas: [window] }) });
    const now = windowLuxOf(scene, AHEAD);
    const most = now / 3;
    const down = lampDownFor(scene, AHEAD, most);
    expect(down).toBeGreaterThan(45);
    expect(windowLuxOf(scene, { ...AHEAD, lampDownDeg: down ?? 0 })).toBeLessThanOrEqual(most);
    expect(windowLuxOf(scene, { ...AHEAD, lampDownDeg: (down ?? 0) - 1 })).toBeGreaterThan(most);
    expect(lampDownFor(scene, AHEAD, now)).toBe(45);
    expect(lampDownFor(scene, AHEAD, 0)).toBeNull();
  });
});
