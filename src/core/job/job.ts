import type { CircuitState, Hint } from '../isolation';
import type { Policy } from '../policy';
import type { CheckId } from '../prove';
import type { EntryData, EntryKind, Person } from './kinds';
import type { PointKind, RUN_NAMES } from './kinds/point';
import type { Rung } from './rungs';

type RunName = (typeof RUN_NAMES)[number];

/** What stands of one kind's fields after all entries: the last value said; a field that was nulled is gone. */
export type Facts<K extends EntryKind> = {
  readonly [F in Exclude<keyof EntryData<K>, 'pointId' | 'circuitId' | 'run' | 'cableId'>]?: NonNullable<
    EntryData<K>[F]
  >;
};

/** Who wrote the entry that something came from. */
export interface Source {
  readonly entryId: string;
  readonly by: Person;
  readonly at: string;
}

export type TakenReading = Source & { readonly data: EntryData<'readingTaken'> };
export type Choice = Source & { readonly data: EntryData<'choiceMade'> };
export type Tick = Source & {
  readonly how: EntryData<'stepTicked'>['how'];
  readonly differs: string | null;
  /** Whether the circuit's state allowed the step when it was ticked; the fold decides, not the entry. */
  readonly proofStood: boolean;
  readonly seq: number;
};
export type CheckAnswer = Source & { readonly data: EntryData<'checkDone'> };
export type Wait = Source & { readonly minutes: number };
export type Left = Source & { readonly data: EntryData<'pointLeft'> };

/** A place that was looked at in vain, by its name. */
export type Looked = Readonly<Record<string, Source>>;
export type TriedSwitch = Source & { readonly name: string; readonly bellDies: boolean };
export type TakenWifi = Source & { readonly data: EntryData<'wifiRead'> };
export type HuntTest = Source & { readonly dropped: readonly string[]; readonly died: boolean };
export type BagAnswer = Source & Pick<EntryData<'bagChecked'>, 'state' | 'note'>;

/** A cable of the point’s box, as it was described last. */
export interface ListedCable {
  readonly id: string;
  readonly facts: Facts<'cableDescribed'>;
}
export type TakenTest = Source & { readonly data: EntryData<'conductorTested'> };
export type FixtureChoice = Source & { readonly data: EntryData<'fixtureChosen'> };
/** One end of a lead that is elsewhere than planned, in the order of the log. */
export type MovedLead = Source & Pick<EntryData<'leadMoved'>, 'lead' | 'from' | 'to'> & { readonly seq: number };

/** What of the house and the firm’s policy a plan needs. */
export interface PlanSetting {
  readonly region: string | undefined;
  readonly era: 'now' | 'old' | 'unsure' | undefined;
  readonly policy: Policy;
}

export interface Point {
  readonly id: string;
  readonly kind: PointKind;
  readonly name: string;
  readonly setting: PlanSetting;
  readonly look: Facts<'pointDescribed'>;
  readonly transformer: Facts<'transformerDescribed'>;
  /** Where the transformer is not. */
  readonly looked: Looked;
  readonly switches: readonly TriedSwitch[];
  readonly supply: Facts<'supplyPlanned'>;
  readonly wifi: readonly TakenWifi[];
  readonly bag: Readonly<Record<string, BagAnswer>>;
  readonly hunt: Facts<'huntPlanned'> & { readonly tests: readonly HuntTest[] };
  readonly runs: Readonly<Record<RunName, Facts<'runDescribed'>>>;
  readonly chime: Facts<'chimeDescribed'>;
  readonly readings: readonly TakenReading[];
  readonly choice: Choice | null;
  readonly box: Facts<'boxDescribed'>;
  readonly cables: readonly ListedCable[];
  readonly tests: readonly TakenTest[];
  readonly fixture: FixtureChoice | null;
  readonly moved: readonly MovedLead[];
  readonly ticks: Readonly<Record<string, Tick>>;
  readonly mount: Facts<'mountRecorded'>;
  readonly waits: Readonly<Partial<Record<CheckId, Wait>>>;
  readonly checks: Readonly<Partial<Record<CheckId, CheckAnswer>>>;
  readonly left: Left | null;
}

export interface Circuit {
  readonly id: string;
  readonly name: string | null;
  readonly way: string | null;
  readonly feeds: readonly string[];
  readonly state: CircuitState;
  readonly sharedNeutral: 'yes' | 'no' | null;
  readonly otherInBox: 'yes' | 'no' | null;
  readonly foundBy: string | null;
  readonly hints: readonly SeenHint[];
}

export type SeenHint = Source & { readonly hint: Hint; readonly text: string | null };

/** A way of a board, as it is written there. */
export interface Way {
  /** `board/way`: what a hunt’s answers name. */
  readonly id: string;
  readonly boardId: string;
  readonly way: string;
  readonly label: string | null;
  readonly ratingAmps: number | null;
  readonly protection: string | null;
  readonly doNotDrop: boolean;
  readonly why: string | null;
  readonly agreed: boolean;
}

export interface Board {
  readonly id: string;
  readonly name: string | null;
  /** How many are numbered from 1; further ones stand among {@link ways} too. */
  readonly numbered: number;
  readonly ways: readonly Way[];
}

export type PhotoMark = NonNullable<NonNullable<EntryData<'photoDescribed'>['marks']>[number]>;

export interface Photo extends Source {
  readonly id: string;
  readonly sha256: string;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly rung: Rung | null;
  readonly pointId: string | null;
  readonly terminal: string | null;
  readonly caption: string | null;
  readonly trial: boolean;
  readonly marks: readonly PhotoMark[];
}

/** A field that two people described differently: the later one stands, this is the other. */
export interface AlsoSaid {
  readonly pointId: string | null;
  readonly kind: EntryKind;
  readonly field: string;
  readonly value: unknown;
  readonly by: Person;
  readonly at: string;
}

export interface Note extends Source {
  readonly text: string;
}

/** A job as its log makes it. */
export interface Job {
  readonly id: string;
  readonly title: string;
  readonly createdAt: string;
  readonly site: Facts<'siteDescribed'>;
  readonly customer: Facts<'customerDescribed'>;
  /** The meter that readings are taken with from now on. */
  readonly meter: Facts<'meterDescribed'>;
  readonly policy: Policy;
  /** Why this job departs from the firm’s policy, by matter. */
  readonly policyWhy: { readonly [M in keyof Policy]?: string };
  readonly boards: readonly Board[];
  readonly photos: readonly Photo[];
  readonly expectedAt: string | null;
  readonly points: readonly Point[];
  readonly circuits: readonly Circuit[];
  readonly notes: readonly Note[];
  readonly alsoSaid: readonly AlsoSaid[];
  /** Number of the last entry, 0 for an empty log. */
  readonly last: number;
  readonly updatedAt: string;
}

/** What is known of a job before its first entry. */
export interface JobHead {
  readonly id: string;
  readonly title: string;
  readonly createdAt: string;
}
