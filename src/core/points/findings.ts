import { said, type Text } from '../said';
import { SPACE_SHARE_MOST, connectorAt, type BoxRoom, type LoadJudged } from '../junction';
import { SHIPPED_CATALOGUE, connectorsIn } from '../catalogue';
import {
  BARE_CONTEXT,
  checkWiring,
  compareFindings,
  type Finding,
  type FindingsCompared,
  type RuleContext,
  type Wiring,
} from '../wiring';
import { builtAsPlanned, builtOf } from './asBuilt';
import { buildOf } from './builds';
import type { Job } from '../job/job';
import { regionOf } from '../job/region';
import { foundOf, planOf } from './planOf';
import type { Point } from './point';
import { circuitsOfPoint } from './supplyOf';

const SPACE_SHARE_PERCENT = SPACE_SHARE_MOST * 100;

/** Room in a box in words, with the two figures that decide. */
export const roomWords = ({ by, boxIn3, requiredIn3, fits }: BoxRoom): Text =>
  by === 'rule'
    ? said('roomNeeded', { boxIn3, requiredIn3, fits })
    : said('shareOfBox', { percent: (SPACE_SHARE_PERCENT * requiredIn3) / boxIn3, mostPercent: SPACE_SHARE_PERCENT });

/** Load of a circuit in words. */
export const loadWords = ({ totalVa, limitVa, suffices, amps }: LoadJudged): Text =>
  said('loadOfCircuit', { totalVa, amps, limitVa, suffices });

/** What the rules need beside a wiring. */
function contextOf(job: Job, point: Point): Omit<RuleContext, 'connectorAt'> {
  const pack = regionOf(job);
  const { room, load, fixture, groundDecision, outlet, box } = buildOf(point).besideWiring(job, point);
  const circuits = circuitsOfPoint(job, point).length;
  return {
    ...BARE_CONTEXT,
    nominalVolts: pack.mains.nominalVolts,
    namedCircuits: circuits === 0 ? null : circuits,
    groundDecision,
    fixture,
    box,
    outlet,
    fill: room ? { suffices: room.fits, words: roomWords(room), guidance: room.by === 'guidance' } : null,
    load: load ? { suffices: load.suffices, words: loadWords(load), over: load.over } : null,
  };
}

/** Runs every rule over one of a point’s wirings. */
function check(job: Job, point: Point, wiring: Wiring): readonly Finding[] {
  const connectors = buildOf(point).besideWiring(job, point).connectors ?? connectorsIn(SHIPPED_CATALOGUE);
  const sorted = [...connectors].sort((a, b) => a.volumeCm3 - b.volumeCm3 || a.cost - b.cost);
  return checkWiring(wiring, { ...contextOf(job, point), connectorAt: connectorAt(wiring, sorted) });
}

/** What the rules say of a point as found, as planned and as built, and what changed from one to the next. */
export interface PointFindings {
  readonly found: readonly Finding[];
  readonly planned: readonly Finding[];
  /** As built so far, where every step is ticked. While work goes on, what it leaves open is no fault. */
  readonly built: readonly Finding[];
  readonly byPlan: FindingsCompared;
  /** What leads that are elsewhere than planned bring with them. */
  readonly byDeviation: readonly Finding[];
}

const known = new WeakMap<Point, { readonly job: Job; readonly findings: PointFindings }>();

/** Checks a point’s wirings; worked out once for each fold. */
export function findingsOf(job: Job, point: Point): PointFindings {
  const before = known.get(point);
  if (before?.job === job) return before.findings;
  const findings = workOut(job, point);
  known.set(point, { job, findings });
  return findings;
}

function workOut(job: Job, point: Point): PointFindings {
  const plan = planOf(point);
  // Room, load and rating are of what is to hang there, not of what was found
  const found = checkFound(job, point);
  const planned = plan ? check(job, point, plan.planned) : [];
  const done = plan !== null && plan.steps.every(({ id }) => id in point.ticks);
  const built = done ? check(job, point, builtOf(point)) : [];
  const byDeviation =
    plan && point.moved.length > 0
      ? compareFindings(check(job, point, builtAsPlanned(point)), check(job, point, builtOf(point))).fresh
      : [];
  return { found, planned, built, byPlan: compareFindings(found, planned), byDeviation };
}

function checkFound(job: Job, point: Point): readonly Finding[] {
  // Before hot and neutral are known by test there is no wiring to speak of
  if (!buildOf(point).isFoundKnown(point)) return [];
  const wiring = foundOf(point);
  return checkWiring(wiring, {
    ...contextOf(job, point),
    groundDecision: null,
    fill: null,
    load: null,
    fixture: null,
    box: null,
    outlet: [],
    connectorAt: () => null,
  });
}

/** What the plan stands or falls with and nobody was asked: not asked is not passed. */
export const uncheckedOf = (job: Job, point: Point): readonly Finding[] =>
  findingsOf(job, point).planned.filter(({ severity }) => severity === 'open');

/** The first stop of a point’s plan; null where it stands. */
export const planStop = (job: Job, point: Point): Finding | null =>
  findingsOf(job, point).planned.find(({ severity }) => severity === 'stop') ?? null;
