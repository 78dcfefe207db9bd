import { said } from '../../said';
import { consumers, fedBy } from './graph';
import type { Rule } from './rule';

/** The neutral is never switched and never fused. */
export const neutralSwitched: Rule = {
  id: 'neutralSwitched',
  name: said('neutralNeverSwitched'),
  severity: 'stop',
  check: (graph) =>
    consumers(graph).flatMap((consumer) => {
      const { neutral, part } = fedBy(graph, consumer);
      const by = neutral?.passed[0];
      if (!neutral || !by) return [];
      return {
        words: said('neutralPasses', { part: part.name, lead: neutral.lead.name, part2: by.part.name }),
        leads: [neutral.lead.id],
      };
    }),
};
