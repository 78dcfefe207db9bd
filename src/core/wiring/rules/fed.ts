import { consumers, fedBy } from './graph';
import type { Rule } from './rule';

/** What hangs on mains has a way to a hot and back to a neutral. */
export const fed: Rule = {
  id: 'fed',
  name: 'a closed way from hot to neutral',
  severity: 'stop',
  check: (graph, { words }) =>
    consumers(graph).flatMap((consumer) => {
      const { hot, neutral, part } = fedBy(graph, consumer);
      if (hot && neutral) return [];
      // Both of its leads free: that is told lead by lead
      const own = part.leads.filter(({ carries }) => carries !== 'ground');
      const lacks = [...(hot ? [] : [words.hot]), ...(neutral ? [] : ['neutral'])].join(' and no ');
      const loose = graph.wiring.leads.filter(
        ({ id, from, to }) => own.some((lead) => lead.id === id) && (from === null || to === null),
      );
      if (loose.length > 0) return [];
      return { words: `The ${part.name} gets no ${lacks}.`, leads: own.map(({ id }) => id) };
    }),
};
