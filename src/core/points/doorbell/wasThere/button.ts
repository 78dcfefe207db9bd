import { OLD_BUTTON } from '../../../wiring';
import type { WasThere } from './wasThere';

export const button: WasThere = {
  atDoor: OLD_BUTTON,
  inside: null,
  // A wireless chime has no wires: its button was a battery’s
  isUnfed: (chime) => chime === 'wireless',
  hasLead: true,
  ranDevice: false,
  asksOwnCable: false,
};
