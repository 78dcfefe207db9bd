import { normals, seeded, type Random } from '../random';
import { UNKNOWNS, houseOf, priorOf, type House, type HousePrior } from './house';
import { logLikelihood } from './likelihood';
import type { BellSurvey } from './survey';

export const DRAWS_WHILE_TYPING = 1000;
export const DRAWS_FOR_A_CHOICE = 4000;
const SEED = 20261;

/** Share of draws that must still carry weight after each tempering step. */
const KEEP_SHARE = 0.3;
/** The temper need not be met exactly: it is found to a 128th of what is left. */
const TEMPER_HALVINGS = 7;
/** How far the walk steps after each tempering, and at the end: 1 would be a fresh draw from the prior. */
const STRIDES = { each: [0.35], last: [0.6, 0.25, 0.12] } as const;

interface Cloud {
  readonly z: Float64Array[];
  readonly house: House[];
  readonly log: Float64Array;
}

const emptyLike = (count: number): Cloud => ({ z: [], house: [], log: new Float64Array(count) });

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
  let low = 0;
  let high = 1 - temper;
  for (let i = 0; i < TEMPER_HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (evenness(middle) >= KEEP_SHARE) low = middle;
    else high = middle;
  }
  return temper + Math.max(low, 1e-6);
}

/** Systematic resampling: draws in proportion to their weight. */
function resample(cloud: Cloud, step: number, random: Random): Cloud {
  const count = cloud.log.length;
  const top = largest(cloud.log);
  const weights = cloud.log.map((value) => Math.exp(step * (value - top)));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const next = emptyLike(count);
  let at = random();
  let sum = 0;
  for (let i = 0; i < count; i++) {
    sum += ((weights[i] ?? 0) / total) * count;
    const z = cloud.z[i];
    const house = cloud.house[i];
    while (at < sum && next.z.length < count && z && house) {
      next.log[next.z.length] = cloud.log[i] ?? 0;
      next.z.push(z);
      next.house.push(house);
      at += 1;
    }
  }
  for (let i = 0; next.z.length < count; i++) {
    const z = cloud.z[count - 1 - i];
    const house = cloud.house[count - 1 - i];
    if (!z || !house) break;
    next.log[next.z.length] = cloud.log[count - 1 - i] ?? 0;
    next.z.push(z);
    next.house.push(house);
  }
  return next;
}

/** One Metropolis step of every draw that leaves the prior as it is (preconditioned Crank–Nicolson). */
function walk(prior: HousePrior, cloud: Cloud, temper: number, stride: number, steps: Float64Array, random: Random) {
  const keep = Math.sqrt(1 - stride * stride);
  let at = Math.floor(random() * steps.length);
  const tried = new Float64Array(UNKNOWNS);
  cloud.z.forEach((z, i) => {
    if (at + UNKNOWNS > steps.length) at = 0;
    for (let k = 0; k < UNKNOWNS; k++) tried[k] = keep * (z[k] ?? 0) + stride * (steps[at + k] ?? 0);
    at += UNKNOWNS;
    const house = houseOf(prior, tried);
    const log = logLikelihood(prior.survey, house);
    if (log >= (cloud.log[i] ?? 0) || Math.log(1 - random()) < temper * (log - (cloud.log[i] ?? 0))) {
      cloud.z[i] = tried.slice();
      cloud.house[i] = house;
      cloud.log[i] = log;
    }
  });
}

const starts = new Map<number, Float64Array>();
/** The same normal numbers for the same count: drawn once. */
function startingNormals(draws: number): Float64Array {
  const known = starts.get(draws);
  if (known) return known;
  const made = normals(2 * draws * UNKNOWNS, seeded(SEED));
  starts.set(draws, made);
  return made;
}

/** Readings that agree need one to six steps; a figure that is half typed would need thousands. */
const MOST_STEPS = 24;

/**
 * Houses that explain the survey's readings, each as likely as the next: draws from the priors, led to the readings by
 * tempered resampling and a walk (sequential Monte Carlo). Without readings they are plain draws from the priors.
 * Seeded: the same survey gives the same houses.
 */
export function likelyHouses(survey: BellSurvey, draws: number = DRAWS_WHILE_TYPING): readonly House[] {
  const all = startingNormals(draws);
  const prior = priorOf(survey);
  let cloud = emptyLike(draws);
  for (let i = 0; i < draws; i++) {
    const z = all.subarray(i * UNKNOWNS, (i + 1) * UNKNOWNS);
    const house = houseOf(prior, z);
    cloud.z.push(z);
    cloud.house.push(house);
    cloud.log[i] = logLikelihood(survey, house);
  }
  if (survey.readings.length === 0) return cloud.house;
  const random = seeded(SEED + 1);
  const steps = all.subarray(draws * UNKNOWNS);
  let temper = 0;
  // Readings that no house explains together are believed as far as the steps reach, and named as contradictions
  for (let step = 0; temper < 1 && step < MOST_STEPS; step++) {
    const next = nextTemper(cloud.log, temper);
    cloud = resample(cloud, next - temper, random);
    temper = next;
    for (const stride of temper < 1 ? STRIDES.each : STRIDES.last) walk(prior, cloud, temper, stride, steps, random);
  }
  return cloud.house;
}
