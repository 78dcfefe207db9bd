import { OLD_DEVICE } from '../../../wiring';
import type { WasThere } from './wasThere';

export const videoDoorbell: WasThere = {
  words: 'a video doorbell',
  atDoor: OLD_DEVICE,
  inside: null,
  isUnfed: () => false,
  hasLead: true,
  ranDevice: true,
  asksOwnCable: false,
};
