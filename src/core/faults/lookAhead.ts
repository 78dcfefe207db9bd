import { answered, tells, without } from './branches';
import { NOWHERE, byFault, standsAt, walkTo, weightOf, type Act, type Plan, type PlanGround } from './planGround';
import { repairsOnly } from './repairsOnly';

/** Where faults stand: their weights, the tests that are left, and where one is. */
export interface Position {
  readonly weights: Float64Array;
  readonly tests: readonly boolean[];
  readonly at: number;
}

/** An act at a position: what it costs at once, and where its answers lead. */
export interface Branching {
  readonly act: Act;
  readonly spent: number;
  readonly leadsTo: readonly Position[];
}

/** @param repairs which repairs are weighed */
function branchingsAt(
  ground: PlanGround,
  { weights, tests, at }: Position,
  repairs: readonly number[],
): readonly Branching[] {
  const total = weightOf(weights);
  const all: Branching[] = [];
  const open = byFault(ground, weights);
  for (const i of repairs) {
    if ((open[i] ?? 0) <= 0) continue;
    const place = ground.repairAt[i] ?? NOWHERE;
    all.push({
      act: { repair: i },
      spent: total * (walkTo(ground, at, place) + (ground.repairMinutes[i] ?? 0)),
      leadsTo: [{ weights: without(ground, weights, i), tests, at: standsAt(at, place) }],
    });
  }
  for (let t = 0; t < ground.tests; t++) {
    const chances = ground.chances[t] ?? [];
    if (!tests[t] || !tells(chances, weights)) continue;
    const place = ground.testAt[t] ?? NOWHERE;
    const left = tests.map((isLeft, other) => isLeft && other !== t);
    all.push({
      act: { test: t },
      spent: total * (walkTo(ground, at, place) + (ground.testMinutes[t] ?? 0)),
      leadsTo: chances.flatMap((chance) => {
        const branch = answered(weights, chance);
        return weightOf(branch) > 0 ? [{ weights: branch, tests: left, at: standsAt(at, place) }] : [];
      }),
    });
  }
  return all;
}

/** Acts with what each comes to if only repairs follow it, the best first. */
const ranked = (
  ground: PlanGround,
  position: Position,
  repairs: readonly number[],
): readonly (Branching & { readonly cost: number })[] =>
  branchingsAt(ground, position, repairs)
    .map((one) => ({
      ...one,
      cost: one.leadsTo.reduce((sum, { weights, at }) => sum + repairsOnly(ground, weights, at).cost, one.spent),
    }))
    .sort((a, b) => a.cost - b.cost);

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
  const first = ranked(
    ground,
    position,
    Array.from({ length: ground.faults }, (_, i) => i),
  );
  if (first.length === 0) return { cost: 0, first: null };
  const outcomes = ground.chances.reduce((sum, { length }) => sum + length, 0);
  const steps = Math.max(1, (outcomes + ground.faults) * (position.weights.length + ground.faults ** 2));
  const looks = Math.max(8, Math.floor(mostSteps / steps / FOLLOWED));
  let best: { readonly cost: number; readonly from: Branching } | null = null;
  for (const from of first.slice(0, FOLLOWED)) {
    const cost = from.spent + followed(ground, from.leadsTo, looks);
    if (!best || cost < best.cost) best = { cost, from };
  }
  if (!best) return { cost: 0, first: null };
  // What is not followed is told too dear: the one that is taken is followed farther
  const { act, spent, leadsTo } = best.from;
  return { cost: Math.min(best.cost, spent + followed(ground, leadsTo, FARTHER * looks)), first: act };
}

/** What it costs to go on from some positions by what looks best one step ahead. @param looks so often it is looked ahead */
function followed(ground: PlanGround, from: readonly Position[], looks: number): number {
  const open: (Branching & { readonly cost: number })[] = [];
  let [cost, looked] = [0, 0];
  const look = (position: Position): void => {
    looked++;
    const { first } = repairsOnly(ground, position.weights, position.at);
    // Of repairs only the one that ends most of the search a minute
    const [step] = ranked(ground, position, first && 'repair' in first ? [first.repair] : []);
    if (!step) return;
    cost += step.cost;
    if (step.leadsTo.some(({ weights }) => weightOf(weights) > 0)) open.push(step);
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
