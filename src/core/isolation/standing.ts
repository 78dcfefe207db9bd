// Over 300 lines: the one notion of a proof and the one list of what ends it, to be read whole.
import { said, type Text } from '../said';
import { isAfter, isBefore, byTime, type Moment, type Until } from '../log/moment';
import { Timeline } from '../log/timeline';
import type { Guard, Happening, HappeningOf, Mark, OtherFeed } from './happening';
import { Plugs, type PlugState } from './plugs';
import { Presence, type Writing } from './presence';
import {
  DEAD_VOLTS_MOST,
  PROOF_PROBLEMS,
  isBellVoltage,
  proofProblem,
  voltsRead,
  type BellProof,
  type Proof,
} from './proof';

/** The one list of what ends a proof (domain/safety). */
export const PROOF_ENDS = [
  'switched',
  'switchedOnByWork',
  'signOfLife',
  'neutralVolts',
  'wayChanged',
  'placeChanged',
  'struck',
  'away',
  'personChanged',
  'somebodyElse',
] as const;
export type ProofEnd = (typeof PROOF_ENDS)[number];

/** Why a proof stands no more, or never stood. */
export const PROOF_WHYS = [
  ...PROOF_ENDS,
  ...PROOF_PROBLEMS,
  'takenBack',
  'noPlace',
  'noSwitching',
  'notOff',
  'notTagged',
  'notGuarded',
  'late',
  'imported',
  'simulated',
] as const;
export type ProofWhy = (typeof PROOF_WHYS)[number];

/** A proof as it stands. */
export interface StandingProof {
  readonly entryId: string;
  readonly placeId: string | null;
  readonly mark: Mark;
  readonly writtenAt: Moment;
  readonly proof: Proof;
  readonly stands: boolean;
  /** The entry that ended it; null where it stands, or never stood. */
  readonly endedBy: string | null;
  readonly why: ProofWhy | null;
}

interface Off {
  readonly since: Mark;
  readonly tagged: boolean;
  readonly guard: Guard | null;
  /** The entry that says so: a proof names it. */
  readonly switchingId: string;
}

/** The state of a breaker: it is the same at all places that it feeds. Proved dead it is where a proof of it stands. */
export type CircuitState =
  | { readonly state: 'unknown' }
  | { readonly state: 'live'; readonly since: Mark }
  | ({ readonly state: 'off' } & Off)
  | ({ readonly state: 'provedDead' } & Off);

/** The state in words, for a line of text. */
export const CIRCUIT_STATE_WORDS: Readonly<Record<CircuitState['state'], Text>> = {
  unknown: said('notKnown'),
  live: said('live'),
  off: said('offNotProved'),
  provedDead: said('provedDead'),
};

export const NOT_KNOWN: CircuitState = { state: 'unknown' };

/** A circuit that was named, as far as live and dead go. */
export interface NamedCircuit {
  /** Ids under which it was named. */
  readonly ids: readonly string[];
  /** Ids of circuits that may be the same breaker: what ends a proof of one ends that of the other. */
  readonly mayBe: readonly string[];
  /** Places that it feeds. */
  readonly placeIds: readonly string[];
  /** When it was named. */
  readonly namedAt: Moment;
  /** When both were answered: a second feed, a shared neutral? */
  readonly lookedAt: Moment | null;
  /** Second feeds that it was named as. */
  readonly namedAs: readonly OtherFeed[];
}

/** A second feed that was seen at a place. */
export interface Sighting {
  readonly feed: OtherFeed;
  readonly placeId: string;
  readonly seenAt: Moment;
}

export interface IsolationLog {
  readonly circuits: readonly NamedCircuit[];
  readonly happenings: readonly Happening[];
  readonly sightings: readonly Sighting[];
  /** When each person wrote anything at all in the job. */
  readonly writings: readonly Writing[];
}

/** Something that ends proofs. */
interface End {
  readonly moment: Moment;
  readonly entryId: string;
  readonly byId: string;
  readonly why: ProofEnd;
}
type Proved = HappeningOf<'proved'>;
type Switched = HappeningOf<'switched'>;
type Guarded = HappeningOf<'guarded'>;
/** Hands in a place: whose, null where that is not known. */
interface Hands {
  readonly moment: Moment;
  readonly entryId: string;
  readonly byId: string | null;
  readonly byName: string;
}

/** What a happening says of the state of a circuit, and what it does to its proofs. */
interface Track {
  /** What sets the state: all that counts. */
  readonly setters: Happening[];
  /** Its own switchings, struck ones too. */
  readonly switchings: Switched[];
  readonly ends: End[];
  readonly proofs: Proved[];
  readonly guards: Guarded[];
}

const NO_ENDS = new Timeline<End>([]);

/** A circuit with its timelines. */
class CircuitTrack {
  readonly setters: Timeline<Happening>;
  readonly switchings: ReadonlyMap<string, Switched>;
  readonly ends: Timeline<End>;
  readonly proofs: Timeline<Proved>;
  private readonly guards: Timeline<Guarded>;

  constructor(
    readonly named: NamedCircuit,
    { setters, switchings, ends, proofs, guards }: Track,
  ) {
    this.setters = new Timeline(setters);
    this.ends = new Timeline(ends);
    this.proofs = new Timeline(proofs);
    this.guards = new Timeline(guards);
    this.switchings = new Map(switchings.map((one) => [one.moment.id, one]));
  }

  /** What keeps a breaker off since it was switched, before a moment; null where nothing does. */
  guardOf({ guard, moment }: Switched, until: Until | null): Guard | null {
    if (guard !== null) return guard;
    const later = this.guards.lastBefore(until);
    return later && isBefore(moment, later.moment) && (until === null || isBefore(later.moment, until))
      ? later.guard
      : null;
  }
}

const push = <K, V>(map: Map<K, V[]>, key: K, value: V): void => {
  const list = map.get(key);
  if (list) list.push(value);
  else map.set(key, [value]);
};

/** Why a happening ends the proofs of a circuit or a place that it is about; null where it ends none. */
function endOf(happening: Happening): ProofEnd | null {
  switch (happening.what) {
    case 'switched':
      return 'switched';
    case 'relit':
      return 'switchedOnByWork';
    case 'life':
      return 'signOfLife';
    case 'doubt':
      return 'neutralVolts';
    case 'wayChanged':
      return 'wayChanged';
    case 'placeChanged':
      return 'placeChanged';
    case 'meddled':
      return 'struck';
    default:
      return null;
  }
}

const circuitIdsOf = (happening: Happening): readonly string[] =>
  'circuitIds' in happening ? happening.circuitIds : 'circuitId' in happening ? [happening.circuitId] : [];
const placeIdsOf = (happening: Happening): readonly string[] =>
  'placeIds' in happening && happening.what !== 'mainsStep' && happening.what !== 'closed' ? happening.placeIds : [];

/** Whether it sets the state of its own circuit; of one that may be the same breaker only what makes it live does. */
function setsState(happening: Happening, own: boolean): boolean {
  if (!happening.counts) return false;
  switch (happening.what) {
    case 'switched':
      return own || happening.to === 'on';
    case 'relit':
    case 'life':
      return true;
    case 'wayChanged':
      return own;
    default:
      return false;
  }
}

/**
 * Live and dead of a whole job, from everything that was ever written of it: the one notion of a proof and the one list of
 * what ends it. Struck entries no longer say what is, but they end proofs.
 */
export class Isolation {
  private readonly tracks: readonly CircuitTrack[];
  private readonly trackOf = new Map<string, CircuitTrack>();
  private readonly placeEnds: ReadonlyMap<string, Timeline<End>>;
  private readonly personEnds: ReadonlyMap<string, Timeline<End>>;
  private readonly hands: ReadonlyMap<string, readonly Hands[]>;
  private readonly closings: ReadonlyMap<string, Timeline<{ readonly moment: Moment }>>;
  private readonly handsOfOthers = new Map<string, Timeline<Hands>>();
  private readonly presence: Presence;
  private readonly plugs: Plugs;
  /** When more than bell voltage stood on the bell side of a supply, and when a reason was written. */
  private readonly highs = new Map<string, Moment[]>();
  private readonly reasons = new Map<string, Moment[]>();

  constructor(private readonly log: IsolationLog) {
    const tracks = log.circuits.map((): Track => ({ setters: [], switchings: [], ends: [], proofs: [], guards: [] }));
    const own = new Map<string, number>();
    const foreign = new Map<string, number[]>();
    log.circuits.forEach(({ ids, mayBe }, i) => {
      for (const id of ids) own.set(id, i);
      for (const id of mayBe) push(foreign, id, i);
    });
    const places = new Map<string, End[]>();
    const persons = new Map<string, End[]>();
    const hands = new Map<string, Hands[]>();
    const closings = new Map<string, { readonly moment: Moment }[]>();
    for (const happening of log.happenings) {
      const { moment, mark } = happening;
      const why = endOf(happening);
      const end = (reason: ProofEnd): End => ({ moment, entryId: moment.id, byId: mark.byId, why: reason });
      for (const id of circuitIdsOf(happening)) {
        const at = own.get(id);
        const track = at === undefined ? undefined : tracks[at];
        if (track && why) track.ends.push(end(why));
        if (track && happening.what === 'proved') track.proofs.push(happening);
        if (track && happening.what === 'switched') track.switchings.push(happening);
        if (track && happening.what === 'guarded' && happening.counts) track.guards.push(happening);
        if (track && setsState(happening, true)) track.setters.push(happening);
        for (const other of foreign.get(id) ?? []) {
          const there = tracks[other];
          if (there && why) there.ends.push(end(why));
          if (there && setsState(happening, false)) there.setters.push(happening);
        }
      }
      for (const id of placeIdsOf(happening)) if (why) push(places, id, end(why));
      if (happening.what === 'life') for (const id of happening.highAt) push(this.highs, id, moment);
      if (happening.what === 'explained' && happening.counts) push(this.reasons, happening.supplyId, moment);
      if (happening.what === 'away') push(persons, mark.byId, end('away'));
      if (happening.what === 'handedOver')
        for (const id of happening.personIds) push(persons, id, end('personChanged'));
      const put = (placeId: string, byId: string | null): void =>
        push(hands, placeId, { moment, entryId: moment.id, byId, byName: mark.byName });
      if (happening.what === 'mainsStep') for (const id of happening.placeIds) put(id, happening.byId);
      // A proof is the step of the cover: hands are in the box with it
      if (happening.what === 'proved' && happening.proof.weight === 'mains' && happening.placeId !== null)
        put(happening.placeId, mark.byId);
      if (happening.what === 'closed' && happening.counts)
        for (const id of happening.placeIds) push(closings, id, { moment });
    }
    const timelines = <T extends { readonly moment: Moment }>(map: ReadonlyMap<string, readonly T[]>) =>
      new Map([...map].map(([id, list]) => [id, new Timeline(list)] as const));
    this.placeEnds = timelines(places);
    this.personEnds = timelines(persons);
    this.hands = hands;
    this.closings = timelines(closings);
    this.tracks = log.circuits.map(
      (named, i) =>
        new CircuitTrack(named, tracks[i] ?? { setters: [], switchings: [], ends: [], proofs: [], guards: [] }),
    );
    for (const track of this.tracks) for (const id of track.named.ids) this.trackOf.set(id, track);
    this.plugs = new Plugs(log.happenings, this.placeEnds, this.personEnds);
    this.presence = new Presence(
      log.writings,
      log.happenings.flatMap(({ what, counts, mark, moment }) =>
        what === 'stayed' && counts ? [{ byId: mark.byId, at: moment.at }] : [],
      ),
    );
  }

  /** Hands at a place other than a person’s. */
  private othersHands(placeId: string, personId: string): Timeline<Hands> {
    const key = JSON.stringify([placeId, personId]);
    const known =
      this.handsOfOthers.get(key) ??
      new Timeline((this.hands.get(placeId) ?? []).filter(({ byId }) => byId !== personId));
    this.handsOfOthers.set(key, known);
    return known;
  }

  /** The switching-off that a proof stands on: the one that it names, else the last before it; struck ones stood once. */
  private switchingOf(track: CircuitTrack, { switchingId, moment }: Proved): Switched | null {
    if (switchingId !== null) return track.switchings.get(switchingId) ?? null;
    const last = track.setters.lastBefore(moment);
    if (last?.what === 'switched') return last;
    return [...track.switchings.values()].findLast((one) => !one.counts && byTime(one.moment, moment) < 0) ?? null;
  }

  /** Why a proof does not stand, as far as was written before a moment; null where it does. */
  private whyNot(
    track: CircuitTrack,
    proved: Proved,
    until: Until | null,
  ): { readonly why: ProofWhy; readonly endedBy: string | null } | null {
    const never = (why: ProofWhy) => ({ why, endedBy: null });
    const { proof, placeId, moment, mark, seen } = proved;
    if (proved.imported && until?.history !== true) return never('imported');
    const problem = proofProblem(proof);
    if (problem) return never(problem);
    if (proof.weight === 'mains' && proof.simulated) return never('simulated');
    if (placeId === null) return never('noPlace');
    const switching = this.switchingOf(track, proved);
    if (!switching) return never('noSwitching');
    if (switching.to !== 'off' || !isBefore(switching.moment, moment)) return never('notOff');
    if (!switching.tagged) return never('notTagged');
    const isGuarded =
      track.guardOf(switching, moment) !== null || (until?.history && 'locked' in proof && proof.locked);
    if (proof.weight === 'mains' && !isGuarded) return never('notGuarded');
    const setter = track.setters.after(switching.moment, until);
    if (setter && isBefore(setter.moment, moment)) return never('notOff');
    const place = this.placeEnds.get(placeId) ?? NO_ENDS;
    const unseen = [...track.ends.numbered(seen, moment.seq), ...place.numbered(seen, moment.seq)];
    if (unseen.some(({ byId }) => byId !== mark.byId)) return never('late');
    const [end] = [
      track.ends.after(moment, until),
      place.after(moment, until),
      ...(proof.weight === 'bell' ? [] : [(this.personEnds.get(mark.byId) ?? NO_ENDS).after(moment, until)]),
    ]
      .filter((one) => one !== null)
      .toSorted((a, b) => a.moment.seq - b.moment.seq);
    if (end) return { why: end.why, endedBy: end.entryId };
    // Struck by what came before it: by an order of arrival that nobody meant
    if (!proved.counts) return never('takenBack');
    if (!switching.counts) return never('noSwitching');
    if (proof.weight === 'bell') return null;
    const hands = this.othersHands(placeId, mark.byId).after(moment, until);
    return hands ? { why: 'somebodyElse', endedBy: hands.entryId } : null;
  }

  /** The proofs of a circuit, as they stand now. */
  proofsOf(circuitId: string): readonly StandingProof[] {
    const track = this.trackOf.get(circuitId);
    return (track?.proofs.all ?? []).map((proved): StandingProof => {
      const not = track ? this.whyNot(track, proved, null) : null;
      const { placeId, mark, proof, moment } = proved;
      return {
        entryId: moment.id,
        placeId,
        mark,
        writtenAt: moment,
        proof,
        stands: not === null,
        endedBy: not?.endedBy ?? null,
        why: not?.why ?? null,
      };
    });
  }

  /** The proofs of a circuit that stood just before a moment, the last first. */
  private *standing(
    track: CircuitTrack,
    isAsked: (proved: Proved) => boolean,
    until: Until | null,
  ): Generator<Proved, void> {
    const lastEnd = track.ends.lastBefore(until);
    const { all } = track.proofs;
    for (let i = track.proofs.countBefore(until) - 1; i >= 0; i--) {
      const proved = all[i];
      // What is older than the last end of all has ended
      if (!proved || (lastEnd && byTime(proved.moment, lastEnd.moment) < 0)) return;
      if (until !== null && !isBefore(proved.moment, until)) continue;
      if (isAsked(proved) && this.whyNot(track, proved, until) === null) yield proved;
    }
  }

  /** What a circuit is by what was written of it before a moment, proofs left out. */
  private baseOf(track: CircuitTrack, until: Until | null): Exclude<CircuitState, { state: 'provedDead' }> {
    const last = track.setters.lastBefore(until);
    if (!last) return { state: 'unknown' };
    // By the order of arrival another one says the last word: nobody knows which it is
    const other = track.setters.after(last.moment, until);
    if (other) return { state: 'unknown' };
    if (last.what === 'relit') return { state: 'live', since: last.mark };
    if (last.what !== 'switched') return { state: 'unknown' };
    if (!track.named.ids.includes(last.circuitId)) return { state: 'unknown' };
    if (last.to === 'on') {
      // It was read dead after that, and the word of it came later
      const contradicted =
        until === null &&
        track.proofs.all.some(
          ({ moment, proof, counts }) =>
            counts && proofProblem(proof) === null && isAfter(last.moment, moment) && isAfter(moment, last.moment),
        );
      return contradicted ? { state: 'unknown' } : { state: 'live', since: last.mark };
    }
    return {
      state: 'off',
      since: last.mark,
      tagged: last.tagged,
      guard: track.guardOf(last, until),
      switchingId: last.moment.id,
    };
  }

  /** The state of a circuit. @param until as it was just before this moment; null: now */
  stateOf(circuitId: string, until: Until | null = null): CircuitState {
    const track = this.trackOf.get(circuitId);
    if (!track) return NOT_KNOWN;
    const base = this.baseOf(track, until);
    if (base.state !== 'off') return base;
    const [proof] = this.standing(track, () => true, until);
    return proof ? { ...base, state: 'provedDead', since: proof.mark } : base;
  }

  /** What was read as bell voltage since the circuit was last switched: it proves nothing dead. */
  bellReadOf(circuitId: string, until: Until | null = null): (BellProof & { readonly mark: Mark }) | null {
    const track = this.trackOf.get(circuitId);
    const last = track?.proofs.all.findLast(
      ({ proof, counts, moment }) => proof.weight === 'bell' && counts && (until === null || byTime(moment, until) < 0),
    );
    if (!track || last?.proof.weight !== 'bell' || last.imported || !isBellVoltage(last.proof)) return null;
    // Volts on a bell side that is worked on live are no news; anything else may be another circuit by now
    const isOver = track.ends.all.some(
      (end) =>
        end.why !== 'signOfLife' &&
        isAfter(end.moment, last.moment) &&
        (until === null || byTime(end.moment, until) < 0),
    );
    return isOver ? null : { ...last.proof, mark: last.mark };
  }

  /** Circuits that feed a place, by their first ids. */
  circuitsAt(placeId: string, until: Until | null = null): readonly string[] {
    return this.log.circuits.flatMap(({ ids, placeIds, namedAt }) =>
      placeIds.includes(placeId) && (until === null || byTime(namedAt, until) < 0) ? (ids[0] ?? []) : [],
    );
  }

  /** The mains proof of a circuit at a place that stands: a person’s own first. */
  mainsProofAt(circuitId: string, placeId: string, who: string | null, until: Until | null = null): Proved | null {
    const track = this.trackOf.get(circuitId);
    if (!track) return null;
    const standing = [
      ...this.standing(
        track,
        ({ proof, placeId: at }) =>
          proof.weight === 'mains' && (at === placeId || (until?.history === true && at === until.anywhere)),
        until,
      ),
    ];
    return standing.find(({ mark }) => mark.byId === who) ?? standing[0] ?? null;
  }

  bellProofAt(circuitId: string, supplyId: string, until: Until | null = null): Proved | null {
    const track = this.trackOf.get(circuitId);
    if (!track) return null;
    const [proof] = this.standing(
      track,
      ({ proof: read, placeId }) => read.weight === 'bell' && placeId === supplyId,
      until,
    );
    return proof ?? null;
  }

  /** Whether somebody was away from the work for so long, since a moment, that they are asked about it first. */
  isAskedWhere(personId: string, since: Moment, now: number): boolean {
    return this.presence.isUnanswered(personId, since.at, now);
  }

  /** Whether both were looked for at every circuit of a place. */
  isLooked(placeId: string, until: Until | null = null): boolean {
    return this.log.circuits
      .filter(({ placeIds, namedAt }) => placeIds.includes(placeId) && (until === null || byTime(namedAt, until) < 0))
      .every(({ lookedAt }) => lookedAt !== null && (until === null || byTime(lookedAt, until) < 0));
  }

  /** A second feed that was seen at a place and that no circuit was named as; null where there is none. */
  unnamedAt(placeId: string, until: Until | null = null): OtherFeed | null {
    const there = this.log.circuits.filter(
      ({ placeIds, namedAt }) => placeIds.includes(placeId) && (until === null || byTime(namedAt, until) < 0),
    );
    // One that may be another is no second one
    const further = there.filter(
      ({ mayBe, ids }, i) =>
        i > 0 && !there.slice(0, i).some((other) => other.ids.some((id) => mayBe.includes(id) || ids.includes(id))),
    );
    const seen = this.log.sightings
      .filter((sighting) => sighting.placeId === placeId && (until === null || byTime(sighting.seenAt, until) < 0))
      .map(({ feed }) => feed);
    const open = [...new Set(seen)].filter((feed) => !further.some(({ namedAs }) => namedAs.includes(feed)));
    // One that was named without a word of what it is answers for one of them
    const unsaid = further.filter(({ namedAs }) => namedAs.length === 0).length;
    const [first] = (['joined', 'inBox', 'sharedNeutral'] as const).filter((feed) => open.includes(feed)).slice(unsaid);
    return first ?? null;
  }

  /** Whether a second feed was seen at a place. */
  isSeenAt(feed: OtherFeed, placeId: string, until: Until | null = null): boolean {
    return this.log.sightings.some(
      (one) => one.feed === feed && one.placeId === placeId && (until === null || byTime(one.seenAt, until) < 0),
    );
  }

  /** Whether more than bell voltage stood on a bell side, and nobody has written why. */
  isHigh(supplyId: string, until: Until | null = null): boolean {
    const before = (one: Moment): boolean => until === null || byTime(one, until) < 0;
    const reasons = (this.reasons.get(supplyId) ?? []).filter(before);
    return (this.highs.get(supplyId) ?? []).some(
      (high) => before(high) && !reasons.some((reason) => isBefore(high, reason)),
    );
  }

  /** How the plug of a supply was seen last. */
  plugOf(supplyId: string, until: Until | null = null): PlugState {
    return this.plugs.stateOf(supplyId, until);
  }

  /** When somebody saw the plug of a supply out of its outlet, and it holds: their own sight of it first; null: nobody did. */
  plugOutOf(supplyId: string, who: string | null, until: Until | null = null): HappeningOf<'plug'> | null {
    const seen = this.plugs.outOf(supplyId, until);
    return seen.find(({ mark }) => mark.byId === who) ?? seen[0] ?? null;
  }

  /** In an answer stands what follows from it, not how it was worked out. */
  toJSON(): undefined {
    return undefined;
  }

  /** Places that are open: hands were in their mains, or they were proved, and their closing step is not done. */
  openPlaces(): readonly { readonly placeId: string; readonly byId: string | null; readonly byName: string }[] {
    return [...this.hands].flatMap(([placeId, all]) => {
      const closings = this.closings.get(placeId);
      const since = all.filter(({ moment }) => {
        const last = closings?.all.at(-1);
        return last === undefined || isAfter(moment, last.moment);
      });
      const last = since.toSorted((a, b) => byTime(a.moment, b.moment)).at(-1);
      return last ? [{ placeId, byId: last.byId, byName: last.byName }] : [];
    });
  }

  /** Whether somebody answers for a place since hands were last in it. */
  isCleared(placeId: string): boolean {
    const last = (this.hands.get(placeId) ?? []).toSorted((a, b) => byTime(a.moment, b.moment)).at(-1);
    return this.log.happenings.some(
      (one) =>
        one.what === 'cleared' &&
        one.counts &&
        one.placeId === placeId &&
        (last === undefined || isBefore(last.moment, one.moment)),
    );
  }
}

/** Whether a proof's own figures are a sign of life. */
export const showsLife = (proof: Proof): boolean => voltsRead(proof) > DEAD_VOLTS_MOST;
