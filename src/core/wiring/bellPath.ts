import { nodesOf } from './nodes';
import type { Lead, Part, Wiring } from './wiring';

/** What stands on the way from the transformer’s wire to the door’s wire at the chime. */
export type BellPath =
  | { readonly path: 'series' }
  | { readonly path: 'shunt'; readonly shuntOhms: number }
  /** `coilOut`: no coil stands beside it, the chime has lost its wires, and what hangs on Rear is joined before it. */
  | { readonly path: 'link'; readonly linkOhms: number; readonly coilOut?: true }
  | { readonly path: 'none' };

/** Whether a lead is the outgoing conductor of a run, or was laid beside or instead of it. */
export const isConductor = ({ id, laid }: Lead, conductor: string): boolean =>
  id === conductor || laid?.of === conductor;

interface Edge {
  readonly id: string;
  readonly kind: 'coil' | 'shunt' | 'link';
  readonly from: string;
  readonly to: string;
  readonly ohms: number;
}

const windingEnds = ({ elements }: Part): readonly string[] =>
  elements.flatMap(({ kind, to }) => (kind === 'winding' ? [to] : []));

/** Ways from one node to another that pass no node twice, as lists of edges. */
function waysBetween(edges: readonly Edge[], from: string, to: string): readonly (readonly Edge[])[] {
  const found: (readonly Edge[])[] = [];
  const go = (at: string, seen: readonly string[], way: readonly Edge[]): void => {
    if (at === to) {
      found.push(way);
      return;
    }
    for (const edge of edges) {
      const next = edge.from === at ? edge.to : edge.to === at ? edge.from : null;
      if (next !== null && !seen.includes(next)) go(next, [...seen, next], [...way, edge]);
    }
  };
  go(from, [from], []);
  return found;
}

/**
 * The way through the chime of a simple loop, found on the wiring: straight through, a link’s ohms, a coil with something
 * beside it, a coil alone. Beside a link a coil takes no part; a second chime’s coil is no matter here.
 * @returns null where the loop is open: nothing joins the two wires
 */
export function bellPathOf(wiring: Wiring): BellPath | null {
  const arriving = wiring.leads.find((lead) => isConductor(lead, 'toChime.a'));
  // In one housing the transformer stands at the chime
  const before = arriving ? arriving.to : wiring.parts.flatMap(windingEnds)[0];
  const after = wiring.leads.find((lead) => isConductor(lead, 'toDoor.a'))?.from;
  if (before === undefined || after === undefined || before === null || after === null) return null;
  const ohmsOf = new Map(wiring.leads.map(({ id, ohms = 0 }) => [id, ohms]));
  const runs = new Set(wiring.leads.flatMap(({ id, run }) => (run === undefined ? [] : [id])));
  const nodeOf = nodesOf(wiring, (id) => !runs.has(id) && ohmsOf.get(id) === 0);
  const [start, end] = [nodeOf(before), nodeOf(after)];
  if (start === end) return { path: 'none' };
  const edges: readonly Edge[] = [
    ...wiring.leads.flatMap(({ id, from, to, ohms = 0 }): readonly Edge[] =>
      from !== null && to !== null && !runs.has(id) && ohms > 0
        ? [{ id, kind: 'link', from: nodeOf(from), to: nodeOf(to), ohms }]
        : [],
    ),
    ...wiring.parts.flatMap(({ elements }) =>
      elements.flatMap(({ id, kind, from, to, ohms = 0 }): readonly Edge[] =>
        kind === 'coil' || kind === 'shunt' || kind === 'link'
          ? [{ id, kind, from: nodeOf(from), to: nodeOf(to), ohms }]
          : [],
      ),
    ),
  ];
  const ways = waysBetween(edges, start, end);
  const sum = (way: readonly Edge[]): number => way.reduce((ohms, edge) => ohms + edge.ohms, 0);
  const link = ways.find((way) => way.every(({ kind }) => kind === 'link'));
  const coil = ways.some((way) => way.some(({ kind }) => kind === 'coil'));
  if (link) return { path: 'link', linkOhms: sum(link), ...(coil ? {} : { coilOut: true }) };
  const shunt = ways.find((way) => way.every(({ kind }) => kind !== 'coil'));
  if (shunt)
    return coil ? { path: 'shunt', shuntOhms: sum(shunt) } : { path: 'link', linkOhms: sum(shunt), coilOut: true };
  return coil ? { path: 'series' } : null;
}
