import type { FaultyFixture, FaultyHouse, Found, Walk } from '../faults';
import type { OfferedRepair, OfferedTest } from '../points';
import type { Random } from '../random';
import type { BenchReading, Probing } from './benchMeter';
import type { BenchPlace, Terminal, Wiring, WiringPart } from './wiring';

/** A house with what is out of order in it, or nothing. */
export type Faulty = FaultyHouse | FaultyFixture;

/** How a house stands while somebody reads in it. */
export interface Standing {
  readonly faulty: Faulty;
  readonly wiring: Wiring;
  /** Its circuit is on at the board. */
  readonly isOn: boolean;
}

/** What a kind of house gives the bench: its places, what can be put, read, looked at and repaired there. */
export interface BenchKind {
  readonly places: readonly BenchPlace[];
  readonly walks: readonly Walk[];
  readonly terminals: readonly Terminal[];
  readonly parts: readonly WiringPart[];
  /** Where its mains side is proved dead. */
  readonly provedAt: BenchPlace;
  /** A part that comes off for the proof, and only with its circuit off; null: none. */
  readonly cover: WiringPart | null;
  readonly test: (kind: string) => OfferedTest | undefined;
  readonly repair: (kind: string) => OfferedRepair | undefined;
  /** Tests that are taken by a look or a hand, not by probes. */
  readonly looks: readonly string[];
  /** What a look comes to while its circuit is off; undefined: the same as ever. */
  readonly whileOff: (test: string) => string | undefined;
  /** Looks that are the same however the wires are put. */
  readonly isFreeOfWiring: (test: string) => boolean;
  /** Bell conductors that one touches are live with the circuit on; of mains a proof is asked for. */
  readonly hasLiveBell: (faulty: Faulty) => boolean;
  /** What a test comes to, once. */
  readonly answer: (faulty: Faulty, test: string, random: Random) => Found;
  readonly read: (probing: Probing, standing: Standing, random: Random) => BenchReading;
  /** The house without a fault; the very same where it has none such. */
  readonly without: (faulty: Faulty, faults: readonly string[], random: Random) => Faulty;
  /** Whether it shows what is complained of. */
  readonly shows: (faulty: Faulty) => boolean;
  /**
   * A house that shows the complaint.
   * @param faultsOf what is hidden in it, drawn anew with every house; none: it is in order
   * @param most so many houses are drawn at most
   * @returns null where none turns up
   */
  readonly hide: (faultsOf: () => readonly string[], random: Random, most?: number) => Faulty | null;
}
