import { said, type Text } from '../../said';
import { nodesOf } from '../nodes';
import type { Carries, Element, ElementKind, Lead, Part, Wiring } from '../wiring';

/** A source of the house: the node where one of its conductors arrives. */
export interface Source {
  readonly lead: Lead;
  readonly node: string;
  readonly circuit: string;
}

export interface Edge {
  readonly element: Element;
  readonly part: Part;
  readonly a: string;
  readonly b: string;
}

/** A wiring as rules see it: what is joined by conductors is one node, what lies inside parts are edges. */
export interface WiringGraph {
  readonly wiring: Wiring;
  readonly nodeOf: (joint: string) => string;
  /** Node of a lead: both of its ends are one; null where it hangs free. */
  readonly nodeOfLead: (lead: Lead) => string | null;
  readonly sources: readonly Source[];
  readonly edges: readonly Edge[];
  readonly leadsIn: (node: string) => readonly Lead[];
}

/** The graph of a wiring. */
export function graphOf(wiring: Wiring): WiringGraph {
  const nodeOf = nodesOf(wiring, () => true);
  const nodeOfLead = ({ from, to }: Lead): string | null => {
    const joint = from ?? to;
    return joint === null ? null : nodeOf(joint);
  };
  const leads = new Map<string, Lead[]>();
  for (const lead of wiring.leads) {
    const node = nodeOfLead(lead);
    if (node === null) continue;
    const there = leads.get(node);
    if (there) there.push(lead);
    else leads.set(node, [lead]);
  }
  return {
    wiring,
    nodeOf,
    nodeOfLead,
    sources: wiring.leads.flatMap((lead): readonly Source[] => {
      const node = nodeOfLead(lead);
      return lead.house?.beyond === 'supply' && node !== null ? [{ lead, node, circuit: lead.house.circuit }] : [];
    }),
    edges: wiring.parts.flatMap((part) =>
      part.elements.map((element) => ({ element, part, a: nodeOf(element.from), b: nodeOf(element.to) })),
    ),
    leadsIn: (node) => leads.get(node) ?? [],
  };
}

/** What breaks or protects a way without using anything up: closed, it is a piece of wire. */
export const BREAKS: readonly ElementKind[] = ['switch', 'sensor', 'fuse', 'link'];

/** A node that is reached, and the edges that were passed on the shortest way to it. */
export type Reached = ReadonlyMap<string, readonly Edge[]>;

/** Nodes that can be reached from a node through elements of some kinds; the node itself through none. */
export function reach({ edges }: WiringGraph, from: string, kinds: readonly ElementKind[]): Reached {
  const reached = new Map<string, readonly Edge[]>([[from, []]]);
  const queue = [from];
  for (let at = queue.shift(); at !== undefined; at = queue.shift()) {
    const way = reached.get(at) ?? [];
    for (const edge of edges) {
      if (!kinds.includes(edge.element.kind)) continue;
      const next = edge.a === at ? edge.b : edge.b === at ? edge.a : null;
      if (next === null || reached.has(next)) continue;
      reached.set(next, [...way, edge]);
      queue.push(next);
    }
  }
  return reached;
}

/** A source that is reached, and what lies between. */
export interface Feeding extends Source {
  readonly passed: readonly Edge[];
}

/** Sources of one function that a node is fed from, through nothing but what breaks and protects. */
export function feeding(graph: WiringGraph, node: string, carries: Carries): readonly Feeding[] {
  const reached = reach(graph, node, BREAKS);
  return graph.sources.flatMap((source) => {
    const passed = source.lead.carries === carries ? reached.get(source.node) : undefined;
    return passed ? [{ ...source, passed }] : [];
  });
}

/** Elements that use mains: what is fed by a hot and a neutral. */
export const consumers = ({ edges }: WiringGraph): readonly Edge[] =>
  edges.filter(({ element: { kind } }) => kind === 'lamp' || kind === 'primary');

/** A consumer with what feeds either side, whichever way round it is joined. */
export interface Fed extends Edge {
  readonly hot: Feeding | null;
  readonly neutral: Feeding | null;
}

/** How a consumer is fed; the side with a hot is its hot side, and lamps don’t care which that is. */
export function fedBy(graph: WiringGraph, edge: Edge): Fed {
  const ways = [
    [edge.a, edge.b],
    [edge.b, edge.a],
  ].map(([hotSide = '', neutralSide = '']) => ({
    ...edge,
    hot: feeding(graph, hotSide, 'hot')[0] ?? null,
    neutral: feeding(graph, neutralSide, 'neutral')[0] ?? null,
  }));
  const score = ({ hot, neutral }: Fed): number => (hot ? 1 : 0) + (neutral ? 1 : 0);
  return ways.reduce((best, way) => (score(way) > score(best) ? way : best));
}

/** Names of leads, for a sentence: “a, b and c”. */
export function namesOf(leads: readonly { readonly name: Text }[]): Text {
  const names = leads.map(({ name }) => name);
  return names.length < 2 ? (names[0] ?? '') : said('namesAnd', { names: names.slice(0, -1), at: names.at(-1) ?? '' });
}
