import { capital } from '../../units';

import type { Rule } from './rule';

/** Every lead of a part ends somewhere. */
export const looseLead: Rule = {
  id: 'looseLead',
  name: 'every lead ends somewhere',
  severity: 'stop',
  check: ({ wiring }) =>
    wiring.leads
      .filter(
        ({ carries, house, run, from, to }) =>
          carries !== 'bell' && !house && run === undefined && (from === null || to === null),
      )
      .map(({ id, name }) => ({ words: `${capital(name)} ends nowhere.`, leads: [id] })),
};
