import {
  DEVICE_REPORTS,
  REPORT,
  expectationOf,
  readingSigma,
  reportChance,
  type BellCase,
  type Houses,
  type Instrument,
  type Readable,
} from '../bell';
import { normalAt } from '../random';

/** Houses sorted into narrow bins by what a reading would show in them. */
export interface Bins {
  readonly count: number;
  /** Bin of each house. */
  readonly of: Int32Array;
  /** Houses in each bin. */
  readonly size: Float64Array;
}

/** One thing that could be read: how likely, and how likely each bin makes it (from 0 to 1), from a bin to another. */
export interface Outcome {
  readonly share: number;
  readonly from: number;
  readonly to: number;
  readonly weight: Float64Array;
}

/** Outcomes that are tried for a figure: each stands for an equal share of what could be read. */
export const OUTCOMES = 128;
/** Bins farther than this from an outcome, in σ, say nothing. */
const REACH = 4;
/** Bins to a standard deviation, and at most in all. */
const BINS = { toSigma: 4, most: 4096 } as const;
/** Steps of a sequence that fills (0, 1) evenly in any order: noise that belongs to no house. */
const NOISE_STEP = 0.6180339887498949;

function binsOf(figures: Float64Array, sigma: number): Bins & { readonly first: number; readonly width: number } {
  let least = Infinity;
  let most = -Infinity;
  for (const figure of figures) {
    if (figure < least) least = figure;
    if (figure > most) most = figure;
  }
  const width = Math.max(sigma / BINS.toSigma, (most - least) / BINS.most, 1e-12);
  const count = Math.floor((most - least) / width) + 1;
  const of = new Int32Array(figures.length);
  const size = new Float64Array(count);
  figures.forEach((figure, i) => {
    const bin = Math.min(count - 1, Math.floor((figure - least) / width));
    of[i] = bin;
    size[bin] = (size[bin] ?? 0) + 1;
  });
  return { count, of, size, first: least + width / 2, width };
}

/**
 * What could be read, on the likely houses.
 * @param instruments those whose gains the houses carry; the gain of another one is part of the reading's own error
 * @returns null where the reading can't be worked out
 */
export function outcomesOf(
  bell: BellCase,
  houses: Houses,
  instruments: readonly Instrument[],
  readable: Readable,
): { readonly bins: Bins; readonly outcomes: readonly Outcome[] } | null {
  const expected = expectationOf(bell, instruments, readable);
  const figures = new Float64Array(houses.count);
  let sum = 0;
  for (let i = 0; i < figures.length; i++) sum += figures[i] = expected(houses, i);
  if (Number.isNaN(sum)) return null;
  const mean = sum / figures.length;

  if (readable.what === 'report') {
    const bins = binsOf(figures, REPORT.edgeVolts);
    const outcomes = DEVICE_REPORTS.map((report) => {
      const weight = bins.size.map((_, b) => reportChance(bell, bins.first + b * bins.width, report));
      const share = weight.reduce((all, one, b) => all + one * (bins.size[b] ?? 0), 0) / figures.length;
      return { share, from: 0, to: bins.count, weight };
    });
    return { bins, outcomes };
  }

  const fresh =
    'instrument' in readable && !instruments.some((one) => JSON.stringify(one) === JSON.stringify(readable.instrument))
      ? ((readable.instrument.percent / 100) * mean) / Math.sqrt(3)
      : 0;
  const sigma = Math.max(1e-9, Math.hypot(readingSigma(readable, mean, 0), fresh));
  const bins = binsOf(figures, sigma);
  let bin = 0;
  let under = bins.size[0] ?? 0;
  const outcomes = Array.from({ length: OUTCOMES }, (_, k) => {
    const share = (k + 0.5) / OUTCOMES;
    while (under < share * figures.length && bin < bins.count - 1) under += bins.size[++bin] ?? 0;
    const read = bins.first + bin * bins.width + sigma * normalAt(((k + 0.5) * NOISE_STEP) % 1 || 0.5);
    const place = (read - bins.first) / bins.width;
    const reach = (REACH * sigma) / bins.width;
    const from = Math.max(0, Math.ceil(place - reach));
    const to = Math.min(bins.count, Math.floor(place + reach) + 1);
    const weight = new Float64Array(Math.max(0, to - from));
    for (let b = 0; b < weight.length; b++) {
      const off = ((from + b - place) * bins.width) / sigma;
      weight[b] = Math.exp((-off * off) / 2);
    }
    return { share: 1 / OUTCOMES, from, to, weight };
  });
  return { bins, outcomes };
}
