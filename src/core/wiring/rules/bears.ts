import { said } from '../../said';
import type { Rule } from './rule';

/** The box, and what it is fixed to, bear the fixture’s weight. */
export const bears: Rule = {
  id: 'bears',
  name: said('ruleBears'),
  severity: 'stop',
  check: (_graph, { box, fixture }) =>
    box?.bears === 'no' ? [{ words: said('doesNotBear', { fixture: fixture?.name ?? '' }), leads: [] }] : [],
};
