import { said } from '../../said';

import type { Rule } from './rule';

/** No conductor of the house is left bare: joined, or under a cap of its own. */
export const leftBare: Rule = {
  id: 'leftBare',
  name: said('nothingLeftBare'),
  severity: 'stop',
  check: ({ wiring }) =>
    wiring.leads
      .filter(({ house, from, to }) => house !== undefined && from === null && to === null)
      .map(({ id, name, carries }) => ({
        words: said('endsBare', { name, mayBeCapped: carries !== 'ground' }),
        leads: [id],
      })),
};
