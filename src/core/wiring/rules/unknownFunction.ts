import { said } from '../../said';

import type { Rule } from './rule';

/** A conductor whose function no test has shown is joined to nothing. */
export const unknownFunction: Rule = {
  id: 'unknownFunction',
  name: said('joinedOnlyAfter'),
  severity: 'stop',
  check: ({ wiring, nodeOfLead, leadsIn }) =>
    wiring.leads
      .filter((lead) => {
        const node = nodeOfLead(lead);
        return lead.carries === 'unknown' && node !== null && leadsIn(node).length > 1;
      })
      .map(({ id, name }) => ({ words: said('joinedNoTest', { name }), leads: [id] })),
};
