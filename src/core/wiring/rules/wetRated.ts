import { said } from '../../said';
import type { Rule } from './rule';

/** A box in the wet is rated for it. */
export const wetRated: Rule = {
  id: 'wetRated',
  name: said('ruleWetRated'),
  severity: 'stop',
  check: (_graph, { box }) => (box?.wetRated === 'no' ? [{ words: said('notForWet'), leads: [] }] : []),
};
