import { lookTask } from '../../wiring';
import { SOUNDER_PART, type TreatmentPlan } from '../treatment';

export const noChime: TreatmentPlan = {
  id: 'noChime',
  name: 'No chime in the loop',
  what: 'straight from the transformer to the door',
  sounds: false,
  kinds: ['none', 'wireless'],
  regions: [],
  minutes: 3,
  cost: 18,
  parts: [SOUNDER_PART],
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
