import { said } from '../../said';
import { coilUnder } from './deviceAcross';
import { reach, type WiringGraph } from './graph';
import type { Rule } from './rule';

/** What the bell’s current passes on its way: coils, modules, links. */
const ALONG = ['coil', 'shunt', 'link'] as const;

/** The winding that feeds, and what hangs at the doors. */
const endsOf = ({ edges }: WiringGraph) => ({
  windings: edges.filter(({ element }) => element.kind === 'winding'),
  loads: edges.filter(({ element }) => element.kind === 'load'),
});

/** A doorbell has a closed loop to a winding. */
export const bellLoopOpen: Rule = {
  id: 'bellLoopOpen',
  name: said('loopClosed'),
  severity: 'stop',
  check: (graph) => {
    const { windings, loads } = endsOf(graph);
    return loads.flatMap((load) => {
      const [first, second] = [reach(graph, load.a, ALONG), reach(graph, load.b, ALONG)];
      const closed = windings.some(
        ({ a, b }) => a !== b && ((first.has(a) && second.has(b)) || (first.has(b) && second.has(a))),
      );
      // One that hangs across a coil is told by its own rule
      return closed || coilUnder(graph, load)
        ? []
        : {
            words: said('loopOpen', { part: load.part.name }),
            leads: [...graph.leadsIn(load.a), ...graph.leadsIn(load.b)].map(({ id }) => id),
          };
    });
  },
};

/** A winding is not shorted by its own wires, and no doorbell by a wire across it. */
export const bellLoopShorted: Rule = {
  id: 'bellLoopShorted',
  name: said('loopNotShorted'),
  severity: 'stop',
  check: (graph) => {
    const { windings, loads } = endsOf(graph);
    return [
      ...windings
        .filter(({ a, b }) => a === b)
        .map(({ part, a }) => ({
          words: said('bellWiresJoin', { part: part.name }),
          leads: graph.leadsIn(a).map(({ id }) => id),
        })),
      ...loads
        .filter(({ a, b }) => a === b)
        .map(({ part, a }) => ({
          words: said('bothSidesJoined', { part: part.name }),
          leads: graph.leadsIn(a).map(({ id }) => id),
        })),
    ];
  },
};
