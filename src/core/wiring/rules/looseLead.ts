import { said } from '../../said';

import type { Rule } from './rule';

/** Every lead of a part ends somewhere. */
export const looseLead: Rule = {
  id: 'looseLead',
  name: said('everyLeadEnds'),
  severity: 'stop',
  check: ({ wiring }) =>
    wiring.leads
      .filter(
        ({ carries, house, run, from, to }) =>
          carries !== 'bell' && !house && run === undefined && (from === null || to === null),
      )
      .map(({ id, name }) => ({ words: said('endsNowhere', { name }), leads: [id] })),
};
