import { lookTask } from '../../wiring';
import type { TreatmentPlan } from '../treatment';

export const leaveAsIs: TreatmentPlan = {
  id: 'leaveAsIs',
  name: 'Leave as it is',
  what: 'coil stays in series with the device',
  sounds: true,
  kinds: ['mechanical', 'electronic'],
  fits: null,
  regions: [],
  minutes: 2,
  cost: 0,
  parts: [],
  setting: 'mechanical chime, no module',
  tasks: () => [
    lookTask(
      'chime',
      'chime-look',
      'Photograph the chime’s terminals and close the cover',
      'No wire changes its place here. Nothing may stand between Front and Trans but the coil.',
    ),
  ],
};
