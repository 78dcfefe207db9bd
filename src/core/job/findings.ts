import {
  SPACE_SHARE_MOST,
  boxRoom,
  connectorAt,
  feedCase,
  groundRemedy,
  type BoxRoom,
  type LoadJudged,
} from '../junction';
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
import { boxSurveyOf } from './boxOf';
import { inWordsOf } from '../region';
import { TRANSFORMER_ADDED } from './fixtureOf';
import type { Job, Point } from './job';
import { fixtureOf, foundOf, planOf } from './planOf';
import { circuitsOfPoint } from './supplyOf';
import { regionOf } from './survey';

const SPACE_SHARE_PERCENT = SPACE_SHARE_MOST * 100;

/** Room in a box in words, with the two figures that decide. */
export const roomWords = ({ by, boxIn3, requiredIn3, fits }: BoxRoom): string =>
  by === 'rule'
    ? `Room for ${boxIn3.toFixed(1)} in³, ${requiredIn3.toFixed(2)} in³ are needed${fits ? '' : ': overfull'}.`
    : `${Math.round((SPACE_SHARE_PERCENT * requiredIn3) / boxIn3)} % of the box is conductors and connectors; up to ${SPACE_SHARE_PERCENT} % is our guidance, no rule.`;

/** Load of a circuit in words. */
export const loadWords = ({ totalVa, limitVa, suffices, amps }: LoadJudged): string =>
  `${Math.round(totalVa)} VA on the circuit (${amps.toFixed(1)} A), ${Math.round(limitVa)} VA may be on for hours${suffices ? '' : ': too much'}.`;

/** The decision to go on without a grounding conductor, in writing; null where none was taken. */
function groundDecision(point: Point): string | null {
  const data = point.fixture?.data;
  if (data?.groundId !== 'byRule' || !groundRemedy('byRule')?.inWriting) return null;
  return data.groundWords?.trim() ? data.groundWords : null;
}

/** Room in the box that a new transformer is to sit on; null where none is to, or the box was not named. */
const transformerRoom = (job: Job, point: Point): BoxRoom | null =>
  point.kind === 'doorbell' && point.choice?.data.transformer?.fit === 'onBox'
    ? boxRoom(boxSurveyOf(point), TRANSFORMER_ADDED, regionOf(job).boxRoom)
    : null;

/** What the rules need beside a wiring. */
function contextOf(job: Job, point: Point): Omit<RuleContext, 'connectorAt'> {
  const pack = regionOf(job);
  const standing = fixtureOf(point);
  const room = standing?.room ?? transformerRoom(job, point);
  const circuits = circuitsOfPoint(job.circuits, point.id).length;
  return {
    ...BARE_CONTEXT,
    words: { ground: pack.words.ground, hot: pack.words.hot },
    nominalVolts: pack.mains.nominalVolts,
    namedCircuits: circuits === 0 ? null : circuits,
    groundDecision: groundDecision(point),
    fixture: point.fixture?.data.fixture ?? null,
    fill: room ? { suffices: room.fits, words: roomWords(room), guidance: room.by === 'guidance' } : null,
    load: standing?.load
      ? { suffices: standing.load.suffices, words: loadWords(standing.load), over: standing.load.over }
      : null,
  };
}

/** Runs every rule over one of a point’s wirings. */
function check(job: Job, point: Point, wiring: Wiring): readonly Finding[] {
  const connectors = point.fixture?.data.connectors ?? connectorsIn(SHIPPED_CATALOGUE);
  const sorted = [...connectors].sort((a, b) => a.volumeCm3 - b.volumeCm3 || a.cost - b.cost);
  return said(job, checkWiring(wiring, { ...contextOf(job, point), connectorAt: connectorAt(wiring, sorted) }));
}

/** Findings in the words of the place. */
const said = (job: Job, findings: readonly Finding[]): readonly Finding[] =>
  findings.map((finding) => ({ ...finding, words: inWordsOf(regionOf(job), finding.words) }));

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
  if (point.kind === 'floodlight' && feedCase(boxSurveyOf(point)).feed === null) return [];
  const wiring = foundOf(point);
  return said(
    job,
    checkWiring(wiring, {
      ...contextOf(job, point),
      groundDecision: null,
      fill: null,
      load: null,
      fixture: null,
      connectorAt: () => null,
    }),
  );
}

/** The first stop of a point’s plan; null where it stands. */
export const planStop = (job: Job, point: Point): Finding | null =>
  findingsOf(job, point).planned.find(({ severity }) => severity === 'stop') ?? null;
