import { capital } from '../../units';
import { WIRE_COLOUR_WORDS } from '../wire';

import type { Rule } from './rule';

/** A conductor whose colour claims another function than its test showed is marked anew. */
export const colourLies: Rule = {
  id: 'colourLies',
  name: 'colours that lie are marked',
  severity: 'worry',
  check: ({ wiring }) =>
    wiring.leads.flatMap(({ id, name, carries, wire }) =>
      wire && wire.claims !== null && carries !== 'unknown' && wire.claims !== carries && !wire.marked
        ? [
            {
              words: `${capital(name)} carries ${carries}; ${WIRE_COLOUR_WORDS[wire.colour]} would mean ${wire.claims}: mark it.`,
              leads: [id],
            },
          ]
        : [],
    ),
};
