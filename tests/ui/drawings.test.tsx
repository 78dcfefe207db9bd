/** @vitest-environment jsdom */
import { afterEach, beforeAll, describe, expect, it } from 'vitest';
import { render } from '@testing-library/react';
import { scaleLinear } from 'd3-scale';
import fc from 'fast-check';
import type { Band, FallingVolts, Station } from '@/core/bell';
import { SHIPPED_CATALOGUE, devicesIn } from '@/core/catalogue';
import { BellLoop } from '@/ui/drawing/BellLoop';
import { FallingLine } from '@/ui/plot/FallingLine';
import { PlotFrame } from '@/ui/plot/PlotFrame';
import { loopWords } from '@/ui/points/doorbell/loopWords';
import { Verdict } from '@/ui/verdict/Verdict';
import { assess, type Doorbell } from '@/core/points';
import { close, standIns, reload } from './onScreen';
import { allPoints } from './firm';

beforeAll(standIns);
afterEach(close);

const [device] = devicesIn(SHIPPED_CATALOGUE);
if (!device) throw new Error('no device');
const STATIONS: readonly Station[] = ['inside', 'screws', 'Trans', 'Front', 'door'];
const falling = (bands: readonly Band[]): FallingVolts =>
  STATIONS.map((station, i) => ({ station, band: bands[i] ?? { low: 0, likely: 0, high: 0 } }));
const steady = (volts: number) => falling(STATIONS.map(() => ({ low: volts - 0.5, likely: volts, high: volts + 0.5 })));
const numbersIn = (path: string | null): readonly number[] => (path?.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);
const texts = (root: Element): readonly string[] =>
  [...root.querySelectorAll('text')].map((one) => one.textContent ?? '');

describe('the frame of a plot', () => {
  const room = { width: 400, height: 200, left: 40, right: 380, top: 10, bottom: 170 };
  const frame = (least: number, most: number) =>
    render(
      <PlotFrame
        room={room}
        role="img"
        label="a plot"
        across={{ scale: scaleLinear([0, 10], [room.left, room.right]), figures: 5, words: 'minutes' }}
        up={{ scale: scaleLinear([least, most], [room.bottom, room.top]), figures: 5, shown: (value) => `${value} V` }}
      >
        <circle r="1" />
      </PlotFrame>,
    ).container;
  it('has its figures on either axis, in their own words, and what each axis is', () => {
    const all = texts(frame(0, 20));
    expect(all).toEqual(expect.arrayContaining(['0 V', '10 V', '20 V', '0', '10', 'minutes']));
  });
  it('draws its grid over the whole width, one line to a figure', () => {
    const root = frame(0, 20);
    const lines = [...root.querySelectorAll('line.grid')];
    expect(lines.length).toBe(texts(root).filter((text) => text.endsWith(' V')).length);
    for (const line of lines) {
      const [x1, x2] = ['x1', 'x2'].map((name) => Number(line.getAttribute(name)));
      expect(Math.abs((x2 ?? 0) - (x1 ?? 0))).toBeCloseTo(room.right - room.left);
    }
  });
  it('keeps every figure inside, whatever the scale', () => {
    fc.assert(
      fc.property(fc.integer({ min: -50, max: 50 }), fc.integer({ min: 1, max: 500 }), (least, span) => {
        const root = frame(least, least + span);
        const ys = [...root.querySelectorAll('line.grid')].map((line) => Number(line.getAttribute('y1')));
        expect(ys.length).toBeGreaterThan(0);
        for (const y of ys) {
          expect(y).toBeGreaterThanOrEqual(room.top - 0.01);
          expect(y).toBeLessThanOrEqual(room.bottom + 0.01);
        }
        reload();
      }),
      { seed: 11, numRuns: 30 },
    );
  });
});

describe('the falling line', () => {
  const line = (volts: FallingVolts) =>
    render(<FallingLine falling={volts} device={device} words="At night" />).container;
  const label = (root: Element) => root.querySelector('svg')?.getAttribute('aria-label');
  it('says the volts at the door and what the device asks, for those who don’t see it', () => {
    expect(label(line(steady(16)))).toBe(
      `At night: 16.0 V at the door, drops out under ${device.doorMinVolts.toFixed(1)} V`,
    );
  });
  it('names both limits on the plot itself', () => {
    const all = texts(line(steady(16)));
    expect(all).toContain(`drops out under ${device.doorMinVolts.toFixed(1)} V`);
    expect(all).toContain(`weak under ${device.doorFullVolts.toFixed(1)} V`);
  });
  it('collapses in words, where there is no operating point', () => {
    const none = { low: 0, likely: 0, high: 0 };
    const root = line(falling([none, none, none, none, none]));
    expect(texts(root)).toContain('collapses');
    expect(label(root)).toContain('collapses at the door');
    expect(texts(root)).not.toContain('may not hold at all');
  });
  it('says that it may not hold, where some houses collapse and the likely one doesn’t', () => {
    const root = line(falling(STATIONS.map((_, i) => ({ low: i === 4 ? 0 : 12, likely: 15, high: 16 }))));
    expect(texts(root)).toContain('may not hold at all');
  });
  it('falls on paper as the volts fall, and never leaves the plot', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 6, noNaN: true }), { minLength: 5, maxLength: 5 }), (drops) => {
        let volts = 30;
        const bands = drops.map((drop): Band => {
          volts = Math.max(0, volts - drop);
          return { low: Math.max(0, volts - 1), likely: volts, high: volts + 1 };
        });
        const root = line(falling(bands));
        const stops = [...root.querySelectorAll('circle.stop')].map((stop) => Number(stop.getAttribute('cy')));
        expect(stops).toHaveLength(5);
        for (let i = 1; i < stops.length; i++) expect(stops[i] ?? 0).toBeGreaterThanOrEqual((stops[i - 1] ?? 0) - 0.01);
        for (const y of stops) {
          expect(y).toBeGreaterThanOrEqual(0);
          expect(y).toBeLessThanOrEqual(236);
        }
        reload();
      }),
      { seed: 5, numRuns: 40 },
    );
  });
});

const doors = allPoints
  .filter(({ job, pointId }) => job.points.some(({ id, kind }) => id === pointId && kind === 'doorbell'))
  .map(({ at, job, pointId }) => [at, job, pointId] as const);

describe('the drawing of a bell loop', () => {
  const doors = allPoints.filter(({ job, pointId }) =>
    job.points.some(({ id, kind }) => id === pointId && kind === 'doorbell'),
  );
  it.each(doors.map(({ at, job, pointId }) => [at, job, pointId] as const))(
    'of %s shows its plates with a figure each, whole and inside',
    (_at, job, pointId) => {
      const point = job.points.find(({ id }) => id === pointId) as Doorbell;
      const words = loopWords(job, point, assess(job, point), 'liveNight');
      const root = render(<BellLoop words={words} />).container;
      const svg = root.querySelector('svg');
      const [, , width = 0, height = 0] = numbersIn(svg?.getAttribute('viewBox') ?? null);
      expect(width).toBeGreaterThan(0);
      const all = texts(root);
      expect(all.filter((text) => /NaN|undefined|null|\[object/.test(text))).toEqual([]);
      for (const plate of Object.values(words.plates)) expect(all.join(' ')).toContain(plate.figure);
      for (const one of root.querySelectorAll('rect')) {
        const [x, y, w, h] = ['x', 'y', 'width', 'height'].map((name) => Number(one.getAttribute(name)));
        expect((x ?? 0) >= 0 && (y ?? 0) >= 0).toBe(true);
        expect((x ?? 0) + (w ?? 0)).toBeLessThanOrEqual(width);
        expect((y ?? 0) + (h ?? 0)).toBeLessThanOrEqual(height);
      }
    },
  );
});

describe('the tag of a verdict', () => {
  it.each(doors.slice(0, 12))('of %s is one word, one sentence and how far it is believed', (_at, job, pointId) => {
    const point = job.points.find(({ id }) => id === pointId) as Doorbell;
    const { judgement } = assess(job, point).reference;
    const root = render(<Verdict judgement={judgement} way="as it is" />).container;
    expect(root.querySelector('.word')?.textContent).toMatch(
      /^(Holds|Tight|Can’t tell yet|Fails|Too high|Not computed)/,
    );
    expect(root.textContent).not.toMatch(/NaN|undefined|100 %/);
  });
});
