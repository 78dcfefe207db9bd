import { said } from '../../said';
import type { Edge, WiringGraph } from './graph';
import type { Rule } from './rule';

/** The coil that a doorbell hangs across; undefined where it hangs in the loop. */
export const coilUnder = ({ edges }: WiringGraph, load: Edge): Edge | undefined =>
  load.a === load.b
    ? undefined
    : edges.find(
        ({ element, a, b }) =>
          element.kind === 'coil' && ((a === load.a && b === load.b) || (a === load.b && b === load.a)),
      );

/** A doorbell hangs in the loop, never across the chime’s own coil. */
export const deviceAcross: Rule = {
  id: 'deviceAcross',
  name: said('deviceNotAcross'),
  severity: 'stop',
  check: (graph) =>
    graph.edges
      .filter(({ element }) => element.kind === 'load')
      .flatMap((load) => {
        const coil = coilUnder(graph, load);
        return coil
          ? {
              words: said('hangsAcrossTrans', { part: load.part.name, part2: coil.part.name }),
              leads: [...graph.leadsIn(load.a), ...graph.leadsIn(load.b)].map(({ id }) => id),
            }
          : [];
      }),
};
