import type { Board } from '../house/boards';
import type { Circuit } from '../house/circuits';
import type { Isolation } from '../isolation';
import type { House } from '../house/things';
import type { Policy } from '../policy';
import type { EntryData, EntryKind, Person } from '../kinds/register';
import type { Facts, Source } from '../kinds/said';
import type { Rung } from '../kinds/rungs';
import type { Point } from '../points/point';
import type { SitePlan } from '../site';

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
  /** The point or thing that it was said of; null: of the site. */
  readonly of: string | null;
  readonly kind: EntryKind;
  /** What the later one said it of: the ids and the run that its entry names. */
  readonly about: Readonly<Record<string, unknown>>;
  readonly field: string;
  readonly value: unknown;
  readonly by: Person;
  readonly at: string;
}

/** One of two answers. */
export interface Answer {
  readonly value: unknown;
  readonly kind: EntryKind;
  /** All that its entry says. */
  readonly data: Readonly<Record<string, unknown>>;
  readonly by: Person;
  readonly at: string;
}

/** Two different answers to one fact, given by people who had not seen each other’s. The later one stands meanwhile. */
export interface Conflict {
  readonly fact: string;
  /** The one that was written before, and the one that stands. */
  readonly entries: readonly [string, string];
  /** The point or thing that it is said of; null: of the site. */
  readonly of: string | null;
  /** Null: the entry says it as a whole. */
  readonly field: string | null;
  readonly answers: readonly [Answer, Answer];
}

export interface Note extends Source {
  readonly text: string;
}

/** A job as its log makes it. */
export interface Job {
  readonly id: string;
  readonly title: string;
  readonly createdAt: string;
  /** When its customer was erased; null where that did not happen. */
  readonly erasedAt: string | null;
  readonly site: Facts<'siteDescribed'>;
  readonly customer: Facts<'customerDescribed'>;
  /** The meter that readings are taken with from now on. */
  readonly meter: Facts<'meterDescribed'>;
  /** The plan of the site, one for all its points. */
  readonly plan: SitePlan;
  readonly policy: Policy;
  /** Why this job departs from the firm’s policy, by matter. */
  readonly policyWhy: { readonly [M in keyof Policy]?: string };
  readonly boards: readonly Board[];
  readonly photos: readonly Photo[];
  readonly expectedAt: string | null;
  /** The job that was at this house before, and the day on which what stood there was taken over. */
  readonly follows: EntryData<'followsJob'> | null;
  readonly points: readonly Point[];
  readonly house: House;
  readonly circuits: readonly Circuit[];
  /** Live and dead: what the gate asks. */
  readonly isolation: Isolation;
  readonly notes: readonly Note[];
  readonly alsoSaid: readonly AlsoSaid[];
  /** What two say differently without having seen each other’s, until somebody who has seen both says it again. */
  readonly conflicts: readonly Conflict[];
  /** Number of the last entry, 0 for an empty log. */
  readonly last: number;
  readonly updatedAt: string;
}

/** What is known of a job before its first entry. */
export interface JobHead {
  readonly id: string;
  readonly title: string;
  readonly createdAt: string;
  /** When its customer was erased; left out where that did not happen. */
  readonly erasedAt?: string;
}
