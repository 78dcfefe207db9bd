import { describe, expect, it } from 'vitest';
import { SHIPPED_CATALOGUE, bracketsIn, type Bracket } from '../catalogue';
import { CAMERA, target } from './forTests';
import { onBracket, otherMountings, type ListedCamera } from './otherMountings';
import { proposeAim } from './proposeAim';
import { cameraAt, lensPlace, type Scene, type Target } from './scene';
import { jointMissDeg, seenTargets } from './seenTarget';
import { isSensed } from './sensor';
import { zonesOf } from './zones';

const yard = (targets: readonly Target[], more: Partial<Scene> = {}): Scene => ({
  camera: CAMERA,
  surface: 'wall',
  targets,
  obstacles: [],
  ...more,
});
const [block] = bracketsIn(SHIPPED_CATALOGUE, 'eave');
const corner = bracketsIn(SHIPPED_CATALOGUE, 'wall').find(({ turnDeg }) => turnDeg === 45);
const listed = (id: string, more: Partial<ListedCamera['camera']> = {}, cost = 100): ListedCamera => ({
  id,
  name: id,
  camera: { ...CAMERA, ...more },
  cost,
});
const set = (bracket: Bracket | undefined, side: 'left' | 'right' | null = null) => {
  if (!bracket) throw new Error('no such bracket');
  return { ...bracket, side };
};

describe('a bracket', () => {
  it('turns the whole fixture, joint and sensor with it', () => {
    const scene = onBracket(yard([]), set(corner, 'left'));
    const straight = cameraAt(scene, { lensM: 2.9, panDeg: 0, jointDeg: 15 });
    expect(straight.bearingDeg).toBeCloseTo(315, 9);
    expect(straight.rollDeg).toBeCloseTo(0, 9);
    const narrow = { ...scene, camera: { ...CAMERA, sensorLobeDeg: 60 } };
    const sensed = (turnDeg: number) => isSensed(narrow, { lensM: 2.9 }, target('a', 5, turnDeg));
    expect([sensed(-45), sensed(-14), sensed(0)]).toEqual([true, false, false]);
  });
  it('stands upright under an eave, and farther out on an arm', () => {
    const scene = onBracket(yard([], { surface: 'eave', overhangM: 0.5 }), set(block));
    const camera = cameraAt(scene, { lensM: 2.7, panDeg: 0, jointDeg: 15 });
    expect(camera).toMatchObject({ isTurned: false });
    expect(camera.tiltDownDeg).toBeCloseTo(15, 9);
    expect(lensPlace(onBracket(yard([]), { ...set(block), outM: 0.3 }), { lensM: 2.9 })[1]).toBeCloseTo(0.45, 9);
  });
});

describe('what would show more from a spot', () => {
  // Its joint stops 20° aside: the gate at 80° is out of the picture, whose half is 45°
  const camera = { panDeg: 20 };
  const scene = yard([target('gate', 6, 80), target('door', 5, 10)], { camera: { ...CAMERA, ...camera } });
  const now = { cameraId: 'own', met: 1, leanDeg: 0 };
  const own = listed('own', camera, 0);
  it('is nothing where there is nothing listed', () => {
    expect(otherMountings(scene, 2.9, now, [own], [])).toEqual([]);
  });
  it('is a bracket to the side of what is missed, before a dearer camera whose joint goes on', () => {
    const ways = otherMountings(scene, 2.9, now, [own, listed('wide', { panDeg: 90 }, 200)], corner ? [corner] : []);
    expect(ways[0]).toMatchObject({ camera: { id: 'own' }, bracket: { id: 'corner-45', side: 'right' }, met: 2 });
    expect(ways.some(({ camera: { id }, bracket, met }) => id === 'wide' && bracket === null && met === 2)).toBe(true);
    for (const { camera: found, bracket, aim, met, turnDeg } of ways) {
      const there = onBracket({ ...scene, camera: found.camera }, bracket);
      expect(seenTargets(there, aim).filter(({ miss }) => miss === null)).toHaveLength(met);
      expect(cameraAt(there, aim).bearingDeg).toBe(turnDeg);
    }
  });
  it('is what keeps the picture from leaning, where as much is met: a block that stands upright under an eave', () => {
    const eave = yard([target('gate', 6, 60)], { surface: 'eave', camera: { ...CAMERA, headDownDeg: 90 } });
    const own90 = listed('own', { headDownDeg: 90 }, 0);
    const ways = otherMountings(eave, 2.7, { cameraId: 'own', met: 1, leanDeg: 40 }, [own90], block ? [block] : []);
    expect(ways[0]).toMatchObject({ bracket: { id: 'eave-block' }, met: 1 });
    expect(ways[0]?.leanDeg).toBeCloseTo(0, 9);
    expect(otherMountings(eave, 2.7, { cameraId: 'own', met: 1, leanDeg: 5 }, [own90], block ? [block] : [])).toEqual(
      [],
    );
  });
  it('proposes by the bracket it stands on, not by another one of before', () => {
    const right = onBracket(scene, set(corner, 'right'));
    const left = onBracket(scene, set(corner, 'left'));
    const turn = (there: Scene) =>
      cameraAt(there, proposeAim(there, 2.9) ?? { lensM: 0, panDeg: 0, jointDeg: 0 }).bearingDeg;
    expect(turn(right)).toBeGreaterThan(25);
    expect(turn(right)).toBeLessThan(66);
    // At most 45° left and 20° back
    expect(turn(left)).toBeCloseTo(335, 9);
  });
});

describe('a joint', () => {
  it('stops short of what it can’t be turned to: the nearest that it comes, in degrees', () => {
    // At 20° of its own to either side, level with a face at 80°: 60° short
    const level = yard([], { camera: { ...CAMERA, panDeg: 20 } });
    const there = target('g', 6, 80, { groundM: 1.4 });
    const turned =
      (Math.atan2(6 * Math.sin((80 * Math.PI) / 180), 6 * Math.cos((80 * Math.PI) / 180) - 0.15) * 180) / Math.PI;
    expect(jointMissDeg(level, { lensM: 2.9 }, there)).toBeCloseTo(turned - 20, 6);
    expect(jointMissDeg(yard([]), { lensM: 2.9 }, there)).toBeCloseTo(0, 6);
    expect(jointMissDeg(onBracket(level, set(corner, 'right')), { lensM: 2.9 }, there)).toBeLessThan(turned - 60);
  });
});

describe('zones', () => {
  it('lie round the figure at each target that is met, inside of the picture', () => {
    const scene = yard([target('gate', 7, 0), target('car', 6, 25, { what: 'car', wants: 'observe' })]);
    const aim = { lensM: 2.9, panDeg: 0, jointDeg: 15 };
    const zones = zonesOf(scene, aim);
    expect(zones.map(({ target: { id } }) => id)).toEqual(['gate', 'car']);
    for (const { target: one, left, right, top, foot } of zones) {
      const pixel = seenTargets(scene, aim).find(({ target: { id } }) => id === one.id)?.seen.pixel ?? [0, 0];
      const [x, y] = [(100 * pixel[0]) / CAMERA.widthPx, (100 * pixel[1]) / CAMERA.heightPx];
      expect([left < x, x < right, top < y, y < foot, left >= 0, right <= 100]).toEqual([
        true,
        true,
        true,
        true,
        true,
        true,
      ]);
    }
    // 1 m to each side at 6 m, 2 m up: its near upper edge spans ± 1000 px · 1 m / depth about the middle of 2000 px
    const [gate] = zones;
    const depth = (6 - 0.15) * Math.cos(Math.PI / 12) + (2.9 - 2) * Math.sin(Math.PI / 12);
    expect(gate?.right).toBeCloseTo(50 + (100 * (1000 / depth)) / 2000, 6);
  });
  it('are none of what is missed or to be kept out', () => {
    const scene = yard([target('far', 60, 0), target('window', 8, 0, { what: 'window', wants: 'out' })]);
    expect(zonesOf(scene, { lensM: 2.9, panDeg: 0, jointDeg: 15 })).toEqual([]);
  });
});
