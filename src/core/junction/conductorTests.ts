import { said, type Text } from '../said';
import type { WireColour } from '../wiring';

/** What can be done to one conductor of an unknown box, in the order in which it tells most for the least risk. */
export const CONDUCTOR_TESTS = ['toGround', 'fromHot', 'loadAmps', 'neutralAmps', 'groundOhms'] as const;
export type ConductorTestId = (typeof CONDUCTOR_TESTS)[number];
export const SWITCH_POSITIONS = ['allOff', 'allOn'] as const;
export type SwitchPosition = (typeof SWITCH_POSITIONS)[number];

/** One reading at a conductor. */
export interface ConductorTest {
  readonly test: ConductorTestId;
  /** How every switch stood; of volts to ground alone. */
  readonly switches: SwitchPosition | null;
  /** V, A or Ω by the test. */
  readonly value: number;
}

export interface TestedConductor {
  readonly id: string;
  readonly name: Text;
  readonly colour: WireColour;
  readonly tests: readonly ConductorTest[];
}

/** What the readings say a conductor carries. `foreign`: a neutral of another circuit, or no neutral at all. */
export type ConcludedFunction =
  | 'hot'
  | 'switched'
  | 'otherHot'
  | 'neutral'
  | 'switchedNeutral'
  | 'sharedNeutral'
  | 'foreign'
  | 'ground'
  | 'badGround'
  | 'spare';

/** Shares of the mains above which a conductor is live, and under which it is not; between them a meter picks up stray volts. */
export const LIVE_SHARE = 0.75;
export const IDLE_SHARE = 0.25;
/** Volts to ground above this share are none that the place can have: another system, or a fault. Engineering default. */
const STRANGE_SHARE = 1.25;
export const strangeShare = (share: number): boolean => share > STRANGE_SHARE;
/** Two hots of different legs stand at this share or more apart. */
const OTHER_LEG_SHARE = 1.4;
/** A clamp round hot and neutral of one circuit reads their difference: nothing. Engineering default. */
export const SAME_CIRCUIT_AMPS_MOST = 0.03;
/** Current in a neutral whose own circuit is off is another circuit’s. Engineering default. */
export const SHARED_AMPS_LEAST = 0.05;
/** A grounding path by measurement, Ω, wire and joints to the board. Engineering default. */
export const GROUND_OHMS_MOST = 1;

export type Conclusion =
  | { readonly state: 'known'; readonly carries: ConcludedFunction }
  | { readonly state: 'contradicts'; readonly words: Text }
  | {
      readonly state: 'open';
      readonly next: { readonly test: ConductorTestId; readonly switches: SwitchPosition | null } | null;
      readonly words: Text;
    };

const claimsGround = (colour: WireColour): boolean =>
  colour === 'bare' || colour === 'green' || colour === 'greenYellow';

/** The last reading of a test; a later one goes before an earlier one. */
const last = (
  { tests }: TestedConductor,
  test: ConductorTestId,
  switches: SwitchPosition | null = null,
): number | undefined => tests.findLast((one) => one.test === test && one.switches === switches)?.value;

const open = (test: ConductorTestId, words: Text, switches: SwitchPosition | null = null): Conclusion => ({
  state: 'open',
  next: { test, switches },
  words,
});
const known = (carries: ConcludedFunction): Conclusion => ({ state: 'known', carries });

/**
 * What one conductor carries, from its readings alone.
 * @param hotIsKnown whether some conductor of the box was found hot: what the other tests are made against
 */
export function concludeConductor(conductor: TestedConductor, nominalVolts: number, hotIsKnown: boolean): Conclusion {
  const off = last(conductor, 'toGround', 'allOff');
  const on = last(conductor, 'toGround', 'allOn');
  const ground = claimsGround(conductor.colour);
  if (off === undefined && !ground) return open('toGround', said('voltsKnownGround'), 'allOff');
  if (on === undefined) return open('toGround', said('voltsKnownGroundEvery'), 'allOn');
  const [offShare, onShare] = [(off ?? 0) / nominalVolts, on / nominalVolts];
  const stray = [offShare, onShare].some((share) => share > IDLE_SHARE && share < LIVE_SHARE);
  if (stray)
    return {
      state: 'contradicts',
      words: said('neitherLiveNor'),
    };
  if ([offShare, onShare].some(strangeShare))
    return { state: 'contradicts', words: said('voltsNoneHere', { nominalVolts }) };
  const live = [offShare, onShare].some((share) => share >= LIVE_SHARE);
  // One that was read without a word of the switches stands for one position
  const fromHot = last(conductor, 'fromHot', 'allOn') ?? last(conductor, 'fromHot');
  const fromHotOff = last(conductor, 'fromHot', 'allOff');
  const residual = last(conductor, 'loadAmps');
  const ohms = last(conductor, 'groundOhms');
  if (live && residual !== undefined && residual <= SAME_CIRCUIT_AMPS_MOST)
    return { state: 'contradicts', words: said('hotVoltsNeutral') };
  if (live && ohms !== undefined && ohms <= GROUND_OHMS_MOST)
    return { state: 'contradicts', words: said('hotVoltsGround') };
  if (live) {
    if (fromHot !== undefined && fromHot / nominalVolts >= OTHER_LEG_SHARE) return known('otherHot');
    return known(offShare >= LIVE_SHARE && onShare >= LIVE_SHARE ? 'hot' : 'switched');
  }
  if (!hotIsKnown) return { state: 'open', next: null, words: said('idleOthersHot') };
  if (fromHot === undefined) return open('fromHot', said('voltsHotEveryOn'), 'allOn');
  if (fromHotOff === undefined && !ground) return open('fromHot', said('voltsHotEveryOff'), 'allOff');
  const shares = [fromHot, fromHotOff ?? fromHot].map((volts) => volts / nominalVolts);
  if (shares.every((share) => share < IDLE_SHARE)) return known('spare');
  // Joined in one position of a switch and not in the other: the switch is in it
  if (shares.some((share) => share >= LIVE_SHARE) && shares.some((share) => share < IDLE_SHARE))
    return known('switchedNeutral');
  if (shares.some((share) => share < LIVE_SHARE)) return { state: 'contradicts', words: said('neitherJoinedNor') };
  if (ground) return groundOf(ohms);
  if (residual === undefined) return open('loadAmps', said('lampHotClamp'));
  if (residual > SAME_CIRCUIT_AMPS_MOST) {
    // Under a colour that is no ground’s it may be one all the same
    return ohms === undefined ? known('foreign') : groundOf(ohms);
  }
  const alone = last(conductor, 'neutralAmps');
  if (alone === undefined) return open('neutralAmps', said('ownCircuitOff'));
  return known(alone >= SHARED_AMPS_LEAST ? 'sharedNeutral' : 'neutral');
}

/** Two volts apart and they are not one: two legs, two ways, two switches all look like “two hots”. */
const ONE_HOT_VOLTS_MOST = 1;

/** A further hot is read against the first in every position of every switch before the two may meet. */
function concludeFurtherHot(conductor: TestedConductor, conclusion: Conclusion): Conclusion {
  if (conclusion.state !== 'known') return conclusion;
  const on = last(conductor, 'fromHot', 'allOn') ?? last(conductor, 'fromHot');
  const off = last(conductor, 'fromHot', 'allOff');
  if (on === undefined) return open('fromHot', said('voltsBetweenHotsOn'), 'allOn');
  if (off === undefined) return open('fromHot', said('voltsBetweenHotsOff'), 'allOff');
  return Math.max(on, off) > ONE_HOT_VOLTS_MOST ? known('otherHot') : conclusion;
}

function groundOf(ohms: number | undefined): Conclusion {
  if (ohms === undefined) return open('groundOhms', said('deadOhmsBoards'));
  return known(ohms <= GROUND_OHMS_MOST ? 'ground' : 'badGround');
}

/** The test to do next, at which conductor; null where nothing is left to test. */
export interface NextTest {
  readonly conductor: string;
  readonly name: Text;
  readonly test: ConductorTestId;
  readonly switches: SwitchPosition | null;
  readonly words: Text;
}

export interface BoxConclusions {
  readonly byId: ReadonlyMap<string, Conclusion>;
  readonly next: NextTest | null;
}

/** A walk to the switches for each test would be long: all of one position first, grounds last. */
const ROUNDS = ['allOff', 'allOn'] as const;

/**
 * Concludes over all conductors of a box and proposes the next test: every conductor with all switches off, then all on,
 * then what the idle ones are.
 */
export function concludeBox(conductors: readonly TestedConductor[], nominalVolts: number): BoxConclusions {
  const first = conductors.map((one) => concludeConductor(one, nominalVolts, false));
  const hotIsKnown = first.some(
    (conclusion) => conclusion.state === 'known' && (conclusion.carries === 'hot' || conclusion.carries === 'switched'),
  );
  const hots = conductors.filter((_, i) => {
    const conclusion = first[i];
    return conclusion?.state === 'known' && conclusion.carries === 'hot';
  });
  const [reference] = hots;
  const byId = new Map(
    conductors.map((one) => {
      const conclusion = concludeConductor(one, nominalVolts, hotIsKnown);
      return [one.id, hots.includes(one) && one !== reference ? concludeFurtherHot(one, conclusion) : conclusion];
    }),
  );
  const asked = conductors.flatMap((one): readonly NextTest[] => {
    const conclusion = byId.get(one.id);
    if (conclusion?.state !== 'open' || !conclusion.next) return [];
    return [{ conductor: one.id, name: one.name, ...conclusion.next, words: conclusion.words }];
  });
  // All of one position of the switches together: off, on, what the hot tells while they are on, and off again for the rest
  const rank = ({ test, switches }: NextTest): number => {
    if (test === 'toGround') return ROUNDS.findIndex((round) => round === switches);
    if (test === 'fromHot') return switches === 'allOff' ? 3 : 2;
    return 3 + CONDUCTOR_TESTS.indexOf(test);
  };
  const next = asked.reduce<NextTest | null>(
    (best, one) => (best === null || rank(one) < rank(best) ? one : best),
    null,
  );
  return { byId, next };
}

/** What each test is, in the words of a meter. */
export const TEST_FACTS: Readonly<
  Record<ConductorTestId, { readonly words: Text; readonly unit: 'V' | 'A' | 'Ω'; readonly how: Text }>
> = {
  toGround: {
    words: said('voltsGround'),
    unit: 'V',
    how: said('groundKnownLong'),
  },
  fromHot: {
    words: said('voltsFromHot'),
    unit: 'V',
    how: said('hotFoundSwitched'),
  },
  loadAmps: {
    words: said('ampsLeftOver'),
    unit: 'A',
    how: said('lampHotClampRound'),
  },
  neutralAmps: {
    words: said('ampsCircuitOff'),
    unit: 'A',
    how: said('ownCircuitOffClamp'),
  },
  groundOhms: {
    words: said('ohmsBoardsGround'),
    unit: 'Ω',
    how: said('deadLongLead'),
  },
};
