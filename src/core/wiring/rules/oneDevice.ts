import { said } from '../../said';
import type { Rule } from './rule';

/** One box carries one device: an outlet and a camera never share an opening. */
export const oneDevice: Rule = {
  id: 'oneDevice',
  name: said('ruleOneDevice'),
  severity: 'stop',
  check: (_graph, { box }) =>
    box?.keptOutlet && !box.keptOutlet.hasOwnBox ? [{ words: said('outletAndCamera'), leads: [] }] : [],
};
