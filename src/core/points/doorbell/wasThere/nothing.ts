import type { WasThere } from './wasThere';

export const nothing: WasThere = {
  atDoor: null,
  inside: null,
  isUnfed: () => true,
  hasLead: false,
  ranDevice: false,
  asksOwnCable: false,
};
