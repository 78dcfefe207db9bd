import {
  HINTS,
  circuitState,
  type CircuitEvent,
  type CircuitState,
  type Hint,
  type Mark,
  type Proof,
} from '../isolation';
import { counts, type Effect } from '../log/effective';
import { mayBeOneWay, type NamedWay } from './breakers';
import type { Source } from '../kinds/said';
import type { Entry, EntryData } from '../kinds/register';

export type SeenHint = Source & { readonly hint: Hint; readonly text: string | null };

/** A circuit that somebody named, with its state. */
export interface Circuit {
  readonly id: string;
  /** Ids under which it was named; more than one where two were said to be one breaker. */
  readonly ids: readonly string[];
  readonly name: string | null;
  readonly way: string | null;
  readonly board: string | null;
  /** Circuits that may be the same breaker: what ends a proof of one ends that of the other. */
  readonly mayBe: readonly string[];
  /** Those of them about which nobody has answered yet. */
  readonly toCompare: readonly string[];
  readonly feeds: readonly string[];
  readonly state: CircuitState;
  readonly sharedNeutral: 'yes' | 'no' | null;
  readonly otherInBox: 'yes' | 'no' | null;
  readonly foundBy: string | null;
  readonly hints: readonly SeenHint[];
}

const markOf = (entry: Entry): Mark => ({ byId: entry.by.id, byName: entry.by.name, at: entry.at });

/** A proof as it was written; what is missing counts as not fulfilled. */
function proofOf(data: EntryData<'deadProved'>): Proof {
  const volts = (value: number | undefined): number => value ?? NaN;
  return data.weight === 'bell'
    ? {
        weight: 'bell',
        betweenVolts: volts(data.betweenVolts),
        firstToEarthVolts: volts(data.firstToEarthVolts),
        secondToEarthVolts: volts(data.secondToEarthVolts),
        meterMainsRated: data.meterMainsRated ?? false,
        dry: data.dry ?? false,
        ...(data.simulated ? { simulated: true } : {}),
      }
    : {
        weight: 'mains',
        hotNeutralVolts: volts(data.hotNeutralVolts),
        hotGroundVolts: volts(data.hotGroundVolts),
        neutralGroundVolts: volts(data.neutralGroundVolts),
        everyConductor: data.everyConductor ?? false,
        triedBefore: data.triedBefore ?? false,
        triedAfter: data.triedAfter ?? false,
        locked: data.locked ?? false,
        ...(data.simulated ? { simulated: true } : {}),
      };
}

interface Listing {
  name: string | null;
  way: string | null;
  board: string | null;
  /** Every name it ever had, struck ones too. */
  readonly named: NamedWay[];
  feeds: readonly string[];
  sharedNeutral: 'yes' | 'no' | null;
  otherInBox: 'yes' | 'no' | null;
  foundBy: string | null;
  hints: SeenHint[];
}

/** Something that happened to a circuit, in the order of the log. */
interface Happened {
  readonly circuitId: string;
  readonly event: CircuitEvent;
}

/** The circuits that an entry is about. */
function circuitIdsOf(entry: Entry): readonly string[] {
  switch (entry.kind) {
    case 'circuitListed':
    case 'circuitSwitched':
    case 'deadProved':
    case 'hintNoted':
      return [entry.data.circuitId];
    case 'circuitsCompared':
      return [entry.data.circuitId, entry.data.otherId];
    default:
      return [];
  }
}

function list(circuit: Listing, data: EntryData<'circuitListed'>): boolean {
  const wayChanges = data.way !== undefined && circuit.way !== null && data.way !== circuit.way;
  if (data.name !== undefined) circuit.name = data.name;
  if (data.way !== undefined) circuit.way = data.way;
  if (data.board !== undefined) circuit.board = data.board;
  if (data.feeds !== undefined) circuit.feeds = data.feeds;
  if (data.sharedNeutral !== undefined) circuit.sharedNeutral = data.sharedNeutral;
  if (data.otherInBox !== undefined) circuit.otherInBox = data.otherInBox;
  if (data.foundBy !== undefined) circuit.foundBy = data.foundBy;
  return wayChanges;
}

const newListing = (): Listing => ({
  name: null,
  way: null,
  board: null,
  named: [],
  feeds: [],
  sharedNeutral: null,
  otherInBox: null,
  foundBy: null,
  hints: [],
});

/** What a log says of its circuits, before it is asked which of them are one. */
class CircuitLog {
  readonly listings = new Map<string, Listing>();
  readonly happened: Happened[] = [];
  /** Two circuits that were compared, and the answer that stands. */
  readonly compared = new Map<string, 'yes' | 'no'>();
  private readonly aboutCircuits = new Map<string, readonly string[]>();

  at(id: string): Listing {
    const known = this.listings.get(id) ?? newListing();
    this.listings.set(id, known);
    return known;
  }

  private happens(circuitId: string, event: CircuitEvent): void {
    this.at(circuitId);
    this.happened.push({ circuitId, event });
  }

  /** What strikes or corrects an entry about a circuit meddles with that circuit, whatever becomes of the strike. */
  private meddle(entry: Entry, mark: Mark): void {
    const target = entry.kind === 'entryStruck' ? entry.data.target : entry.corrects;
    const meddled = target === undefined ? undefined : this.aboutCircuits.get(target);
    if (!meddled) return;
    for (const id of meddled) this.happens(id, { what: 'tampered', mark, counts: true });
    this.aboutCircuits.set(entry.id, meddled);
  }

  read(entry: Entry, counted: boolean): void {
    const mark = markOf(entry);
    const ids = circuitIdsOf(entry);
    if (ids.length > 0) this.aboutCircuits.set(entry.id, ids);
    this.meddle(entry, mark);
    switch (entry.kind) {
      case 'circuitListed': {
        const { circuitId, way, board } = entry.data;
        const circuit = this.at(circuitId);
        const wayChanged = counted && list(circuit, entry.data);
        if (way !== undefined || board !== undefined)
          circuit.named.push({ way: way ?? circuit.way, board: board ?? circuit.board });
        if (wayChanged || !counted) this.happens(circuitId, { what: 'wayChanged', mark, counts: wayChanged });
        break;
      }
      case 'circuitsCompared': {
        const { circuitId, otherId, same } = entry.data;
        if (counted) this.compared.set(pairOf(circuitId, otherId), same);
        // Two that become one had a proof for each: neither is of both
        if (same === 'yes') for (const id of ids) this.happens(id, { what: 'tampered', mark, counts: counted });
        break;
      }
      case 'circuitSwitched': {
        const { circuitId, to, tagged } = entry.data;
        this.happens(circuitId, { what: 'switched', to, tagged: tagged ?? false, mark, counts: counted });
        break;
      }
      case 'deadProved':
        this.happens(entry.data.circuitId, { what: 'proved', proof: proofOf(entry.data), mark, counts: counted });
        break;
      case 'hintNoted': {
        const { circuitId, hint, text } = entry.data;
        // A hint of life ends a proof, also one that was struck again; a hint of death changes nothing
        if (HINTS[hint].alive) this.happens(circuitId, { what: 'signOfLife', mark, counts: counted });
        if (counted)
          this.at(circuitId).hints.push({ entryId: entry.id, by: entry.by, at: entry.at, hint, text: text ?? null });
        break;
      }
      case 'cameBack':
        for (const id of this.listings.keys()) this.happens(id, { what: 'cameBack', mark, counts: true });
        break;
      default:
    }
  }
}

const pairOf = (one: string, other: string): string => JSON.stringify([one, other].sort());

/** Circuits that were said to be one breaker, together; the one named first leads. */
function groupsOf({ listings, compared }: CircuitLog): readonly (readonly string[])[] {
  const groups: string[][] = [];
  for (const id of listings.keys()) {
    const joined = groups.filter((group) => group.some((other) => compared.get(pairOf(id, other)) === 'yes'));
    const [first] = joined;
    if (!first) groups.push([id]);
    else {
      first.push(...joined.slice(1).flat(), id);
      for (const other of joined.slice(1)) groups.splice(groups.indexOf(other), 1);
    }
  }
  return groups;
}

/**
 * What happened to a circuit that may be the same breaker, as it is seen here: it never proves anything and never says
 * “off”, but what would end a proof there ends it here.
 */
function seenHere(event: CircuitEvent): CircuitEvent | null {
  const { mark, counts: counted } = event;
  switch (event.what) {
    case 'proved':
    case 'cameBack':
      return null;
    case 'switched':
      return { what: event.to === 'on' ? 'signOfLife' : 'tampered', mark, counts: counted };
    case 'signOfLife':
      return event;
    case 'wayChanged':
    case 'tampered':
      return { what: 'tampered', mark, counts: counted };
  }
}

/** What a group says of one field: the circuit that leads it first, to which all is written from then on. */
const saidOf = <F extends keyof Listing>(group: readonly Listing[], field: F): Listing[F] | null =>
  group.map((listing) => listing[field]).find((value) => value !== null) ?? null;

/**
 * The circuits of a job with their states. Everything that was ever written about a circuit is looked at, struck
 * entries too: they no longer say what is, but they end a proof. One breaker may have been named twice: it is one circuit
 * for all that ends a proof at once, and for all else once somebody said so.
 */
export function circuitsOf(entries: readonly Entry[], effect: Effect): readonly Circuit[] {
  const log = new CircuitLog();
  for (const entry of entries) log.read(entry, counts(effect, entry));
  const groups = groupsOf(log);
  const named = (ids: readonly string[]): readonly NamedWay[] => ids.flatMap((id) => log.listings.get(id)?.named ?? []);
  const alike = groups.map((ids) =>
    groups.filter(
      (others) => others !== ids && named(ids).some((one) => named(others).some((other) => mayBeOneWay(one, other))),
    ),
  );
  return groups.map((ids, i): Circuit => {
    const [id = ''] = ids;
    const listings = ids.flatMap((one) => log.listings.get(one) ?? []);
    const others = alike[i] ?? [];
    const foreign = others.flat();
    const events = log.happened.flatMap(({ circuitId, event }) =>
      ids.includes(circuitId) ? event : foreign.includes(circuitId) ? (seenHere(event) ?? []) : [],
    );
    const answered = (other: readonly string[]): boolean =>
      ids.some((one) => other.some((another) => log.compared.has(pairOf(one, another))));
    return {
      id,
      ids,
      name: saidOf(listings, 'name'),
      way: saidOf(listings, 'way'),
      board: saidOf(listings, 'board'),
      mayBe: others.flatMap(([first]) => first ?? []),
      toCompare: others.filter((other) => !answered(other)).flatMap(([first]) => first ?? []),
      feeds: [...new Set(listings.flatMap(({ feeds }) => feeds))],
      sharedNeutral: saidOf(listings, 'sharedNeutral'),
      otherInBox: saidOf(listings, 'otherInBox'),
      foundBy: saidOf(listings, 'foundBy'),
      hints: listings.flatMap(({ hints }) => hints),
      state: circuitState(events),
    };
  });
}
