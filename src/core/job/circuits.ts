import { HINTS, circuitState, type CircuitEvent, type Mark, type Proof } from '../isolation';
import { counts, type Effect } from './effective';
import type { Circuit, SeenHint } from './job';
import type { Entry, EntryData } from './kinds';

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
  feeds: readonly string[];
  sharedNeutral: 'yes' | 'no' | null;
  otherInBox: 'yes' | 'no' | null;
  foundBy: string | null;
  hints: SeenHint[];
  events: CircuitEvent[];
}

/** The circuit that an entry is about, if any. */
const circuitIdOf = (entry: Entry): string | null =>
  entry.kind === 'circuitListed' ||
  entry.kind === 'circuitSwitched' ||
  entry.kind === 'deadProved' ||
  entry.kind === 'hintNoted'
    ? entry.data.circuitId
    : null;

function list(circuit: Listing, data: EntryData<'circuitListed'>): boolean {
  const wayChanges = data.way !== undefined && circuit.way !== null && data.way !== circuit.way;
  if (data.name !== undefined) circuit.name = data.name;
  if (data.way !== undefined) circuit.way = data.way;
  if (data.feeds !== undefined) circuit.feeds = data.feeds;
  if (data.sharedNeutral !== undefined) circuit.sharedNeutral = data.sharedNeutral;
  if (data.otherInBox !== undefined) circuit.otherInBox = data.otherInBox;
  if (data.foundBy !== undefined) circuit.foundBy = data.foundBy;
  return wayChanges;
}

/**
 * The circuits of a job with their states. Everything that was ever written about a circuit is looked at, struck
 * entries too: they no longer say what is, but they end a proof.
 */
export function circuitsOf(entries: readonly Entry[], effect: Effect): readonly Circuit[] {
  const circuits = new Map<string, Listing>();
  const aboutCircuit = new Map<string, string>();
  const at = (id: string): Listing => {
    const known = circuits.get(id);
    if (known) return known;
    const made: Listing = {
      name: null,
      way: null,
      feeds: [],
      sharedNeutral: null,
      otherInBox: null,
      foundBy: null,
      hints: [],
      events: [],
    };
    circuits.set(id, made);
    return made;
  };
  for (const entry of entries) {
    const mark = markOf(entry);
    const counted = counts(effect, entry);
    const id = circuitIdOf(entry);
    if (id !== null) aboutCircuit.set(entry.id, id);
    // What strikes or corrects an entry about a circuit meddles with that circuit, whatever becomes of the strike
    const target = entry.kind === 'entryStruck' ? entry.data.target : entry.corrects;
    const meddled = target === undefined ? undefined : aboutCircuit.get(target);
    if (meddled !== undefined) {
      at(meddled).events.push({ what: 'tampered', mark, counts: true });
      aboutCircuit.set(entry.id, meddled);
    }
    switch (entry.kind) {
      case 'circuitListed': {
        const circuit = at(entry.data.circuitId);
        const wayChanged = counted && list(circuit, entry.data);
        if (wayChanged || !counted) circuit.events.push({ what: 'wayChanged', mark, counts: wayChanged });
        break;
      }
      case 'circuitSwitched':
        at(entry.data.circuitId).events.push({
          what: 'switched',
          to: entry.data.to,
          tagged: entry.data.tagged ?? false,
          mark,
          counts: counted,
        });
        break;
      case 'deadProved':
        at(entry.data.circuitId).events.push({ what: 'proved', proof: proofOf(entry.data), mark, counts: counted });
        break;
      case 'hintNoted': {
        const { circuitId, hint, text } = entry.data;
        // A hint of life ends a proof, also one that was struck again; a hint of death changes nothing
        if (HINTS[hint].alive) at(circuitId).events.push({ what: 'signOfLife', mark, counts: counted });
        if (counted)
          at(circuitId).hints.push({ entryId: entry.id, by: entry.by, at: entry.at, hint, text: text ?? null });
        break;
      }
      case 'cameBack':
        for (const circuit of circuits.values()) circuit.events.push({ what: 'cameBack', mark, counts: true });
        break;
      default:
    }
  }
  return [...circuits].map(([id, { events, ...listing }]) => ({ id, ...listing, state: circuitState(events) }));
}
