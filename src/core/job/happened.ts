// Over 300 lines: every kind of entry with what it says of live and dead, in one place.
import { wayId, type Board } from '../house/boards';
import { mayBeOneWay, type NamedWay } from '../house/breakers';
import { circuitsNamedIn, type CircuitGroup } from '../house/circuits';
import {
  DEAD_VOLTS_MOST,
  BELL_VOLTS_MOST,
  HINTS,
  proofProblem,
  showsLife,
  voltsRead,
  type Happening,
  type OtherFeed,
  type Proof,
  type Sighting,
  type What,
} from '../isolation';
import type { Entry, EntryData, EntryOf } from '../kinds/register';
import { ANYWHERE } from '../kinds/lifts/anywhere';
import { counts, type Effect } from '../log/effective';
import { momentOf } from '../log/moment';
import type { PointKind } from '../kinds/point';
import { BUILDS } from '../points/builds';
import { placesOf } from '../points/places';
import { CLOSING_STEPS, ENERGISING_STEPS } from '../wiring';

/** Where each point hangs, and ever hung: whatever was said of it, also what was struck again. */
export class Topology {
  private readonly placesEver = new Map<string, Set<string>>();
  private readonly circuitsEver = new Map<string, Set<string>>();
  private readonly suppliesEver = new Map<string, Set<string>>();

  constructor(entries: readonly Entry[]) {
    const add = (map: Map<string, Set<string>>, key: string, ids: readonly string[]): void => {
      const known = map.get(key) ?? new Set();
      map.set(key, known);
      for (const id of ids) known.add(id);
    };
    const kinds = new Map<string, PointKind>();
    for (const { kind, data } of entries) {
      if (kind !== 'pointAdded' && kind !== 'pointHung') continue;
      const { pointId, pointKind } = data;
      if (pointKind) kinds.set(pointId, pointKind);
      const known = kinds.get(pointId);
      if (!known) continue;
      const { boxId, supplyId } = BUILDS[known].hangs(pointId, data);
      add(this.placesEver, pointId, placesOf({ boxId, supplyId }));
      if (supplyId !== null) add(this.suppliesEver, boxId, [supplyId]);
    }
    for (const { kind, data } of entries)
      if (kind === 'circuitListed')
        for (const pointId of data.feeds ?? [])
          for (const placeId of this.placesOf(pointId)) add(this.circuitsEver, placeId, [data.circuitId]);
  }

  placesOf(pointId: string): readonly string[] {
    return [...(this.placesEver.get(pointId) ?? [])];
  }

  private readonly around = new Map<
    string,
    { readonly placeIds: readonly string[]; readonly circuitIds: readonly string[] }
  >();

  /** The places of a point, and the circuits that feed any of them: of many readings they are the same. */
  aroundPoint(pointId: string): { readonly placeIds: readonly string[]; readonly circuitIds: readonly string[] } {
    const known = this.around.get(pointId);
    if (known) return known;
    const placeIds = this.placesOf(pointId);
    const found = { placeIds, circuitIds: this.circuitsOf(placeIds) };
    this.around.set(pointId, found);
    return found;
  }

  /** A box with the transformers whose mains side it is. */
  withTransformers(boxId: string): readonly string[] {
    return [boxId, ...(this.suppliesEver.get(boxId) ?? [])];
  }

  /** Circuits that feed any of some places, as far as anybody ever said. */
  circuitsOf(placeIds: readonly string[]): readonly string[] {
    return [...new Set(placeIds.flatMap((id) => [...(this.circuitsEver.get(id) ?? [])]))];
  }

  /** The one supply that a circuit feeds; null where there are several, or none. */
  onlySupplyOf(circuitId: string): string | null {
    const supplies = [...new Set([...this.suppliesEver.values()].flatMap((ids) => [...ids]))].filter((id) =>
      this.circuitsEver.get(id)?.has(circuitId),
    );
    return supplies.length === 1 ? (supplies[0] ?? null) : null;
  }
}

/** A proof as it was written; what is missing counts as not fulfilled. */
function proofOf(data: EntryData<'deadProved'>): Proof {
  const volts = (value: number | undefined): number => value ?? NaN;
  const simulated = data.simulated ? { simulated: true } : {};
  return data.weight === 'bell'
    ? {
        weight: 'bell',
        betweenVolts: volts(data.betweenVolts),
        firstToEarthVolts: volts(data.firstToEarthVolts),
        secondToEarthVolts: volts(data.secondToEarthVolts),
        meterMainsRated: data.meterMainsRated ?? false,
        dry: data.dry ?? false,
        ...simulated,
      }
    : {
        weight: 'mains',
        hotNeutralVolts: volts(data.hotNeutralVolts),
        hotGroundVolts: volts(data.hotGroundVolts),
        neutralGroundVolts: volts(data.neutralGroundVolts),
        everyConductor: data.everyConductor ?? false,
        triedBefore: data.triedBefore ?? false,
        triedAfter: data.triedAfter ?? false,
        ...(data.locked ? { locked: true } : {}),
        ...simulated,
      };
}

/** What a test of a conductor shows when it is dead; ohms say nothing of it. */
function isLive({ test, value }: EntryData<'conductorTested'>): boolean {
  if (test === 'groundOhms') return false;
  return test === 'loadAmps' || test === 'neutralAmps' ? value > 0 : value > DEAD_VOLTS_MOST;
}

const NOTHING: readonly Happening[] = [];

/** What an entry was about. */
interface About {
  readonly circuitIds: readonly string[];
  readonly placeIds: readonly string[];
}

/** @param named circuits that the entry names · @param whats what it says · @returns null: nothing that can be meddled with */
function aboutOf(named: readonly string[], whats: readonly What[]): About | null {
  const stood = whats.filter(({ what }) => what !== 'mainsStep' && what !== 'closed');
  const circuitIds = [...named, ...stood.flatMap((one) => ('circuitIds' in one ? one.circuitIds : []))];
  if (circuitIds.length + stood.length === 0) return null;
  return {
    circuitIds: [...new Set(circuitIds)],
    placeIds: stood.flatMap((one) => ('placeIds' in one ? one.placeIds : one.what === 'plug' ? [one.supplyId] : [])),
  };
}

/** Says of every entry what it says of live and dead. */
class Reader {
  readonly sightings: Sighting[] = [];
  private readonly ways = new Map<string, { readonly way: string | null; readonly board: string | null }>();
  private readonly feeds = new Map<string, ReadonlySet<string>>();
  private readonly cables = new Map<string, string>();
  /** What each entry was about, for whoever strikes it: worked out for those alone. */
  private readonly about = new Map<string, () => About | null>();

  constructor(
    private readonly topology: Topology,
    private readonly groups: readonly CircuitGroup[],
    private readonly boards: readonly Board[],
  ) {}

  private placesFed(circuitId: string, feeds: readonly string[] | undefined): readonly string[] {
    const points = [...(feeds ?? []), ...(this.feeds.get(circuitId) ?? [])];
    return [...new Set(points.flatMap((id) => this.topology.placesOf(id)))];
  }

  /** The breaker of every circuit that a hunt’s test may have dropped. */
  private dropped(ids: readonly string[]): readonly string[] {
    const named = ids.map((id): NamedWay => {
      const board = this.boards.find(({ ways }) => ways.some((way) => wayId(way.boardId, way.way) === id));
      const way = board?.ways.find((one) => one.id === id)?.way ?? id.slice(id.indexOf('/') + 1);
      return { board: this.boards.length > 1 ? (board?.name ?? null) : null, way };
    });
    return this.groups.flatMap((group) =>
      group.named.some((one) => named.some((other) => mayBeOneWay(one, other))) ? group.ids : [],
    );
  }

  private see(feed: OtherFeed, placeIds: readonly string[], entry: Entry): void {
    for (const placeId of placeIds) this.sightings.push({ feed, placeId, seenAt: momentOf(entry) });
  }

  private listed(entry: EntryOf<'circuitListed'>, counted: boolean): readonly What[] {
    const { circuitId, way, board, feeds, otherInBox, sharedNeutral } = entry.data;
    const before = this.ways.get(circuitId) ?? { way: null, board: null };
    const changes = (now: string | null | undefined, then: string | null): boolean =>
      now !== undefined && then !== null && now !== then;
    const found: What[] = [];
    if (counted && (changes(way, before.way) || changes(board, before.board)))
      found.push({ what: 'wayChanged', circuitIds: [circuitId] });
    // Also one that was struck again has told of another breaker, or of a further feed
    if (!counted && (way !== undefined || board !== undefined))
      found.push({ what: 'meddled', circuitIds: [circuitId], placeIds: [] });
    const known = this.feeds.get(circuitId) ?? new Set();
    const fresh = (feeds ?? []).filter((id) => !known.has(id)).flatMap((id) => this.topology.placesOf(id));
    const places = this.placesFed(circuitId, feeds);
    for (const [feed, answer] of [
      ['inBox', otherInBox],
      ['sharedNeutral', sharedNeutral],
    ] as const) {
      if (answer !== 'yes') continue;
      fresh.push(...places);
      if (counted) this.see(feed, places, entry);
    }
    if (fresh.length > 0) found.push({ what: 'placeChanged', placeIds: [...new Set(fresh)] });
    if (counted) {
      this.ways.set(circuitId, {
        way: way === undefined ? before.way : way,
        board: board === undefined ? before.board : board,
      });
      if (feeds) this.feeds.set(circuitId, new Set(feeds));
    }
    return found;
  }

  private proved(entry: EntryOf<'deadProved'>): readonly What[] {
    const { data } = entry;
    const proof = proofOf(data);
    const isPlaced = data.placeId !== undefined && data.placeId !== ANYWHERE;
    // A bell proof of the only supply there is can be of no other; a mains proof of before proofs named theirs is history
    const placeId =
      isPlaced || proof.weight === 'mains' ? (data.placeId ?? null) : this.topology.onlySupplyOf(data.circuitId);
    const circuitIds = [data.circuitId];
    const placeIds = placeId === null ? [] : [placeId];
    const found: What[] = [
      { what: 'proved', circuitId: data.circuitId, proof, placeId, switchingId: data.switchingId ?? null },
    ];
    if (showsLife(proof)) {
      const isHigh = proof.weight === 'bell' && voltsRead(proof) > BELL_VOLTS_MOST;
      found.push({ what: 'life', circuitIds, placeIds, highAt: isHigh ? placeIds : [] });
    } else if (proofProblem(proof) === 'borrowedNeutral') found.push({ what: 'doubt', circuitIds, placeIds });
    return found;
  }

  /** Fed again, whatever feeds it: by its breaker, by its plug. */
  private relit(placeIds: readonly string[]): What {
    return { what: 'relit', circuitIds: this.topology.circuitsOf(placeIds), fedIds: placeIds };
  }

  private ticked({ data }: EntryOf<'stepTicked'>): readonly What[] {
    const { pointId, stepId, touches, how, placeId } = data;
    const everywhere = this.topology.placesOf(pointId);
    const placeIds = placeId === undefined || placeId === ANYWHERE ? everywhere : [placeId];
    const found: What[] = [];
    if (data.energises === true || ENERGISING_STEPS.has(stepId)) found.push(this.relit(everywhere));
    if (touches === 'mains') found.push({ what: 'mainsStep', placeIds, byId: how === 'bySomebodyElse' ? null : '' });
    if (data.closes === true || CLOSING_STEPS.has(stepId)) found.push({ what: 'closed', placeIds });
    return found;
  }

  private checked({ data }: EntryOf<'checkDone'>): readonly What[] {
    const placeIds = this.topology.placesOf(data.pointId);
    const circuitIds = this.topology.circuitsOf(placeIds);
    // Whatever passes there does so because it is fed; open volts are read before anything hangs on what is new
    if (data.check === 'newOpenVolts') return [];
    if (data.result === 'passed') return [this.relit(placeIds)];
    return data.bandLow !== undefined && (data.figure ?? 0) > DEAD_VOLTS_MOST
      ? [{ what: 'life', circuitIds, placeIds, highAt: [] }]
      : [];
  }

  private read({ data }: EntryOf<'readingTaken'>): readonly What[] {
    const isLit = data.what === 'report' || (data.what === 'volts' && (data.high ?? 0) > DEAD_VOLTS_MOST);
    if (!isLit) return [];
    const { placeIds, circuitIds } = this.topology.aroundPoint(data.pointId);
    const high = data.what === 'volts' && (data.high ?? 0) > BELL_VOLTS_MOST;
    return [{ what: 'life', circuitIds, placeIds, highAt: high ? placeIds : [] }];
  }

  private cable({ data }: EntryOf<'cableDescribed'>): readonly What[] {
    const { boxId, cableId, role, conductors } = data;
    const key = JSON.stringify([boxId, cableId]);
    const isNew = !this.cables.has(key);
    this.cables.set(key, cableId);
    return isNew || role !== undefined || conductors !== undefined
      ? [{ what: 'placeChanged', placeIds: this.topology.withTransformers(boxId) }]
      : [];
  }

  /** What one entry says, whatever becomes of it later. */
  private whatOf(entry: Entry, counted: boolean): readonly What[] {
    switch (entry.kind) {
      case 'circuitListed':
        return this.listed(entry, counted);
      case 'circuitsCompared': {
        const { circuitId, otherId, same } = entry.data;
        // Two that become one had a proof for each: neither is of both
        return same === 'yes' ? [{ what: 'meddled', circuitIds: [circuitId, otherId], placeIds: [] }] : [];
      }
      case 'circuitSwitched': {
        const { circuitId, to, tagged, guard } = entry.data;
        return [{ what: 'switched', circuitId, to, tagged: tagged ?? false, guard: guard ?? null }];
      }
      case 'breakerGuarded':
        return [{ what: 'guarded', circuitId: entry.data.circuitId, guard: entry.data.guard }];
      case 'deadProved':
        return this.proved(entry);
      case 'hintNoted':
        // A hint of death changes nothing
        return HINTS[entry.data.hint].alive
          ? [{ what: 'life', circuitIds: [entry.data.circuitId], placeIds: [], highAt: [] }]
          : [];
      case 'cameBack':
        return [{ what: 'away' }];
      case 'stayedAtWork':
        return [{ what: 'stayed' }];
      case 'personChanged':
        return [{ what: 'handedOver', personIds: [entry.by.id, ...(entry.data.fromId ? [entry.data.fromId] : [])] }];
      case 'bellExplained':
        return [{ what: 'explained', supplyId: entry.data.supplyId }];
      case 'plugSeen':
        return [{ what: 'plug', supplyId: entry.data.supplyId, out: entry.data.out }];
      case 'placeCleared':
        return [{ what: 'cleared', placeId: entry.data.placeId }];
      case 'huntTested':
        return [{ what: 'relit', circuitIds: this.dropped(entry.data.dropped), fedIds: [] }];
      case 'stepTicked':
        return this.ticked(entry);
      case 'leadMoved':
        return [{ what: 'mainsStep', placeIds: this.topology.placesOf(entry.data.pointId), byId: '' }];
      case 'checkDone':
        return this.checked(entry);
      case 'readingTaken':
        return this.read(entry);
      case 'conductorTested': {
        const placeIds = this.topology.withTransformers(entry.data.boxId);
        return isLive(entry.data)
          ? [{ what: 'life', circuitIds: this.topology.circuitsOf(placeIds), placeIds, highAt: [] }]
          : [];
      }
      case 'cableDescribed':
        return this.cable(entry);
      case 'transformerDescribed': {
        if (entry.data.joined !== 'yes') return [];
        const placeIds = [entry.data.supplyId];
        if (counted) this.see('joined', placeIds, entry);
        return [{ what: 'placeChanged', placeIds }];
      }
      case 'pointHung':
        return [{ what: 'placeChanged', placeIds: this.topology.placesOf(entry.data.pointId) }];
      default:
        return [];
    }
  }

  /** What strikes or corrects an entry meddles with what that was about, whatever becomes of the strike. */
  private meddled(entry: Entry): readonly What[] {
    const target = entry.kind === 'entryStruck' ? entry.data.target : entry.corrects;
    const about = target === undefined ? null : (this.about.get(target)?.() ?? null);
    if (!about) return [];
    this.about.set(entry.id, () => about);
    return [{ what: 'meddled', ...about }];
  }

  happened(entry: Entry, counted: boolean): readonly Happening[] {
    const said = this.whatOf(entry, counted);
    const named = circuitsNamedIn(entry);
    if (said.length + named.length > 0) this.about.set(entry.id, () => aboutOf(named, said));
    const whats = [...this.meddled(entry), ...said];
    // Most of a long log says nothing of live and dead
    if (whats.length === 0) return NOTHING;
    const { by, at } = entry;
    const common = {
      moment: momentOf(entry),
      mark: { byId: by.id, byName: by.name, at },
      counts: counted,
      seen: entry.seen ?? entry.seq - 1,
      imported: entry.imported ?? false,
    };
    return whats.map((one): Happening =>
      one.what === 'mainsStep' && one.byId === '' ? { ...one, byId: by.id, ...common } : { ...one, ...common },
    );
  }
}

/**
 * What a log says of live and dead, wherever it was written.
 * @param entries in the order of time
 */
export function happenedIn(
  entries: readonly Entry[],
  effect: Effect,
  topology: Topology,
  groups: readonly CircuitGroup[],
  boards: readonly Board[],
): { readonly happenings: readonly Happening[]; readonly sightings: readonly Sighting[] } {
  const reader = new Reader(topology, groups, boards);
  const happenings = entries.flatMap((entry) => reader.happened(entry, counts(effect, entry)));
  return { happenings, sightings: reader.sightings };
}
