import type { Values } from './column';
import { bracketFrom, type Bracket } from './bracket';
import { boxItemFrom, boxScrewFrom, type BoxItem, type BoxScrew } from './boxItem';
import { connectorFrom, type Connector } from './connector';
import type { DeviceProfile } from './device';
import { fixtureFrom, type FixtureProfile } from './fixture';
import { chimes, modules, protectors, sounders } from './shelves/atTheChime';
import { boxes, connectors, fixtures, screws } from './shelves/atTheBox';
import { cables, enclosures } from './shelves/atTheCable';
import { wedges } from './shelves/atTheDoor';
import { brackets } from './shelves/brackets';
import { deviceFrom, devices } from './shelves/devices';
import { transformerFrom, transformers } from './shelves/transformers';
import type { TransformerItem } from './transformer';
import type { Shelf } from './shelf';
import { wedgeFrom, type Wedge } from './wedge';

/** Every shelf of the catalogue. A further kind of thing is a line here. */
export const SHELVES = {
  device: devices,
  transformer: transformers,
  chime: chimes,
  module: modules,
  protector: protectors,
  sounder: sounders,
  cable: cables,
  enclosure: enclosures,
  fixture: fixtures,
  connector: connectors,
  box: boxes,
  screw: screws,
  wedge: wedges,
  bracket: brackets,
} as const satisfies Readonly<Record<string, Shelf>>;

export type ShelfId = keyof typeof SHELVES;
export const SHELF_IDS = Object.keys(SHELVES) as readonly ShelfId[];

/** An item that the firm wrote itself. */
export interface OwnItem {
  readonly shelf: ShelfId;
  readonly values: Values;
}

/** An item as it stands on its shelf. */
export interface ShelvedItem {
  readonly values: Values;
  /** Written by the firm. */
  readonly own: boolean;
  /** It stands in the place of a shipped one of the same id. */
  readonly instead: boolean;
}

/** All items of all shelves: the firm’s own ones before the shipped ones they do not replace. */
export type Catalogue = Readonly<Record<ShelfId, readonly ShelvedItem[]>>;

/** Puts the firm’s own items beside and in the place of the shipped ones. Those stay as they are. */
export function catalogueWith(own: readonly OwnItem[]): Catalogue {
  const shelved = (shelf: ShelfId): readonly ShelvedItem[] => {
    const { shipped } = SHELVES[shelf];
    const ours = own.filter((item) => item.shelf === shelf).map(({ values }) => values);
    const ids = new Set(ours.map(({ id }) => id));
    return [
      ...ours.map((values) => ({ values, own: true, instead: shipped.some(({ id }) => id === values.id) })),
      ...shipped.filter(({ id }) => !ids.has(id ?? '')).map((values) => ({ values, own: false, instead: false })),
    ];
  };
  return {
    device: shelved('device'),
    transformer: shelved('transformer'),
    chime: shelved('chime'),
    module: shelved('module'),
    protector: shelved('protector'),
    sounder: shelved('sounder'),
    cable: shelved('cable'),
    enclosure: shelved('enclosure'),
    fixture: shelved('fixture'),
    connector: shelved('connector'),
    box: shelved('box'),
    screw: shelved('screw'),
    wedge: shelved('wedge'),
    bracket: shelved('bracket'),
  };
}

export const SHIPPED_CATALOGUE: Catalogue = catalogueWith([]);

export const devicesIn = ({ device }: Catalogue): readonly DeviceProfile[] =>
  device.map(({ values }) => deviceFrom(values));

/** What can be fitted in a region. */
export const transformersIn = ({ transformer }: Catalogue, regionId: string): readonly TransformerItem[] =>
  transformer.map(({ values }) => transformerFrom(values)).filter(({ regions }) => regions.includes(regionId));

const allFixtures = ({ fixture }: Catalogue): readonly FixtureProfile[] =>
  fixture.map(({ values }) => fixtureFrom(values));

/** Floodlight cameras with bare leads, for a box. */
export const fixturesIn = (catalogue: Catalogue): readonly FixtureProfile[] =>
  allFixtures(catalogue).filter(({ plugLeadM }) => plugLeadM === 0);

/** Those that come with a plug. */
export const plugFixturesIn = (catalogue: Catalogue): readonly FixtureProfile[] =>
  allFixtures(catalogue).filter(({ plugLeadM }) => plugLeadM > 0);

/** Connectors, the smallest first. */
export const connectorsIn = ({ connector }: Catalogue): readonly Connector[] =>
  connector.map(({ values }) => connectorFrom(values)).sort((a, b) => a.volumeCm3 - b.volumeCm3 || a.cost - b.cost);

/** Rings and boxes of a region. */
export const boxItemsIn = ({ box }: Catalogue, regionId: string): readonly BoxItem[] =>
  box.map(({ values }) => boxItemFrom(values)).filter(({ regions }) => regions.includes(regionId));

/** Box screws, the shortest first. */
export const boxScrewsIn = ({ screw }: Catalogue): readonly BoxScrew[] =>
  screw.map(({ values }) => boxScrewFrom(values)).sort((a, b) => a.lengthM - b.lengthM);

/** Wedges, those that tilt before those that turn, the flattest first. */
export const wedgesIn = ({ wedge }: Catalogue): readonly Wedge[] =>
  wedge
    .map(({ values }) => wedgeFrom(values))
    .sort((a, b) => (a.axis === b.axis ? a.deg - b.deg : a.axis === 'tilt' ? -1 : 1));

/** Brackets that can be screwed to a wall, or under an eave, the cheapest first. */
export const bracketsIn = ({ bracket }: Catalogue, on: 'wall' | 'eave'): readonly Bracket[] =>
  bracket
    .map(({ values }) => bracketFrom(values))
    .filter(({ fits }) => fits === on || fits === 'both')
    .sort((a, b) => a.cost - b.cost);
