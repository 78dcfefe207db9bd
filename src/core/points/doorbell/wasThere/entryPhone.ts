import { said } from '../../../said';
import type { WasThere } from './wasThere';

/** A station at the door and a handset inside, on a supply of their own: looked up and measured like any other. */
export const entryPhone: WasThere = {
  atDoor: { id: 'station', name: said('oldDoorStation'), element: 'button' },
  inside: { id: 'handset', name: said('oldHandset'), short: 'handset' },
  isUnfed: () => false,
  hasLead: true,
  ranDevice: false,
  asksOwnCable: true,
};
