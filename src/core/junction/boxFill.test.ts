import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { ALLOWANCE_IN3, BOX_FILL_AWG, BOX_FILL_EDITIONS, CONDUCTOR_ROLES, boxFill, type BoxContents } from './boxFill';

const empty: BoxContents = {
  edition: 2020,
  boxIn3: 15.5,
  conductors: [],
  canopy: 'flat',
  clamps: 'none',
  fittings: 0,
  terminalBlocks: 0,
  yokes: [],
  grounds: { count: 0, awg: 14, fromCanopy: 0 },
};
const required = (more: Partial<BoxContents>) => boxFill({ ...empty, ...more }).requiredIn3;

describe('box fill', () => {
  const lamp: BoxContents = {
    ...empty,
    conductors: [
      { awg: 14, count: 4, role: 'ends' },
      { awg: 18, count: 3, role: 'fixture' },
    ],
    clamps: 'internal',
    grounds: { count: 3, awg: 14, fromCanopy: 1 },
  };
  it('sums 4 × 2 + 3 × 1.5 + 2 + 2 = 16.5 on a flat plate, which 15.5 does not hold', () => {
    expect(boxFill(lamp)).toMatchObject({ requiredIn3: 16.5, spareIn3: -1, fits: false });
    expect(boxFill(lamp).items.map(({ in3 }) => in3)).toEqual([8, 4.5, 2, 2]);
  });
  it('leaves thin leads and the canopy’s ground out of a domed one: 12', () => {
    expect(boxFill({ ...lamp, canopy: 'domed' })).toMatchObject({ requiredIn3: 12, spareIn3: 3.5, fits: true });
  });
  it('leaves out the four largest of the thin leads, and none of 14 AWG', () => {
    const leads = [
      { awg: 18, count: 3, role: 'fixture' },
      { awg: 16, count: 2, role: 'fixture' },
      { awg: 14, count: 1, role: 'fixture' },
    ] as const;
    // Both of 16 and two of 18 go: one of 18 and the 14 stay
    expect(required({ conductors: leads, canopy: 'domed' })).toBe(1.5 + 2);
    // The same groups, the other way round
    expect(required({ conductors: [...leads].reverse(), canopy: 'domed' })).toBe(1.5 + 2);
  });
  it('counts a looped conductor twice, one that passes once, a pigtail never', () => {
    const one = (role: 'looped' | 'through' | 'inside') => required({ conductors: [{ awg: 12, count: 1, role }] });
    expect([one('looped'), one('through'), one('inside')]).toEqual([4.5, 2.25, 0]);
  });
  it('counts grounds above four by the quarter from 2020 on', () => {
    const grounds = (count: number, edition: BoxContents['edition']) =>
      required({ edition, grounds: { count, awg: 14, fromCanopy: 0 } });
    expect([0, 1, 4, 5, 8].map((count) => grounds(count, 2020))).toEqual([0, 2, 2, 2.5, 4]);
    expect(grounds(8, 2017)).toBe(2);
  });
  it('takes clamps, fittings and blocks at the largest conductor present, grounds, pigtails and yokes too', () => {
    const more = { clamps: 'internal', fittings: 2, terminalBlocks: 1 } as const;
    const thin = [{ awg: 14, count: 1, role: 'ends' }] as const;
    expect(required({ ...more, conductors: thin })).toBe(2 + 2 + 4);
    expect(required({ ...more, conductors: thin, edition: 2023 })).toBe(2 + 2 + 4 + 2);
    expect(required({ clamps: 'internal', conductors: thin, grounds: { count: 1, awg: 10, fromCanopy: 0 } })).toBe(
      2 + 2.5 + 2.5,
    );
    expect(required({ clamps: 'internal', conductors: [...thin, { awg: 12, count: 1, role: 'inside' }] })).toBe(4.25);
    expect(required({ clamps: 'internal', conductors: thin, yokes: [{ awg: 12 }] })).toBe(2 + 2.25 + 4.5);
    // In an empty box there is no largest one
    expect(required(more)).toBe(0);
  });
  it('fits to the last cubic inch', () => {
    expect(boxFill({ ...lamp, boxIn3: 16.5 }).fits).toBe(true);
    expect(boxFill({ ...lamp, boxIn3: 16.49 }).fits).toBe(false);
  });
  it('is the sum of its lines, and never less for one conductor more', () => {
    const awg = fc.constantFrom(...BOX_FILL_AWG);
    const contents = fc.record({
      edition: fc.constantFrom(...BOX_FILL_EDITIONS),
      boxIn3: fc.constant(20),
      conductors: fc.array(
        fc.record({ awg, count: fc.integer({ min: 0, max: 9 }), role: fc.constantFrom(...CONDUCTOR_ROLES) }),
        { maxLength: 5 },
      ),
      canopy: fc.constantFrom('domed' as const, 'flat' as const),
      clamps: fc.constantFrom('none' as const, 'internal' as const),
      fittings: fc.integer({ min: 0, max: 2 }),
      terminalBlocks: fc.integer({ min: 0, max: 2 }),
      yokes: fc.array(fc.record({ awg }), { maxLength: 2 }),
      grounds: fc.record({ count: fc.integer({ min: 2, max: 9 }), awg, fromCanopy: fc.integer({ min: 0, max: 2 }) }),
    });
    fc.assert(
      fc.property(contents, awg, (box, more) => {
        const { requiredIn3, items } = boxFill(box);
        expect(items.reduce((sum, { count, eachIn3 }) => sum + count * eachIn3, 0)).toBeCloseTo(requiredIn3, 9);
        const conductors = [...box.conductors, { awg: more, count: 1, role: 'ends' as const }];
        expect(boxFill({ ...box, conductors }).requiredIn3).toBeGreaterThanOrEqual(requiredIn3 + ALLOWANCE_IN3[more]);
      }),
      { seed: 4, numRuns: 200 },
    );
  });
});
