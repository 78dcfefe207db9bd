import { LABEL_STEP, SOUNDER_PART, type Treatment } from '../treatment';

export const jumper: Treatment = {
  id: 'jumper',
  name: 'Jumper',
  what: 'Front and Trans shorted, wires stay',
  standing: { path: 'link', linkOhms: 0.02 },
  sounds: false,
  kinds: ['mechanical', 'electronic'],
  regions: [],
  minutes: 8,
  cost: 20,
  parts: ['jumper wire', SOUNDER_PART],
  setting: 'no chime',
  steps: [
    LABEL_STEP,
    {
      id: 'jumper-front',
      place: 'chime',
      words: 'Jumper under Front, with the wire that is there',
      how: 'Strip 8 mm, hook clockwise.',
      touches: 'bell',
      terminal: 'Front',
      tug: true,
    },
    {
      id: 'jumper-trans',
      place: 'chime',
      words: 'Jumper’s other end under Trans, with the wire that is there',
      how: 'The chime is silent from now on: tell the customer, pair the plug-in sounder.',
      touches: 'bell',
      terminal: 'Trans',
      tug: true,
    },
  ],
};
