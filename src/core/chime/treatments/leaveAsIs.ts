import type { Treatment } from '../treatment';

export const leaveAsIs: Treatment = {
  id: 'leaveAsIs',
  name: 'Leave as it is',
  what: 'coil stays in series with the device',
  standing: { path: 'series' },
  sounds: true,
  kinds: ['mechanical', 'electronic'],
  regions: [],
  minutes: 2,
  cost: 0,
  parts: [],
  setting: 'mechanical chime, no module',
  steps: [
    {
      id: 'chime-look',
      place: 'chime',
      words: 'Photograph the chime’s terminals and close the cover',
      how: 'Nothing is changed here. Look for an old module under the cover: it would have to come out.',
      touches: 'nothing',
    },
  ],
};
