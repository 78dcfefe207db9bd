import { said } from '../../said';
import type { Rule } from './rule';

/** Volts to ground that the place can’t have: another system, or a fault. */
export const voltsFit: Rule = {
  id: 'voltsFit',
  name: said('ruleVoltsFit'),
  severity: 'stop',
  check: (_graph, { box, nominalVolts }) =>
    (box?.strangeVolts ?? []).map(({ name, volts, id }) => ({
      words: said('voltsCantBe', { name, volts, nominalVolts }),
      leads: [id],
    })),
};
