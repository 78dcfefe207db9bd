import { said } from '../../said';
import { consumers, fedBy } from './graph';
import type { Carries } from '../wiring';
import type { Rule } from './rule';

/** What hangs on mains has a way to a hot and back to a neutral. */
export const fed: Rule = {
  id: 'fed',
  name: said('closedWayHot'),
  severity: 'stop',
  check: (graph) =>
    consumers(graph).flatMap((consumer) => {
      const { hot, neutral, part } = fedBy(graph, consumer);
      if (hot && neutral) return [];
      // Both of its leads free: that is told lead by lead
      const own = part.leads.filter(({ carries }) => carries !== 'ground');
      const lacks: readonly Carries[] = [...(hot ? [] : ['hot' as const]), ...(neutral ? [] : ['neutral' as const])];
      const loose = graph.wiring.leads.filter(
        ({ id, from, to }) => own.some((lead) => lead.id === id) && (from === null || to === null),
      );
      if (loose.length > 0) return [];
      return {
        words: said('getsNo', { part: part.name, lacks: lacks.map((carries) => said('carries', { carries })) }),
        leads: own.map(({ id }) => id),
      };
    }),
};
