import type { Moment } from '../log/moment';
import type { Proof } from './proof';

/** Who did something, and when (ISO 8601 with offset). */
export interface Mark {
  readonly byId: string;
  readonly byName: string;
  readonly at: string;
}

/** What keeps a breaker off: a lock and its key; where none fits, the fuse taken out, or somebody who watches the board. */
export const GUARDS = ['locked', 'fuseOut', 'watched'] as const;
export type Guard = (typeof GUARDS)[number];

/** A second feed as it was seen: transformers joined, a further circuit in the box, a neutral that two share. */
export const OTHER_FEEDS = ['joined', 'inBox', 'sharedNeutral'] as const;
export type OtherFeed = (typeof OTHER_FEEDS)[number];

/** Everything that says something of live and dead, wherever it was written. */
export type What =
  | {
      readonly what: 'switched';
      readonly circuitId: string;
      readonly to: 'on' | 'off';
      readonly tagged: boolean;
      readonly guard: Guard | null;
    }
  | { readonly what: 'guarded'; readonly circuitId: string; readonly guard: Guard }
  /** A proof as it was written; whether it stands is worked out. `switchingId`: the switching-off that it names. */
  | {
      readonly what: 'proved';
      readonly circuitId: string;
      readonly proof: Proof;
      readonly placeId: string | null;
      readonly switchingId: string | null;
    }
  /** Switched on without a word of the breaker: a step that energises, a hunt that put the way back, a check that is lit. */
  | {
      readonly what: 'relit';
      readonly circuitIds: readonly string[];
      /** Places that are fed with it, whatever feeds them: a breaker, a plug. */
      readonly fedIds: readonly string[];
    }
  /** Volts, a light, a ring: somebody turned it on, or it is another breaker. */
  | {
      readonly what: 'life';
      readonly circuitIds: readonly string[];
      readonly placeIds: readonly string[];
      /** Supplies on whose bell side more than bell voltage stood. */
      readonly highAt: readonly string[];
    }
  /** Volts that are neither passed nor called live: between neutral and ground alone. */
  | { readonly what: 'doubt'; readonly circuitIds: readonly string[]; readonly placeIds: readonly string[] }
  /** Another way for a circuit. */
  | { readonly what: 'wayChanged'; readonly circuitIds: readonly string[] }
  /** What is in a place changed: a cable, a further feed, a box. */
  | { readonly what: 'placeChanged'; readonly placeIds: readonly string[] }
  /** Something about it was struck or corrected. */
  | { readonly what: 'meddled'; readonly circuitIds: readonly string[]; readonly placeIds: readonly string[] }
  /** Somebody was away from the work. */
  | { readonly what: 'away' }
  /** Somebody says that they stood at it all the time. */
  | { readonly what: 'stayed' }
  /** Another person at a screen: the proofs of these end. */
  | { readonly what: 'handedOver'; readonly personIds: readonly string[] }
  /** Hands in the mains of a place; `byId` null: somebody else than who wrote it. */
  | { readonly what: 'mainsStep'; readonly placeIds: readonly string[]; readonly byId: string | null }
  /** The step that closes a place. */
  | { readonly what: 'closed'; readonly placeIds: readonly string[] }
  /** Why more than bell voltage stood on a bell side. */
  | { readonly what: 'explained'; readonly supplyId: string }
  /** The plug of a supply as somebody saw it. */
  | { readonly what: 'plug'; readonly supplyId: string; readonly out: boolean }
  /** Somebody answers for an open place: what is on may be switched on. */
  | { readonly what: 'cleared'; readonly placeId: string };

export type Happening = What & {
  readonly moment: Moment;
  readonly mark: Mark;
  /** Neither struck nor corrected: it says what is. What ends a proof ends it all the same. */
  readonly counts: boolean;
  /** The highest number that its writer’s device knew. */
  readonly seen: number;
  /** Taken in with a file: history. */
  readonly imported: boolean;
};

export type HappeningOf<W extends What['what']> = Extract<Happening, { readonly what: W }>;
