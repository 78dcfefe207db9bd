import { LABEL_STEP, SOUNDER_PART, type Treatment } from '../treatment';

export const fuseLink: Treatment = {
  id: 'fuseLink',
  name: 'Fuse link',
  what: 'wires joined by a fused lead, chime kept as a box',
  standing: { path: 'link', linkOhms: 0.15 },
  sounds: false,
  kinds: ['mechanical', 'electronic'],
  regions: ['gb-230'],
  minutes: 10,
  cost: 24,
  parts: ['fuse link 1 A (and a spare)', SOUNDER_PART],
  setting: 'no chime',
  steps: [
    {
      id: 'fuse-test',
      place: 'van',
      words: 'Test the fuse link for continuity before it goes in',
      how: 'One may be dead out of its bag. Under 1 Ω is good.',
      touches: 'nothing',
    },
    LABEL_STEP,
    {
      id: 'fuse-front',
      place: 'chime',
      words: 'House wire off Front, joined to the fuse link',
      how: 'Strip 8 mm, connector closed over all copper.',
      touches: 'bell',
      terminal: 'Front',
      tug: true,
    },
    {
      id: 'fuse-trans',
      place: 'chime',
      words: 'House wire off Trans, joined to the fuse link’s other end',
      how: 'The chime stays as a junction box and is silent: tell the customer, pair the plug-in sounder.',
      touches: 'bell',
      terminal: 'Trans',
      tug: true,
    },
  ],
};
