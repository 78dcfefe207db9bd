import { said } from '../../said';
import type { Rule } from './rule';

/** An outdoor outlet that is kept has the protection that the region asks for. */
export const outletProtection: Rule = {
  id: 'outletProtection',
  name: said('ruleOutletProtection'),
  severity: 'worry',
  check: (_graph, { box }) =>
    box?.keptOutlet && box.keptOutlet.isProtected === false ? [{ words: said('outletNotProtected'), leads: [] }] : [],
};
