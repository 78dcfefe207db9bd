import {
  cableOf,
  canKeepSupply,
  fittedTreatments,
  forbiddenWhy,
  holdWays,
  optionsFor,
  pairFactors,
  proposer,
  tapChange,
  type Premises,
  type WireRemedy,
} from '../../advice';
import { SHIPPED_CATALOGUE, type Catalogue } from '../../catalogue';
import {
  DRAWS_WHILE_TYPING,
  asFound,
  caseOf,
  estimate,
  isComputed,
  judge,
  sourceIsKnown,
  type BellSurvey,
  type Change,
  type Estimate,
  type Judgement,
} from '../../bell';
import { treatmentById, type Treatment, type TreatmentPath } from '../../chime';
import { adviseOn, type NextReading, type PointAdvice } from './advising';
import type { Job } from '../../job/job';
import type { Point } from '../point';
import type { Choice, Doorbell } from './doorbell';
import { READING_WORDS } from './takeables';
import type { Policy } from '../../policy';
import { premisesOf } from './premisesOf';
import { surveyOf } from './survey';
import { wasThereOf } from './wasThere/register';
import { lowerFirst } from '../../units';

/**
 * The way that the verdict beside a job speaks of: the chosen one; else what is there with the chime treated, or, where
 * that can’t stay, the way that leads.
 */
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

/** A wire remedy at the end of a way’s words; nothing where it is kept. */
export const WIRE_WORDS: Readonly<Record<WireRemedy, string>> = {
  keep: '',
  join: 'pairs joined',
  repull: 'wire pulled anew',
  mend: 'splices made anew',
};

const plateWords = ({ nameplate }: BellSurvey): string =>
  [nameplate.volts === null ? null : `${nameplate.volts} V`, nameplate.va === null ? null : `${nameplate.va} VA`]
    .filter((part) => part !== null)
    .join(' ') || 'the old transformer';

/** What a choice does about the wire. */
export const wireOf = ({
  joinPairs,
  repull,
  mended,
}: Pick<Choice['data'], 'joinPairs' | 'repull' | 'mended'>): WireRemedy =>
  repull ? 'repull' : joinPairs ? 'join' : mended?.length ? 'mend' : 'keep';

/** A path with the ohms that a choice carried. */
const withOhms = (path: TreatmentPath, ohms: number | undefined): TreatmentPath =>
  ohms === undefined
    ? path
    : path.path === 'shunt'
      ? { ...path, shuntOhms: ohms }
      : path.path === 'link'
        ? { ...path, linkOhms: ohms }
        : path;

/** A choice as a change of the circuit, with the values that it carried. */
export const changeOf = (choice: Choice['data'], survey: BellSurvey, premises: Premises): Change => {
  const tap = choice.tap ? tapChange(survey, choice.tap) : undefined;
  return {
    transformer: choice.transformer,
    treatment: withOhms(treatmentById(choice.treatmentId)?.standing ?? survey.present, choice.pathOhms),
    pairFactor: pairFactors(survey, premises, wireOf(choice), choice.pulledMm2 ?? cableOf(premises.catalogue).mm2),
    ...(tap ? { tap } : {}),
    ...(choice.mended?.length ? { mended: choice.mended } : {}),
  };
};

/**
 * What would be done with the transformer that is there: of the treatments that the device allows and that can be worked
 * out a module before others, else the least effort.
 */
function keptReference(
  survey: BellSurvey,
  { decided, catalogue }: Premises,
): { change: Change; treatment: Treatment | null } {
  const allowed = fittedTreatments(catalogue, survey.chime.kind, survey.region.id)
    .filter((one) => one.id !== 'leaveAsIs' && forbiddenWhy(survey, survey.device, one, false) === null)
    .toSorted((a, b) => a.minutes + a.cost - (b.minutes + b.cost));
  const computed = allowed.filter(({ standing }) => isComputed(survey, { ...asFound(survey), treatment: standing }));
  const treatment = computed.find(({ standing }) => standing.path === 'shunt') ?? computed[0] ?? allowed[0];
  const turned = decided?.tap ? tapChange(survey, decided.tap) : undefined;
  const found: Change = {
    ...asFound(survey),
    transformer: decided?.transformer ?? null,
    ...(turned ? { tap: turned } : {}),
  };
  return treatment
    ? { change: { ...found, treatment: treatment.standing }, treatment }
    : { change: found, treatment: null };
}

/** Where what is there can't be kept: the way that the firm's policy would take as things stand; null without any. */
function leadingWay({ survey, houses }: Estimate, premises: Premises, policy: Policy): Reference | null {
  const ways = optionsFor(survey, premises).filter(({ forbidden, instead }) => forbidden === null && !instead);
  const held = holdWays(caseOf(survey), houses, ways);
  const belief = (i: number): number => held[i]?.standing.belief ?? 0;
  const proposed = ways[proposer(ways, policy.weakSupply, survey.chime.ratedVolts)(belief)];
  // None can be trusted: the one that comes nearest says how far it is off
  const nearest = ways.reduce((best, _, i) => (belief(i) > belief(best) ? i : best), 0);
  const way = proposed ?? ways[nearest];
  if (!way?.transformer) return null;
  return {
    chosen: false,
    change: way.change,
    treatment: way.treatment,
    words: [
      `${proposed ? 'what leads so far' : 'the nearest there is'}: ${way.transformer.name}`,
      lowerFirst(way.treatment.name),
      ...(way.wire === 'keep' ? [] : [WIRE_WORDS[way.wire]]),
    ].join(', '),
    judgement: judge(survey, houses, way.change),
  };
}

function referenceOf(known: Estimate, premises: Premises, choice: Choice | null, policy: Policy): Reference {
  const { survey, houses } = known;
  if (choice) {
    const change = changeOf(choice.data, survey, premises);
    const treatment = treatmentById(choice.data.treatmentId) ?? null;
    const words = [
      choice.data.transformer
        ? choice.data.transformer.name
        : choice.data.tap
          ? `${choice.data.tap.screws} of the old transformer, ${choice.data.tap.ratedVolts} V`
          : `keep ${plateWords(survey)}`,
      treatment && lowerFirst(treatment.name),
      WIRE_WORDS[wireOf(choice.data)],
    ];
    return {
      chosen: true,
      change,
      treatment,
      words: words.filter((part) => part !== undefined && part !== '').join(', '),
      judgement: judge(survey, houses, change),
    };
  }
  const { decided, newSupply } = premises;
  const nowhere = newSupply !== null && newSupply.fits.length === 0;
  const leading = canKeepSupply(survey, premises) || decided || nowhere ? null : leadingWay(known, premises, policy);
  if (leading) return leading;
  const { change, treatment } = keptReference(survey, premises);
  const source = decided?.transformer
    ? `${decided.transformer.name}, chosen at ${decided.at}`
    : `keep ${plateWords(survey)}`;
  const words = `${source}, ${treatment ? lowerFirst(treatment.name) : 'wired as it is'}`;
  return { chosen: false, change, treatment, words, judgement: judge(survey, houses, change) };
}

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
  const judged = referenceOf(known, premises, point.choice, job.policy);
  const reference =
    none && !judged.chosen && !judged.change.transformer
      ? { ...judged, words: 'no transformer yet: a usual one is guessed' }
      : judged;
  const advice = once(() => adviseOn(known, premises, job.policy, wasThereOf(point.look).ranDevice));
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

/** {@link assess}, keeping the last results: most entries of a job change nothing about its circuit. */
export function rememberingAssess(most: number, catalogue?: Catalogue): (job: Job, point: Point) => Assessment {
  const kept = new Map<string, Assessment>();
  return (job, point) => {
    if (point.kind !== 'doorbell') return assess(job, point);
    const { choice } = point;
    const key = JSON.stringify([
      surveyWithChoice(job, point),
      point.runs,
      point.transformer,
      point.supply,
      choice?.data,
      point.look.wasThere,
      point.look.ownCable,
      point.feed,
      point.toBeMade,
      job.policy.weakSupply,
    ]);
    const known = kept.get(key);
    kept.delete(key);
    const assessment = known ?? assess(job, point, DRAWS_WHILE_TYPING, catalogue);
    kept.set(key, assessment);
    const oldest = kept.keys().next();
    if (kept.size > most && !oldest.done) kept.delete(oldest.value);
    return assessment;
  };
}
