import type { BoxHangs, DoorHangs, ListedCable, TakenTest } from '../house/things';
import type { Plug } from '../isolation';
import type { Policy } from '../policy';
import type { CheckId, PairingTry } from '../prove';
import type { OLD_FIXTURES, PointKind } from '../kinds/point';
import type { EntryData } from '../kinds/register';
import type { LengthSystem } from '../units';
import type { Facts, Source, Taken } from '../kinds/said';
import type { Obstacle, Target } from '../yard';

export type Tick = Source & {
  readonly how: EntryData<'stepTicked'>['how'];
  readonly differs: string | null;
  /** Whether the circuit's state allowed the step when it was ticked; the fold decides, not the entry. */
  readonly proofStood: boolean;
  readonly seq: number;
};
export type CheckAnswer = Taken<'checkDone'>;
export type AcceptedMiss = Taken<'missAccepted'>;
export type AcceptedFailure = Taken<'failureAccepted'>;
export type PutOff = Taken<'checkPutOff'>;

/** What was tested or repaired. */
export type TroubleAct = Taken<'faultTested'> | Taken<'repairTried'>;

/** Something that does not work, and all that was done about it, in that order. */
export interface Trouble extends Taken<'troubleOpened'> {
  readonly acts: readonly TroubleAct[];
  readonly closed: Taken<'troubleClosed'> | null;
}
export type Wait = Source & { readonly minutes: number };
export type Left = Taken<'pointLeft'>;
export type TakenWifi = Taken<'wifiRead'>;
export type HuntTest = Source & { readonly dropped: readonly string[]; readonly died: boolean };
/** One end of a lead that is elsewhere than planned, in the order of the log. */
export type MovedLead = Source & Pick<EntryData<'leadMoved'>, 'lead' | 'from' | 'to'> & { readonly seq: number };

/** The yard before a point: what is to be seen, what stands in the way, and how the head is planned to hang. */
export interface Yard {
  readonly targets: readonly Target[];
  readonly obstacles: readonly Obstacle[];
  readonly planned: Facts<'aimPlanned'>;
}

/** What of the house and the firm’s policy a plan needs. */
export interface PlanSetting {
  readonly region: string | undefined;
  /** How this site writes lengths. */
  readonly lengths: LengthSystem;
  readonly era: 'now' | 'old' | 'unsure' | undefined;
  readonly policy: Policy;
}

/** What every kind of point has. What stands here of its box is shared with whatever else hangs on it. */
export interface PointView {
  readonly kind: PointKind;
  readonly id: string;
  readonly name: string;
  readonly setting: PlanSetting;
  readonly hangs: DoorHangs | BoxHangs;
  /** Other points on the same supply, by id. */
  readonly beside: readonly string[];
  /** What decides about its proofs beside its circuits. */
  readonly fed: {
    /** A plug feeds its bell side: it is made dead by being seen out of its outlet. Null: none does. */
    readonly plug: Plug | null;
    /** A breaker feeds it, or will by the plan: not where all that feeds it is a plug. */
    readonly breaker: boolean;
    /** It has a bell side that can be proved dead apart from its mains side; else all its conductors are mains. */
    readonly bellSide: boolean;
    /** Whether transformers were seen to be joined on their bell side. */
    readonly joined: string | undefined;
  };
  readonly look: Facts<'pointDescribed'>;
  readonly wifi: readonly TakenWifi[];
  readonly hunt: Facts<'huntPlanned'> & { readonly tests: readonly HuntTest[] };
  readonly box: Facts<'boxDescribed'>;
  /** What hung on the box before; null where nobody said. */
  readonly boxHeld: (typeof OLD_FIXTURES)[number] | null;
  readonly cables: readonly ListedCable[];
  readonly tests: readonly TakenTest[];
  readonly moved: readonly MovedLead[];
  readonly ticks: Readonly<Record<string, Tick>>;
  readonly mount: Facts<'mountRecorded'>;
  /** Where it hangs on the plan of the site. */
  readonly onPlan: Facts<'pointOnPlan'>;
  /** How visitors come to its door. */
  readonly approach: Facts<'approachDescribed'>;
  readonly yard: Yard;
  /** What was tried because its device would not join, in that order. */
  readonly tried: readonly (Source & { readonly what: PairingTry })[];
  readonly waits: Readonly<Partial<Record<CheckId, Wait>>>;
  /** Checks that were put off to a day. */
  readonly putOff: Readonly<Partial<Record<CheckId, PutOff>>>;
  readonly checks: Readonly<Partial<Record<CheckId, CheckAnswer>>>;
  /** Failures that stay as they are, by the entry of the answer. */
  readonly accepted: Readonly<Record<string, AcceptedFailure>>;
  /** What did not work there, in the order in which it was told. */
  readonly troubles: readonly Trouble[];
  /** Targets that are missed as its head hangs and may stay so, by target. */
  readonly missesAccepted: Readonly<Record<string, AcceptedMiss>>;
  /** What the device says of itself, and how it joined. */
  readonly device: Facts<'deviceDescribed'>;
  /** What comes due after it was left, and what was told. */
  readonly handover: Facts<'handoverDescribed'>;
  readonly left: Left | null;
}
