import { SOUNDER_PART, type Treatment } from '../treatment';

export const noChime: Treatment = {
  id: 'noChime',
  name: 'No chime in the loop',
  what: 'straight from the transformer to the door',
  standing: { path: 'none' },
  sounds: false,
  kinds: ['none', 'wireless'],
  regions: [],
  minutes: 3,
  cost: 18,
  parts: [SOUNDER_PART],
  setting: 'no chime',
  steps: [
    {
      id: 'nochime-check',
      place: 'transformer',
      words: 'See that both wires run straight through to the door',
      how: 'No chime hides on the way: follow the cable, or compare its ohms with its length.',
      touches: 'nothing',
    },
  ],
};
