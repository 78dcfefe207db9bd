import { said, type Text } from '../said';
import { isBellVoltage, proofProblem, type BellProof, type MainsProof, type Proof } from './proof';

/** Who did something, and when (ISO 8601 with offset). */
export interface Mark {
  readonly byId: string;
  readonly byName: string;
  readonly at: string;
}

type MarkedBellProof = BellProof & { readonly mark: Mark };
type MarkedMainsProof = MainsProof & { readonly mark: Mark };

/**
 * The state of one circuit, with what belongs to it inside. `bellRead`: what was read on the bell side since it was last
 * switched, where that was bell voltage and no more; it proves nothing dead.
 */
export type CircuitState =
  | { readonly state: 'unknown'; readonly bellRead: MarkedBellProof | null }
  | { readonly state: 'live'; readonly since: Mark; readonly bellRead: MarkedBellProof | null }
  | { readonly state: 'off'; readonly since: Mark; readonly tagged: boolean }
  | {
      readonly state: 'provedDead';
      readonly since: Mark;
      readonly bell: MarkedBellProof | null;
      readonly mains: MarkedMainsProof | null;
    };

/** The state in words, for a line of text. */
export const CIRCUIT_STATE_WORDS: Readonly<Record<CircuitState['state'], Text>> = {
  unknown: said('notKnown'),
  live: said('live'),
  off: said('offNotProved'),
  provedDead: said('provedDead'),
};

export const NOT_KNOWN: CircuitState = { state: 'unknown', bellRead: null };

/**
 * What happened to one circuit, in the order in which it was written down. `counts` is false for what was struck or
 * corrected later: it no longer says what is, but it still ends a proof that was made before it.
 */
export type CircuitEvent = { readonly mark: Mark; readonly counts: boolean } & (
  | { readonly what: 'switched'; readonly to: 'on' | 'off'; readonly tagged: boolean }
  | { readonly what: 'proved'; readonly proof: Proof }
  | { readonly what: 'wayChanged' }
  /** A sign that somebody turned it on: a bell that rings, a lamp, a pen that beeps. */
  | { readonly what: 'signOfLife' }
  /** Something about the circuit was struck or corrected. */
  | { readonly what: 'tampered' }
  /** Somebody came back to the work: mains proofs end, bell proofs stay. */
  | { readonly what: 'cameBack' }
);

type Base = Exclude<CircuitState, { state: 'provedDead' }>;

function baseAfter(base: Base, event: CircuitEvent): Base {
  if (!event.counts) return base;
  if (event.what === 'wayChanged' || event.what === 'signOfLife') return { state: 'unknown', bellRead: null };
  if (event.what === 'proved' && event.proof.weight === 'bell' && base.state !== 'off')
    return { ...base, bellRead: isBellVoltage(event.proof) ? { ...event.proof, mark: event.mark } : null };
  if (event.what !== 'switched') return base;
  return event.to === 'on'
    ? { state: 'live', since: event.mark, bellRead: null }
    : { state: 'off', since: event.mark, tagged: event.tagged };
}

/**
 * The state of a circuit from its events. A proof stands only on a circuit that is off and tagged, and only until
 * anything else is written about the circuit; striking or correcting can end a proof and never brings one back.
 */
export function circuitState(events: readonly CircuitEvent[]): CircuitState {
  let base: Base = { state: 'unknown', bellRead: null };
  let bell: MarkedBellProof | null = null;
  let mains: MarkedMainsProof | null = null;
  for (const event of events) {
    base = baseAfter(base, event);
    if (event.what === 'cameBack') {
      if (event.counts) mains = null;
      continue;
    }
    if (event.what !== 'proved') {
      bell = null;
      mains = null;
      continue;
    }
    if (!event.counts) continue;
    const stands = base.state === 'off' && base.tagged && proofProblem(event.proof) === null;
    if (event.proof.weight === 'bell') bell = stands ? { ...event.proof, mark: event.mark } : null;
    else mains = stands ? { ...event.proof, mark: event.mark } : null;
  }
  // A base that an event without effect left alone was computed from all effective events, so it is the present one.
  if (base.state !== 'off' || (!bell && !mains)) return base;
  return { state: 'provedDead', since: (mains ?? bell)?.mark ?? base.since, bell, mains };
}
