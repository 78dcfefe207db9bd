import { said, type Text } from '../said';

/** Something in a device's bag, and what is looked at before the ladder goes up. */
export interface BagItem {
  readonly id: string;
  readonly words: Text;
  /** What makes it right. */
  readonly check: Text;
  /** What to bring where it is missing or wrong. */
  readonly bring: Text;
  /** Where it matters: a chime treatment, a wall that takes anchors, or always. */
  /** What a bell shows where it is dead, as the fault finder calls it. */
  readonly failsAs?: string;
  readonly needs?: 'module' | 'fuseLink' | 'anchors' | 'benchPower';
}

/** What comes with a wired doorbell of the made-up catalogue. */
export const BAG: readonly BagItem[] = [
  {
    id: 'device',
    failsAs: 'deviceDead',
    words: said('devicePlate'),
    check: said('noCrackSeal'),
    bring: said('anotherDevice'),
  },
  {
    id: 'code',
    words: said('setUpCode'),
    check: said('photographedBeforeGoes'),
    bring: said('setUpCodeCustomer'),
  },
  {
    id: 'module',
    failsAs: 'noModule',
    words: said('powerModuleInBag'),
    check: said('versionDeviceAsks'),
    bring: said('powerModuleRight'),
    needs: 'module',
  },
  {
    id: 'fuse',
    failsAs: 'fuseOpen',
    words: said('fuseLink'),
    check: said('continuity'),
    bring: '2 fuse links, tested',
    needs: 'fuseLink',
  },
  {
    id: 'connectors',
    words: said('connectors'),
    check: said('bigEnoughFolded'),
    bring: said('connectorsOneSize'),
  },
  { id: 'extension', words: said('extensionLeads'), check: said('bothEndsTinned'), bring: '2 extension leads, 150 mm' },
  {
    id: 'anchors',
    words: said('anchorsScrews'),
    check: said('rightWallLong'),
    bring: said('anchorsScrewsWall'),
    needs: 'anchors',
  },
  {
    id: 'wedge',
    words: said('wedge'),
    check: said('angleDoorNeeds'),
    bring: said('wedgeDoorNeeds'),
  },
  { id: 'driver', words: said('securityDriver'), check: said('fitsBottomScrew'), bring: said('securityDriver') },
  {
    id: 'benchPower',
    words: said('benchSupply'),
    check: said('deviceStartsShows'),
    bring: said('benchSupplyHere'),
    needs: 'benchPower',
  },
];
