import { said } from '../../said';
import type { Rule } from './rule';

/** What is in the box has room there. */
export const boxRoom: Rule = {
  id: 'boxRoom',
  name: said('roomBox'),
  severity: 'stop',
  check: (_graph, { fill }) =>
    fill && !fill.suffices ? [{ severity: fill.guidance ? 'worry' : 'stop', words: fill.words, leads: [] }] : [],
};
