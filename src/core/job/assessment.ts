import {
  DRAWS_WHILE_TYPING,
  NEW_TRANSFORMER_READING,
  asFound,
  estimate,
  judge,
  nextReading,
  type BellSurvey,
  type Change,
  type Estimate,
  type Judgement,
  type NextReading,
  type SparePairs,
} from '../bell';
import { treatmentById, treatmentsFor, type Treatment } from '../chime';
import type { Choice, Job, Point } from './job';
import { sparePairsOf, surveyOf } from './survey';

/** The way that the verdict beside a job speaks of: the chosen one, else what is there with the chime treated. */
export interface Reference {
  readonly chosen: boolean;
  readonly change: Change;
  readonly treatment: Treatment | null;
  /** “keep 16 V 10 VA, power module”. */
  readonly words: string;
  readonly judgement: Judgement;
}

/** What a point's readings come to. */
export interface Assessment {
  readonly survey: BellSurvey;
  readonly spare: SparePairs;
  readonly known: Estimate;
  readonly reference: Reference;
  readonly next: NextReading | null;
}

const plateWords = ({ nameplate }: BellSurvey): string =>
  [nameplate.volts === null ? null : `${nameplate.volts} V`, nameplate.va === null ? null : `${nameplate.va} VA`]
    .filter((part) => part !== null)
    .join(' ') || 'the old transformer';

/** A choice as a change of the circuit, with the values that it carried. */
export function changeOf(choice: Choice['data'], survey: BellSurvey, spare: SparePairs): Change {
  const factor = (run: 'toChime' | 'toDoor'): number =>
    choice.joinPairs ? (survey.runs[run].pairs + spare[run]) / survey.runs[run].pairs : 1;
  return {
    transformer: choice.transformer,
    treatment: treatmentById(choice.treatmentId)?.standing ?? survey.present,
    pairFactor: { toChime: factor('toChime'), toDoor: factor('toDoor') },
  };
}

/** What would be done with the transformer that is there: the first treatment the device allows, a module before others. */
function keptReference(survey: BellSurvey): { change: Change; treatment: Treatment | null } {
  const allowed = treatmentsFor(survey.chime.kind, survey.region.id).filter(({ id }) => !survey.device.forbids[id]);
  const treatment =
    allowed.find(({ standing }) => standing.path === 'shunt') ?? allowed.find((one) => one.id !== 'leaveAsIs');
  const found = asFound(survey);
  return treatment
    ? { change: { ...found, treatment: treatment.standing }, treatment }
    : { change: found, treatment: null };
}

function referenceOf(known: Estimate, spare: SparePairs, choice: Choice | null): Reference {
  const { survey, houses } = known;
  if (choice) {
    const change = changeOf(choice.data, survey, spare);
    const treatment = treatmentById(choice.data.treatmentId) ?? null;
    const words = [
      choice.data.transformer ? choice.data.transformer.name : `keep ${plateWords(survey)}`,
      treatment?.name.toLowerCase(),
      ...(choice.data.joinPairs ? ['pairs joined'] : []),
    ];
    return { chosen: true, change, treatment, words: words.join(', '), judgement: judge(survey, houses, change) };
  }
  const { change, treatment } = keptReference(survey);
  const words = `keep ${plateWords(survey)}, ${treatment ? treatment.name.toLowerCase() : 'wired as it is'}`;
  return { chosen: false, change, treatment, words, judgement: judge(survey, houses, change) };
}

/** The survey with the device values that the choice carried, so that a later catalogue changes no old verdict. */
function surveyWithChoice(job: Job, point: Point): BellSurvey {
  const survey = surveyOf(job, point);
  const { choice } = point;
  return choice && choice.data.device.id === survey.device.id
    ? { ...survey, device: { ...survey.device, ...choice.data.device } }
    : survey;
}

/** Works out what a point's readings come to. */
export function assess(job: Job, point: Point, draws: number = DRAWS_WHILE_TYPING): Assessment {
  const survey = surveyWithChoice(job, point);
  const spare = sparePairsOf(point);
  const known = estimate(survey, draws);
  const none = point.look.wasThere === 'nothing';
  const judged = referenceOf(known, spare, point.choice);
  const reference =
    none && !judged.chosen ? { ...judged, words: 'no transformer yet: a usual one is guessed' } : judged;
  // Where there was no bell there is no old transformer to be read
  const next = none && !judged.chosen ? null : nextReading(survey, reference.judgement.verdict);
  return {
    survey,
    spare,
    known,
    reference,
    next: next && reference.change.transformer ? NEW_TRANSFORMER_READING : next,
  };
}

/** {@link assess}, keeping the last results: most entries of a job change nothing about its circuit. */
export function rememberingAssess(most: number): (job: Job, point: Point) => Assessment {
  const kept = new Map<string, Assessment>();
  return (job, point) => {
    const { choice } = point;
    const key = JSON.stringify([surveyWithChoice(job, point), sparePairsOf(point), choice?.data, point.look.wasThere]);
    const known = kept.get(key);
    kept.delete(key);
    const assessment = known ?? assess(job, point);
    kept.set(key, assessment);
    const oldest = kept.keys().next();
    if (kept.size > most && !oldest.done) kept.delete(oldest.value);
    return assessment;
  };
}
