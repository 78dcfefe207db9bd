import { said } from '../../said';
import { lookTask } from '../../wiring';
import type { TreatmentPlan } from '../treatment';

export const noChime: TreatmentPlan = {
  id: 'noChime',
  name: said('noChimeLoop'),
  what: said('straightTransformerDoor'),
  sounds: false,
  kinds: ['none', 'wireless'],
  fits: null,
  regions: [],
  minutes: 3,
  cost: 0,
  parts: [],
  setting: 'none',
  tasks: () => [lookTask('transformer', 'nochime-check', said('seeBothWires'), said('noChimeHides'))],
};
