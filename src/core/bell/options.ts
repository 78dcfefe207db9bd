import { transformersFor, type TransformerItem } from '../catalogue';
import { treatmentsFor, type Treatment } from '../chime';
import type { Change } from './conditions';
import type { Houses } from './houses';
import { judge, type Judgement } from './judge';
import type { BellSurvey } from './survey';
import type { RunName } from './bellCase';

/** Spare pairs that could be joined, per run. */
export type SparePairs = Readonly<Record<RunName, number>>;

/** One way to do the job: keep or replace the transformer, treat the chime, join pairs or not. */
export interface Option {
  readonly id: string;
  readonly transformer: TransformerItem | null;
  readonly treatment: Treatment;
  readonly joinPairs: boolean;
  readonly change: Change;
  /** Why the device does not allow it; null where it does. */
  readonly forbidden: string | null;
  readonly minutes: number;
  readonly cost: number;
}

export interface JudgedOption extends Option {
  readonly judgement: Judgement;
}

const JOIN_PAIRS_MINUTES = 15;
/** A minute of work against one unit of money (domain/contracts: labour 1 per minute). */
const LABOUR_PER_MINUTE = 1;
/** The chime is kept where that costs under this, minutes and money together. */
const KEEP_CHIME_UNDER = 20;

export const optionId = (transformerId: string | null, treatmentId: string, joinPairs: boolean): string =>
  [transformerId ?? 'keep', treatmentId, ...(joinPairs ? ['join'] : [])].join('+');

/** All sensible ways at this point: transformers of the region × treatments of this chime × pairs joined or not. */
export function optionsFor(survey: BellSurvey, spare: SparePairs): readonly Option[] {
  const transformers = [null, ...transformersFor(survey.region.id)];
  const joins = spare.toChime > 0 || spare.toDoor > 0 ? [false, true] : [false];
  const boxed = survey.chime.kind === 'boxedMains';
  return transformers
    .filter((transformer) => !boxed || transformer !== null)
    .flatMap((transformer) =>
      treatmentsFor(survey.chime.kind, survey.region.id).flatMap((treatment) =>
        joins.map((joinPairs) => {
          const factor = (run: RunName): number =>
            joinPairs ? (survey.runs[run].pairs + spare[run]) / survey.runs[run].pairs : 1;
          return {
            id: optionId(transformer?.id ?? null, treatment.id, joinPairs),
            transformer,
            treatment,
            joinPairs,
            change: {
              transformer,
              treatment: treatment.standing,
              pairFactor: { toChime: factor('toChime'), toDoor: factor('toDoor') },
            },
            forbidden: survey.device.forbids[treatment.id] ?? null,
            minutes: (transformer?.minutes ?? 0) + treatment.minutes + (joinPairs ? JOIN_PAIRS_MINUTES : 0),
            cost: (transformer?.cost ?? 0) + treatment.cost,
          };
        }),
      ),
    );
}

/** Minutes and money in one figure, to compare. */
export const effort = (option: { minutes: number; cost: number }): number =>
  option.minutes * LABOUR_PER_MINUTE + option.cost;

const RANK = { holds: 0, tight: 1, cannotTell: 2, fails: 3, tooHigh: 4, notComputed: 5 } as const;

/** Judges options and puts them in order: allowed first, then by verdict, then by effort, then by margin. */
export function judgeOptions(survey: BellSurvey, houses: Houses, options: readonly Option[]): readonly JudgedOption[] {
  // Several treatments are the same thing electrically: judged once
  const known = new Map<string, Judgement>();
  const judgementOf = ({ change }: Option): Judgement => {
    const key = JSON.stringify([change.transformer?.id, change.treatment, change.pairFactor]);
    const judgement = known.get(key) ?? judge(survey, houses, change);
    known.set(key, judgement);
    return judgement;
  };
  return options
    .map((option) => ({ ...option, judgement: judgementOf(option) }))
    .sort(
      (a, b) =>
        Number(a.forbidden !== null) - Number(b.forbidden !== null) ||
        RANK[a.judgement.verdict] - RANK[b.judgement.verdict] ||
        effort(a) - effort(b) ||
        b.judgement.marginVolts - a.judgement.marginVolts,
    );
}

/**
 * What the default policy (soundest) proposes: the least effort among what holds, the chime kept where that costs
 * little; failing that, among what is tight.
 * @returns null while nothing can be trusted
 */
export function proposed(judged: readonly JudgedOption[]): JudgedOption | null {
  for (const word of ['holds', 'tight'] as const) {
    const good = judged.filter((option) => option.forbidden === null && option.judgement.verdict === word);
    const least = [...good].sort((a, b) => effort(a) - effort(b));
    const first = least[0];
    if (!first) continue;
    const ringing = least.find((option) => option.treatment.sounds);
    return ringing && effort(ringing) - effort(first) < KEEP_CHIME_UNDER ? ringing : first;
  }
  return null;
}
