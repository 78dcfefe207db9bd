import { consumers, fedBy } from './graph';
import type { Rule } from './rule';

/** The neutral is never switched and never fused. */
export const neutralSwitched: Rule = {
  id: 'neutralSwitched',
  name: 'neutral never switched',
  severity: 'stop',
  check: (graph) =>
    consumers(graph).flatMap((consumer) => {
      const { neutral, part } = fedBy(graph, consumer);
      const by = neutral?.passed[0];
      if (!neutral || !by) return [];
      return {
        words: `The ${part.name}’s neutral (${neutral.lead.name}) passes the ${by.part.name}.`,
        leads: [neutral.lead.id],
      };
    }),
};
