import type { Entry, EntryOf } from '@/core/kinds';

// What may be touched, read off a log entry by entry and slowly, from docs/domain/safety.md alone: nothing of the program’s
// own reading of live and dead is in it. Each rule is a line that looks through the whole log.

const TWENTY_MINUTES = 20 * 60_000;

/** When an entry was written, by its own time and by its number. */
const at = (entry: Entry): number => Math.min(Date.parse(entry.at), Date.parse(entry.receivedAt));
const earlier = (one: Entry, other: Entry): boolean =>
  at(one) < at(other) || (at(one) === at(other) && one.id < other.id);
/** Before it by both orders. */
const before = (one: Entry, other: Entry): boolean => earlier(one, other) && one.seq < other.seq;
/** After it by either. */
const after = (one: Entry, other: Entry): boolean => earlier(other, one) || one.seq > other.seq;

export class SafetyOracle {
  private readonly entries: readonly Entry[];

  constructor(given: readonly Entry[]) {
    this.entries = [...given].sort((a, b) => (earlier(a, b) ? -1 : 1));
  }

  private all<K extends Entry['kind']>(kind: K): readonly EntryOf<K>[] {
    return this.entries.filter((entry): entry is EntryOf<K> => entry.kind === kind);
  }

  private isStruck(id: string, depth = 0): boolean {
    if (depth > this.entries.length) return false;
    return this.all('entryStruck').some((strike) => strike.data.target === id && !this.isStruck(strike.id, depth + 1));
  }

  private counts(entry: Entry): boolean {
    return !this.isStruck(entry.id) && !this.entries.some((one) => one.corrects === entry.id && !this.isStruck(one.id));
  }

  /** Circuits that were said to be one, and still are. */
  private sameAs(circuitId: string): readonly string[] {
    const ids = [circuitId];
    for (const id of ids)
      for (const { data } of this.all('circuitsCompared').filter((entry) => this.counts(entry))) {
        if (data.same !== 'yes') continue;
        for (const [one, other] of [
          [data.circuitId, data.otherId],
          [data.otherId, data.circuitId],
        ] as const)
          if (one === id && !ids.includes(other)) ids.push(other);
      }
    // A later no of the same pair takes it back
    return ids.filter((id) => id === circuitId || this.isLinked(circuitId, id));
  }

  private isLinked(one: string, other: string, seen: readonly string[] = []): boolean {
    const known = [...new Set(this.entries.flatMap((entry) => circuitsIn(entry)))];
    return known.some((next) => {
      if (next === one || seen.includes(next)) return false;
      const answers = this.all('circuitsCompared').filter(
        (entry) =>
          this.counts(entry) &&
          ((entry.data.circuitId === one && entry.data.otherId === next) ||
            (entry.data.circuitId === next && entry.data.otherId === one)),
      );
      if (answers.at(-1)?.data.same !== 'yes') return false;
      return next === other || this.isLinked(next, other, [...seen, one]);
    });
  }

  /** Numbers of the breakers under which a circuit was ever named. */
  private breakers(circuitId: string): readonly number[] {
    return this.all('circuitListed').flatMap(({ data }) =>
      data.circuitId === circuitId && data.way != null ? [Number(/\d+/.exec(data.way)?.[0])] : [],
    );
  }

  /** Circuits that are at once one with it for all that ends a proof. */
  private oneBreaker(circuitId: string): readonly string[] {
    const own = this.sameAs(circuitId);
    const numbers = own.flatMap((id) => this.breakers(id));
    const known = [...new Set(this.entries.flatMap(circuitsIn))];
    const alike = known.filter((id) => this.breakers(id).some((number) => numbers.includes(number)));
    return [...new Set([...own, ...alike.flatMap((id) => this.sameAs(id))])];
  }

  /** Places of a point, now or at any time. */
  private placesEver(pointId: string): readonly string[] {
    return this.entries.flatMap((entry) => {
      if (entry.kind !== 'pointAdded' && entry.kind !== 'pointHung') return [];
      const { data } = entry;
      if (data.pointId !== pointId) return [];
      const box = data.boxId ?? data.pointId;
      return [box, `${box}/switch`, ...(data.supplyId == null ? [] : [data.supplyId])];
    });
  }

  private placesNow(pointId: string): readonly string[] {
    let box: string | null = null;
    let supply: string | null = null;
    for (const entry of this.entries) {
      if (entry.kind !== 'pointAdded' && entry.kind !== 'pointHung') continue;
      if (entry.data.pointId !== pointId || !this.counts(entry)) continue;
      box = entry.data.boxId ?? box ?? pointId;
      supply = entry.data.supplyId ?? supply;
    }
    return box === null ? [] : [box, `${box}/switch`, ...(supply === null ? [] : [supply])];
  }

  private feedsNow(circuitId: string): readonly string[] {
    return this.sameAs(circuitId).flatMap(
      (id) =>
        this.all('circuitListed').findLast(
          (entry) => entry.data.circuitId === id && entry.data.feeds !== undefined && this.counts(entry),
        )?.data.feeds ?? [],
    );
  }

  private feedsEver(circuitId: string): readonly string[] {
    return this.all('circuitListed').flatMap(({ data }) => (data.circuitId === circuitId ? (data.feeds ?? []) : []));
  }

  /** Circuits, each once, that feed a place; the one that was named first stands for those that are one. */
  private circuitsAt(place: string): readonly string[] {
    const known = [...new Set(this.entries.flatMap(circuitsIn))];
    const first = known.filter((id, i) => !known.slice(0, i).some((other) => this.sameAs(other).includes(id)));
    return first.filter((id) => this.feedsNow(id).some((point) => this.placesNow(point).includes(place)));
  }

  /** Whether an entry shows or makes a breaker live: switched on, put back, volts, a light. */
  private isLive(entry: Entry, circuitIds: readonly string[]): boolean {
    const feeds = (pointIds: readonly string[]): boolean => {
      const places = pointIds.flatMap((id) => this.placesEver(id));
      return circuitIds.some((id) =>
        this.feedsEver(id).some((p) => this.placesEver(p).some((x) => places.includes(x))),
      );
    };
    switch (entry.kind) {
      case 'circuitSwitched':
        return entry.data.to === 'on' && circuitIds.includes(entry.data.circuitId);
      case 'stepTicked':
        return energises(entry) && feeds([entry.data.pointId]);
      case 'huntTested': {
        const numbers = entry.data.dropped.map((id) => Number(/\d+$/.exec(id)?.[0]));
        return circuitIds.some((id) => this.breakers(id).some((number) => numbers.includes(number)));
      }
      case 'checkDone':
        return entry.data.result === 'passed' && feeds([entry.data.pointId]);
      case 'readingTaken':
        return showsVolts(entry) && feeds([entry.data.pointId]);
      case 'conductorTested':
        return entry.data.test === 'toGround' && entry.data.value > 1 && feeds(this.pointsOfBox(entry.data.boxId));
      case 'hintNoted':
        return (
          ['bellRings', 'lampLit', 'penBeeps'].includes(entry.data.hint) && circuitIds.includes(entry.data.circuitId)
        );
      case 'deadProved':
        return circuitIds.includes(entry.data.circuitId) && voltsOf(entry) > 1;
      default:
        return false;
    }
  }

  private pointsOfBox(boxId: string): readonly string[] {
    return this.entries.flatMap((entry) =>
      (entry.kind === 'pointAdded' || entry.kind === 'pointHung') && entry.data.boxId === boxId
        ? [entry.data.pointId]
        : [],
    );
  }

  /** What an entry that was struck or corrected was about. */
  private targetOf(entry: Entry): Entry | undefined {
    const id = entry.kind === 'entryStruck' ? entry.data.target : entry.corrects;
    const target = this.entries.find((one) => one.id === id);
    // A strike of a strike meddles with what that one struck
    return target && (target.kind === 'entryStruck' || target.corrects !== undefined) && earlier(target, entry)
      ? (this.targetOf(target) ?? target)
      : target && earlier(target, entry)
        ? target
        : undefined;
  }

  /** Whether an entry says anything of a breaker that a proof of it hangs on. */
  private isAbout(entry: Entry, circuitIds: readonly string[]): boolean {
    if (this.isLive(entry, circuitIds)) return true;
    return circuitsIn(entry).some((id) => circuitIds.includes(id));
  }

  /** Whether an entry says what is in a place. */
  private isOfPlace(entry: Entry, place: string, isTarget = false): boolean {
    switch (entry.kind) {
      case 'cableDescribed':
        return this.insides(entry.data.boxId).includes(place);
      case 'conductorTested':
        return entry.data.value > 1 && this.insides(entry.data.boxId).includes(place);
      case 'pointHung':
        return this.placesEver(entry.data.pointId).includes(place);
      case 'transformerDescribed':
        return entry.data.joined === 'yes' && entry.data.supplyId === place;
      case 'plugSeen':
        return isTarget && entry.data.supplyId === place;
      case 'deadProved':
        return entry.data.placeId === place && (voltsOf(entry) > 1 || neutralAlone(entry));
      case 'circuitListed': {
        // Further points hang on it now, or a further feed was seen wherever it goes
        const isSeen = entry.data.otherInBox === 'yes' || entry.data.sharedNeutral === 'yes';
        const points = isSeen ? [...(entry.data.feeds ?? []), ...this.feedsBefore(entry)] : this.freshFeeds(entry);
        return points.some((p) => this.placesEver(p).includes(place));
      }
      case 'readingTaken':
        return showsVolts(entry) && this.placesEver(entry.data.pointId).includes(place);
      default:
        return false;
    }
  }

  private circuitsEverAt(place: string): readonly string[] {
    const known = [...new Set(this.entries.flatMap(circuitsIn))];
    return known.filter((id) => this.feedsEver(id).some((p) => this.placesEver(p).includes(place)));
  }

  /** A box, and the transformer whose primary is in it. */
  private insides(boxId: string): readonly string[] {
    return [
      boxId,
      ...this.entries.flatMap((entry) =>
        (entry.kind === 'pointAdded' || entry.kind === 'pointHung') &&
        entry.data.boxId === boxId &&
        entry.data.supplyId != null
          ? [entry.data.supplyId]
          : [],
      ),
    ];
  }

  private feedsBefore(entry: EntryOf<'circuitListed'>): readonly string[] {
    return (
      this.all('circuitListed').findLast(
        (one) =>
          one.data.circuitId === entry.data.circuitId &&
          one.data.feeds !== undefined &&
          this.counts(one) &&
          earlier(one, entry),
      )?.data.feeds ?? []
    );
  }

  private freshFeeds(entry: EntryOf<'circuitListed'>): readonly string[] {
    const known = this.feedsBefore(entry);
    return (entry.data.feeds ?? []).filter((point) => !known.includes(point));
  }

  private isNewWay(entry: EntryOf<'circuitListed'>): boolean {
    if (entry.data.way === undefined) return false;
    // Also one that was taken back has told of another breaker
    if (!this.counts(entry)) return true;
    const known = this.all('circuitListed').findLast(
      (one) =>
        one.data.circuitId === entry.data.circuitId &&
        one.data.way !== undefined &&
        this.counts(one) &&
        earlier(one, entry),
    );
    return known?.data.way != null && known.data.way !== entry.data.way;
  }

  /** Whether an entry ends the proofs of a breaker, wherever they were made. */
  private endsBreaker(entry: Entry, own: readonly string[], one: readonly string[]): boolean {
    if (this.isLive(entry, one)) return true;
    const target = this.targetOf(entry);
    if (target && this.isAbout(target, one)) return true;
    switch (entry.kind) {
      case 'circuitSwitched':
        return one.includes(entry.data.circuitId);
      case 'circuitListed':
        return one.includes(entry.data.circuitId) && this.isNewWay(entry);
      case 'circuitsCompared':
        return entry.data.same === 'yes' && [entry.data.circuitId, entry.data.otherId].some((id) => one.includes(id));
      case 'deadProved':
        return one.includes(entry.data.circuitId) && neutralAlone(entry);
      default:
        return own.length < 0;
    }
  }

  /** Whether an entry ends the proofs of a place. */
  private endsPlace(entry: Entry, place: string): boolean {
    const target = this.targetOf(entry);
    if (target && this.isOfPlace(target, place, true)) return true;
    return this.isOfPlace(entry, place);
  }

  /** Whether a proof stands. @param now only for what hangs on the person: they may have been away */
  private stands(proof: EntryOf<'deadProved'>, circuitId: string, place: string, now: number): boolean {
    const { data } = proof;
    const own = this.sameAs(circuitId);
    const one = this.oneBreaker(circuitId);
    if (proof.imported || !this.counts(proof) || !own.includes(data.circuitId) || data.placeId !== place) return false;
    if (!isProof(proof)) return false;
    const offs = this.all('circuitSwitched').filter((entry) => own.includes(entry.data.circuitId));
    const off =
      data.switchingId === undefined
        ? offs.findLast((entry) => this.counts(entry) && earlier(entry, proof))
        : offs.find(({ id }) => id === data.switchingId);
    if (!off || !this.counts(off) || off.data.to !== 'off' || off.data.tagged !== true || !before(off, proof))
      return false;
    const guarded =
      off.data.guard !== undefined ||
      this.all('breakerGuarded').some(
        (entry) =>
          own.includes(entry.data.circuitId) && this.counts(entry) && before(off, entry) && before(entry, proof),
      );
    if (data.weight === 'mains' && !guarded) return false;
    // Between the two nothing said that it is on, or another one
    const wasOn = this.entries.some(
      (entry) =>
        entry.id !== off.id &&
        this.counts(entry) &&
        after(entry, off) &&
        (this.isLive(entry, one) ||
          (entry.kind === 'circuitSwitched' && own.includes(entry.data.circuitId)) ||
          (entry.kind === 'circuitListed' && own.includes(entry.data.circuitId) && this.isNewWay(entry))),
    );
    if (wasOn) return false;
    const ends = (entry: Entry): boolean => this.endsBreaker(entry, own, one) || this.endsPlace(entry, place);
    if (this.entries.some((entry) => after(entry, proof) && ends(entry))) return false;
    const seen = proof.seen ?? proof.seq - 1;
    if (
      this.entries.some(
        (entry) => entry.seq > seen && entry.seq < proof.seq && entry.by.id !== proof.by.id && ends(entry),
      )
    )
      return false;
    return data.weight === 'bell' || this.isPersonThere(proof, place, now);
  }

  /** Whether whoever made a mains proof is still at it, and alone. */
  private isPersonThere(proof: EntryOf<'deadProved'>, place: string, now: number): boolean {
    const who = proof.by.id;
    const ended = this.entries.some((entry) => {
      if (!after(entry, proof)) return false;
      if (entry.kind === 'cameBack') return entry.by.id === who;
      if (entry.kind === 'personChanged') return entry.by.id === who || entry.data.fromId === who;
      if (entry.kind === 'deadProved')
        return entry.by.id !== who && entry.data.weight === 'mains' && entry.data.placeId === place;
      if (entry.kind !== 'stepTicked' || entry.data.touches !== 'mains') return false;
      const there =
        entry.data.placeId === undefined
          ? this.placesEver(entry.data.pointId).includes(place)
          : entry.data.placeId === place;
      return there && (entry.by.id !== who || entry.data.how === 'bySomebodyElse');
    });
    return !ended && !this.wasAway(proof, now);
  }

  /** Whether the person at the screen went away, or changed, since something they saw themselves. */
  private hasGone(since: Entry, now: number): boolean {
    const who = since.by.id;
    const ended = this.entries.some(
      (entry) =>
        after(entry, since) &&
        ((entry.kind === 'cameBack' && entry.by.id === who) ||
          (entry.kind === 'personChanged' && (entry.by.id === who || entry.data.fromId === who))),
    );
    return ended || this.wasAway(since, now);
  }

  /** Whether twenty minutes passed without a word of them, and they have not said that they stayed. */
  private wasAway(since: Entry, now: number): boolean {
    const who = since.by.id;
    const own = this.entries.filter(({ by }) => by.id === who);
    const words = own.map(at).filter((time) => time <= now);
    if (now - Math.max(...words) > TWENTY_MINUTES) return true;
    const stays = own.flatMap((entry) => (entry.kind === 'stayedAtWork' && this.counts(entry) ? [at(entry)] : []));
    const gaps = words.filter((time, i) => i > 0 && time > at(since) && time - (words[i - 1] ?? time) > TWENTY_MINUTES);
    return !gaps.every((back) => stays.some((stay) => stay >= back && stay <= now));
  }

  private hasProof(
    circuitId: string,
    place: string,
    weight: 'bell' | 'mains',
    who: string | null,
    now: number,
  ): boolean {
    return this.all('deadProved').some(
      (proof) =>
        proof.data.weight === weight &&
        (who === null || proof.by.id === who) &&
        this.stands(proof, circuitId, place, now),
    );
  }

  /** Second feeds that were seen at a place and that no further circuit was named as. */
  private isFeedOpen(place: string): readonly string[] {
    const circuits = this.circuitsAt(place);
    const further = circuits.filter(
      (id, i) => i > 0 && !circuits.slice(0, i).some((other) => this.oneBreaker(other).includes(id)),
    );
    const seen = [
      ...this.all('transformerDescribed').flatMap((entry) =>
        this.counts(entry) && entry.data.joined === 'yes' && entry.data.supplyId === place ? ['joined'] : [],
      ),
      ...this.all('circuitListed').flatMap((entry) => {
        const there = [...(entry.data.feeds ?? []), ...this.feedsBefore(entry)].some((p) =>
          this.placesEver(p).includes(place),
        );
        if (!this.counts(entry) || !there) return [];
        return [
          ...(entry.data.otherInBox === 'yes' ? ['inBox'] : []),
          ...(entry.data.sharedNeutral === 'yes' ? ['sharedNeutral'] : []),
        ];
      }),
    ];
    const namedAs = further.map((id) =>
      this.sameAs(id).flatMap(
        (one) =>
          this.all('circuitListed').findLast(
            (entry) => entry.data.circuitId === one && entry.data.namedAs !== undefined && this.counts(entry),
          )?.data.namedAs ?? [],
      ),
    );
    const open = [...new Set(seen)].filter(
      (feed) => !namedAs.some((named) => (named as readonly string[]).includes(feed)),
    );
    return ['joined', 'inBox', 'sharedNeutral']
      .filter((feed) => open.includes(feed))
      .slice(namedAs.filter((named) => named.length === 0).length);
  }

  private isLooked(circuitId: string): boolean {
    return (['otherInBox', 'sharedNeutral'] as const).every((field) =>
      this.sameAs(circuitId).some((id) => {
        const last = this.all('circuitListed').findLast(
          (entry) => entry.data.circuitId === id && entry.data[field] !== undefined && this.counts(entry),
        );
        return last?.data[field] != null;
      }),
    );
  }

  /** Whether hands may go into the mains of a place. */
  mayTouchMains(place: string, who: string, now: number): boolean {
    const circuits = this.circuitsAt(place);
    return (
      circuits.length > 0 &&
      circuits.every((id) => this.hasProof(id, place, 'mains', who, now) && this.isLooked(id)) &&
      this.isFeedOpen(place).length === 0
    );
  }

  /** The firm’s school of the bell side, as this job took it last. */
  get bellSide(): 'off' | 'live' {
    return this.all('policyTaken').findLast((entry) => this.counts(entry) && entry.data.bellSide != null)?.data
      .bellSide === 'live'
      ? 'live'
      : 'off';
  }

  /** What a breaker is, by all that was written: on for certain, off, or nobody knows. */
  private isOff(circuitId: string): boolean {
    const own = this.sameAs(circuitId);
    const one = this.oneBreaker(circuitId);
    const off = this.all('circuitSwitched').findLast(
      (entry) => own.includes(entry.data.circuitId) && this.counts(entry),
    );
    return (
      off?.data.to === 'off' &&
      !this.entries.some(
        (entry) =>
          entry.id !== off.id &&
          this.counts(entry) &&
          after(entry, off) &&
          (this.isLive(entry, one) ||
            (entry.kind === 'circuitSwitched' && own.includes(entry.data.circuitId)) ||
            (entry.kind === 'circuitListed' && own.includes(entry.data.circuitId) && this.isNewWay(entry))),
      )
    );
  }

  /** Whether bell voltage was read, properly, since anything but volts was news of a breaker: the school of the live side. */
  private isBellVoltage(circuitId: string): boolean {
    const own = this.sameAs(circuitId);
    const one = this.oneBreaker(circuitId);
    const last = this.all('deadProved').findLast(
      (entry) => own.includes(entry.data.circuitId) && entry.data.weight === 'bell' && this.counts(entry),
    );
    if (!last || last.imported || voltsOf(last) > 35 || !isProperlyRead(last)) return false;
    return !this.entries.some(
      (entry) => after(entry, last) && this.endsBreaker(entry, own, one) && !this.isOnlyVolts(entry, one),
    );
  }

  /** Volts, a light, a ring: no news on a side that is worked on live. */
  private isOnlyVolts(entry: Entry, one: readonly string[]): boolean {
    const target = this.targetOf(entry);
    return (
      ['readingTaken', 'conductorTested', 'hintNoted', 'deadProved'].includes(entry.kind) &&
      this.isLive(entry, one) &&
      !(target && this.isAbout(target, one))
    );
  }

  /** Whether somebody saw the plug of a supply out of its outlet, and nothing has put that in doubt. */
  private isPlugOut(supply: string, who: string, now: number): boolean {
    const isIn = (entry: Entry): boolean =>
      (entry.kind === 'plugSeen' && entry.data.supplyId === supply && !entry.data.out) ||
      (entry.kind === 'stepTicked' && energises(entry) && this.placesEver(entry.data.pointId).includes(supply)) ||
      (entry.kind === 'checkDone' &&
        entry.data.result === 'passed' &&
        this.placesEver(entry.data.pointId).includes(supply)) ||
      this.endsPlace(entry, supply);
    return this.all('plugSeen').some((sight) => {
      if (!sight.data.out || sight.data.supplyId !== supply || sight.by.id !== who) return false;
      if (sight.imported || !this.counts(sight)) return false;
      const seen = sight.seen ?? sight.seq - 1;
      const isLate = this.entries.some(
        (entry) => entry.seq > seen && entry.seq < sight.seq && entry.by.id !== who && isIn(entry),
      );
      return !isLate && !this.entries.some((entry) => after(entry, sight) && isIn(entry)) && !this.hasGone(sight, now);
    });
  }

  /** Whether the bell side of what plugs in may be worked on. */
  mayTouchPlugged(supply: string, who: string, now: number): boolean {
    if (this.isMains(supply) || !this.isPlugOut(supply, who, now)) return false;
    const joined = this.all('transformerDescribed').some(
      (entry) => this.counts(entry) && entry.data.joined === 'yes' && entry.data.supplyId === supply,
    );
    if (!joined) return true;
    const circuits = this.circuitsAt(supply);
    return circuits.length > 0 && circuits.every((id) => this.mayWorkOnBell(id, supply, false, who, now));
  }

  /** Whether more than bell voltage stood on a bell side, and nobody wrote why. */
  private isMains(supply: string): boolean {
    const highs = this.entries.filter((entry) => this.isHigh(entry, supply));
    const reasons = this.all('bellExplained').filter((entry) => entry.data.supplyId === supply && this.counts(entry));
    return highs.some((high) => !reasons.some((reason) => before(high, reason)));
  }

  /** Dead on the bell side, or by whoever proved the primary, the only one; or bell voltage, where the school works on it live. */
  private mayWorkOnBell(id: string, supply: string, alone: boolean, who: string, now: number): boolean {
    if (this.bellSide === 'live' && !this.isOff(id)) return this.isBellVoltage(id);
    return this.hasProof(id, supply, 'bell', null, now) || (alone && this.hasProof(id, supply, 'mains', who, now));
  }

  /** Whether the bell side of a supply may be worked on, by the school of the job. */
  mayTouchBell(supply: string, who: string, now: number): boolean {
    const circuits = this.circuitsAt(supply);
    if (this.isMains(supply)) return false;
    if (this.isFeedOpen(supply).includes('joined')) return false;
    const alone = circuits.length === 1 && this.isFeedOpen(supply).length === 0;
    return circuits.length > 0 && circuits.every((id) => this.mayWorkOnBell(id, supply, alone, who, now));
  }

  private isHigh(entry: Entry, supply: string): boolean {
    if (entry.kind === 'deadProved')
      return entry.data.weight === 'bell' && entry.data.placeId === supply && voltsOf(entry) > 35;
    return (
      entry.kind === 'readingTaken' &&
      entry.data.what === 'volts' &&
      (entry.data.high ?? 0) > 35 &&
      this.placesEver(entry.data.pointId).includes(supply)
    );
  }
}

/** Circuits that an entry names as its own. */
function circuitsIn(entry: Entry): readonly string[] {
  if (entry.kind === 'circuitsCompared') return [entry.data.circuitId, entry.data.otherId];
  return 'circuitId' in entry.data ? [entry.data.circuitId] : [];
}

const energises = ({ data }: EntryOf<'stepTicked'>): boolean =>
  data.energises === true || /^(box|mains)-energise$/.test(data.stepId);

/** Volts on a screen of readings, or a device that reports its own. */
const showsVolts = ({ data }: EntryOf<'readingTaken'>): boolean =>
  data.what === 'report' || (data.what === 'volts' && (data.high ?? 0) > 1);

/** The most between what may be hot and anything else. */
function voltsOf({ data }: EntryOf<'deadProved'>): number {
  const volts =
    data.weight === 'bell'
      ? [data.betweenVolts, data.firstToEarthVolts, data.secondToEarthVolts]
      : [data.hotNeutralVolts, data.hotGroundVolts];
  return Math.max(0, ...volts.map((value) => value ?? 0));
}

const neutralAlone = (entry: EntryOf<'deadProved'>): boolean =>
  entry.data.weight === 'mains' && voltsOf(entry) <= 1 && (entry.data.neutralGroundVolts ?? 0) > 1;

/** All three figures, by a meter that is rated for mains, in the dry. */
const isProperlyRead = ({ data }: EntryOf<'deadProved'>): boolean =>
  [data.betweenVolts, data.firstToEarthVolts, data.secondToEarthVolts].every((value) => value !== undefined) &&
  data.meterMainsRated === true &&
  data.dry === true;

function isProof(entry: EntryOf<'deadProved'>): boolean {
  const { data } = entry;
  if (voltsOf(entry) > 1) return false;
  if (data.weight === 'bell') return isProperlyRead(entry);
  return (
    [data.hotNeutralVolts, data.hotGroundVolts, data.neutralGroundVolts].every((value) => value !== undefined) &&
    (data.neutralGroundVolts ?? 9) <= 1 &&
    data.everyConductor === true &&
    data.triedBefore === true &&
    data.triedAfter === true &&
    data.simulated !== true
  );
}
