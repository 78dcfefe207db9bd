/** Something in a device's bag, and what is looked at before the ladder goes up. */
export interface BagItem {
  readonly id: string;
  readonly words: string;
  /** What makes it right. */
  readonly check: string;
  /** What to bring where it is missing or wrong. */
  readonly bring: string;
  /** Where it matters: a chime treatment, a wall that takes anchors, or always. */
  readonly needs?: 'module' | 'fuseLink' | 'anchors' | 'benchPower';
}

/** What comes with a wired doorbell of the made-up catalogue. */
export const BAG: readonly BagItem[] = [
  {
    id: 'device',
    words: 'device and plate',
    check: 'No crack, seal whole, both screws turn.',
    bring: 'another device',
  },
  {
    id: 'code',
    words: 'set-up code',
    check: 'Photographed before it goes on the wall.',
    bring: 'the set-up code, from the customer',
  },
  {
    id: 'module',
    words: 'power module',
    check: 'The version that this device asks for; leads whole, spades fit the screws.',
    bring: 'power module of the right version',
    needs: 'module',
  },
  {
    id: 'fuse',
    words: 'fuse link',
    check: 'Continuity: under 1 Ω on the meter. A dead one stops everything.',
    bring: '2 fuse links, tested',
    needs: 'fuseLink',
  },
  {
    id: 'connectors',
    words: 'connectors',
    check: 'Big enough for the folded lead and the house wire together.',
    bring: 'connectors one size up',
  },
  { id: 'extension', words: 'extension leads', check: 'Both there, ends tinned.', bring: '2 extension leads, 150 mm' },
  {
    id: 'anchors',
    words: 'anchors and screws',
    check: 'Right for this wall, and long enough for what lies under the plate.',
    bring: 'anchors and screws for this wall',
    needs: 'anchors',
  },
  {
    id: 'wedge',
    words: 'wedge',
    check: 'The angle that the door needs; which end is thick.',
    bring: 'the wedge that the door needs',
  },
  { id: 'driver', words: 'security driver', check: 'Fits the bottom screw.', bring: 'security driver' },
  {
    id: 'benchPower',
    words: 'bench supply',
    check: 'The device starts on it and shows its light.',
    bring: 'bench supply, 16 V AC',
    needs: 'benchPower',
  },
];
