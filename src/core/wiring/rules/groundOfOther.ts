import { said } from '../../said';
import { NEW_CIRCUIT, OWN_CIRCUIT } from '../wiring';
import type { Rule } from './rule';

/** A ground that comes with another circuit only. */
export const groundOfOther: Rule = {
  id: 'groundOfOther',
  name: said('ruleGroundOfOther'),
  severity: 'worry',
  check: ({ wiring }, { box }) => {
    if (!box) return [];
    const grounds = wiring.leads.filter(({ house, carries }) => house?.beyond === 'supply' && carries === 'ground');
    const own = grounds.some(({ house }) => house?.circuit === OWN_CIRCUIT || house?.circuit === NEW_CIRCUIT);
    const [first] = grounds;
    return first && !own ? [{ words: said('groundWithOther', { name: first.name }), leads: [first.id] }] : [];
  },
};
