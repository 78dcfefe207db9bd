import { SOUNDER_PART, type Treatment } from '../treatment';

export const boxedReplaced: Treatment = {
  id: 'boxedReplaced',
  name: 'Boxed chime replaced',
  what: 'enclosure with transformer and fuse link on the two cables that are there',
  standing: { path: 'link', linkOhms: 0.15 },
  sounds: false,
  kinds: ['boxedMains'],
  regions: [],
  minutes: 30,
  cost: 24,
  parts: ['fuse link 1 A (and a spare)', SOUNDER_PART],
  setting: 'no chime',
  steps: [
    {
      id: 'boxed-fuse-test',
      place: 'van',
      words: 'Test the fuse link for continuity before it goes in',
      how: 'Under 1 Ω is good.',
      touches: 'nothing',
    },
    {
      id: 'boxed-open',
      place: 'chime',
      words: 'Boxed chime out, enclosure in its place',
      how: 'Chime and transformer share one housing: opening it is mains work.',
      touches: 'mains',
      held: 'mains work, to be planned',
    },
  ],
};
