import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { fold } from '@/core/job';
import { foundOf, planOf } from '@/core/points';
import { UNKNOWN_BOX, foundBox, type BoxSurvey } from '@/core/junction';
import { demoJobs } from '@/demo/demoFirm';
import { boxLayout } from '@/ui/drawing/boxLayout';

let count = 0;
const jobs = demoJobs(
  () => `layout-${++count}`,
  (days, hour) => Date.UTC(2026, 2, 10 + days, hour),
);
const points = jobs.flatMap(({ title, entries }) =>
  fold({ id: 'x', title, createdAt: '' }, entries).points.filter(({ kind }) => kind === 'floodlight'),
);

/** A box with so many conductors of one cable, none of them tested. */
const crowded = (conductors: number): BoxSurvey => ({
  ...UNKNOWN_BOX,
  material: 'metal',
  oldFixture: 'lamp',
  cables: [
    {
      id: 'c',
      name: 'cable 1',
      role: null,
      conductors: Array.from({ length: conductors }, (_, i) => ({
        id: String(i),
        gauge: { awg: 14 },
        strands: 'solid' as const,
        metal: 'copper' as const,
        colour: 'cloth' as const,
        claims: null,
        carries: 'unknown' as const,
        state: 'good' as const,
        passes: null,
        freeM: null,
      })),
    },
  ],
});

describe('the drawing of a box', () => {
  it('keeps every joint and every conductor apart, inside its frame', () => {
    for (const wiring of [
      ...points.map(foundOf),
      ...points.flatMap((point) => planOf(point)?.planned ?? []),
      foundBox(crowded(40)),
    ]) {
      const { joints, leads, width, height } = boxLayout(wiring, 'box', say);
      const spots = [
        ...joints.map(({ x, y }) => `${x.toFixed(1)} ${y}`),
        ...leads.flatMap(({ top }) => (top ? `${top.x} ${top.y}` : [])),
      ];
      expect(new Set(spots).size).toBe(spots.length);
      for (const { x, y } of joints) {
        expect(x).toBeGreaterThan(0);
        expect(x).toBeLessThan(width);
        expect(y).toBeLessThan(height);
      }
    }
  });
  it('draws every lead that has an end in the box, and those that hang loose there', () => {
    for (const point of points) {
      const wiring = foundOf(point);
      const here = new Set(boxLayout(wiring, 'box', say).joints.map(({ id }) => id));
      const drawn = new Set(boxLayout(wiring, 'box', say).leads.map(({ lead }) => lead.id));
      for (const { id, from, to } of wiring.leads)
        if ([from, to].some((end) => end !== null && here.has(end))) expect(drawn.has(id)).toBe(true);
    }
  });
  it('orders splices by what they hold: at one plain feed no conductor from the house crosses another', () => {
    const side = points.find(({ id }) => id === 'gable');
    const plan = side && planOf(side)?.planned;
    if (!plan) throw new Error('no plan');
    const { leads, joints } = boxLayout(plan, 'box', say);
    const ends = leads.flatMap(({ lead, top }) => {
      const joint = joints.find(({ id }) => id === lead.to || id === lead.from);
      return top && joint ? [{ top: top.x, at: joint.x }] : [];
    });
    const order = [...ends].sort((a, b) => a.top - b.top).map(({ at }) => at);
    expect(order).toEqual([...order].sort((a, b) => a - b));
  });
});
