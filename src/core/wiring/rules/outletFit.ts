import { said } from '../../said';
import type { Rule } from './rule';

/** What an outlet has to be for a plug that stays in it outdoors: near enough, always on, protected, covered. */
export const outletFit: Rule = {
  id: 'outletFit',
  name: said('outletFitPlug'),
  severity: 'stop',
  check: (_graph, { outlet }) => outlet.filter(({ suffices }) => !suffices).map(({ words }) => ({ words, leads: [] })),
};
