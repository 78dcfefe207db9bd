import { lookTask } from '../../wiring';
import type { TreatmentPlan } from '../treatment';

export const noChime: TreatmentPlan = {
  id: 'noChime',
  name: 'No chime in the loop',
  what: 'straight from the transformer to the door',
  sounds: false,
  kinds: ['none', 'wireless'],
  fits: null,
  regions: [],
  minutes: 3,
  cost: 0,
  parts: [],
  setting: 'no chime',
  tasks: () => [
    lookTask(
      'transformer',
      'nochime-check',
      'See that both wires run straight through to the door',
      'No chime hides on the way: follow the cable, or compare its ohms with its length.',
    ),
  ],
};
