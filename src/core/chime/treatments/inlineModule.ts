import { LABEL_STEP, type Treatment } from '../treatment';

export const inlineModule: Treatment = {
  id: 'inlineModule',
  name: 'In-line module',
  what: 'house wires move into the module, its leads go to Front and Trans',
  standing: { path: 'shunt', shuntOhms: 1 },
  sounds: true,
  kinds: ['mechanical'],
  regions: [],
  minutes: 16,
  cost: 14,
  parts: ['in-line module'],
  setting: 'mechanical chime, module fitted',
  steps: [
    LABEL_STEP,
    {
      id: 'inline-front',
      place: 'chime',
      words: 'House wire off Front, cut clean, into the module; module lead under Front',
      how: 'Strip 8 mm, push in until it holds. No copper to be seen at the port.',
      touches: 'bell',
      terminal: 'Front',
      tug: true,
    },
    {
      id: 'inline-trans',
      place: 'chime',
      words: 'House wire off Trans, into the other port; module lead under Trans',
      how: 'One terminal at a time, so that no wire changes its place.',
      touches: 'bell',
      terminal: 'Trans',
      tug: true,
    },
    {
      id: 'inline-place',
      place: 'chime',
      words: 'Stick the module clear of plungers and bars, close the cover',
      how: 'Try each plunger by hand: it must move freely.',
      touches: 'nothing',
    },
  ],
};
