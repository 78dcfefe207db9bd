import {
  BELIEF,
  bandOf,
  doorVoltsAt,
  doorVoltsOf,
  doorsOf,
  dropUnder,
  drynessOf,
  housesWithin,
  openConditionOf,
  othersAlone,
  seenFromDoor,
  wordOf,
  worstSwings,
  type BellCase,
  type CaseState,
  type Change,
  type DeviceCapacitor,
  type Houses,
} from '../bell';
import type { Standing, Way } from './way';

/** What is believed of a way, and in which houses it holds (1) or not (0). */
export interface HeldWay {
  readonly standing: Standing;
  readonly holds: Uint8Array;
  /** Houses that its condition lets in; null: all. */
  readonly within: Uint8Array | null;
}

/** The likely case is the middle one of so many houses: enough for a figure that is shown with one decimal. */
const LIKELY_OF = 401;

/** An electronic chime in series lets next to nothing through: no closed form says how little. */
const isDead = (bell: BellCase, { treatment }: Change): boolean =>
  treatment.path === 'series' && bell.chime.kind === 'electronic';

/** Where the device’s volts would be without current: nobody feeds it. */
const NOTHING: Omit<Standing, 'state'> = {
  verdict: 'fails',
  belief: 0,
  likelyVolts: 0,
  marginVolts: 0,
  highestVolts: 0,
  utilisation: null,
  condition: null,
  conditionChance: null,
};

/** What the time domain needs beside the circuit. */
export interface TimeDomain {
  readonly capacitor: DeviceCapacitor;
  readonly frequencyHz: number;
}

const hungriestOf = ({ device }: BellCase): CaseState =>
  device.states.reduce((most, one) => (one.watts > most.watts ? one : most));

/** In which houses a way holds, on its condition where it needs one, and what its likely case does. */
function hold(bell: BellCase, houses: Houses, way: Way, timeDomain: TimeDomain | null): HeldWay {
  const all = holdAll(bell, houses, way, timeDomain);
  const { transformer } = way.change;
  const met = transformer && openConditionOf(transformer, houses, all.holds, BELIEF.holds);
  if (!met) return { ...all, within: null };
  const { standing } = holdAll(bell, housesWithin(houses, met.within), way, timeDomain);
  return {
    holds: all.holds.map((one, i) => one & (met.within[i] ?? 0)),
    within: met.within,
    standing: { ...standing, condition: met.condition, conditionChance: met.chance },
  };
}

function holdAll(bell: BellCase, houses: Houses, way: Way, timeDomain: TimeDomain | null): Omit<HeldWay, 'within'> {
  const { states, doorMinVolts, doorFullVolts, doorMaxVolts } = bell.device;
  const holds = new Uint8Array(houses.count).fill(1);
  if (isDead(bell, way.change)) {
    return {
      standing: { ...NOTHING, state: hungriestOf(bell).name, marginVolts: -doorFullVolts },
      holds: holds.fill(0),
    };
  }
  const swings = worstSwings(bell);
  const low = doorsOf(bell, houses, way.change, swings.low);
  const high = seenFromDoor(bell, houses, way.change, swings.high);
  const most = (bell.shared?.others ?? []).map((other) => other.doorMaxVolts);
  const othersHigh = othersAlone(bell, houses, way.change, swings.high, most);
  for (const state of states) dropUnder(holds, low.front(state), houses, state, doorMinVolts);
  (bell.shared?.others ?? []).forEach(({ doorMinVolts: least, doorMaxVolts: highest }, k) => {
    for (const state of states)
      low.volts(state).others[k]?.forEach((volts, i) => {
        if (volts < least) holds[i] = 0;
      });
    othersHigh[k]?.forEach((volts, i) => {
      if (volts > highest) holds[i] = 0;
    });
  });
  // The door never stands over the open volts: most houses need no further look
  for (let i = 0; i < holds.length; i++) {
    if (holds[i] === 0 || (high.emf[i] ?? 0) <= doorMaxVolts) continue;
    if (states.some((state) => doorVoltsAt(high, houses, state, i) > doorMaxVolts)) holds[i] = 0;
  }
  if (timeDomain) {
    const hungriest = hungriestOf(bell);
    const volts = doorVoltsOf(low.front(hungriest), houses, hungriest);
    const { dry } = drynessOf(
      low.front(hungriest),
      houses,
      hungriest,
      volts,
      timeDomain.capacitor,
      timeDomain.frequencyHz,
    );
    for (let i = 0; i < holds.length; i++) if (dry[i] === 1) holds[i] = 0;
  }

  const step = Math.max(1, Math.floor(houses.count / LIKELY_OF));
  const likely = (volts: (i: number) => number): number => {
    const some: number[] = [];
    for (let i = 0; i < houses.count; i += step) some.push(volts(i));
    return bandOf(some).likely;
  };
  const lows = states.map((state) => ({
    state,
    volts: likely((i) => doorVoltsAt(low.front(state), houses, state, i)),
  }));
  const governing = lows.reduce((worst, one) => (one.volts < worst.volts ? one : worst));
  const highestVolts = likely((i) => Math.max(...states.map((state) => doorVoltsAt(high, houses, state, i))));
  const { ratedVolts, ratedVa } = way;
  const utilisation =
    ratedVolts === null || ratedVa === null
      ? null
      : Math.max(
          ...lows.map(({ state, volts }) =>
            volts > 0 ? (state.watts / state.powerFactor / volts) * (ratedVolts / ratedVa) : 0,
          ),
        );
  let held = 0;
  for (const one of holds) held += one;
  const belief = held / houses.count;
  const verdict = wordOf(
    belief,
    highestVolts > doorMaxVolts,
    governing.volts >= doorFullVolts,
    utilisation !== null && utilisation > 1,
  );
  return {
    holds,
    standing: {
      verdict,
      belief,
      state: governing.state.name,
      likelyVolts: governing.volts,
      marginVolts: governing.volts - doorFullVolts,
      highestVolts,
      utilisation,
      condition: null,
      conditionChance: null,
    },
  };
}

/** What makes two ways the same circuit. */
const electrically = ({ change, ratedVolts, ratedVa }: Way): string =>
  JSON.stringify([
    change.transformer && [change.transformer.ratedVolts, change.transformer.ratedVa, change.transformer.openVolts],
    change.treatment,
    change.pairFactor,
    change.tap,
    change.mended,
    ratedVolts,
    ratedVa,
  ]);

/**
 * Judges every way over all likely houses; ways that are the same circuit are solved once.
 * @param timeDomain where the device's capacitor is known: its lowest volts count too
 */
export function holdWays(
  bell: BellCase,
  houses: Houses,
  ways: readonly Way[],
  timeDomain: TimeDomain | null = null,
): readonly HeldWay[] {
  const known = new Map<string, HeldWay>();
  return ways.map((way) => {
    const key = electrically(way);
    const held = known.get(key) ?? hold(bell, houses, way, timeDomain);
    known.set(key, held);
    return held;
  });
}

/** Whether a way may be proposed at all. */
export const isTrusted = (belief: number): boolean => belief >= BELIEF.holds;
