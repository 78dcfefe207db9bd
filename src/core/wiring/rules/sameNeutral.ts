import { consumers, fedBy, feeding } from './graph';
import type { Rule } from './rule';

/** The neutral is that of the hot’s own circuit, and only that. */
export const sameNeutral: Rule = {
  id: 'sameNeutral',
  name: 'neutral of the same circuit',
  severity: 'stop',
  check: (graph, { words }) =>
    consumers(graph).flatMap((consumer) => {
      const { hot, neutral, part } = fedBy(graph, consumer);
      if (!hot || !neutral) return [];
      const neutrals = feeding(graph, neutral.node, 'neutral');
      const foreign = neutrals.find(({ circuit }) => circuit !== hot.circuit);
      if (!foreign) return [];
      return {
        words: `The ${part.name} has its ${words.hot} from circuit ${hot.circuit} (${hot.lead.name}) and a neutral of circuit ${foreign.circuit} (${foreign.lead.name}).`,
        leads: [hot.lead.id, foreign.lead.id],
      };
    }),
};
