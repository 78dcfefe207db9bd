import { namesOf } from './graph';
import type { Rule } from './rule';

/** Hot to hot, neutral to neutral, ground to ground, by tested function (domain/junction, checks). */
export const mixedFunctions: Rule = {
  id: 'mixedFunctions',
  name: 'like to like',
  severity: 'stop',
  check: ({ wiring, nodeOfLead, leadsIn }) =>
    [...new Set(wiring.leads.flatMap((lead) => nodeOfLead(lead) ?? []))].flatMap((node) => {
      const leads = leadsIn(node).filter(({ carries }) => carries !== 'unknown');
      const kinds = [...new Set(leads.map(({ carries }) => carries))];
      if (kinds.length < 2) return [];
      return {
        words: `${kinds.join(' and ')} are joined: ${namesOf(leads)}.`,
        leads: leads.map(({ id }) => id),
      };
    }),
};
