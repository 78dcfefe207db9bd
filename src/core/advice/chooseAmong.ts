import { said, type Text } from '../said';
import { caseOf, judge, type BellSurvey, type Houses, type Judgement } from '../bell';
import { LASTING_STATES } from '../catalogue';
import type { ModulePolicy, SupplyPolicy } from '../policy';
import { dominatedOf } from './advise';
import { isTrusted } from './holding';
import type { Option } from './options';
import { proposer } from './propose';
import { proposalReason, whyNot, type Told } from './reasons';
import type { Standing } from './way';

export interface JudgedOption extends Option {
  readonly judgement: Judgement;
  /** Another way is nowhere worse and somewhere better. */
  readonly dominated: boolean;
}

/** What is believed of a way on screen: a source of which nothing is known, or what is not computed, is never trusted. */
const standingOf = ({ judgement, treatment }: Pick<JudgedOption, 'judgement' | 'treatment'>): Standing => ({
  verdict: judgement.verdict,
  belief:
    judgement.verdict === 'notComputed'
      ? // What nobody computed is passed over for no figure that does not exist: what practice does stands by its effort
        Number(treatment.onlyWithBattery === true)
      : judgement.verdict === 'cannotTell'
        ? Math.min(judgement.belief, UNTRUSTED)
        : judgement.belief,
  state: judgement.governing,
  likelyVolts: judgement.governingVolts,
  marginVolts: judgement.marginVolts,
  highestVolts: judgement.highest.likely,
  condition: judgement.condition && {
    mostVolts: judgement.condition.mostVolts,
    leastVolts: judgement.condition.leastVolts,
  },
  conditionChance: judgement.condition?.chance ?? null,
  utilisation: Math.max(...judgement.states.map(({ utilisation }) => utilisation ?? 0)),
});

/** All ways judged, and which one the firm's policy takes. */
export interface Choosing {
  /** Best first: allowed, trusted, then by effort. */
  readonly options: readonly JudgedOption[];
  readonly proposed: JudgedOption | null;
  /** Why that one: its figures, and what the next cheaper way would do. */
  readonly reason: Text | null;
  /** Where nothing with the device asked for can be trusted: the least effort with one that lives on less. */
  readonly instead: JudgedOption | null;
}

/** A belief that no policy takes, whatever the guesses say. */
const UNTRUSTED = 0.94;
const RANK = { holds: 0, tight: 1, cannotTell: 2, fails: 3, tooHigh: 4, notComputed: 5 } as const;
const stateWords = (state: string): Text => {
  const known = LASTING_STATES.find((one) => one === state);
  return known ? said('lowMains', { state: known }) : said('inState', { state });
};
const told = (option: JudgedOption): Told => ({ way: option, standing: standingOf(option) });

/**
 * Judges options over likely houses.
 * @param module the firm’s school of the power module
 * @param onRow told of each row as it comes, for a screen that waits
 */
export function chooseAmong(
  survey: BellSurvey,
  houses: Houses,
  options: readonly Option[],
  policy: SupplyPolicy,
  module: ModulePolicy = 'demanded',
  onRow: (done: number) => void = () => {},
): Choosing {
  // Several treatments are the same thing electrically: judged once
  const known = new Map<string, Judgement>();
  const judged = options.map((option, i) => {
    const { change, device } = option;
    const key = JSON.stringify([device.id, change]);
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
      (i) => among[i]?.judgement.condition != null,
    )((i) => {
      const one = among[i];
      return one ? standingOf(one).belief : 0;
    });
    return among[at] ?? null;
  };
  const picked = pick(own);
  const proposed = picked && withModule(picked, own, module);
  return {
    options: all,
    proposed,
    reason: proposed && proposalReason(caseOf(survey), told(proposed), own.map(told), stateWords),
    instead: proposed ? null : pick(others),
  };
}

/** The same way with the chime treated otherwise, where that can be trusted. */
function treatedAs(way: JudgedOption, among: readonly JudgedOption[], treatmentId: string): JudgedOption | undefined {
  return among.find(
    (other) =>
      other.treatment.id === treatmentId &&
      other.transformer?.id === way.transformer?.id &&
      other.tap?.screws === way.tap?.screws &&
      other.wire === way.wire &&
      isTrusted(standingOf(other).belief),
  );
}

/** The school of the power module turns a proposal only where the chime would do with and without it. */
function withModule(way: JudgedOption, among: readonly JudgedOption[], module: ModulePolicy): JudgedOption {
  const { path } = way.treatment.standing;
  if (module === 'inBag' && path === 'series') return treatedAs(way, among, 'powerModule') ?? way;
  if (module === 'notWhenStrong' && path === 'shunt') return treatedAs(way, among, 'leaveAsIs') ?? way;
  return way;
}

/** Why a way is not the one that is proposed, in figures. */
export function whyNotThis(survey: BellSurvey, asked: JudgedOption, { proposed, options }: Choosing): Text {
  if (asked.forbidden !== null) return said('deviceDoesNot', { forbidden: asked.forbidden });
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
