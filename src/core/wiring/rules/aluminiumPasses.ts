import { said } from '../../said';
import type { Rule } from './rule';

/** Aluminium that only passes through the box is left alone, and told. */
export const aluminiumPasses: Rule = {
  id: 'aluminiumPasses',
  name: said('ruleAluminiumPasses'),
  severity: 'remark',
  check: (_graph, { box }) =>
    (box?.passingAluminium ?? []).map((name) => ({ words: said('aluminiumOnlyPasses', { name }), leads: [] })),
};
