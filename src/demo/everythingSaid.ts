import { NOBODY } from '@/core/isolation';
import { chooseAmong, optionsFor, wayPlan, whyNotThis } from '@/core/advice';
import { beforeList, customerPage, houseOf, thingsOf, type Job } from '@/core/job';
import { THINGS } from '@/core/kinds';
import {
  areasOf,
  assess,
  bagList,
  boxDoubts,
  checksOf,
  comparisonOf,
  conclusionsOf,
  customerSheet,
  failuresOf,
  decisionOf,
  findingsOf,
  fixtureOptions,
  ladderOf,
  missingAtLook,
  nextMove,
  outletFit,
  partsOf,
  plugOptions,
  pointSteps,
  stepStandings,
  toTell,
  verdictOf,
  wifiOf,
  worriesOf,
  type Point,
} from '@/core/points';
import { SHIPPED_CATALOGUE } from '@/core/catalogue';
import { isSaid, type Said } from '@/core/said';

/** So many likely houses bring forth each kind of verdict; figures are not what is looked at. */
const DRAWS = 60;

function atPoint(job: Job, point: Point): readonly unknown[] {
  const assessment = assess(job, point, DRAWS);
  return [
    ladderOf(job, point, assessment, NOBODY),
    nextMove(job, point, assessment, NOBODY),
    verdictOf(job, point, assessment),
    worriesOf(job, point, assessment),
    missingAtLook(job, point),
    areasOf(job, point),
    pointSteps(point),
    stepStandings(job, point, NOBODY),
    findingsOf(job, point),
    partsOf(job, point),
    toTell(point),
    conclusionsOf(point),
    boxDoubts(point),
    wifiOf(job, point),
    ...(point.kind === 'doorbell'
      ? [assessment.reference, assessment.known.guesses, bagList(job, point), checksOf(point)]
      : []),
    failuresOf(point),
    ...(point.kind === 'floodlight' ? [fixtureOptions(point, SHIPPED_CATALOGUE, {})] : []),
    ...(point.kind === 'plugFloodlight' ? [plugOptions(point, SHIPPED_CATALOGUE), outletFit(point, null)] : []),
  ];
}

/** What to read next and the ways of a doorbell, each with why it is or is not proposed: the dear part. */
function atChoose(job: Job, point: Point): readonly unknown[] {
  if (point.kind !== 'doorbell') return [];
  const assessment = assess(job, point, DRAWS);
  const { survey, known, premises } = assessment;
  const choosing = chooseAmong(survey, known.houses, optionsFor(survey, premises), job.policy.weakSupply);
  return [
    assessment.advice(),
    decisionOf(assessment),
    comparisonOf(job, point, SHIPPED_CATALOGUE),
    choosing,
    ...choosing.options.map((way) => [whyNotThis(survey, way, choosing), wayPlan(known, way)]),
  ];
}

/** Everything said in a value, however deep, each as the whole that it is part of. */
function saidIn(value: unknown): readonly Said[] {
  if (isSaid(value)) return [value];
  if (Array.isArray(value)) return value.flatMap(saidIn);
  return typeof value === 'object' && value !== null ? Object.values(value).flatMap(saidIn) : [];
}

/**
 * Everything that a job brings forth on its screens and on its sheet: for whoever reads all sentences.
 * @param ways what to read next and the ways at Choose too, which take most of the time
 */
export const everythingSaid = (job: Job, ways: boolean): readonly Said[] =>
  saidIn([
    beforeList(job),
    customerPage(job, null),
    customerSheet(job),
    houseOf(job),
    THINGS.map((kind) => thingsOf(job, kind)),
    ...job.points.map((point) => atPoint(job, point)),
    ...(ways ? job.points.map((point) => atChoose(job, point)) : []),
  ]);
