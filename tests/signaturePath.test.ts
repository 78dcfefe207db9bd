import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { SIGNATURE } from '@/core/kinds';
import { isSignaturePath } from '@/core/kinds/handover';
import { signaturePath } from '@/ui/rungs/leave/signaturePath';

const FIELD = { width: 300, height: 100 } as const;

describe('a signature', () => {
  it('is kept as lines on its own field, whatever size it was drawn in', () => {
    const stroke = [
      { x: 30, y: 50 },
      { x: 30.1, y: 50 },
      { x: 270, y: 20 },
    ];
    expect(signaturePath([stroke], FIELD)).toBe('M60 100L540 40');
  });
  it('is none where nothing was drawn, or a dot, or a few', () => {
    expect(signaturePath([], FIELD)).toBeNull();
    expect(signaturePath([[{ x: 50, y: 50 }]], FIELD)).toBeNull();
    expect(signaturePath([[{ x: 50, y: 50 }], [{ x: 250, y: 50 }]], FIELD)).toBeNull();
  });
  it('is refused by the log where it is a dot, also from elsewhere; a dot among its lines is none', () => {
    expect(isSignaturePath('M10 10')).toBe(false);
    expect(isSignaturePath('M10 10M12 10')).toBe(false);
    expect(isSignaturePath('M10 10L90 40M60 5')).toBe(true);
  });
  it('is thinned out where a hand goes on for long, and still taken', () => {
    const long = Array.from({ length: 9000 }, (_, i) => ({ x: 150 + 140 * Math.cos(i), y: 50 + 40 * Math.sin(i / 3) }));
    const path = signaturePath([long], FIELD) ?? '';
    expect(isSignaturePath(path)).toBe(true);
    expect(path.split('L').length).toBeGreaterThan(1000);
  });
  it('is always one that the log takes, also where the finger leaves the field', () => {
    const place = fc.record({
      x: fc.double({ min: -50, max: 350, noNaN: true }),
      y: fc.double({ min: -50, max: 150, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(fc.array(place, { minLength: 1, maxLength: 20 }), { maxLength: 8 }), (strokes) => {
        const path = signaturePath(strokes, FIELD);
        if (path === null) return;
        expect(isSignaturePath(path)).toBe(true);
        for (const [, x, y] of path.matchAll(/[ML](\d+) (\d+)/g)) {
          expect(Number(x)).toBeLessThanOrEqual(SIGNATURE.width);
          expect(Number(y)).toBeLessThanOrEqual(SIGNATURE.height);
        }
      }),
      { seed: 173 },
    );
  });
});
