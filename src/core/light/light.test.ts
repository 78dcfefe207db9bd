import { describe, expect, it } from 'vitest';
import { beamOf, luxOf, type Lamp } from './lamp';

const DOWN: Lamp = { position: [0, 0, 3], bearingDeg: 0, tiltDownDeg: 90, fluxLm: 1000, beamDeg: 90 };
const UP = [0, 0, 1] as const;

describe('the light of a lamp', () => {
  it('falls with the square of the distance, straight below by hand', () => {
    // 90° beam: m = 2, I₀ = 1000 · 3 / 2π = 477.46 cd; at 3 m 53.05 lux
    const lux = luxOf(DOWN, []);
    expect(lux({ point: [0, 0, 0], normal: UP })).toBeCloseTo(477.4648 / 9, 3);
    expect(lux({ point: [0, 0, 1.5], normal: UP })).toBeCloseTo((4 * 477.4648) / 9, 3);
  });
  it('is half as strong at half its beam', () => {
    const { peakCd } = beamOf(DOWN);
    // 45° off at a plane that faces the lamp: √2 · 3 m away
    const lux = luxOf(DOWN, [])({ point: [3, 0, 0], normal: [-1, 0, 1] });
    expect(lux).toBeCloseTo(peakCd / 2 / 18, 6);
  });
  it('gives out all its flux in front of it', () => {
    // Over a half sphere of 1 m about the lamp, in rings of 1/4°
    let lumen = 0;
    const step = Math.PI / 720;
    const lux = luxOf({ ...DOWN, beamDeg: 60 }, []);
    for (let off = step / 2; off < Math.PI / 2; off += step) {
      const way = [Math.sin(off), 0, -Math.cos(off)] as const;
      const on = lux({ point: [way[0], 0, 3 + way[2]], normal: [-way[0], 0, -way[2]] });
      lumen += on * 2 * Math.PI * Math.sin(off) * step;
    }
    expect(lumen).toBeCloseTo(1000, 1);
  });
  it('reaches nothing behind a lamp, behind a receiver or behind a wall', () => {
    const wall = [{ min: [1, -5, 0], max: [1.2, 5, 2.5] }] as const;
    const ground = { point: [3, 0, 0], normal: UP } as const;
    expect(luxOf(DOWN, wall)(ground)).toBe(0);
    expect(luxOf(DOWN, [])(ground)).toBeGreaterThan(0);
    expect(luxOf(DOWN, [])({ ...ground, normal: [0, 0, -1] })).toBe(0);
    expect(luxOf(DOWN, [])({ point: [0, 0, 4], normal: [0, 0, -1] })).toBe(0);
  });
});
