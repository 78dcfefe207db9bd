import { said } from '../../said';
import type { Rule } from './rule';

/** Nicked or brittle conductors are cut back, where there is length for it. */
export const conductorState: Rule = {
  id: 'conductorState',
  name: said('ruleConductorState'),
  severity: 'stop',
  check: (_graph, { box }) =>
    (box?.damaged ?? []).flatMap(({ id, name, state, cutBack }) =>
      cutBack === null
        ? []
        : cutBack
          ? [{ severity: 'worry' as const, words: said('cutItBack', { name, state }), leads: [id] }]
          : [{ words: said('tooShortToCut', { name, state }), leads: [id] }],
    ),
};
