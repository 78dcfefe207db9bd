import { LABEL_STEP, SOUNDER_PART, type Treatment } from '../treatment';

export const takeOut: Treatment = {
  id: 'takeOut',
  name: 'Take it out',
  what: 'wires joined, chime removed, blank plate',
  standing: { path: 'link', linkOhms: 0.01 },
  sounds: false,
  kinds: ['mechanical', 'electronic'],
  regions: [],
  minutes: 18,
  cost: 26,
  parts: ['2 connectors', 'blank plate', SOUNDER_PART],
  setting: 'no chime',
  steps: [
    LABEL_STEP,
    {
      id: 'takeout-front',
      place: 'chime',
      words: 'House wire off Front',
      how: 'Leave it labelled.',
      touches: 'bell',
      terminal: 'Front',
    },
    {
      id: 'takeout-trans',
      place: 'chime',
      words: 'House wire off Trans, joined to the one from Front',
      how: 'Any third wire (Rear) is capped by itself, not joined.',
      touches: 'bell',
      terminal: 'Trans',
      tug: true,
    },
    {
      id: 'takeout-blank',
      place: 'chime',
      words: 'Take the chime down, fit the blank plate',
      how: 'Ask the customer what becomes of the chime.',
      touches: 'nothing',
    },
  ],
};
