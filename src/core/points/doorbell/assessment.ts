import { said } from '../../said';
import type { Premises } from '../../advice';
import { SHIPPED_CATALOGUE, type Catalogue } from '../../catalogue';
import { DRAWS_WHILE_TYPING, estimate, sourceIsKnown, type BellSurvey, type Estimate } from '../../bell';
import { adviseOn, type NextReading, type PointAdvice } from './advising';
import type { Job } from '../../job/job';
import type { Point } from '../point';
import type { Doorbell } from './doorbell';
import { READING_WORDS } from './takeables';
import { premisesOf } from './premisesOf';
import { referenceOf, type Reference } from './reference';
import { surveyOf } from './survey';
import { wasThereOf } from './wasThere/register';

/** What a point's readings come to. */
export interface Assessment {
  readonly survey: BellSurvey;
  readonly premises: Premises;
  readonly known: Estimate;
  readonly reference: Reference;
  /** Which reading tells most; worked out when it is asked for, and once. */
  readonly advice: () => PointAdvice;
  /** The one reading to take next; null when there is enough. */
  readonly next: () => NextReading | null;
  /** The same with what to read next taken from another: a half typed figure tells nothing about that. */
  readonly adviseBy: (other: Assessment) => Assessment;
}

/** An assessment as data, worked out to its end: from one thread to another. */
export interface AssessmentData extends Pick<Assessment, 'survey' | 'premises' | 'known' | 'reference'> {
  readonly advice: PointAdvice;
  readonly next: NextReading | null;
}

/** Works an assessment out to its end. */
export const assessmentData = ({ survey, premises, known, reference, advice, next }: Assessment): AssessmentData => ({
  survey,
  premises,
  known,
  reference,
  advice: advice(),
  next: next(),
});

/** The assessment that was worked out elsewhere. */
export const assessmentOf = ({ advice, next, ...worked }: AssessmentData): Assessment =>
  new Assessed(() => ({ ...worked, advice: () => advice, next: () => next }));

/** The survey with the device values that the choice carried, so that a later catalogue changes no old verdict. */
function surveyWithChoice(job: Job, point: Doorbell): BellSurvey {
  const survey = surveyOf(job, point);
  const { choice } = point;
  return choice && choice.data.device.id === survey.device.id
    ? { ...survey, device: { ...survey.device, ...choice.data.device } }
    : survey;
}

/** Works out what a point's readings come to, and when it is asked: a point without a bell side never asks. */
export function assess(
  job: Job,
  point: Point,
  draws: number = DRAWS_WHILE_TYPING,
  catalogue: Catalogue = SHIPPED_CATALOGUE,
): Assessment {
  return new Assessed(
    once(() => {
      // A question about a circuit that isn't there is a fault of whoever asks, and must not cost a solve
      if (point.kind !== 'doorbell') throw new Error(`${point.name} has no bell circuit to be assessed`);
      return workOut(job, point, draws, catalogue);
    }),
  );
}

/** What a meter may be off of a reading of open volts, ± V: 1 % and three counts of 0.1 V. */
const openHalf = (volts: number): number => 0.01 * volts + 0.3;

/** The choice with the open volts that its new transformer was read to have: a reading outranks a sheet. */
function readChoice({ choice, checks }: Doorbell, { region }: BellSurvey): Doorbell['choice'] {
  const { figure, mainsVolts } = checks.newOpenVolts?.data ?? {};
  const transformer = choice?.data.transformer;
  if (!choice || !transformer || figure === undefined) return choice;
  const { nominalVolts, lowPercent, highPercent } = region.mains;
  // Brought to nominal mains; where those were not read, anywhere in their band
  const [low, likely, high] =
    mainsVolts === undefined
      ? [figure / (1 + highPercent / 100), figure, figure / (1 + lowPercent / 100)]
      : Array<number>(3).fill((figure * nominalVolts) / mainsVolts);
  const openVolts = {
    low: (low ?? figure) - openHalf(figure),
    likely: likely ?? figure,
    high: (high ?? figure) + openHalf(figure),
  };
  return { ...choice, data: { ...choice.data, transformer: { ...transformer, openVolts } } };
}

type WorkedOut = Omit<Assessment, 'adviseBy'>;

/** An assessment that is worked out at the first question and once. */
class Assessed implements Assessment {
  constructor(private readonly worked: () => WorkedOut) {}

  get survey(): BellSurvey {
    return this.worked().survey;
  }
  get premises(): Premises {
    return this.worked().premises;
  }
  get known(): Estimate {
    return this.worked().known;
  }
  get reference(): Reference {
    return this.worked().reference;
  }
  advice = (): PointAdvice => this.worked().advice();
  next = (): NextReading | null => this.worked().next();

  adviseBy(other: Assessment): Assessment {
    return new Assessed(() => ({ ...this.worked(), advice: other.advice, next: other.next }));
  }
}

function workOut(job: Job, point: Doorbell, draws: number, catalogue: Catalogue): WorkedOut {
  const survey = surveyWithChoice(job, point);
  const known = estimate(survey, draws);
  const premises = premisesOf(job, point, known.houses, catalogue);
  const none = point.toBeMade;
  const judged = referenceOf(known, premises, readChoice(point, survey), job.policy);
  const reference =
    none && !judged.chosen && !judged.change.transformer ? { ...judged, words: said('noTransformerYet') } : judged;
  const { ranDevice } = wasThereOf(point.look);
  const advice = once(() => adviseOn(known, premises, job.policy, ranDevice, point.look.cantRead ?? []));
  const next = once(() => nextOf(survey, reference, premises, advice));
  return { survey, premises, known, reference, advice, next };
}

/** Whether anything is known of what feeds the way that the verdict speaks of. */
export const isFeedKnown = ({ known, reference }: Pick<Assessment, 'known' | 'reference'>): boolean =>
  known.sourceKnown || reference.change.transformer !== null;

const once = <T>(make: () => T): (() => T) => {
  let kept: { readonly value: T } | null = null;
  return () => (kept ??= { value: make() }).value;
};

/** What is not known of a transformer that is still in its box can be read only when it stands. */
const newTransformerReading = (): NextReading => {
  const { words, how, minutes } = READING_WORDS.newOpenVolts;
  return { id: 'newOpenVolts', words, why: how, minutes, chance: null };
};

function nextOf(
  survey: BellSurvey,
  { chosen, change, judgement }: Reference,
  { newSupply, decided }: Premises,
  advice: () => PointAdvice,
): NextReading | null {
  // Where there was no bell there is no old transformer to be read
  if (newSupply && !chosen) return null;
  if (change.transformer && (chosen || decided))
    return judgement.verdict === 'cannotTell' ? newTransformerReading() : null;
  const settled = judgement.verdict === 'holds' && sourceIsKnown(survey);
  return settled && chosen ? null : (advice().next[0] ?? null);
}

/**
 * What an assessment follows from, as one text: two points with the same one come to the same. Most entries of a job change
 * nothing about its circuit. Null where there is no circuit.
 */
export function assessmentKey(job: Job, point: Point): string | null {
  if (point.kind !== 'doorbell') return null;
  const { choice } = point;
  return JSON.stringify([
    surveyWithChoice(job, point),
    point.runs,
    point.transformer,
    point.supply,
    choice?.data,
    point.checks.newOpenVolts?.data,
    point.look.wasThere,
    point.look.ownCable,
    point.look.cantRead,
    point.look.cantHave,
    point.feed,
    point.toBeMade,
    job.policy.weakSupply,
  ]);
}

/** {@link assess}, keeping the last results. */
export function rememberingAssess(
  most: number,
  catalogue?: Catalogue,
  draws: number = DRAWS_WHILE_TYPING,
): (job: Job, point: Point) => Assessment {
  const kept = new Map<string, Assessment>();
  return (job, point) => {
    const key = assessmentKey(job, point);
    if (key === null) return assess(job, point);
    const known = kept.get(key);
    kept.delete(key);
    const assessment = known ?? assess(job, point, draws, catalogue);
    kept.set(key, assessment);
    const oldest = kept.keys().next();
    if (kept.size > most && !oldest.done) kept.delete(oldest.value);
    return assessment;
  };
}
