import { said } from '../../said';
import { GROUND_COLOURS } from '../wire';
import type { Rule } from './rule';

/** A bare or green conductor that is live, or used as a neutral, is never marked anew: it is a fault. */
export const liveBare: Rule = {
  id: 'liveBare',
  name: said('ruleLiveBare'),
  severity: 'stop',
  check: ({ wiring }) =>
    wiring.leads.flatMap(({ id, name, carries, wire, house }) =>
      house && wire && GROUND_COLOURS.has(wire.colour) && (carries === 'hot' || carries === 'neutral')
        ? [{ words: said('bareCarries', { name, carries }), leads: [id] }]
        : [],
    ),
};
