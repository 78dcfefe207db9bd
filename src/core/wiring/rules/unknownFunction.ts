import { capital } from '../../units';

import type { Rule } from './rule';

/** A conductor whose function no test has shown is joined to nothing. */
export const unknownFunction: Rule = {
  id: 'unknownFunction',
  name: 'joined only after its test',
  severity: 'stop',
  check: ({ wiring, nodeOfLead, leadsIn }) =>
    wiring.leads
      .filter((lead) => {
        const node = nodeOfLead(lead);
        return lead.carries === 'unknown' && node !== null && leadsIn(node).length > 1;
      })
      .map(({ id, name }) => ({ words: `${capital(name)} is joined and no test says what it carries.`, leads: [id] })),
};
