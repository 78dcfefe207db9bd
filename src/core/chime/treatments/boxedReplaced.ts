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
      words: 'Boxed chime opened: proved again at its mains terminals, photographed',
      how: 'Chime and transformer share one housing. The two cables stay: label which is mains and which goes to the door.',
      touches: 'mains',
    },
    {
      id: 'boxed-out',
      place: 'chime',
      words: 'Boxed chime out, both cables kept from falling back',
      how: 'The enclosure with the new transformer takes its place on the same two cables.',
      touches: 'mains',
    },
    {
      id: 'boxed-link',
      place: 'chime',
      words: 'Door cable to the fuse link in the bell part of the enclosure',
      how: 'Mains and bell wires apart, each by its own entry.',
      touches: 'bell',
      tug: true,
    },
  ],
};
