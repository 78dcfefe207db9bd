import { said, type Text } from '../said';

/** Up to this a circuit on the bell side is bell voltage (an unloaded 24 V transformer); above it is treated as mains. */
export const BELL_VOLTS_MOST = 35;
/** Up to this nothing stands between two conductors: what a meter picks up by itself. */
export const DEAD_VOLTS_MOST = 1;

/** Volts between the two bell leads and from each to earth, by a mains-rated meter, in the dry. */
export interface BellProof {
  readonly weight: 'bell';
  readonly betweenVolts: number;
  readonly firstToEarthVolts: number;
  readonly secondToEarthVolts: number;
  readonly meterMainsRated: boolean;
  readonly dry: boolean;
  /** Read on the simulated meter: marked as such wherever it shows. */
  readonly simulated?: boolean;
}

/**
 * Every pair of a mains circuit by a two-pole tester that was tried on a live point before and after. That the breaker is
 * locked, or guarded another way, belongs to its being off.
 */
export interface MainsProof {
  readonly weight: 'mains';
  readonly hotNeutralVolts: number;
  readonly hotGroundVolts: number;
  readonly neutralGroundVolts: number;
  readonly everyConductor: boolean;
  readonly triedBefore: boolean;
  readonly triedAfter: boolean;
  /** Locked, as it was said with the proof before it stood with the switching. */
  readonly locked?: boolean;
  readonly simulated?: boolean;
}

export type Proof = BellProof | MainsProof;

/** Why readings do not prove a circuit dead. */
export const PROOF_PROBLEMS = [
  'noFigure',
  'treatAsMains',
  'stillLive',
  'borrowedNeutral',
  'meterNotMainsRated',
  'notDry',
  'notEveryConductor',
  'testerNotTried',
] as const;
export type ProofProblem = (typeof PROOF_PROBLEMS)[number];

export const PROOF_PROBLEM_WORDS: Readonly<Record<ProofProblem, Text>> = {
  noFigure: said('figureMissing'),
  treatAsMains: said('overVBell', { bellVoltsMost: BELL_VOLTS_MOST }),
  stillLive: said('moreVNot', { deadVoltsMost: DEAD_VOLTS_MOST }),
  borrowedNeutral: said('borrowedNeutral', { deadVoltsMost: DEAD_VOLTS_MOST }),
  meterNotMainsRated: said('useMeterRated'),
  notDry: said('wetNoProof'),
  notEveryConductor: said('testEveryPair'),
  testerNotTried: said('tryTesterKnown'),
};

const bellVolts = ({ betweenVolts, firstToEarthVolts, secondToEarthVolts }: BellProof): readonly number[] =>
  [betweenVolts, firstToEarthVolts, secondToEarthVolts].map(Math.abs);

/** Whether what was read is bell voltage, properly read: what the school of the live bell side asks before a step. */
export const isBellVoltage = (proof: BellProof): boolean =>
  proof.meterMainsRated && proof.dry && bellVolts(proof).every((value) => value <= BELL_VOLTS_MOST);

/** The most that was read on the conductors of a proof; between neutral and ground alone it says nothing of the hot. */
export function voltsRead(proof: Proof): number {
  const volts =
    proof.weight === 'bell' ? bellVolts(proof) : [proof.hotNeutralVolts, proof.hotGroundVolts].map(Math.abs);
  return Math.max(0, ...volts.filter((value) => !Number.isNaN(value)));
}

/**
 * Whether what was read proves a circuit dead, by the two weights of domain/safety.
 * @returns null when it does
 */
export function proofProblem(proof: Proof): ProofProblem | null {
  if (proof.weight === 'bell') {
    const volts = bellVolts(proof);
    if (volts.some(Number.isNaN)) return 'noFigure';
    if (volts.some((value) => value > BELL_VOLTS_MOST)) return 'treatAsMains';
    if (!proof.meterMainsRated) return 'meterNotMainsRated';
    if (!proof.dry) return 'notDry';
    return volts.some((value) => value > DEAD_VOLTS_MOST) ? 'stillLive' : null;
  }
  const toHot = [proof.hotNeutralVolts, proof.hotGroundVolts].map(Math.abs);
  if ([...toHot, proof.neutralGroundVolts].some(Number.isNaN)) return 'noFigure';
  if (toHot.some((value) => value > DEAD_VOLTS_MOST)) return 'stillLive';
  if (Math.abs(proof.neutralGroundVolts) > DEAD_VOLTS_MOST) return 'borrowedNeutral';
  if (!proof.everyConductor) return 'notEveryConductor';
  return proof.triedBefore && proof.triedAfter ? null : 'testerNotTried';
}
