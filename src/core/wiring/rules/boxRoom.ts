import type { Rule } from './rule';

/** What is in the box has room there. */
export const boxRoom: Rule = {
  id: 'boxRoom',
  name: 'room in the box',
  severity: 'stop',
  check: (_graph, { fill }) =>
    fill && !fill.suffices ? [{ severity: fill.guidance ? 'worry' : 'stop', words: fill.words, leads: [] }] : [],
};
