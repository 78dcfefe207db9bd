import { capital } from '../../units';

import type { Rule } from './rule';

/** No conductor of the house is left bare: joined, or under a cap of its own. */
export const leftBare: Rule = {
  id: 'leftBare',
  name: 'nothing left bare',
  severity: 'stop',
  check: ({ wiring }) =>
    wiring.leads
      .filter(({ house, from, to }) => house !== undefined && from === null && to === null)
      .map(({ id, name, carries }) => ({
        words: `${capital(name)} ends bare${carries === 'ground' ? ': join it, it is never parked' : ': join it or cap it'}.`,
        leads: [id],
      })),
};
