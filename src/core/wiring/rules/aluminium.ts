import { namesOf } from './graph';
import type { Rule } from './rule';

/** Copper only: aluminium is for a licensed electrician with the right connectors. */
export const aluminium: Rule = {
  id: 'aluminium',
  name: 'copper only',
  severity: 'stop',
  check: ({ wiring }) => {
    const found = wiring.leads.filter(({ wire }) => wire?.metal === 'aluminium');
    return found.length === 0
      ? []
      : [{ words: `Aluminium: ${namesOf(found)}. Stop, a licensed electrician.`, leads: found.map(({ id }) => id) }];
  },
};
