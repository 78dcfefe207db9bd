import { answered, tells, without } from './branches';
import { NOWHERE, standsAt, walkTo, weightOf, type Act, type Plan, type PlanGround } from './planGround';
import { repairsOnly } from './repairsOnly';

/** Positions that are looked into before lighter branches are cut. */
const MOST_POSITIONS = 40_000;
/** Branches that weigh less than this share of the whole are finished by repairs alone: each try cuts more. */
const CUTS = [1e-6, 1e-4, 1e-3] as const;

class TooMany extends Error {}

/**
 * The plan of least expected minutes, looked for through every branch: what can’t be better than what was found is left out
 * (branch and bound), and what was worked out once is remembered: it depends on what was answered and repaired, not on the order.
 * Each hypothesis is a fault here.
 * @returns null where there are too many branches for that
 */
export function bestPlan(
  ground: PlanGround,
  weights: Float64Array,
  tests: readonly boolean[],
  from: number,
): Plan | null {
  for (const cut of CUTS) {
    try {
      return new Search(ground, cut * weightOf(weights)).plan(weights, tests, from);
    } catch (error) {
      if (!(error instanceof TooMany)) throw error;
    }
  }
  return null;
}

/** A plan, or only what none at its position is under. */
interface Known extends Plan {
  readonly exact: boolean;
}
interface Promising {
  readonly act: Act;
  /** At once, and what it can’t be under with all that follows. */
  readonly spent: number;
  readonly atLeast: number;
  readonly to: number;
}

class Search {
  private readonly known = new Map<number, Known>();
  private readonly places: number;
  /** Digits of what was answered, one for each test. */
  private readonly digits: readonly number[];

  constructor(
    private readonly ground: PlanGround,
    private readonly least: number,
  ) {
    this.places = ground.walks.length + 1;
    const outcomes = ground.chances.reduce((most, { length }) => Math.max(most, length), 0) + 1;
    this.digits = ground.chances.map((_, t) => outcomes ** t);
  }

  plan(weights: Float64Array, tests: readonly boolean[], from: number): Plan {
    const { cost, first } = this.from(weights, tests, from, 0, Infinity);
    return { cost, first };
  }

  /**
   * Nobody needs less: the true fault is walked to and repaired in the end, and before it, but for one fault, something else
   * is done.
   */
  private bound(weights: Float64Array, tests: readonly boolean[], from: number): number {
    const { faults, repairMinutes, repairAt, testMinutes } = this.ground;
    let [sum, total, most, cheapest] = [0, 0, 0, Infinity];
    for (let i = 0; i < faults; i++) {
      const weight = weights[i] ?? 0;
      if (weight <= 0) continue;
      const minutes = repairMinutes[i] ?? 0;
      sum += weight * (minutes + walkTo(this.ground, from, repairAt[i] ?? NOWHERE));
      total += weight;
      if (weight > most) most = weight;
      if (minutes < cheapest) cheapest = minutes;
    }
    for (let t = 0; t < tests.length; t++)
      if (tests[t] && (testMinutes[t] ?? 0) < cheapest) cheapest = testMinutes[t] ?? 0;
    return total > most ? sum + (total - most) * cheapest : sum;
  }

  /** @param under what is not less than this is of no use: it is not worked out to its end */
  private from(weights: Float64Array, tests: readonly boolean[], at: number, told: number, under: number): Known {
    const total = weightOf(weights);
    if (total <= 0) return { cost: 0, first: null, exact: true };
    const lowest = this.bound(weights, tests, at);
    if (lowest >= under) return { cost: lowest, first: null, exact: false };
    const byRepairs = repairsOnly(this.ground, weights, at);
    const mask = maskOf(weights);
    if (total < this.least || (mask & (mask - 1)) === 0) return { ...byRepairs, exact: true };
    const key = (told * 2 ** this.ground.faults + mask) * this.places + at + 1;
    const before = this.known.get(key);
    if (before && (before.exact || before.cost >= under)) return before;
    if (this.known.size >= MOST_POSITIONS) throw new TooMany();
    let best: Plan = byRepairs;
    for (const one of this.acts(weights, tests, at, total)) {
      const limit = Math.min(under, best.cost);
      if (one.atLeast >= limit) break;
      const cost = this.costOf(one, weights, tests, told, limit);
      if (cost < best.cost) best = { cost, first: one.act };
    }
    const made: Known = best.cost < under ? { ...best, exact: true } : { cost: under, first: null, exact: false };
    this.known.set(key, made);
    return made;
  }

  /** What can be done, the most promising first. */
  private acts(weights: Float64Array, tests: readonly boolean[], at: number, total: number): readonly Promising[] {
    const { ground } = this;
    const all: Promising[] = [];
    for (let i = 0; i < ground.faults; i++) {
      if ((weights[i] ?? 0) <= 0) continue;
      const place = ground.repairAt[i] ?? NOWHERE;
      const to = standsAt(at, place);
      const spent = total * (walkTo(ground, at, place) + (ground.repairMinutes[i] ?? 0));
      all.push({ act: { repair: i }, spent, atLeast: spent + this.bound(without(weights, i), tests, to), to });
    }
    for (let t = 0; t < ground.tests; t++) {
      const chances = ground.chances[t] ?? [];
      if (!tests[t] || !tells(chances, weights)) continue;
      const place = ground.testAt[t] ?? NOWHERE;
      const to = standsAt(at, place);
      const spent = total * (walkTo(ground, at, place) + (ground.testMinutes[t] ?? 0));
      const left = withoutTest(tests, t);
      const after = chances.reduce((sum, chance) => sum + this.bound(answered(weights, chance), left, to), 0);
      all.push({ act: { test: t }, spent, atLeast: spent + after, to });
    }
    return all.sort((a, b) => a.atLeast - b.atLeast);
  }

  /** Cost of an act and of what follows it; Infinity where it can’t come under the limit. */
  private costOf(
    { act, spent, atLeast, to }: Promising,
    weights: Float64Array,
    tests: readonly boolean[],
    told: number,
    limit: number,
  ): number {
    if ('repair' in act) {
      const after = this.from(without(weights, act.repair), tests, to, told, limit - spent);
      return after.exact ? spent + after.cost : Infinity;
    }
    const left = withoutTest(tests, act.test);
    const digit = this.digits[act.test] ?? 0;
    const branches = (this.ground.chances[act.test] ?? [])
      .map((chance, outcome) => ({ weights: answered(weights, chance), told: told + (outcome + 1) * digit }))
      .map((branch) => ({ ...branch, lowest: this.bound(branch.weights, left, to) }))
      .sort((a, b) => b.lowest - a.lowest);
    let cost = atLeast;
    for (const branch of branches) {
      const rest = cost - branch.lowest;
      const after = this.from(branch.weights, left, to, branch.told, limit - rest);
      // What was not worked out to its end is not under its own limit; sums of both may be, by a rounding
      if (!after.exact) return Infinity;
      cost = rest + after.cost;
      if (cost >= limit) return Infinity;
    }
    return cost;
  }
}

const withoutTest = (tests: readonly boolean[], test: number): readonly boolean[] =>
  tests.map((isLeft, t) => isLeft && t !== test);

function maskOf(weights: Float64Array): number {
  let mask = 0;
  for (let i = 0; i < weights.length; i++) if ((weights[i] ?? 0) > 0) mask |= 1 << i;
  return mask;
}
