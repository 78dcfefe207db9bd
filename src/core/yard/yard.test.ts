import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { axesOf, dot, lengthOf, minus } from '../view';
import { classReachM, coverageOf, nearEdgeM } from './coverage';
import { doubtOf } from './doubt';
import { CAMERA, target } from './forTests';
import { luxAt } from './lamps';
import { pictureOf } from './picture';
import { placeAt } from './placed';
import { proposeAim } from './proposeAim';
import { cameraAt, lensPlace, targetPlace, type Obstacle, type Scene, type Target } from './scene';
import { hiddenBehind, seenTargets } from './seenTarget';
import { isSensed, sensorReach } from './sensor';

const shed = (distanceM: number, turnDeg: number, more: Partial<Obstacle> = {}): Obstacle => ({
  id: 'shed',
  stands: 'shed',
  how: 'taped',
  distanceM,
  turnDeg,
  widthM: 2,
  depthM: 1,
  tallM: 2.4,
  ...more,
});
const yard = (targets: readonly Target[], obstacles: readonly Obstacle[] = [], more: Partial<Scene> = {}): Scene => ({
  camera: CAMERA,
  surface: 'wall',
  targets,
  obstacles,
  ...more,
});
const AHEAD = { lensM: 2.9, panDeg: 0, jointDeg: 15 } as const;
const missOf = (scene: Scene, aim = AHEAD as { lensM: number; panDeg: number; jointDeg: number }) =>
  seenTargets(scene, aim).map(({ miss }) => miss);

describe('what a floodlight camera sees of its yard', () => {
  it('tells pixels per metre by hand', () => {
    // f = 1000 px / tan 45° = 1000; a face 8 m out, 1.4 m below the lens, 15° down: depth 7.85 cos 15° + 1.4 sin 15° = 7.94 m
    const [one] = seenTargets(yard([target('gate', 8, 0)]), AHEAD);
    expect(one?.seen.pixelsPerMetre).toBeCloseTo(
      1000 / (7.85 * Math.cos(Math.PI / 12) + 1.4 * Math.sin(Math.PI / 12)),
      6,
    );
    expect(one?.miss).toBeNull();
    expect(one?.downDeg).toBeCloseTo((Math.atan2(1.4, 7.85) * 180) / Math.PI, 6);
  });
  it('says why a target is missed', () => {
    expect(missOf(yard([target('a', 8.5, 0), target('b', 5, 70), target('c', 6, 0)], [shed(4, 0)]))).toEqual([
      'hidden',
      'outOfPicture',
      'hidden',
    ]);
    expect(missOf(yard([target('far', 30, 0)]))).toEqual(['tooCoarse']);
    expect(
      missOf(yard([target('window', 9, 10, { wants: 'out' }), target('street', 9, 80, { wants: 'out' })])),
    ).toEqual(['inPicture', null]);
  });
  it('names what hides a target, and lets a car not be hidden by itself', () => {
    const scene = yard([target('gate', 8, 0)], [shed(5, 40), shed(4, 0, { id: 'hedge', stands: 'hedge' })]);
    const [gate] = scene.targets;
    expect(gate && hiddenBehind(scene, AHEAD, gate)).toBe('hedge');
    const car = target('car', 6, 10, { what: 'car', wants: 'observe' });
    const parked = shed(6.2, 10, { stands: 'car', tallM: 1.5 });
    expect(missOf(yard([car], [parked]))).toEqual([null]);
    expect(missOf(yard([car], [{ ...parked, stands: 'wall' }]))).toEqual(['hidden']);
  });
  it('sees each cell of the plan as it sees a single face there', () => {
    const scene = yard([], [shed(4, 20)]);
    const stretches = coverageOf(scene, AHEAD, { acrossM: 6, awayM: 9, cellM: 0.5 });
    expect(stretches.length).toBeGreaterThan(10);
    for (const { y, fromX, toX, class: seenAs } of stretches) {
      const x = (fromX + toX) / 2 === 0 ? 0.25 : fromX + 0.25;
      const there = target('x', Math.hypot(x, y), (Math.atan2(x, y) * 180) / Math.PI);
      const [seen] = seenTargets({ ...scene, targets: [there] }, AHEAD);
      expect(seen?.seen.inFrame).toBe(true);
      expect(seen?.seen.hidden).toBe(false);
      expect(seen?.seen.class).toBe(seenAs);
    }
  });
  it('ends a class straight ahead where the face of a target stops having it', () => {
    const reach = classReachM(yard([]), AHEAD, 'recognise');
    // The lens stands 15 cm before the wall that distances are taken from
    const at = (metres: number) => missOf(yard([target('a', metres + 0.15, 0)]))[0];
    expect(at(reach - 0.01)).toBeNull();
    expect(at(reach + 0.01)).toBe('tooCoarse');
  });
  it('finds the nearest ground below its picture by hand', () => {
    // 1200 px tall: half is atan(0.6) = 30.96°; 15° down: 45.96° below the horizon, 2.9 / tan = 2.80 m
    expect(nearEdgeM(yard([]), AHEAD)).toBeCloseTo(2.9 / Math.tan(((15 + 30.9638) * Math.PI) / 180), 4);
  });
  it('draws a visitor where the single point is, and nothing of what is behind', () => {
    const scene = yard([target('gate', 7, -12), target('back', 2, 150)]);
    const { figures, ground } = pictureOf(scene, AHEAD);
    expect(figures.map((one) => one.target.id)).toEqual(['gate']);
    expect(ground.length).toBeGreaterThan(5);
    const [gate] = scene.targets;
    const pixel = gate && seenTargets(scene, AHEAD)[0]?.seen.pixel;
    const [figure] = figures;
    // Face and head of one visitor are above one another
    expect(figure?.head[0]).toBeCloseTo(pixel?.[0] ?? 0, -1.5);
    expect(figure?.head[1]).toBeLessThan(pixel?.[1] ?? 0);
  });
});

describe('the aim that is proposed', () => {
  const turn = fc.integer({ min: -70, max: 70 });
  const away = fc.double({ min: 2, max: 12, noNaN: true });
  it('is never worse than looking straight ahead, and within the joint', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(away, turn), { minLength: 1, maxLength: 4 }), (places) => {
        const scene = yard(places.map(([distanceM, turnDeg], i) => target(String(i), distanceM, turnDeg)));
        const aim = proposeAim(scene, 2.9);
        if (!aim) throw new Error('nothing is proposed');
        const met = (one: typeof aim) => missOf(scene, one).filter((miss) => miss === null).length;
        expect(met(aim)).toBeGreaterThanOrEqual(met({ ...AHEAD }));
        expect(Math.abs(aim.panDeg)).toBeLessThanOrEqual(90);
        expect(aim.jointDeg).toBeGreaterThanOrEqual(-10);
        expect(aim.jointDeg).toBeLessThanOrEqual(60);
      }),
      { seed: 18, numRuns: 20 },
    );
  });
  it('looks at a single target, and away from a neighbour’s window', () => {
    const aim = proposeAim(yard([target('gate', 8, 30)]), 2.9);
    const camera = cameraAt(yard([]), aim ?? AHEAD);
    const way = minus(targetPlace({}, target('gate', 8, 30)), lensPlace({}, { lensM: 2.9 }));
    expect(dot(axesOf(camera).forward, way) / lengthOf(way)).toBeGreaterThan(Math.cos(Math.PI / 60));
    const both = yard([target('gate', 8, 30), target('window', 9, -30, { what: 'window', wants: 'out' })]);
    expect(missOf(both, proposeAim(both, 2.9) ?? AHEAD)).toEqual([null, null]);
  });
  it('is none without anything to see', () => {
    expect(proposeAim(yard([]), 2.9)).toBeNull();
  });
  it('keeps the picture level under an eave where that shows as much: a head that turns there leans it', () => {
    const scene = yard([target('gate', 7, 28), target('door', 5, -20)], [], {
      surface: 'eave',
      camera: { ...CAMERA, headDownDeg: 90 },
    });
    const aim = proposeAim(scene, 2.7);
    if (!aim) throw new Error('nothing is proposed');
    expect(missOf(scene, aim)).toEqual([null, null]);
    expect(Math.abs(cameraAt(scene, aim).rollDeg)).toBeLessThan(3);
  });
  it('turns the picture the right way up under an eave', () => {
    const camera = cameraAt(yard([], [], { surface: 'eave' }), { lensM: 2.7, panDeg: 0, jointDeg: 60 });
    expect(camera.isTurned).toBe(true);
    expect(camera.rollDeg).toBeCloseTo(0, 9);
    expect(camera.tiltDownDeg).toBeCloseTo(30, 9);
  });
});

describe('how sure it is', () => {
  it('is sure of what is taped and near, and open about what is paced to the edge of its class', () => {
    const edge = classReachM(yard([]), AHEAD, 'recognise');
    const scene = yard([target('near', 4, 0), target('edge', edge, 0, { how: 'paced' })]);
    const { chances, tape } = doubtOf(scene, AHEAD);
    expect(chances.get('near')).toBe(1);
    expect(chances.get('edge')).toBeGreaterThan(0.3);
    expect(chances.get('edge')).toBeLessThan(0.7);
    expect(tape).toBe('edge');
    // The same scene, the same chances
    expect(doubtOf(scene, AHEAD)).toEqual({ chances, tape });
  });
});

describe('sensor and lamps', () => {
  it('reaches as its sheet says from its own height, and less nose-down, by hand', () => {
    expect(sensorReach(CAMERA, { lensM: 2.9 }).reachM).toBeCloseTo(9, 9);
    expect(sensorReach(CAMERA, { lensM: 2.9, sensorDownDeg: 5 }).reachM).toBeCloseTo(6.2, 1);
    expect(sensorReach(CAMERA, { lensM: 2.9 }).blindM).toBeCloseTo(1.9 / Math.tan(Math.PI / 3), 9);
    expect(sensorReach(CAMERA, { lensM: 6 }).reachM).toBeCloseTo(9.9, 9);
    const sensed = (distanceM: number, scene = yard([])) => isSensed(scene, AHEAD, target('a', distanceM, 30));
    expect(sensed(8.9)).toBe(true);
    expect(sensed(9.1)).toBe(false);
    expect(sensed(5, yard([], [], { camera: { ...CAMERA, sensorLobeDeg: 50 } }))).toBe(false);
    expect(sensed(7, yard([], [shed(5, 30)]))).toBe(false);
  });
  it('lights a face less the farther it is, and not behind a shed', () => {
    const lux = (distanceM: number, obstacles: readonly Obstacle[] = []) =>
      luxAt(yard([], obstacles), AHEAD, target('a', distanceM, 0));
    expect(lux(5)).toBeGreaterThan(lux(8));
    expect(lux(8, [shed(5, 0)])).toBe(0);
    expect(placeAt({ distanceM: 5, turnDeg: 90 })[0]).toBeCloseTo(5, 9);
  });
});
