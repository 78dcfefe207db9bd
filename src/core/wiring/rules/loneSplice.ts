import { leadsAt } from '../wiring';
import type { Rule } from './rule';

/** A splice joins at least two; one conductor alone takes a cap. */
export const loneSplice: Rule = {
  id: 'loneSplice',
  name: 'a splice joins two',
  severity: 'worry',
  check: ({ wiring }) =>
    wiring.splices.flatMap((joint) => {
      const leads = leadsAt(wiring, joint.id);
      const [only] = leads;
      if (joint.kind === 'cap' && leads.length > 1)
        return [
          {
            words: `${leads.map(({ name }) => name).join(' and ')} share a cap that is for one.`,
            leads: leads.map(({ id }) => id),
          },
        ];
      if (joint.kind !== 'splice' || leads.length !== 1 || !only) return [];
      return [{ words: `The ${joint.name} splice holds ${only.name} alone: join it, or cap it.`, leads: [only.id] }];
    }),
};
