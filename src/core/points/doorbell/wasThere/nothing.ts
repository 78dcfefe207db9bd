import type { WasThere } from './wasThere';

export const nothing: WasThere = {
  words: 'nothing',
  atDoor: null,
  inside: null,
  isUnfed: () => true,
  hasLead: false,
  ranDevice: false,
  asksOwnCable: false,
};
