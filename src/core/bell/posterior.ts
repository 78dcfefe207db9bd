import { normals, seeded, type Random } from '../random';
import type { BellCase } from './bellCase';
import { cloudShape, type CloudShape } from './cloudShape';
import { copyHouse, emptyHouses, type Houses } from './houses';
import { housePrior, type HousePrior } from './housePrior';
import { logLikelihoodOf, type Expectation } from './likelihood';

export const DRAWS_WHILE_TYPING = 1000;
export const DRAWS_FOR_A_CHOICE = 4000;
const SEED = 20261;

/** Share of draws that must still carry weight after each tempering step. */
const KEEP_SHARE = 0.3;
/** The temper need not be met exactly: its step is found to about a tenth, and is never less than this. */
const TEMPER_HALVINGS = 7;
const LEAST_STEP = 1e-6;
/** How far the walk steps after each tempering, and at the end: 1 would be a fresh draw from the cloud’s shape. */
const STRIDES = { each: [0.5], last: [0.8, 0.6, 0.4] } as const;
/** Readings that agree need one to six steps; a figure that is half typed would need thousands. */
const MOST_STEPS = 24;

/** Draws, the houses they make, and how well each explains the readings. */
interface Cloud {
  z: Float64Array;
  houses: Houses;
  log: Float64Array;
}

const cloudOf = (count: number, { unknowns, instruments }: HousePrior): Cloud => ({
  z: new Float64Array(count * unknowns),
  houses: emptyHouses(count, instruments.length),
  log: new Float64Array(count),
});

function largest(values: Float64Array): number {
  let top = -Infinity;
  for (const value of values) if (value > top) top = value;
  return top;
}

/** The largest temper so that the weights stay even enough. */
function nextTemper(log: Float64Array, temper: number): number {
  const top = largest(log);
  const evenness = (step: number): number => {
    let sum = 0;
    let squares = 0;
    for (const value of log) {
      const weight = Math.exp(step * (value - top));
      sum += weight;
      squares += weight * weight;
    }
    return (sum * sum) / squares / log.length;
  };
  if (evenness(1 - temper) >= KEEP_SHARE) return 1;
  // By the step's size, not by halves of what is left: where readings are sharp the first step is a thousandth
  let low = LEAST_STEP;
  let high = 1 - temper;
  for (let i = 0; i < TEMPER_HALVINGS; i++) {
    const middle = Math.sqrt(low * high);
    if (evenness(middle) >= KEEP_SHARE) low = middle;
    else high = middle;
  }
  return temper + low;
}

/** Copies a draw with its house into a place of another cloud. */
function copyDraw(from: Cloud, i: number, to: Cloud, k: number, unknowns: number): void {
  for (let u = 0; u < unknowns; u++) to.z[k * unknowns + u] = from.z[i * unknowns + u] ?? 0;
  copyHouse(from.houses, i, to.houses, k);
  to.log[k] = from.log[i] ?? 0;
}

/** Systematic resampling: draws in proportion to their weight. */
function resample(cloud: Cloud, into: Cloud, step: number, unknowns: number, random: Random): void {
  const count = cloud.log.length;
  const top = largest(cloud.log);
  const weights = cloud.log.map((value) => Math.exp(step * (value - top)));
  let total = 0;
  for (const weight of weights) total += weight;
  let at = random();
  let sum = 0;
  let made = 0;
  for (let i = 0; i < count; i++) {
    sum += ((weights[i] ?? 0) / total) * count;
    for (; at < sum && made < count; at += 1) copyDraw(cloud, i, into, made++, unknowns);
  }
  // What rounding left over
  for (; made < count; made++) copyDraw(cloud, count - 1, into, made, unknowns);
}

/**
 * One Metropolis step of every draw: a step of the shape's own kind (preconditioned Crank–Nicolson about the cloud’s
 * mean and covariance), corrected for what the shape is not. Where the cloud is near to a Gaussian nearly all are taken.
 */
function walk(
  prior: HousePrior,
  explains: Expectation,
  cloud: Cloud,
  tried: Cloud,
  shape: CloudShape,
  temper: number,
  stride: number,
  steps: Float64Array,
  random: Random,
): void {
  const { unknowns, write } = prior;
  const { informed, others, mean, lower } = shape;
  const size = informed.length;
  const keep = Math.sqrt(1 - stride * stride);
  const { z, log } = cloud;
  const next = tried.z;
  const white = new Float64Array(size);
  let at = Math.floor(random() * steps.length);
  for (let i = 0; i < log.length; i++) {
    if (at + unknowns > steps.length) at = 0;
    const from = i * unknowns;
    for (let k = 0; k < others.length; k++) {
      const u = others[k] ?? 0;
      next[u] = keep * (z[from + u] ?? 0) + stride * (steps[at + u] ?? 0);
    }
    // How much likelier the prior and the shape make the new place than the old one
    let change = 0;
    for (let a = 0; a < size; a++) {
      let sum = (z[from + (informed[a] ?? 0)] ?? 0) - (mean[a] ?? 0);
      for (let b = 0; b < a; b++) sum -= (lower[a * size + b] ?? 0) * (white[b] ?? 0);
      white[a] = sum / (lower[a * size + a] ?? 1);
    }
    for (let a = 0; a < size; a++) {
      const before = white[a] ?? 0;
      const after = keep * before + stride * (steps[at + (informed[a] ?? 0)] ?? 0);
      white[a] = after;
      change += after * after - before * before;
    }
    for (let a = 0; a < size; a++) {
      const u = informed[a] ?? 0;
      let sum = mean[a] ?? 0;
      for (let b = 0; b <= a; b++) sum += (lower[a * size + b] ?? 0) * (white[b] ?? 0);
      const before = z[from + u] ?? 0;
      change += before * before - sum * sum;
      next[u] = sum;
    }
    at += unknowns;
    write(next, 0, tried.houses, 0);
    const better = explains(tried.houses, 0);
    const gain = change / 2 + temper * (better - (log[i] ?? 0));
    if (gain >= 0 || Math.log(1 - random()) < gain) {
      for (let u = 0; u < unknowns; u++) z[from + u] = next[u] ?? 0;
      copyHouse(tried.houses, 0, cloud.houses, i);
      log[i] = better;
    }
  }
}

const starts = new Map<string, Float64Array>();
/** The same normal numbers for the same count: drawn once. */
function startingNormals(draws: number, unknowns: number): Float64Array {
  const key = `${draws}·${unknowns}`;
  const known = starts.get(key);
  if (known) return known;
  const made = normals(2 * draws * unknowns, seeded(SEED));
  starts.set(key, made);
  return made;
}

/**
 * Houses that explain a case's readings, each as likely as the next: draws from the priors, led to the readings by
 * tempered resampling and a walk (sequential Monte Carlo). Without readings they are plain draws from the priors.
 * Seeded: the same case gives the same houses.
 */
export function likelyHouses(bell: BellCase, draws: number = DRAWS_WHILE_TYPING): Houses {
  const prior = housePrior(bell);
  const { unknowns } = prior;
  const all = startingNormals(draws, unknowns);
  let cloud = cloudOf(draws, prior);
  cloud.z.set(all.subarray(0, draws * unknowns));
  for (let i = 0; i < draws; i++) prior.write(cloud.z, i * unknowns, cloud.houses, i);
  if (bell.evidence.length > 0) {
    const explains = logLikelihoodOf(bell, prior.instruments);
    for (let i = 0; i < draws; i++) cloud.log[i] = explains(cloud.houses, i);
    let spare = cloudOf(draws, prior);
    const tried = cloudOf(1, prior);
    const random = seeded(SEED + 1);
    const steps = all.subarray(draws * unknowns);
    let temper = 0;
    // Readings that no house explains together are believed as far as the steps reach, and named as contradictions
    for (let step = 0; temper < 1 && step < MOST_STEPS; step++) {
      const next = nextTemper(cloud.log, temper);
      resample(cloud, spare, next - temper, unknowns, random);
      [cloud, spare] = [spare, cloud];
      temper = next;
      for (const stride of temper < 1 ? STRIDES.each : STRIDES.last)
        walk(prior, explains, cloud, tried, cloudShape(cloud.z, unknowns), temper, stride, steps, random);
    }
  }
  prior.writeLater(cloud.houses);
  return cloud.houses;
}
