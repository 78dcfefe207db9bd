import { said, type Text } from '../said';
import type { Until } from '../log/moment';
import { OTHER_FEEDS, type OtherFeed } from './happening';
import type { Plug } from './plugs';
import type { CircuitState, Isolation } from './standing';

/** What a step may put hands on. Decides which proof it needs. */
export type Touches = 'nothing' | 'bell' | 'mains';

/** Work needs its place proved dead; the proof itself is done as if live; a live test stands clear of it. */
export const STEP_ROLES = ['work', 'proof', 'liveTest'] as const;
export type StepRole = (typeof STEP_ROLES)[number];

/** Who asks, and when: a mains proof counts for the person who made it, while they are there. */
export interface Asker {
  readonly id: string | null;
  /** Now, ms since 1970. */
  readonly at: number;
  /** While the server is away: the proofs that were made on this screen. Null: what is known is fresh. */
  readonly ownProofs: ReadonlySet<string> | null;
  /** Holds a licence for the work that a place, a plan or the firm keeps for those who do. */
  readonly licensed?: boolean;
}

/** Nobody in particular: for lists, where nothing is offered. */
export const NOBODY: Asker = { id: null, at: 0, ownProofs: null };

/** What hangs a step on its circuits. */
export interface Hold {
  readonly touches: Touches;
  readonly role: StepRole;
  /** Where hands are put. */
  readonly placeId: string;
  /** Where its bell side hangs on; null: it has none. */
  readonly supplyId: string | null;
  /** The firm’s school, or what this job departs to. */
  readonly bellSide: 'off' | 'live';
  /** What of its supply hangs on a plug; null: nothing does. */
  readonly plug: Plug | null;
  /** A breaker feeds it, or will: without one there is none to prove. */
  readonly breaker: boolean;
  /** Conductors of the place were parted and spread dead: what is read live is read from there. */
  readonly spread?: boolean;
}

export const GATE_REASONS = [
  'noCircuit',
  'unknown',
  'live',
  'notTagged',
  'notGuarded',
  'notProved',
  'noBellProof',
  'noMainsProof',
  'plugNotOut',
  'plugByAnother',
  'provedByAnother',
  'wasAway',
  'notFresh',
  'bellIsMains',
  'notRead',
  'notLooked',
  'notSpread',
  ...OTHER_FEEDS,
] as const;
export type GateReason = (typeof GATE_REASONS)[number];

export const GATE_WORDS: Readonly<Record<GateReason, Text>> = {
  noCircuit: said('noCircuitNamed'),
  unknown: said('notKnownWhether'),
  live: said('circuitLive'),
  notTagged: said('offNotTagged'),
  notGuarded: said('offNotGuarded'),
  notProved: said('offButNot'),
  noBellProof: said('bellWiresNot'),
  noMainsProof: said('noMainsProof'),
  plugNotOut: said('plugNotOut'),
  plugByAnother: said('plugByAnother'),
  provedByAnother: said('provedSomebodyElse'),
  wasAway: said('wereYouAway'),
  notFresh: said('serverAwayOwnOnly'),
  bellIsMains: said('bellSideIsMains'),
  notRead: said('bellSideNot'),
  notLooked: said('notAskedYet'),
  notSpread: said('conductorsNotSpread'),
  joined: said('secondTransformerJoined'),
  inBox: said('secondCircuitBox'),
  sharedNeutral: said('sharedNeutralOther'),
};

type Unproved = Exclude<CircuitState, { state: 'off' | 'provedDead' }>['state'];
const isOff = (state: CircuitState): state is Extract<CircuitState, { state: 'off' | 'provedDead' }> =>
  state.state === 'off' || state.state === 'provedDead';

/** Why the mains of one circuit may not be touched at a place; null where they may. */
function mainsReason(
  isolation: Isolation,
  circuitId: string,
  placeId: string,
  who: Asker,
  until: Until | null,
): GateReason | null {
  const state = isolation.stateOf(circuitId, until);
  if (!isOff(state)) return state.state satisfies Unproved;
  if (!state.tagged) return 'notTagged';
  // Before it stood with the switching, it was said with the proof
  if (state.guard === null && until?.history !== true) return 'notGuarded';
  const proof = isolation.mainsProofAt(circuitId, placeId, who.id, until);
  if (!proof) return state.state === 'provedDead' ? 'noMainsProof' : 'notProved';
  if (proof.mark.byId !== who.id) return 'provedByAnother';
  if (who.ownProofs && !who.ownProofs.has(proof.moment.id)) return 'notFresh';
  return isolation.isAskedWhere(proof.mark.byId, proof.moment, who.at) ? 'wasAway' : null;
}

function bellReason(
  isolation: Isolation,
  circuitId: string,
  hold: Hold,
  isOnlyOne: boolean,
  who: Asker,
  until: Until | null,
): GateReason | null {
  const supplyId = hold.supplyId ?? hold.placeId;
  const state = isolation.stateOf(circuitId, until);
  if (!isOff(state)) {
    if (hold.bellSide === 'live') return isolation.bellReadOf(circuitId, until) ? null : 'notRead';
    return state.state satisfies Unproved;
  }
  if (!state.tagged) return 'notTagged';
  if (isolation.bellProofAt(circuitId, supplyId, until)) return null;
  // Dead at the transformer’s own primary, for whoever proved it, while nothing else feeds it
  if (isOnlyOne && mainsReason(isolation, circuitId, supplyId, who, until) === null) return null;
  return state.state === 'provedDead' ? 'noBellProof' : 'notProved';
}

/**
 * A second feed that was seen at a place and that no circuit was named as. What a plug feeds has no breaker of its own: the
 * first circuit that is named there is the second feed’s.
 */
export function unnamedHere(
  isolation: Isolation,
  { placeId, breaker }: Pick<Hold, 'placeId' | 'breaker'>,
  until: Until | null = null,
): OtherFeed | null {
  if (breaker) return isolation.unnamedAt(placeId, until);
  const isJoined = isolation.isSeenAt('joined', placeId, until);
  return isJoined && isolation.circuitsAt(placeId, until).length === 0 ? 'joined' : null;
}

/** Why a supply that hangs on a plug is not dead for somebody; null where it is. */
function plugReason(
  isolation: Isolation,
  supplyId: string,
  plug: Plug,
  who: Asker,
  until: Until | null,
): GateReason | null {
  const seen = isolation.plugOutOf(supplyId, who.id, until);
  // A new one was in no outlet yet: it stays out until all is wired
  if (!seen) return plug === 'new' && isolation.plugOf(supplyId, until).state === 'notSeen' ? null : 'plugNotOut';
  if (seen.mark.byId !== who.id) return 'plugByAnother';
  return isolation.isAskedWhere(seen.mark.byId, seen.moment, who.at) ? 'wasAway' : null;
}

/**
 * The one gate that decides whether a step may be offered now. Every circuit that feeds its place has to pass: two
 * transformers joined on the bell side make each other’s primary live.
 * @param until as it was just before this moment: for a step that was ticked then; null: now
 * @returns why it is held, most telling first; none where it may be done
 */
export function stepGate(
  isolation: Isolation,
  hold: Hold,
  who: Asker,
  until: Until | null = null,
): readonly GateReason[] {
  const { touches, role, placeId, supplyId, plug, breaker, spread } = hold;
  if (touches === 'nothing' && role !== 'liveTest') return [];
  const circuits = isolation.circuitsAt(placeId, until);
  const unnamed = unnamedHere(isolation, hold, until);
  const reasons = new Set<GateReason>();
  const add = (reason: GateReason | null): void => void (reason && reasons.add(reason));
  if (circuits.length === 0 && (plug === null || touches !== 'bell')) return ['noCircuit'];
  if (role === 'liveTest') return spread ? [] : ['notSpread'];
  if (touches === 'bell') {
    if (isolation.isHigh(supplyId ?? placeId, until)) add('bellIsMains');
    const plugIn = plug && plugReason(isolation, supplyId ?? placeId, plug, who, until);
    add(plugIn);
    // Out of its outlet nothing feeds the bell wires, whatever breaker that is on, but for what is joined on
    const fed = breaker || isolation.isSeenAt('joined', placeId, until) ? circuits : [];
    const isOnlyOne = breaker && circuits.length === 1 && unnamed === null && plugIn === null;
    for (const id of fed) add(bellReason(isolation, id, hold, isOnlyOne, who, until));
    if (unnamed === 'joined') add(unnamed);
    return [...reasons];
  }
  for (const id of circuits)
    if (role === 'proof') {
      const state = isolation.stateOf(id, until);
      if (!isOff(state)) add(state.state satisfies Unproved);
      else if (!state.tagged) add('notTagged');
      else if (state.guard === null) add('notGuarded');
    } else add(mainsReason(isolation, id, placeId, who, until));
  if (role === 'proof') return [...reasons];
  add(unnamed);
  if (!isolation.isLooked(placeId, until)) add('notLooked');
  return [...reasons];
}
