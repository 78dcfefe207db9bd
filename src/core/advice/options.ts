import {
  judge,
  type BellSurvey,
  type Houses,
  type Judgement,
  type RunName,
  AS_FOUND_PAIRS,
  type Change,
} from '../bell';
import { DEVICES, transformersFor, type DeviceProfile, type TransformerItem } from '../catalogue';
import { treatmentsFor, type Treatment } from '../chime';
import { awgToMm2, MATERIAL_FACTOR } from '../circuit';
import { dominatedOf } from './advise';
import type { SupplyPolicy } from '../policy';
import { isTrusted } from './holding';
import { proposer } from './propose';
import { proposalReason, whyNot, type Told } from './reasons';
import type { Standing, Way } from './way';
import { caseOf } from '../bell';
import { STATE_WORDS, LASTING_STATES } from '../catalogue';

/** Spare pairs that could be joined, per run. */
export type SparePairs = Readonly<Record<RunName, number>>;

/** What is done about the wire. */
export const WIRE_REMEDIES = ['keep', 'join', 'repull'] as const;
export type WireRemedy = (typeof WIRE_REMEDIES)[number];

/** One way to do the job: transformer × chime × wire × device. */
export interface Option extends Way {
  /** Null keeps the one that is there. */
  readonly transformer: TransformerItem | null;
  readonly treatment: Treatment;
  readonly wire: WireRemedy;
  readonly device: DeviceProfile;
  /** Another device than the one that was asked for. */
  readonly instead: boolean;
  /** Why the device does not allow it; null where it does. */
  readonly forbidden: string | null;
}

export interface JudgedOption extends Option {
  readonly judgement: Judgement;
  /** Another way is nowhere worse and somewhere better. */
  readonly dominated: boolean;
}

/** Engineering defaults for a wire remedy: minutes and parts. */
const JOIN_PAIRS = { minutes: 15, cost: 0 } as const;
const REPULL = { minutes: 30, minutesPerMetre: 3, costPerMetre: 1, mm2: awgToMm2(18) } as const;
/** Thinner than this a run is worth pulling anew. */
export const WIRE_THIN_MM2 = 0.6;
/** Where no length is known, in metres for both runs. */
const GUESSED_RUN_M = 12;

export const optionId = (
  transformerId: string | null,
  treatmentId: string,
  wire: WireRemedy,
  insteadId: string | null = null,
): string =>
  [transformerId ?? 'keep', treatmentId, ...(wire === 'keep' ? [] : [wire]), ...(insteadId ? [insteadId] : [])].join(
    '+',
  );

const areaOf = (survey: BellSurvey, run: RunName): number | null => {
  const { gauge } = survey.runs[run];
  return gauge === null ? null : 'awg' in gauge ? awgToMm2(gauge.awg) : gauge.mm2;
};

/** Conductance of each run under a remedy, over what is there. */
export function pairFactors(survey: BellSurvey, spare: SparePairs, wire: WireRemedy): Change['pairFactor'] {
  const factor = (run: RunName): number => {
    const { pairs, material } = survey.runs[run];
    if (wire === 'join') return (pairs + spare[run]) / pairs;
    const area = areaOf(survey, run);
    if (wire === 'repull' && area !== null && area < WIRE_THIN_MM2)
      return (REPULL.mm2 / (area * pairs)) * MATERIAL_FACTOR[material];
    return 1;
  };
  return wire === 'keep' ? AS_FOUND_PAIRS : { toChime: factor('toChime'), toDoor: factor('toDoor') };
}

/** Which wire remedies there are here: pairs that lie unused, runs that are thin. */
function wireRemedies(survey: BellSurvey, spare: SparePairs): readonly WireRemedy[] {
  const thin = (['toChime', 'toDoor'] as const).some((run) => (areaOf(survey, run) ?? Infinity) < WIRE_THIN_MM2);
  return [
    'keep',
    ...(spare.toChime + spare.toDoor > 0 ? (['join'] as const) : []),
    ...(thin ? (['repull'] as const) : []),
  ];
}

function wireEffort(survey: BellSurvey, wire: WireRemedy): { minutes: number; cost: number } {
  if (wire === 'keep') return { minutes: 0, cost: 0 };
  if (wire === 'join') return JOIN_PAIRS;
  const metres = (['toChime', 'toDoor'] as const).reduce((sum, run) => {
    const { lengthM } = survey.runs[run];
    const thin = (areaOf(survey, run) ?? Infinity) < WIRE_THIN_MM2;
    return sum + (thin ? (lengthM ? (lengthM.low + lengthM.high) / 2 : GUESSED_RUN_M / 2) : 0);
  }, 0);
  return {
    minutes: Math.round(REPULL.minutes + REPULL.minutesPerMetre * metres),
    cost: Math.round(REPULL.costPerMetre * metres),
  };
}

/** Devices that live on less, offered beside the one that was asked for. */
const lessHungry = ({ doorMinVolts, id }: DeviceProfile): readonly DeviceProfile[] =>
  DEVICES.filter((other) => other.id !== id && other.id === 'hybrid' && other.doorMinVolts < doorMinVolts);

/**
 * All sensible ways at this point: transformers of the region × treatments of this chime × wire × device. A boxed mains
 * chime goes with its transformer: both are replaced together, or nothing is.
 */
export function optionsFor(survey: BellSurvey, spare: SparePairs): readonly Option[] {
  const transformers = [null, ...transformersFor(survey.region.id)];
  const boxed = survey.chime.kind === 'boxedMains';
  return [survey.device, ...lessHungry(survey.device)].flatMap((device) =>
    transformers
      .filter((transformer) => !boxed || transformer !== null)
      .flatMap((transformer) =>
        treatmentsFor(survey.chime.kind, survey.region.id).flatMap((treatment) =>
          wireRemedies(survey, spare).map((wire) => {
            const instead = device.id !== survey.device.id;
            const effort = wireEffort(survey, wire);
            return {
              id: optionId(transformer?.id ?? null, treatment.id, wire, instead ? device.id : null),
              transformer,
              treatment,
              wire,
              device,
              instead,
              change: {
                transformer,
                treatment: treatment.standing,
                pairFactor: pairFactors(survey, spare, wire),
              },
              forbidden: device.forbids[treatment.id] ?? null,
              ratedVolts: transformer?.ratedVolts ?? survey.nameplate.volts,
              ratedVa: transformer?.ratedVa ?? survey.nameplate.va,
              licensed: transformer?.mainsWork ?? false,
              silent: !treatment.sounds,
              minutes: (transformer?.minutes ?? 0) + treatment.minutes + effort.minutes,
              cost: (transformer?.cost ?? 0) + treatment.cost + effort.cost,
            };
          }),
        ),
      ),
  );
}

/** What is believed of a way on screen: a source of which nothing is known, or what is not computed, is never trusted. */
const standingOf = ({ judgement }: { judgement: Judgement }): Standing => ({
  verdict: judgement.verdict,
  belief:
    judgement.verdict === 'notComputed' || judgement.verdict === 'cannotTell'
      ? Math.min(judgement.belief, UNTRUSTED)
      : judgement.belief,
  state: judgement.governing,
  likelyVolts: judgement.governingVolts,
  marginVolts: judgement.marginVolts,
  highestVolts: judgement.highest.likely,
  utilisation: Math.max(...judgement.states.map(({ utilisation }) => utilisation ?? 0)),
});

/** All ways judged, and which one the firm's policy takes. */
export interface Choosing {
  /** Best first: allowed, trusted, then by effort. */
  readonly options: readonly JudgedOption[];
  readonly proposed: JudgedOption | null;
  /** Why that one: its figures, and what the next cheaper way would do. */
  readonly reason: string | null;
  /** Where nothing with the device asked for can be trusted: the least effort with one that lives on less. */
  readonly instead: JudgedOption | null;
}

/** A belief that no policy takes, whatever the guesses say. */
const UNTRUSTED = 0.94;
const RANK = { holds: 0, tight: 1, cannotTell: 2, fails: 3, tooHigh: 4, notComputed: 5 } as const;
const stateWords = (state: string): string => {
  const known = LASTING_STATES.find((one) => one === state);
  return known ? `${STATE_WORDS[known]}` : state;
};
const told = (option: JudgedOption): Told => ({ way: option, standing: standingOf(option) });

/**
 * Judges options over likely houses.
 * @param onRow told of each row as it comes, for a screen that waits
 */
export function chooseAmong(
  survey: BellSurvey,
  houses: Houses,
  options: readonly Option[],
  policy: SupplyPolicy,
  onRow: (done: number) => void = () => {},
): Choosing {
  // Several treatments are the same thing electrically: judged once
  const known = new Map<string, Judgement>();
  const judged = options.map((option, i) => {
    const { change, device } = option;
    const key = JSON.stringify([device.id, change.transformer?.id, change.treatment, change.pairFactor]);
    const judgement = known.get(key) ?? judge({ ...survey, device }, houses, change);
    known.set(key, judgement);
    onRow(i + 1);
    return { ...option, judgement, dominated: false };
  });
  const allowed = judged.filter(({ forbidden }) => forbidden === null);
  // A device that lives on less beats all others on paper: each device's ways are held against each other only
  const dominated = new Set(
    [true, false].flatMap((other) => {
      const among = allowed.filter(({ instead }) => instead === other);
      const beaten = dominatedOf(among, among.map(standingOf));
      return among.filter((_, i) => beaten[i]).map(({ id }) => id);
    }),
  );
  const all = judged
    .map((option) => ({ ...option, dominated: dominated.has(option.id) }))
    .sort(
      (a, b) =>
        Number(a.forbidden !== null) - Number(b.forbidden !== null) ||
        Number(a.instead) - Number(b.instead) ||
        RANK[a.judgement.verdict] - RANK[b.judgement.verdict] ||
        a.minutes + a.cost - (b.minutes + b.cost) ||
        b.judgement.marginVolts - a.judgement.marginVolts,
    );
  const own = all.filter(({ forbidden, instead }) => forbidden === null && !instead);
  const others = all.filter(({ forbidden, instead }) => forbidden === null && instead);
  const pick = (among: readonly JudgedOption[]): JudgedOption | null => {
    const at = proposer(
      among,
      policy,
      survey.chime.ratedVolts,
    )((i) => {
      const one = among[i];
      return one ? standingOf(one).belief : 0;
    });
    return among[at] ?? null;
  };
  const proposed = pick(own);
  return {
    options: all,
    proposed,
    reason: proposed && proposalReason(caseOf(survey), told(proposed), own.map(told), stateWords),
    instead: proposed ? null : pick(others),
  };
}

/** Why a way is not the one that is proposed, in figures. */
export function whyNotThis(survey: BellSurvey, asked: JudgedOption, { proposed, options }: Choosing): string {
  if (asked.forbidden !== null) return `The device does not allow it: ${asked.forbidden}.`;
  const other = options.find(({ id }) => id === proposed?.id);
  return whyNot(caseOf({ ...survey, device: asked.device }), told(asked), other ? told(other) : null, stateWords);
}

/**
 * A few ways worth considering first: the proposed and the taken one, what no other beats, the cheapest of what does not
 * hold (it is what people ask for), and one with a device that lives on less.
 */
export function worthConsidering(
  { options, proposed }: Choosing,
  takenId: string | null,
  most: number,
): readonly JudgedOption[] {
  const chosen: JudgedOption[] = options.filter(({ id }) => id === proposed?.id || id === takenId);
  // The same circuit at the same noise says nothing new
  const add = (option: JudgedOption | undefined): void => {
    if (!option || chosen.length >= most) return;
    const alike = chosen.some(
      (one) =>
        one.transformer?.id === option.transformer?.id &&
        one.wire === option.wire &&
        one.device.id === option.device.id &&
        one.silent === option.silent,
    );
    if (!alike) chosen.push(option);
  };
  const own = options.filter(({ forbidden, instead }) => forbidden === null && !instead);
  const byEffort = (ways: readonly JudgedOption[]): readonly JudgedOption[] =>
    ways.toSorted((a, b) => a.minutes + a.cost - (b.minutes + b.cost));
  add(byEffort(own.filter(({ judgement, silent }) => !isTrusted(judgement.belief) && !silent))[0]);
  const other = byEffort(options.filter(({ forbidden, instead }) => forbidden === null && instead))[0];
  const room = other ? most - 1 : most;
  for (const option of own)
    if (!option.dominated && isTrusted(option.judgement.belief) && chosen.length < room) add(option);
  add(other);
  return chosen;
}
