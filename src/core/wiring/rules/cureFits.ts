import { said } from '../../said';
import type { Rule } from './rule';

/** A ring or box that gives more room keeps the rain out of its seams, and says how far it stands out of the wall. */
export const cureFits: Rule = {
  id: 'cureFits',
  name: said('ruleCureFits'),
  severity: 'stop',
  check: (_graph, { box }) => {
    const cure = box?.cure;
    if (!cure) return [];
    const { name, proudM, dry } = cure;
    if (dry === 'no') return [{ words: said('cureLetsRainIn', { name }), leads: [] }];
    if (dry === 'open') return [{ severity: 'open', words: said('cureGasketUnknown', { name }), leads: [] }];
    return proudM > 0 ? [{ severity: 'remark', words: said('cureStandsProud', { name, proudM }), leads: [] }] : [];
  },
};
