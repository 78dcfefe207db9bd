import { said } from '../../said';
import type { Rule } from './rule';

/** The circuit carries what hangs on it for hours. */
export const circuitRoom: Rule = {
  id: 'circuitRoom',
  name: said('roomCircuit'),
  severity: 'worry',
  check: (_graph, { load }) =>
    load && !load.suffices ? [{ severity: load.over ? 'stop' : 'worry', words: load.words, leads: [] }] : [],
};
