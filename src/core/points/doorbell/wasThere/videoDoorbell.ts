import { OLD_DEVICE } from '../../../wiring';
import type { WasThere } from './wasThere';

export const videoDoorbell: WasThere = {
  atDoor: OLD_DEVICE,
  inside: null,
  isUnfed: () => false,
  hasLead: true,
  ranDevice: true,
  asksOwnCable: false,
};
