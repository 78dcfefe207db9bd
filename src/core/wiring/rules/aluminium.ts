import { said } from '../../said';
import { namesOf } from './graph';
import type { Rule } from './rule';

/** Copper only: aluminium is for a licensed electrician with the right connectors. */
export const aluminium: Rule = {
  id: 'aluminium',
  name: said('copperOnly'),
  severity: 'stop',
  check: ({ wiring }) => {
    const found = wiring.leads.filter(({ wire }) => wire?.metal === 'aluminium');
    return found.length === 0
      ? []
      : [{ words: said('aluminiumStopLicensed', { names: namesOf(found) }), leads: found.map(({ id }) => id) }];
  },
};
