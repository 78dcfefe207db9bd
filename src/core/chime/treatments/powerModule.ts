import { LABEL_STEP, type Treatment } from '../treatment';

export const powerModule: Treatment = {
  id: 'powerModule',
  name: 'Power module',
  what: 'added across Front and Trans, house wires stay',
  standing: { path: 'shunt', shuntOhms: 1 },
  sounds: true,
  kinds: ['mechanical'],
  regions: [],
  minutes: 12,
  cost: 0,
  parts: ['power module (in the bag)'],
  setting: 'mechanical chime, module fitted',
  steps: [
    LABEL_STEP,
    {
      id: 'module-front',
      place: 'chime',
      words: 'Module lead under Front, with the wire that is there',
      how: 'Strip 8 mm, hook clockwise so that the screw closes the hook. Nothing on Rear.',
      touches: 'bell',
      terminal: 'Front',
      tug: true,
    },
    {
      id: 'module-trans',
      place: 'chime',
      words: 'Other module lead under Trans, with the wire that is there',
      how: 'One terminal at a time. Either lead may go to either screw: AC has no polarity here.',
      touches: 'bell',
      terminal: 'Trans',
      tug: true,
    },
    {
      id: 'module-place',
      place: 'chime',
      words: 'Stick the module clear of plungers and bars, close the cover',
      how: 'On the side, or on top with the leads led out. A muffled ring is the sign that it touches.',
      touches: 'nothing',
    },
  ],
};
