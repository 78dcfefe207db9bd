import { said } from '../../said';
import { namesOf } from './graph';
import type { Carries } from '../wiring';
import type { Rule } from './rule';

const ORDER: readonly Carries[] = ['hot', 'neutral', 'ground', 'bell'];

/** Hot to hot, neutral to neutral, ground to ground, by tested function (domain/junction, checks). */
export const mixedFunctions: Rule = {
  id: 'mixedFunctions',
  name: said('likeLike'),
  severity: 'stop',
  check: ({ wiring, nodeOfLead, leadsIn }) =>
    [...new Set(wiring.leads.flatMap((lead) => nodeOfLead(lead) ?? []))].flatMap((node) => {
      const leads = leadsIn(node).filter(({ carries }) => carries !== 'unknown');
      const kinds = ORDER.filter((kind) => leads.some(({ carries }) => carries === kind));
      if (kinds.length < 2) return [];
      return {
        words: said('areJoined', { kinds: kinds.join(' and '), names: namesOf(leads) }),
        leads: leads.map(({ id }) => id),
      };
    }),
};
