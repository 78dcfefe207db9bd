import { said } from '../../said';
import { leadsAt } from '../wiring';
import type { Rule } from './rule';

/** Every splice is held by a connector whose range holds it. */
export const connectorRange: Rule = {
  id: 'connectorRange',
  name: said('connectorRange'),
  severity: 'stop',
  check: ({ wiring }, { connectorAt }) =>
    wiring.splices.flatMap(({ id }) => {
      const held = connectorAt(id);
      return held && !held.suffices ? [{ words: held.words, leads: leadsAt(wiring, id).map((lead) => lead.id) }] : [];
    }),
};
