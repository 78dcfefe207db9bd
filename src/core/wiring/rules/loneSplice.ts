import { said } from '../../said';
import { leadsAt } from '../wiring';
import type { Rule } from './rule';

/** A splice joins at least two; one conductor alone takes a cap. */
export const loneSplice: Rule = {
  id: 'loneSplice',
  name: said('spliceJoinsTwo'),
  severity: 'worry',
  check: ({ wiring }) =>
    wiring.splices.flatMap((joint) => {
      const leads = leadsAt(wiring, joint.id);
      const [only] = leads;
      if (joint.kind === 'cap' && leads.length > 1)
        return [
          {
            words: said('shareCapOne', { leads: leads.map(({ name }) => name) }),
            leads: leads.map(({ id }) => id),
          },
        ];
      if (joint.kind !== 'splice' || leads.length !== 1 || !only) return [];
      return [{ words: said('spliceHoldsAlone', { joint: joint.name, only: only.name }), leads: [only.id] }];
    }),
};
