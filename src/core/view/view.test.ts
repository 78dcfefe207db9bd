import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { aimAt, lookAt, type Joint, type Mounting } from './aimJoint';
import { isHidden } from './boxes';
import { alongAxes, axesOf, projecting, rayOf, type Camera } from './camera';
import { isNearLine } from './cap';
import { cosDeg, degreesOf, sinDeg } from './degrees';
import { poseFrom } from './pose';
import { pixelClass, sees } from './seen';
import { angleBetween, dot, lengthOf, minus, plus, times, unit, type Vec3 } from './vector';

const seed = { seed: 18, numRuns: 200 };
const angle = fc.double({ min: -180, max: 180, noNaN: true });
const tilt = fc.double({ min: -89, max: 89, noNaN: true });
const metres = fc.double({ min: -20, max: 20, noNaN: true });
const place = fc.tuple(metres, metres, metres);
const camera = fc.record({
  model: fc.constantFrom('rectilinear' as const, 'equidistant' as const),
  position: place,
  bearingDeg: angle,
  tiltDownDeg: tilt,
  rollDeg: angle,
  hfovDeg: fc.double({ min: 30, max: 150, noNaN: true }),
  widthPx: fc.constant(2560),
  heightPx: fc.constant(1440),
});

describe('what a camera sees', () => {
  it('has right, down and forward square to one another, whatever way it looks', () => {
    fc.assert(
      fc.property(angle, fc.double({ min: -90, max: 90, noNaN: true }), angle, (bearingDeg, tiltDownDeg, rollDeg) => {
        const { forward, right, down } = axesOf({ bearingDeg, tiltDownDeg, rollDeg });
        for (const one of [forward, right, down]) expect(lengthOf(one)).toBeCloseTo(1, 12);
        for (const [a, b] of [
          [forward, right],
          [right, down],
          [down, forward],
        ] as const)
          expect(dot(a, b)).toBeCloseTo(0, 12);
      }),
      seed,
    );
  });
  it('keeps its right side level at roll 0, and lowers it with roll', () => {
    expect(axesOf({ bearingDeg: 37, tiltDownDeg: 90, rollDeg: 0 }).right[2]).toBe(0);
    expect(axesOf({ bearingDeg: 37, tiltDownDeg: 10, rollDeg: 15 }).right[2]).toBeLessThan(0);
  });
  it('sees the same where camera and world are moved and turned together', () => {
    fc.assert(
      fc.property(camera, place, place, angle, (one, point, shift, turn) => {
        fc.pre(lengthOf(minus(point, one.position)) > 0.1);
        // Clockwise by `turn`, as bearings go
        const moved = ([x, y, z]: Vec3): Vec3 =>
          plus([x * cosDeg(turn) + y * sinDeg(turn), y * cosDeg(turn) - x * sinDeg(turn), z], shift);
        const before = sees(one, [])(point);
        const after = sees(
          { ...one, position: moved(one.position), bearingDeg: one.bearingDeg + turn },
          [],
        )(moved(point));
        expect(after.distanceM).toBeCloseTo(before.distanceM, 8);
        expect(after.depthM).toBeCloseTo(before.depthM, 8);
        if (!before.pixel || !after.pixel || Math.abs(before.depthM) < 0.01) return;
        for (const i of [0, 1] as const) {
          const scale = Math.max(1, Math.abs(before.pixel[i]));
          expect(Math.abs(after.pixel[i] - before.pixel[i]) / scale).toBeLessThan(1e-6);
        }
      }),
      seed,
    );
  });
  it('keeps verticals vertical where a camera of straight lines looks level', () => {
    const level: Camera = {
      model: 'rectilinear',
      position: [0, 0, 2],
      bearingDeg: 30,
      tiltDownDeg: 0,
      rollDeg: 0,
      hfovDeg: 100,
      widthPx: 2560,
      heightPx: 1440,
    };
    const see = sees(level, []);
    expect(see([4, 6, 0]).pixel?.[0]).toBeCloseTo(see([4, 6, 5]).pixel?.[0] ?? 0, 9);
    // Level too: what is as high as the lens lies on the middle line
    expect(see([4, 6, 2]).pixel?.[1]).toBeCloseTo(720, 9);
  });
  it('looks along the ray of a pixel to the point that has it', () => {
    fc.assert(
      fc.property(camera, place, (one, point) => {
        const axes = axesOf(one);
        const offset = minus(point, one.position);
        fc.pre(lengthOf(offset) > 0.1);
        const pixel = projecting(one)(...alongAxes(axes, offset));
        fc.pre(pixel !== null && Math.abs(dot(unit(offset), axes.forward)) > 0.05);
        const ray = rayOf(one, axes, pixel ?? [0, 0]);
        expect(degreesOf(angleBetween(ray ?? [0, 0, 0], offset))).toBeLessThan(1e-5);
      }),
      seed,
    );
  });
  it('calls a picture by its pixels per metre, each class from its own figure on', () => {
    expect([250, 249.9, 125, 62.5, 25, 12.5, 12.4].map(pixelClass)).toEqual([
      'identify',
      'recognise',
      'recognise',
      'observe',
      'detect',
      'monitor',
      'none',
    ]);
  });
  it('hides what walks through a box, from either side alike', () => {
    fc.assert(
      fc.property(place, place, place, fc.tuple(fc.nat(9), fc.nat(9), fc.nat(9)), (from, to, min, size) => {
        const box = { min, max: plus(min, plus(size, [0.1, 0.1, 0.1])) };
        expect(isHidden([box], from, to)).toBe(isHidden([box], to, from));
        // Where some place on the way is well inside, it is hidden
        const inside = Array.from({ length: 99 }, (_, i) => plus(from, times(minus(to, from), (i + 1) / 100))).some(
          (at) => [0, 1, 2].every((k) => (at[k] ?? 0) > (box.min[k] ?? 0) && (at[k] ?? 0) < (box.max[k] ?? 0)),
        );
        if (inside) expect(isHidden([box], from, to)).toBe(true);
      }),
      seed,
    );
  });
});

describe('a joint', () => {
  const joint: Joint = { panDeg: [-90, 90], tiltDeg: [-10, 60] };
  const mounting = fc.record({ surface: fc.constantFrom('wall' as const, 'eave' as const), outDeg: angle });
  it('looks where it says, and no other position of it looks nearer', () => {
    fc.assert(
      fc.property(mounting, place, place, (on: Mounting, at, target) => {
        fc.pre(lengthOf(minus(target, at)) > 0.1);
        const aim = aimAt(on, at, joint, target);
        const way = minus(target, at);
        expect(degreesOf(angleBetween(axesOf(aim).forward, way))).toBeCloseTo(aim.missDeg, 6);
        for (let panDeg = -90; panDeg <= 90; panDeg += 15)
          for (let tiltDeg = -10; tiltDeg <= 60; tiltDeg += 10) {
            const miss = degreesOf(angleBetween(axesOf(lookAt(on, panDeg, tiltDeg)).forward, way));
            expect(miss).toBeGreaterThan(aim.missDeg - 1e-6);
          }
      }),
      seed,
    );
  });
  it('keeps the horizon level on a wall, whatever it pans and tilts', () => {
    for (const panDeg of [-80, -20, 0, 45])
      for (const tiltDeg of [-10, 0, 30, 60])
        expect(lookAt({ surface: 'wall', outDeg: 120 }, panDeg, tiltDeg).rollDeg).toBeCloseTo(0, 9);
  });
});

describe('a pose from a picture', () => {
  it('is the one that the picture was taken from', () => {
    fc.assert(
      fc.property(camera, fc.array(place, { minLength: 3, maxLength: 6 }), (one, points) => {
        const axes = axesOf(one);
        const marks = points.flatMap((point) => {
          const offset = minus(point, one.position);
          const pixel = projecting(one)(...alongAxes(axes, offset));
          // What a hand can tap: in the picture, or near it
          return pixel && lengthOf(offset) > 0.5 && Math.abs(pixel[0]) < 5000 && Math.abs(pixel[1]) < 5000
            ? [{ point, pixel }]
            : [];
        });
        fc.pre(marks.length > 2);
        fc.pre(
          !isNearLine(
            marks.map(({ point }) => unit(minus(point, one.position))),
            5,
          ),
        );
        const found = poseFrom(one, one.position, marks, false);
        expect(found?.rmsPx).toBeLessThan(1e-4);
        const miss = degreesOf(angleBetween(axesOf(found ?? one).forward, axes.forward));
        expect(miss).toBeLessThan(1e-3);
      }),
      { seed: 18, numRuns: 25 },
    );
  });
});
