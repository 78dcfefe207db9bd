import { said } from '../../said';
import type { Rule } from './rule';

/** A neutral that goes dead with a switch is switched: it is none to use. */
export const neutralRead: Rule = {
  id: 'neutralRead',
  name: said('ruleNeutralRead'),
  severity: 'stop',
  check: (_graph, { box }) =>
    (box?.switchedNeutrals ?? []).map(({ id, name }) => ({ words: said('neutralDiesWith', { name }), leads: [id] })),
};
