import { describe, expect, it } from 'vitest';
import { fold, type Job } from '@/core/job';
import { foundOf, planOf, type Point } from '@/core/points';
import type { Wiring, WiringPlace } from '@/core/wiring';
import { demoJobs } from '@/demo/demoFirm';
import { PLACE_SIZE, isDrawn, placeLayout } from '@/ui/drawing/placeLayout';
import { REGION_PACKS } from '@/core/region';
import { sayIn } from '@/words';

// Every place of every doorbell of the demo firm, as found and as planned: nothing outside, nothing lost, alike everywhere.

let count = 0;
const jobs = demoJobs(
  () => `place-${++count}`,
  (days, hour) => Date.UTC(2026, 2, 10 + days, hour),
).map(({ title, entries }): Job => fold({ id: title, title, createdAt: '' }, entries));

const wirings = jobs.flatMap((job) =>
  job.points.flatMap((point: Point): readonly (readonly [string, Wiring])[] => {
    if (point.kind !== 'doorbell') return [];
    const plan = planOf(point);
    const planned = plan ? [[`${job.title}, ${point.name}, as planned`, plan.planned] as const] : [];
    return [[`${job.title}, ${point.name}, as found`, foundOf(point)] as const, ...planned];
  }),
);
const PLACES: readonly WiringPlace[] = ['transformer', 'chime', 'door'];
const places = wirings.flatMap(([name, wiring]) =>
  PLACES.flatMap((place) => (isDrawn(wiring, place) ? [[`${name}, at the ${place}`, wiring, place] as const] : [])),
);
const says = REGION_PACKS.map((region) => sayIn({ region, lengths: region.lengths }));
const [say] = says;
if (!say) throw new Error('no region');

const numbersIn = (path: string): readonly number[] => (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

describe('a place of a wiring', () => {
  it('is drawn for every doorbell that has one', () => {
    expect(places.length).toBeGreaterThan(60);
  });
  it.each(places)('of %s stays within its drawing', (_name, wiring, place) => {
    const { joints, parts } = placeLayout(wiring, place, say);
    for (const { x, y } of joints) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(PLACE_SIZE.width);
      expect(y).toBeGreaterThanOrEqual(0);
      expect(y).toBeLessThanOrEqual(PLACE_SIZE.height);
    }
    for (const { x, y, width, height } of parts) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x + width).toBeLessThanOrEqual(PLACE_SIZE.width);
      expect(y + height).toBeLessThanOrEqual(PLACE_SIZE.height);
    }
  });
  it.each(places)('of %s has no two joints at one spot', (_name, wiring, place) => {
    const { joints } = placeLayout(wiring, place, say);
    expect(new Set(joints.map(({ x, y }) => `${x} ${y}`)).size).toBe(joints.length);
  });
  it.each(places)('of %s leads every lead to the joint that holds it', (_name, wiring, place) => {
    const { joints, leads } = placeLayout(wiring, place, say);
    for (const { lead, path, loose } of leads) {
      const numbers = numbersIn(path);
      expect(numbers.every(Number.isFinite)).toBe(true);
      const ends = joints.filter(({ id }) => id === lead.from || id === lead.to);
      if (ends.length === 0) {
        expect(loose).not.toBeNull();
        continue;
      }
      for (const { x } of ends) expect(numbers.some((number) => Math.abs(number - x) < 0.01)).toBe(true);
    }
  });
  it.each(places)('of %s is drawn alike in every region, its wires called as there', (_name, wiring, place) => {
    const [first, ...others] = says.map((one) => placeLayout(wiring, place, one));
    for (const other of others) {
      expect(other.joints.map(({ id, x, y }) => [id, x, y])).toEqual(first?.joints.map(({ id, x, y }) => [id, x, y]));
      expect(other.leads.map(({ path }) => path)).toEqual(first?.leads.map(({ path }) => path));
      expect(other.exits.map(({ x }) => x)).toEqual(first?.exits.map(({ x }) => x));
    }
    const british = others[0]?.exits.map(({ words }) => words) ?? [];
    expect(british).not.toContain('hot');
    expect(british).not.toContain('ground');
  });
});
