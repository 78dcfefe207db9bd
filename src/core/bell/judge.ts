import { said, type Text } from '../said';
import { LASTING_STATES, type LastingState } from '../catalogue';
import { worstSwings, type Change } from './conditions';
import type { Houses } from './houses';
import { housesWithin, openConditionOf, type OpenCondition } from './openCondition';
import { bandOf, type Band } from './percentiles';
import { drynessOf } from './dryness';
import { energyBudget } from './energyBudget';
import { doorVoltsOf, seenFromDoor } from './seenFromDoor';
import type { BellCase, CaseState } from './bellCase';
import { decidingStates, doorsOf, othersAlone, type Doors } from './doors';
import { sourceIsKnown, type BellSurvey, type OtherDoor } from './survey';
import { caseOf } from './surveyedCase';

export const VERDICTS = ['holds', 'tight', 'cannotTell', 'fails', 'tooHigh', 'notComputed'] as const;
export type VerdictWord = (typeof VERDICTS)[number];

/** Belief from which a circuit is trusted wholly, trusted, or given up (domain/power, table of verdicts). */
export const BELIEF = { holds: 0.99, tight: 0.95, fails: 0.05 } as const;

/** One lasting state at the worst of the swings. */
export interface StateJudgement {
  readonly state: LastingState;
  /** Door volts on low mains, hot winding, hot wires; 0 is collapse. */
  readonly low: Band;
  /** Current over the rated current in the likely case at the worst swing; null where no rating is known. */
  readonly utilisation: number | null;
  /** Share of houses that keep this state over the door's minimum. */
  readonly belief: number;
}

/** Another door on the supply: its least volts over all lasting states. */
export interface OtherJudgement {
  readonly id: string;
  readonly name: Text;
  readonly low: Band;
  readonly belief: number;
  readonly minVolts: number;
}

/** What a change does, over all likely houses. */
export interface Judgement {
  readonly verdict: VerdictWord;
  /** Chance that it always holds, 0 to 1. */
  readonly belief: number;
  /** The state with the least margin. */
  readonly governing: LastingState;
  /** Door volts of the likely case in the governing state at the worst swing. */
  readonly governingVolts: number;
  /** `governingVolts − doorFullVolts`. */
  readonly marginVolts: number;
  readonly overRating: boolean;
  /** Door volts of the lightest state on high mains, cold winding, cold wires. */
  readonly highest: Band;
  readonly states: readonly StateJudgement[];
  /** Share of houses in which the door stands over the device's maximum on high mains. */
  readonly tooHighShare: number;
  /** What the time domain adds: share of houses in which the device's capacitor runs dry, and its lowest volts likely. */
  readonly dry: { readonly share: number; readonly likelyCapVolts: number };
  /**
   * What the new transformer must read open before it is joined, and the chance that it does: all else here is then said of
   * one that reads so. Null where it is trusted, or not, whatever it reads.
   */
  readonly condition: (OpenCondition & { readonly chance: number }) | null;
  /** Every other door on the supply in its hungriest moment; the belief above counts them in. */
  readonly others: readonly OtherJudgement[];
  /** One sentence with the two figures that decide. */
  readonly reason: Text;
}

/** So many likely houses tell the band of a state that decides nothing. */
const ENOUGH_FOR_A_BAND = 1000;

/** An electronic chime in series is non-linear: the closed form may give no figures for it. */
export const isComputed = (survey: BellSurvey, change: Change): boolean =>
  !(change.treatment.path === 'series' && survey.chime.kind === 'electronic');

/** Volts and VA of the plate that counts for a change. */
export function plateOf(survey: BellSurvey, change: Change): { volts: number; va: number } | null {
  if (change.transformer) return { volts: change.transformer.ratedVolts, va: change.transformer.ratedVa };
  const { volts: ratedVolts, va } = survey.nameplate;
  return ratedVolts !== null && va !== null ? { volts: ratedVolts, va } : null;
}

/** States that leave the most volts: the one of the fewest watts, where all draw in the same way. */
function lightestStates({ device: { states } }: BellCase): readonly CaseState[] {
  const lightest = states.reduce((least, one) => (one.watts < least.watts ? one : least));
  const alike = states.every(
    ({ powerFactor, displacementFactor }) =>
      powerFactor === lightest.powerFactor && displacementFactor === lightest.displacementFactor,
  );
  return alike ? [lightest] : states;
}

/** Door volts of every house at the worst swings: each state on the low end, the highest of all on the high end. */
function solveAll(survey: BellSurvey, houses: Houses, change: Change) {
  const bell = caseOf(survey);
  const swings = worstSwings(bell);
  const low = doorsOf(bell, houses, change, swings.low);
  // Lightest of all: with nothing else drawing
  const high = seenFromDoor(bell, houses, change, swings.high);
  const highs = new Float64Array(houses.count);
  for (const state of lightestStates(bell))
    doorVoltsOf(high, houses, state).forEach((volts, i) => (highs[i] = Math.max(highs[i] ?? 0, volts)));
  const deciding = decidingStates(bell);
  const lows = deciding.map((state) => low.volts(state).here);
  const othersLow = leastOf(bell, deciding, low);
  const most = (bell.shared?.others ?? []).map(({ doorMaxVolts }) => doorMaxVolts);
  const othersHigh = othersAlone(bell, houses, change, swings.high, most);
  const state = deciding.reduce((most, one) => (one.watts > most.watts ? one : most));
  const dryness = isComputed(survey, change)
    ? drynessOf(low.front(state), houses, state, low.volts(state).here, survey.device, survey.region.mains.frequencyHz)
    : null;
  return { bell, deciding, lows, highs, dryness, othersLow, othersHigh, doors: low };
}

/** The word for a belief (domain/power, table of verdicts); `full`: the likely case stands over `doorFullVolts`. */
export function wordOf(belief: number, tooHigh: boolean, full: boolean, overRating: boolean): VerdictWord {
  if (tooHigh) return 'tooHigh';
  if (belief <= BELIEF.fails) return 'fails';
  if (belief < BELIEF.tight) return 'cannotTell';
  return belief >= BELIEF.holds && full && !overRating ? 'holds' : 'tight';
}

/** The least volts of every other door over all states, house by house. */
function leastOf({ shared }: BellCase, states: readonly CaseState[], doors: Doors): readonly Float64Array[] {
  const byState = states.map((state) => doors.volts(state).others);
  return (shared?.others ?? []).map((_, k) =>
    (byState[0]?.[k] ?? new Float64Array()).map((_volts, i) =>
      Math.min(...byState.map((columns) => columns[k]?.[i] ?? 0)),
    ),
  );
}

/** In which houses another door stays within its limits. */
const keeps = (
  { doorMinVolts, doorMaxVolts }: Pick<OtherDoor['device'], 'doorMinVolts' | 'doorMaxVolts'>,
  low: number,
  high: number,
): boolean => low >= doorMinVolts && high <= doorMaxVolts;

const othersOf = (
  { shared }: BellSurvey,
  lows: readonly Float64Array[],
  highs: readonly Float64Array[],
): readonly OtherJudgement[] =>
  (shared?.others ?? []).map(({ id, name, device }, k) => {
    const low = lows[k] ?? new Float64Array();
    const kept = low.reduce((sum, volts, i) => sum + (keeps(device, volts, highs[k]?.[i] ?? 0) ? 1 : 0), 0);
    return { id, name, low: bandOf(low), belief: kept / low.length, minVolts: device.doorMinVolts };
  });

function reasonOf(survey: BellSurvey, judged: Omit<Judgement, 'reason' | 'states' | 'condition'>): Text {
  const { doorFullVolts, doorMinVolts, doorMaxVolts } = survey.device;
  const when = said('lowMains', { state: judged.governing });
  const at = judged.governingVolts;
  const weakest = judged.others.toSorted((a, b) => a.belief - b.belief)[0];
  if (weakest && weakest.belief < BELIEF.tight && at >= doorMinVolts) {
    const { name, low, minVolts, belief } = weakest;
    return low.likely >= minVolts
      ? said('doorKeepsBut', { at, name, belief })
      : said('doorKeepsButSame', {
          at,
          name,
          does: low.likely > 0 ? said('fallsTo', { likely: low.likely }) : said('getsTooLittle'),
          minVolts,
        });
  }
  const budget = energyBudget(survey.device);
  if (budget && at >= doorMinVolts && ['holds', 'tight', 'fails'].includes(judged.verdict))
    return budget.covers
      ? said('doorKeepsCharges', { at, ordinary: budget.hours.ordinary, busy: budget.hours.busy })
      : said('doorKeepsButTrickle', { at, ordinary: budget.hours.ordinary });
  // Volts on the door that look fine, and a capacitor that does not last from pulse to pulse
  if (judged.dry.share > 1 - BELIEF.tight && at >= doorMinVolts) {
    const onPaper = said('doorWouldKeep', { when, at });
    if (judged.verdict === 'cannotTell') return said('devicesCapacitorCounted', { onPaper, belief: judged.belief });
    if (judged.verdict === 'fails')
      return said('butBetweenPulses', {
        onPaper,
        does:
          judged.dry.likelyCapVolts > 0
            ? said('comesDown', { likelyCapVolts: judged.dry.likelyCapVolts })
            : said('runsEmpty'),
        lockOutVolts: survey.device.lockOutVolts,
      });
  }
  // The doubt may lie at the other end: enough volts at worst, and perhaps too many at best
  const high = judged.tooHighShare > (1 - judged.belief) / 2;
  if (high && judged.verdict === 'cannotTell')
    return said('highMainsDoor', { high: judged.highest.high, doorMaxVolts });
  if (high && judged.verdict === 'tight' && at >= doorFullVolts && !judged.overRating)
    return said('doorKeepsButCases', { when, at, tooHighShare: judged.tooHighShare, doorMaxVolts });
  switch (judged.verdict) {
    case 'tooHigh':
      return said('highMainsDoorStands', { likely: judged.highest.likely, doorMaxVolts });
    case 'holds':
      return said('doorKeepsDevice', { when, at, doorFullVolts });
    case 'tight':
      if (at < doorFullVolts) return said('doorKeepsOver', { when, at, doorMinVolts, doorFullVolts });
      return judged.overRating
        ? said('doorKeepsButTransformer', { when, at })
        : said('doorKeepsButCasesDrops', { when, at, belief: 1 - judged.belief, doorMinVolts });
    case 'fails':
      return at > 0
        ? said('doorFallsDevice', { when, at, doorMinVolts })
        : said('supplyCollapsesCant', { when, governing: survey.device.watts[judged.governing] });
    case 'cannotTell':
      return at > 0
        ? said('doorLikelyDevice', { when, at, doorMinVolts })
        : said('supplyLikelyCollapses', { when, doorMinVolts });
    case 'notComputed':
      return said('electronicChimeSeriesCant');
  }
}

/**
 * Judges a change by the table of domain/power: in every lasting state, at the worst of mains, warmth and winding, the
 * door must stay within the device's door limits. Belief is the share of likely houses in which it does.
 * Without anything known of the source the word is “can't tell yet”, whatever the guesses say.
 */
export function judge(survey: BellSurvey, houses: Houses, change: Change): Judgement {
  const { holds, judgement } = judgeAll(survey, houses, change);
  const met = change.transformer && openConditionOf(change.transformer, houses, holds, BELIEF.holds);
  if (!met) return judgement;
  const then = judgeAll(survey, housesWithin(houses, met.within), change).judgement;
  return {
    ...then,
    condition: { ...met.condition, chance: met.chance },
    reason: said('onCondition', {
      reason: then.reason,
      range: said('openRange', met.condition),
      chance: met.chance,
    }),
  };
}

/** The judgement over all of some houses, and in which of them the change holds. */
function judgeAll(survey: BellSurvey, houses: Houses, change: Change): { holds: Uint8Array; judgement: Judgement } {
  const { bell, deciding, lows, highs, dryness, othersLow, othersHigh, doors } = solveAll(survey, houses, change);
  const devices = (survey.shared?.others ?? []).map(({ device }) => device);
  const { doorMinVolts, doorMaxVolts, doorFullVolts, watts, powerFactor } = survey.device;
  const plate = plateOf(survey, change);
  const every = Math.max(1, Math.floor(houses.count / ENOUGH_FOR_A_BAND));
  const states = LASTING_STATES.map((state, k) => {
    const caseState = bell.device.states[k];
    if (!caseState) throw new Error(`the device has no state ${state}`);
    const { here, others } = doors.volts(caseState, deciding.includes(caseState) ? 1 : every);
    const low = bandOf(here);
    // All their currents flow through the winding
    const otherAmps = devices.reduce((sum, device, j) => {
      const likely = bandOf(others[j] ?? []).likely;
      return sum + (likely > 0 ? device.watts[state] / device.powerFactor / likely : 0);
    }, 0);
    return {
      state,
      low,
      utilisation:
        plate && low.likely > 0
          ? (watts[state] / powerFactor / low.likely + otherAmps) * (plate.volts / plate.va)
          : null,
      belief: here.reduce((sum, one) => sum + (one >= doorMinVolts ? 1 : 0), 0) / here.length,
    };
  });
  const holds = Uint8Array.from(highs, (high, i) =>
    high <= doorMaxVolts &&
    dryness?.dry[i] !== 1 &&
    lows.every((column) => (column[i] ?? 0) >= doorMinVolts) &&
    devices.every((device, k) => keeps(device, othersLow[k]?.[i] ?? 0, othersHigh[k]?.[i] ?? 0))
      ? 1
      : 0,
  );
  const belief = holds.reduce((sum, one) => sum + one, 0) / houses.count;
  const governing = states.reduce((worst, state) => (state.low.likely < worst.low.likely ? state : worst));
  const highest = bandOf(highs);
  const overRating = states.some((state) => (state.utilisation ?? 0) > 1);
  let verdict = wordOf(belief, highest.likely > doorMaxVolts, governing.low.likely >= doorFullVolts, overRating);
  if (!isComputed(survey, change)) verdict = 'notComputed';
  else if (!change.transformer && !sourceIsKnown(survey)) verdict = 'cannotTell';
  const budget = energyBudget(survey.device);
  // Enough volts help nothing where the trickle never gives back what a day takes
  if (budget && !budget.covers && (verdict === 'holds' || verdict === 'tight')) verdict = 'fails';
  const summary = {
    verdict,
    belief,
    governing: governing.state,
    governingVolts: governing.low.likely,
    marginVolts: governing.low.likely - doorFullVolts,
    overRating,
    highest,
    others: othersOf(survey, othersLow, othersHigh),
    dry: { share: dryness?.share ?? 0, likelyCapVolts: dryness?.likelyCapVolts ?? NaN },
    tooHighShare: highs.reduce((sum, one) => sum + (one > doorMaxVolts ? 1 : 0), 0) / houses.count,
  };
  return { holds, judgement: { ...summary, states, condition: null, reason: reasonOf(survey, summary) } };
}
