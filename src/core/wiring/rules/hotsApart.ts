import { said } from '../../said';
import type { Rule } from './rule';

/** Hots are joined only where each was read hot, nothing stands between them, and they hang on one way. */
export const hotsApart: Rule = {
  id: 'hotsApart',
  name: said('ruleHotsApart'),
  severity: 'stop',
  check: (_graph, { box }) =>
    (box?.hots ?? []).flatMap(({ names, leads, state }) =>
      state === 'apart' ? [{ words: said('hotsNotOne', { names }), leads }] : [],
    ),
};
