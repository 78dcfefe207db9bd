import { said } from '../../said';
import { consumers, fedBy, feeding } from './graph';
import type { Rule } from './rule';

/** The neutral is that of the hot’s own circuit, and only that. */
export const sameNeutral: Rule = {
  id: 'sameNeutral',
  name: said('neutralSameCircuit'),
  severity: 'stop',
  check: (graph) =>
    consumers(graph).flatMap((consumer) => {
      const { hot, neutral, part } = fedBy(graph, consumer);
      if (!hot || !neutral) return [];
      const neutrals = feeding(graph, neutral.node, 'neutral');
      const foreign = neutrals.find(({ circuit }) => circuit !== hot.circuit);
      if (!foreign) return [];
      return {
        words: said('circuitNeutralCircuit', {
          part: part.name,
          circuit: hot.circuit,
          lead: hot.lead.name,
          circuit2: foreign.circuit,
          lead2: foreign.lead.name,
        }),
        leads: [hot.lead.id, foreign.lead.id],
      };
    }),
};
