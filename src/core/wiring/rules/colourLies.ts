import { said } from '../../said';

import type { Rule } from './rule';

/** A conductor whose colour claims another function than its test showed is marked anew. */
export const colourLies: Rule = {
  id: 'colourLies',
  name: said('coloursLieMarked'),
  severity: 'worry',
  check: ({ wiring }) =>
    wiring.leads.flatMap(({ id, name, carries, wire }) =>
      wire && wire.claims !== null && carries !== 'unknown' && wire.claims !== carries && !wire.marked
        ? [
            {
              words: said('carriesWouldMean', {
                name,
                carries,
                colour: said('wireColour', { colour: wire.colour }),
                claims: wire.claims,
              }),
              leads: [id],
            },
          ]
        : [],
    ),
};
