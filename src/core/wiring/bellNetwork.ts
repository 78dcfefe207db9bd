import type { Complex, Network, NetworkLoad, NetworkSource, PortLoad } from '../circuit';
import { nodesOf } from './nodes';
import type { Element, Lead, Wiring } from './wiring';

/** What a wiring’s parts come to on a day: ohms of leads and coils, the source, and what each load draws. */
export interface BellValues {
  readonly source: { readonly volts: number; readonly ohms: number; readonly reactanceOhms?: number };
  /** Of one conductor of a run. */
  readonly leadOhms: (lead: Lead) => number;
  readonly coil: (element: Element) => Complex;
  /** What a load or a pressed button draws; null where it is open. */
  readonly load: (element: Element) => PortLoad | { readonly ohms: number } | null;
}

/** A network with what it was made of. */
export interface BellNetwork {
  readonly network: Network;
  /** Number of a joint’s node; undefined where it takes no part. */
  readonly nodeOf: (joint: string) => number | undefined;
  /** Ids of the elements behind the network’s loads and branches, in their order. */
  readonly loadIds: readonly string[];
  readonly branchIds: readonly string[];
}

/**
 * The bell side of a wiring as a network ({@link solveNetwork}): every conductor, coil, link and load between the joints
 * that hold them; joints held together by leads without ohms are one node. Mains conductors take no part. What hangs by
 * one end only carries nothing and is left out.
 */
export function bellNetwork(wiring: Wiring, values: BellValues): BellNetwork {
  const bell = wiring.leads.filter(({ carries }) => carries === 'bell');
  const own = (lead: Lead): number => (lead.run === undefined ? (lead.ohms ?? 0) : values.leadOhms(lead));
  const nodeName = nodesOf({ ...wiring, leads: bell }, (id) => bell.some((lead) => lead.id === id && own(lead) === 0));
  const numbers = new Map<string, number>();
  const number = (joint: string): number => {
    const name = nodeName(joint);
    const known = numbers.get(name) ?? numbers.size;
    numbers.set(name, known);
    return known;
  };
  const sources: NetworkSource[] = [];
  const loads: NetworkLoad[] = [];
  const loadIds: string[] = [];
  const branches: { from: number; to: number; ohms: number; reactanceOhms: number }[] = [];
  const branchIds: string[] = [];
  const branch = (id: string, a: string, b: string, { re, im }: Complex): void => {
    const [from, to] = [number(a), number(b)];
    if (from === to) return;
    branches.push({ from, to, ohms: re, reactanceOhms: im });
    branchIds.push(id);
  };
  const elements = wiring.parts.flatMap((part) => part.elements);
  // The source first, so that its return is the reference
  for (const { kind, from, to } of elements)
    if (kind === 'winding') {
      const { volts, ohms, reactanceOhms = 0 } = values.source;
      sources.push({ from: number(from), to: number(to), volts, ohms, reactanceOhms });
    }
  for (const lead of bell)
    if (lead.from !== null && lead.to !== null && own(lead) > 0)
      branch(lead.id, lead.from, lead.to, { re: own(lead), im: 0 });
  for (const element of elements) {
    const { id, kind, from, to, ohms = 0 } = element;
    if (kind === 'coil') branch(id, from, to, values.coil(element));
    else if (kind === 'shunt' || kind === 'link') branch(id, from, to, { re: ohms, im: 0 });
    else if (kind === 'load' || kind === 'button') {
      const load = values.load(element);
      if (load === null) continue;
      if ('ohms' in load) branch(id, from, to, { re: load.ohms, im: 0 });
      else {
        loads.push({ ...load, from: number(from), to: number(to) });
        loadIds.push(id);
      }
    }
  }
  return {
    network: { nodes: numbers.size, sources, branches, loads },
    nodeOf: (joint) => numbers.get(nodeName(joint)),
    loadIds,
    branchIds,
  };
}
