import type { CatalogueSayings } from '@/core/catalogue';
import type { Sentences } from '../sentence';

export const catalogue: Sentences<CatalogueSayings> = {
  devicePlate: 'device and plate',
  noCrackSeal: 'No crack, seal whole, both screws turn.',
  setUpCode: 'set-up code',
  photographedBeforeGoes: 'Photographed before it goes on the wall.',
  setUpCodeCustomer: 'the set-up code, from the customer',
  powerModuleInBag: 'power module',
  versionDeviceAsks: 'The version that this device asks for; leads whole, spades fit the screws.',
  powerModuleRight: 'power module of the right version',
  continuity: 'Continuity: under 1 Ω on the meter. A dead one stops everything.',
  bigEnoughFolded: 'Big enough for the folded lead and the house wire together.',
  connectorsOneSize: 'connectors one size up',
  extensionLeads: 'extension leads',
  bothEndsTinned: 'Both there, ends tinned.',
  anchorsScrews: 'anchors and screws',
  rightWallLong: 'Right for this wall, and long enough for what lies under the plate.',
  anchorsScrewsWall: 'anchors and screws for this wall',
  wedge: 'wedge',
  angleDoorNeeds: 'The angle that the door needs; which end is thick.',
  wedgeDoorNeeds: 'the wedge that the door needs',
  securityDriver: 'security driver',
  fitsBottomScrew: 'Fits the bottom screw.',
  benchSupply: 'bench supply',
  deviceStartsShows: 'The device starts on it and shows its light.',
  benchSupplyHere: 'bench supply, 16 V AC',
};
