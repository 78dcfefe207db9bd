import { HINTS, type CircuitState, type Hint, type Isolation, type OtherFeed, type StandingProof } from '../isolation';
import { counts, type Effect } from '../log/effective';
import { byTime, momentOf, type Moment } from '../log/moment';
import type { Source } from '../kinds/said';
import type { Entry, EntryData } from '../kinds/register';
import { mayBeOneWay, type NamedWay } from './breakers';

export type SeenHint = Source & { readonly hint: Hint; readonly text: string | null };

/** What was said of a circuit: one, however often it was named. */
export interface CircuitGroup {
  readonly id: string;
  /** Ids under which it was named; more than one where two were said to be one breaker. */
  readonly ids: readonly string[];
  readonly name: string | null;
  readonly way: string | null;
  readonly board: string | null;
  /** Every name it ever had, struck ones too. */
  readonly named: readonly NamedWay[];
  /** Circuits that may be the same breaker: what ends a proof of one ends that of the other. */
  readonly mayBe: readonly string[];
  /** Those of them about which nobody has answered yet. */
  readonly toCompare: readonly string[];
  readonly feeds: readonly string[];
  readonly sharedNeutral: 'yes' | 'no' | null;
  readonly otherInBox: 'yes' | 'no' | null;
  /** Which of the second feeds of its place it is. */
  readonly namedAs: readonly OtherFeed[];
  readonly foundBy: string | null;
  readonly hints: readonly SeenHint[];
  readonly namedAt: Moment;
  /** When both a second feed and a shared neutral had been asked for. */
  readonly lookedAt: Moment | null;
}

/** A circuit that somebody named, with its state and its proofs. */
export type Circuit = CircuitGroup & { readonly state: CircuitState; readonly proofs: readonly StandingProof[] };

interface Listing {
  name: string | null;
  way: string | null;
  board: string | null;
  readonly named: NamedWay[];
  feeds: readonly string[];
  sharedNeutral: 'yes' | 'no' | null;
  otherInBox: 'yes' | 'no' | null;
  namedAs: readonly OtherFeed[];
  foundBy: string | null;
  hints: SeenHint[];
  namedAt: Moment | null;
  sharedAt: Moment | null;
  otherAt: Moment | null;
}

/** The circuits that an entry names. */
export function circuitsNamedIn(entry: Entry): readonly string[] {
  switch (entry.kind) {
    case 'circuitListed':
    case 'circuitSwitched':
    case 'breakerGuarded':
    case 'deadProved':
    case 'hintNoted':
      return [entry.data.circuitId];
    case 'circuitsCompared':
      return [entry.data.circuitId, entry.data.otherId];
    default:
      return [];
  }
}

function list(circuit: Listing, data: EntryData<'circuitListed'>, moment: Moment): void {
  if (data.name !== undefined) circuit.name = data.name;
  if (data.way !== undefined) circuit.way = data.way;
  if (data.board !== undefined) circuit.board = data.board;
  if (data.feeds !== undefined) circuit.feeds = data.feeds;
  if (data.sharedNeutral !== undefined) {
    circuit.sharedNeutral = data.sharedNeutral;
    circuit.sharedAt = data.sharedNeutral === null ? null : (circuit.sharedAt ?? moment);
  }
  if (data.otherInBox !== undefined) {
    circuit.otherInBox = data.otherInBox;
    circuit.otherAt = data.otherInBox === null ? null : (circuit.otherAt ?? moment);
  }
  if (data.namedAs !== undefined) circuit.namedAs = data.namedAs ?? [];
  if (data.foundBy !== undefined) circuit.foundBy = data.foundBy;
}

const newListing = (): Listing => ({
  name: null,
  way: null,
  board: null,
  named: [],
  feeds: [],
  sharedNeutral: null,
  otherInBox: null,
  namedAs: [],
  foundBy: null,
  hints: [],
  namedAt: null,
  sharedAt: null,
  otherAt: null,
});

const pairOf = (one: string, other: string): string => JSON.stringify([one, other].sort());

/** What a log says of its circuits, before it is asked which of them are one. */
class CircuitLog {
  readonly listings = new Map<string, Listing>();
  /** Two circuits that were compared, and the answer that stands. */
  readonly compared = new Map<string, 'yes' | 'no'>();

  private at(id: string, moment: Moment): Listing {
    const known = this.listings.get(id) ?? newListing();
    known.namedAt ??= moment;
    this.listings.set(id, known);
    return known;
  }

  read(entry: Entry, counted: boolean): void {
    const moment = momentOf(entry);
    for (const id of circuitsNamedIn(entry)) this.at(id, moment);
    switch (entry.kind) {
      case 'circuitListed': {
        const { circuitId, way, board } = entry.data;
        const circuit = this.at(circuitId, moment);
        if (counted) list(circuit, entry.data, moment);
        if (way !== undefined || board !== undefined)
          circuit.named.push({ way: way ?? circuit.way, board: board ?? circuit.board });
        break;
      }
      case 'circuitsCompared': {
        const { circuitId, otherId, same } = entry.data;
        if (counted) this.compared.set(pairOf(circuitId, otherId), same);
        break;
      }
      case 'hintNoted': {
        const { circuitId, hint, text } = entry.data;
        if (counted && hint in HINTS)
          this.at(circuitId, moment).hints.push({
            entryId: entry.id,
            by: entry.by,
            at: entry.at,
            hint,
            text: text ?? null,
          });
        break;
      }
      default:
    }
  }
}

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

/** What a group says of one field: the circuit that leads it first, to which all is written from then on. */
const saidOf = <F extends keyof Listing>(group: readonly Listing[], field: F): Listing[F] | null =>
  group.map((listing) => listing[field]).find((value) => value !== null) ?? null;

const laterOf = (one: Moment | null, other: Moment | null): Moment | null =>
  one && other ? (byTime(one, other) > 0 ? one : other) : null;

/**
 * The circuits of a job. One breaker may have been named twice: it is one circuit for all that ends a proof at once, and
 * for all else once somebody said so.
 * @param entries in the order of time
 */
export function circuitGroups(entries: readonly Entry[], effect: Effect): readonly CircuitGroup[] {
  const log = new CircuitLog();
  for (const entry of entries) log.read(entry, counts(effect, entry));
  const groups = groupsOf(log);
  const named = groups.map((ids) => ids.flatMap((id) => log.listings.get(id)?.named ?? []));
  const alike = groups.map((_, i) =>
    groups.filter((__, j) => i !== j && named[i]?.some((one) => named[j]?.some((other) => mayBeOneWay(one, other)))),
  );
  return groups.flatMap((ids, i): readonly CircuitGroup[] => {
    const [id = ''] = ids;
    const listings = ids.flatMap((one) => log.listings.get(one) ?? []);
    const others = alike[i] ?? [];
    const namedAt = saidOf(listings, 'namedAt');
    if (!namedAt) return [];
    const answered = (other: readonly string[]): boolean =>
      ids.some((one) => other.some((another) => log.compared.has(pairOf(one, another))));
    return [
      {
        id,
        ids,
        name: saidOf(listings, 'name'),
        way: saidOf(listings, 'way'),
        board: saidOf(listings, 'board'),
        named: named[i] ?? [],
        mayBe: others.flatMap(([first]) => first ?? []),
        toCompare: others.filter((other) => !answered(other)).flatMap(([first]) => first ?? []),
        feeds: [...new Set(listings.flatMap(({ feeds }) => feeds))],
        sharedNeutral: saidOf(listings, 'sharedNeutral'),
        otherInBox: saidOf(listings, 'otherInBox'),
        namedAs: [...new Set(listings.flatMap(({ namedAs }) => namedAs))],
        foundBy: saidOf(listings, 'foundBy'),
        hints: listings.flatMap(({ hints }) => hints),
        namedAt,
        lookedAt: laterOf(saidOf(listings, 'sharedAt'), saidOf(listings, 'otherAt')),
      },
    ];
  });
}

/** Circuits with what live and dead says of them. */
export const circuitsWith = (groups: readonly CircuitGroup[], isolation: Isolation): readonly Circuit[] =>
  groups.map((group) => ({
    ...group,
    state: isolation.stateOf(group.id),
    proofs: isolation.proofsOf(group.id),
  }));
