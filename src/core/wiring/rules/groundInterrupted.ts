import { said } from '../../said';
import type { Rule } from './rule';

/** The ground never passes a fuse or a switch. */
export const groundInterrupted: Rule = {
  id: 'groundInterrupted',
  name: said('groundNeverFused'),
  severity: 'stop',
  check: (graph) =>
    graph.edges.flatMap(({ element, part, a, b }) => {
      if (element.kind !== 'fuse' && element.kind !== 'switch' && element.kind !== 'sensor') return [];
      const leads = [a, b].map((node) => graph.leadsIn(node).filter(({ carries }) => carries === 'ground'));
      const [first = [], second = []] = leads;
      if (first.length === 0 || second.length === 0) return [];
      return {
        words: said('passesGoesPast', { part: part.name }),
        leads: [...first, ...second].map(({ id }) => id),
      };
    }),
};
