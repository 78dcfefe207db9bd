import { said } from '../../said';
import type { Rule } from './rule';

/** What a rule needs and nobody gave: not asked is not passed. */
export const notChecked: Rule = {
  id: 'notChecked',
  name: said('ruleNotChecked'),
  severity: 'open',
  check: (_graph, { box }) =>
    (box?.unasked ?? []).map(({ words }) => ({ words: said('notCheckedYet', { what: words }), leads: [] })),
};
