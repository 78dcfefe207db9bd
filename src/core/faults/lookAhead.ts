import { SAME_CHANCE } from './branches';
import { NOWHERE, standsAt, walkTo, weightOf, type Act, type Plan, type PlanGround } from './planGround';
import { repairsOnly } from './repairsOnly';

/** Where faults stand: the hypotheses that are open with their weights, the tests that are left, and where one is. */
export interface Position {
  readonly open: Int32Array;
  readonly weights: Float64Array;
  readonly tests: readonly boolean[];
  readonly at: number;
}

/** @param weights of all hypotheses: those of none are not open */
export function positionOf(weights: ArrayLike<number>, tests: readonly boolean[], at: number): Position {
  const open = Int32Array.from(Object.keys(weights), Number).filter((i) => (weights[i] ?? 0) > 0);
  return { open, weights: Float64Array.from(open, (i) => weights[i] ?? 0), tests, at };
}

/** An act at a position: what it costs at once, and what it comes to if only repairs follow it. */
interface Weighed {
  readonly act: Act;
  readonly spent: number;
  readonly cost: number;
}

/** Weights of the faults at a position. */
function byFault({ faults, faultOf }: PlanGround, { open, weights }: Position): Float64Array {
  const sums = new Float64Array(faults);
  for (let k = 0; k < open.length; k++) {
    const fault = faultOf[open[k] ?? 0] ?? 0;
    sums[fault] = (sums[fault] ?? 0) + (weights[k] ?? 0);
  }
  return sums;
}

/** What a repair comes to. @param byFault weights of the faults */
function weighedRepair(ground: PlanGround, { at }: Position, byFault: Float64Array, repair: number): Weighed {
  const place = ground.repairAt[repair] ?? NOWHERE;
  const spent = weightOf(byFault) * (walkTo(ground, at, place) + (ground.repairMinutes[repair] ?? 0));
  const left = Float64Array.from(byFault);
  left[repair] = 0;
  return { act: { repair }, spent, cost: spent + repairsOnly(ground, left, standsAt(at, place)).cost };
}

/** @returns null for a test that tells nothing: its answers are equally likely under all that is open */
function weighedTest(ground: PlanGround, { open, weights, at }: Position, test: number): Weighed | null {
  const { faults, faultOf } = ground;
  const place = ground.testAt[test] ?? NOWHERE;
  const to = standsAt(at, place);
  let [cost, tells] = [0, false];
  // Asked for at every branch of every plan: plain loops, and only the weights of the faults
  for (const chance of ground.chances[test] ?? []) {
    const sums = new Float64Array(faults);
    const first = chance[open[0] ?? 0] ?? 0;
    for (let k = 0; k < open.length; k++) {
      const i = open[k] ?? 0;
      const here = chance[i] ?? 0;
      if (here === 0) {
        if (first > SAME_CHANCE) tells = true;
        continue;
      }
      if (!tells && Math.abs(here - first) > SAME_CHANCE) tells = true;
      const fault = faultOf[i] ?? 0;
      sums[fault] = (sums[fault] ?? 0) + (weights[k] ?? 0) * here;
    }
    cost += repairsOnly(ground, sums, to).cost;
  }
  if (!tells) return null;
  const spent = weightOf(weights) * (walkTo(ground, at, place) + (ground.testMinutes[test] ?? 0));
  return { act: { test }, spent, cost: spent + cost };
}

/** What can be done at a position. @param repairs those that are weighed */
function weighed(
  ground: PlanGround,
  position: Position,
  byFault: Float64Array,
  repairs: readonly number[],
): readonly Weighed[] {
  const all = repairs.flatMap((i) => ((byFault[i] ?? 0) > 0 ? [weighedRepair(ground, position, byFault, i)] : []));
  for (let t = 0; t < ground.tests; t++) {
    const one = position.tests[t] ? weighedTest(ground, position, t) : null;
    if (one) all.push(one);
  }
  return all;
}

/** Where an act leads: one position for each of its answers; those that can’t come are left out. */
function leadsTo(ground: PlanGround, { open, weights, tests, at }: Position, act: Act): readonly Position[] {
  const stands = standsAt(at, ('test' in act ? ground.testAt[act.test] : ground.repairAt[act.repair]) ?? NOWHERE);
  const left = 'test' in act ? tests.map((isLeft, other) => isLeft && other !== act.test) : tests;
  /** @param chanceOf of this answer under a hypothesis */
  const after = (chanceOf: (hypothesis: number) => number): readonly Position[] => {
    const [stillOpen, still]: [number[], number[]] = [[], []];
    for (let k = 0; k < open.length; k++) {
      const i = open[k] ?? 0;
      const weight = (weights[k] ?? 0) * chanceOf(i);
      if (weight <= 0) continue;
      stillOpen.push(i);
      still.push(weight);
    }
    if (still.length === 0) return [];
    return [{ open: Int32Array.from(stillOpen), weights: Float64Array.from(still), tests: left, at: stands }];
  };
  return 'test' in act
    ? (ground.chances[act.test] ?? []).flatMap((chance) => after((i) => chance[i] ?? 0))
    : after((i) => (ground.faultOf[i] === act.repair ? 0 : 1));
}

/** So many of the most promising acts are followed down their branches. */
const FOLLOWED = 8;
/** So many times as far the one that is taken is followed. */
const FARTHER = 4;
/** Work that a question may take, in steps of the innermost loop. */
const MOST_STEPS = 1e7;
/** What is left open of a plan’s cost and not followed any more, as a share. */
const CLOSE_ENOUGH = 0.002;

/**
 * A plan where there are too many branches to look through: the most promising acts are each followed, at every answer, by what
 * looks best one step ahead; the heaviest branches are looked into first.
 * @param mostSteps work that it may take, in steps of the innermost loop
 */
export function lookAhead(ground: PlanGround, position: Position, mostSteps = MOST_STEPS): Plan {
  const everyRepair = Array.from({ length: ground.faults }, (_, i) => i);
  const first = weighed(ground, position, byFault(ground, position), everyRepair).toSorted((a, b) => a.cost - b.cost);
  if (first.length === 0) return { cost: 0, first: null };
  const outcomes = ground.chances.reduce((sum, { length }) => sum + length, 0);
  const steps = Math.max(1, (outcomes + ground.faults) * (position.weights.length + ground.faults ** 2));
  const looks = Math.max(8, Math.floor(mostSteps / steps / FOLLOWED));
  const costBy = ({ act, spent }: Weighed, far: number): number =>
    spent + followed(ground, leadsTo(ground, position, act), far);
  let best: { readonly cost: number; readonly by: Weighed } | null = null;
  for (const by of first.slice(0, FOLLOWED)) {
    const cost = costBy(by, looks);
    if (!best || cost < best.cost) best = { cost, by };
  }
  if (!best) return { cost: 0, first: null };
  // What is not followed is told too dear: the one that is taken is followed farther
  return { cost: Math.min(best.cost, costBy(best.by, FARTHER * looks)), first: best.by.act };
}

/** What it costs to go on from some positions by what looks best one step ahead. @param looks so often it is looked ahead */
function followed(ground: PlanGround, from: readonly Position[], looks: number): number {
  const open: (Weighed & { readonly leadsTo: readonly Position[] })[] = [];
  let [cost, looked] = [0, 0];
  const look = (position: Position): void => {
    looked++;
    const faults = byFault(ground, position);
    const { first } = repairsOnly(ground, faults, position.at);
    // Of repairs only the one that ends most of the search a minute
    const all = weighed(ground, position, faults, first && 'repair' in first ? [first.repair] : []);
    let step: Weighed | null = null;
    for (const one of all) if (!step || one.cost < step.cost) step = one;
    if (!step) return;
    cost += step.cost;
    const after = leadsTo(ground, position, step.act);
    if (after.length > 0) open.push({ ...step, leadsTo: after });
  };
  from.forEach(look);
  const floor = CLOSE_ENOUGH * cost;
  while (looked < looks && open.length > 0) {
    let heaviest = 0;
    for (let i = 1; i < open.length; i++) if ((open[i]?.cost ?? 0) > (open[heaviest]?.cost ?? 0)) heaviest = i;
    const [step] = open.splice(heaviest, 1);
    if (!step || step.cost < floor / 50) break;
    cost += step.spent - step.cost;
    step.leadsTo.forEach(look);
  }
  return cost;
}
