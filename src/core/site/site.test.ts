import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { isInside, stops, type Box, type Prism, type Vec3 } from '../view';
import {
  NO_PLAN,
  alongNearest,
  alongSide,
  crossingSides,
  faultOf,
  frameOf,
  outwardOf,
  readyShape,
  roomAlong,
  sidesOf,
  solidsFor,
  toLocal,
  toSite,
  withLength,
  withTurn,
  signedArea,
  widened,
  type Corner,
  type ReadyShape,
  type Shape,
} from './index';

const OBLONG: readonly Corner[] = [
  [0, 0],
  [0, 7],
  [10, 7],
  [10, 0],
];
const shape = (corners: readonly Corner[], more: Partial<Shape> = {}): Shape => ({
  id: 'h',
  what: 'house',
  corners,
  tallM: 5,
  eaveM: 0,
  groundM: 0,
  closingM: null,
  ...more,
});
const plan = (...shapes: readonly Shape[]) => ({ ...NO_PLAN, shapes });
const hundredths = (least: number, most: number) =>
  fc.integer({ min: least * 100, max: most * 100 }).map((one) => one / 100);
const metre = hundredths(-12, 12);
const place = fc.tuple(metre, metre, hundredths(-1, 8));

describe('an outline', () => {
  it('is told by its sides and turns', () => {
    expect(sidesOf(OBLONG)).toEqual([
      { lengthM: 7, turnDeg: 90 },
      { lengthM: 10, turnDeg: 90 },
      { lengthM: 7, turnDeg: 90 },
      { lengthM: 10, turnDeg: 90 },
    ]);
  });
  it('follows a taped side: the others keep their length, the closing one takes up the difference', () => {
    const longer = withLength(OBLONG, 1, 12);
    expect(longer).toEqual([
      [0, 0],
      [0, 7],
      [12, 7],
      [12, 0],
    ]);
    const skew = withLength(OBLONG, 0, 8);
    expect(sidesOf(skew).map(({ lengthM }) => Number(lengthM.toFixed(3)))).toEqual([8, 10, 7, 10.05]);
  });
  it('follows a turn that was measured, and gives it back', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1 }), fc.double({ min: 30, max: 150, noNaN: true }), (side, turn) => {
        const turned = withTurn(OBLONG, side, turn);
        expect(sidesOf(turned)[side]?.turnDeg).toBeCloseTo(turn, 9);
        // What lies before the turn stays
        expect(turned.slice(0, side + 2)).toEqual(OBLONG.slice(0, side + 2));
        expect(sidesOf(turned)[side + 1]?.lengthM).toBeCloseTo(sidesOf(OBLONG)[side + 1]?.lengthM ?? 0, 9);
      }),
      { seed: 177 },
    );
  });
  it('says which sides cross, how far it stays open, and what is no wall', () => {
    const bow: readonly Corner[] = [
      [0, 0],
      [4, 4],
      [4, 0],
      [0, 4],
    ];
    expect(crossingSides(bow)).toEqual([0, 2]);
    expect(faultOf(shape(bow))).toEqual({ fault: 'cross', sides: [0, 2] });
    expect(faultOf(shape(OBLONG))).toBeNull();
    expect(faultOf(shape(OBLONG, { closingM: 10.2 }))).toBeNull();
    expect(faultOf(shape(OBLONG, { closingM: 10.6 }))).toMatchObject({ fault: 'open' });
    expect(
      faultOf(
        shape([
          [0, 0],
          [0, 0.01],
          [5, 3],
        ]),
      ),
    ).toEqual({ fault: 'flat' });
    // A line crosses nothing
    expect(
      faultOf(
        shape(
          [
            [0, 0],
            [4, 4],
          ],
          { what: 'path' },
        ),
      ),
    ).toBeNull();
  });
  it('looks out of each wall, whichever way round it was drawn', () => {
    // Up the left side: out is to the left, west of the plan
    expect([0, 1, 2, 3].map((side) => outwardOf(OBLONG, side))).toEqual([270, 0, 90, 180]);
    expect(outwardOf([...OBLONG].reverse(), 0)).toBe(90);
  });
  it('is ready made without crossings for every kind and house', () => {
    for (const house of ['oblong', 'angle', 'notch'] as const)
      expect(crossingSides(readyShape('house', [3, 4], house))).toBeNull();
    expect(readyShape('car', [3, 4])[0]).toEqual([3, 4]);
  });
});

describe('the frame of a point', () => {
  it('puts a point on its wall, its right hand along it', () => {
    // The lower wall of the house, 4 m from its first corner at (10, 0); it looks down the paper
    const frame = frameOf(plan(shape(OBLONG)), { shapeId: 'h', side: 3, alongM: 4 });
    expect(frame).toMatchObject({ origin: [6, 0], outDeg: 180 });
    if (!frame) throw new Error('no frame');
    // Looking down the paper right is left on it
    const [right, out] = toLocal(frame, [2, -5]);
    expect([right, out].map((one) => Number(one.toFixed(9)))).toEqual([4, 5]);
    expect(alongSide(OBLONG, 1, 2.5)).toEqual([2.5, 7]);
  });
  it('has its wall to the left and to the right of it, whichever way round the outline was drawn', () => {
    // Looking down the paper from 4 m along the lower wall: the corner at (10, 0) is to the left, 4 m away
    const clockwise = roomAlong(plan(shape(OBLONG)), { shapeId: 'h', side: 3, alongM: 4 });
    expect(clockwise?.left).toBeCloseTo(4, 9);
    expect(clockwise?.right).toBeCloseTo(6, 9);
    // The other way round the same place is 6 m from the first corner of that wall, at (0, 0)
    const other = roomAlong(plan(shape([...OBLONG].reverse())), { shapeId: 'h', side: 3, alongM: 6 });
    expect(frameOf(plan(shape([...OBLONG].reverse())), { shapeId: 'h', side: 3, alongM: 6 })?.origin).toEqual([6, 0]);
    expect(other?.left).toBeCloseTo(4, 9);
    expect(other?.right).toBeCloseTo(6, 9);
  });
  it('is lost with its wall', () => {
    expect(frameOf(plan(), { shapeId: 'h', side: 0, alongM: 1 })).toBeNull();
    expect(frameOf(plan(shape(OBLONG)), { shapeId: 'h', side: 7, alongM: 1 })).toBeNull();
  });
  it('leads there and back', () => {
    fc.assert(
      fc.property(metre, metre, metre, metre, fc.double({ min: 0, max: 359, noNaN: true }), (x, y, a, b, outDeg) => {
        const frame = { origin: [a, b] as const, outDeg };
        const [p, q] = toSite(frame, toLocal(frame, [x, y]));
        expect(p).toBeCloseTo(x, 9);
        expect(q).toBeCloseTo(y, 9);
      }),
      { seed: 178 },
    );
  });
  it('has the whole house behind it, and what stands before it before it', () => {
    const car = shape(readyShape('car', [5, -8]), { id: 'c', what: 'car', tallM: null });
    const frame = frameOf(plan(shape(OBLONG)), { shapeId: 'h', side: 3, alongM: 4 });
    if (!frame) throw new Error('no frame');
    const [house, before] = solidsFor(plan(shape(OBLONG), car), frame, () => 0);
    expect(Math.max(...(house?.prism.footprint ?? []).map(([, out]) => out))).toBeCloseTo(0, 9);
    expect(Math.min(...(before?.prism.footprint ?? []).map(([, out]) => out))).toBeCloseTo(3.6, 9);
    expect(before?.prism.topM).toBe(1.5);
  });
});

describe('a prism', () => {
  const box: Box = { min: [-2, -3, 0], max: [4, 1, 3] };
  const prism: Prism = {
    footprint: [
      [-2, -3],
      [4, -3],
      [4, 1],
      [-2, 1],
    ],
    baseM: 0,
    topM: 3,
  };
  it('stops what the same box stops, from anywhere to anywhere', () => {
    fc.assert(
      fc.property(place, place, (from, to) => {
        expect(stops(prism, from as Vec3, to as Vec3)).toBe(stops(box, from, to));
        expect(isInside(prism, from as Vec3)).toBe(isInside(box, from));
      }),
      { seed: 179, numRuns: 2000 },
    );
  });
  it('stops nothing that runs along one of its faces, nor what only stands on it', () => {
    expect(stops(prism, [-2, -10, 1], [-2, 10, 1])).toBe(false);
    expect(stops(prism, [0, 0, 3], [3, 0, 3])).toBe(false);
    expect(isInside(prism, [-2, 0, 1])).toBe(false);
  });
  it('lets through what passes in the corner of an angle', () => {
    const angle: Prism = { footprint: readyShape('house', [0, 0], 'angle'), baseM: 0, topM: 5 };
    // The corner that is cut out lies right of 6 and over 5
    expect(stops(angle, [7, 20, 2], [7, 6, 2])).toBe(false);
    expect(stops(angle, [7, 20, 2], [7, 4, 2])).toBe(true);
    expect(stops(angle, [20, 7, 2], [3, 7, 2])).toBe(true);
    // By the time it is over the wing it has risen past its top
    expect(stops(angle, [20, 7, 2], [3, 7, 20])).toBe(false);
    expect(stops(angle, [20, 7, 6], [3, 7, 6])).toBe(false);
  });
});

describe('a place along a wall', () => {
  it('is the one that lies nearest, no farther than its ends', () => {
    // From (10, 0) to (0, 0)
    expect(alongNearest(OBLONG, 3, [7, -2])).toBeCloseTo(3, 9);
    expect(alongNearest(OBLONG, 3, [30, 1])).toBe(0);
    expect(alongNearest(OBLONG, 3, [-4, 1])).toBe(10);
  });
});

describe('eaves', () => {
  it('stand out before all walls of a house, however it goes round', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<ReadyShape>('oblong', 'angle', 'notch'),
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        fc.boolean(),
        (which, byM, turned) => {
          const ready = readyShape('house', [0, 0], which);
          const house = turned ? [...ready].reverse() : ready;
          const eaves = widened(house, byM);
          for (const [i, corner] of house.entries()) {
            const moved = eaves[i] ?? corner;
            // At a right angle both coordinates move by it
            expect([Math.abs(moved[0] - corner[0]), Math.abs(moved[1] - corner[1])]).toEqual([
              expect.closeTo(byM, 9),
              expect.closeTo(byM, 9),
            ]);
          }
          expect(Math.abs(signedArea(eaves))).toBeGreaterThan(Math.abs(signedArea(house)));
        },
      ),
      { seed: 180 },
    );
  });
  it('hide what lies behind them from above, and nothing from below', () => {
    const porch = shape(OBLONG, { tallM: 2.4, eaveM: 1 });
    const frame = frameOf(plan(porch), { shapeId: 'h', side: 3, alongM: 4 });
    if (!frame) throw new Error('no frame');
    const solids = solidsFor(plan(porch), frame, () => 0).map(({ prism }) => prism);
    expect(solids).toHaveLength(2);
    const hides = (from: Vec3, to: Vec3) => solids.some((solid) => stops(solid, from, to));
    expect(hides([0, 1.2, 6], [0, 0.3, 0.5])).toBe(true);
    expect(hides([0, 1.2, 2.3], [0, 0.3, 0.5])).toBe(false);
  });
});
