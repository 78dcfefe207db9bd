import { said } from '../../said';
import { BREAKS, reach } from './graph';
import type { Rule } from './rule';

/** No hot meets a neutral or ground through a closed switch, fuse or link alone. */
export const shorted: Rule = {
  id: 'shorted',
  name: said('noShort'),
  severity: 'stop',
  check: (graph) =>
    graph.sources
      .filter(({ lead }) => lead.carries === 'hot')
      .flatMap(({ lead, node }) => {
        const reached = reach(graph, node, BREAKS);
        const met = graph.wiring.leads.find((other) => {
          const at = graph.nodeOfLead(other);
          const way = at === null ? undefined : reached.get(at);
          return (other.carries === 'neutral' || other.carries === 'ground') && way !== undefined && way.length > 0;
        });
        if (!met) return [];
        const at = graph.nodeOfLead(met);
        const by = (at === null ? [] : (reached.get(at) ?? [])).map(({ part }) => part.name);
        return {
          words: said('meetsThroughNothing', { lead: lead.name, met: met.name, by }),
          leads: [lead.id, met.id],
        };
      }),
};
