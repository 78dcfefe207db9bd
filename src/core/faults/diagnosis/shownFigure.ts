import { normalAt, normalShare, type Random } from '../../random';

/** Of what a figure is; null: the test answers by a word only. */
export type FigureOf = 'volts' | 'ohms' | 'dbm' | 'degrees' | null;

/** A figure as a meter may show it: about a mean, wandering by some σ, off by up to a half, in steps of its last digit. */
export interface ShownFigure {
  readonly mean: number;
  readonly sigma: number;
  /** Off by so much at most, evenly. */
  readonly half: number;
  readonly step: number;
}

/** Farther out than so many σ nothing is shown. */
const OUTERMOST = 6;
/** Nothing wanders less, and no meter is finer: a figure has some width. */
const LEAST = 1e-6;

const density = (z: number): number => Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI);
/** Integral of the normal share. */
const swept = (z: number): number => z * normalShare(z) + density(z);

/** Share of what may be shown that lies below a value. */
export function shareBelow({ mean, sigma, half }: ShownFigure, value: number): number {
  const s = Math.max(sigma, LEAST);
  const h = Math.max(half, LEAST);
  return (s / (2 * h)) * (swept((value - mean + h) / s) - swept((value - mean - h) / s));
}

/** Chance that it rounds to a value. */
function chanceAt({ mean, sigma, half, step }: ShownFigure, value: number): number {
  const s = Math.max(sigma, LEAST);
  const h = Math.max(half, LEAST);
  const d = Math.max(step, 10 * LEAST) / 2;
  // Beyond it there is nothing but rounding
  if (Math.abs(value - mean) > h + d + OUTERMOST * s) return 0;
  const at = (t: number): number => swept((t - mean + h) / s) - swept((t - mean - h) / s);
  return Math.max(0, (s / (2 * h)) * (at(value + d) - at(value - d)));
}

/** Chance that the meter shows a value. Volts have no sign, and ohms are not below 0. */
export function chanceShown(of: FigureOf, figure: ShownFigure, value: number): number {
  if (of === 'volts' && value > 0) return chanceAt(figure, value) + chanceAt(figure, -value);
  if (of === 'ohms' && value <= figure.step / 2) return shareBelow(figure, figure.step / 2);
  return chanceAt(figure, value);
}

/** How a meter strays once: its wander in σ, and how far it is off, from −1 to 1 of the most. */
export interface Stray {
  readonly z: number;
  readonly off: number;
}

/** A stray, drawn. */
export const drawnStray = (random: Random): Stray => ({
  z: normalAt(Math.min(1 - 1e-9, Math.max(1e-9, random()))),
  off: 2 * random() - 1,
});

/** What a meter shows that strays so. */
export function strayed(of: FigureOf, { mean, sigma, half, step }: ShownFigure, { z, off }: Stray): number {
  const value = mean + sigma * z + half * off;
  const rounded = step > 0 ? Math.round(value / step) * step : value;
  return of === 'volts' ? Math.abs(rounded) : of === 'ohms' ? Math.max(0, rounded) : rounded;
}

/** What the meter shows once. */
export const drawShown = (of: FigureOf, figure: ShownFigure, random: Random): number =>
  strayed(of, figure, drawnStray(random));
