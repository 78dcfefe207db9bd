import { said, type Text } from '../said';

/** Where bell transformers are found (domain/survey), in the order of a walk. */
export const TRANSFORMER_PLACES = [
  'board',
  'boilerRoom',
  'basementJoist',
  'lightBox',
  'droppedCeiling',
  'behindChime',
  'attic',
  'garage',
  'closet',
  'underStairs',
] as const;
export type TransformerPlace = (typeof TRANSFORMER_PLACES)[number];

export interface PlaceFacts {
  readonly how: Text;
  /** Minutes to look there properly: an engineering default. */
  readonly minutes: number;
  /** Weight before anything is known of the house: an engineering default. */
  readonly weight: number;
}

export const PLACE_FACTS: Readonly<Record<TransformerPlace, PlaceFacts>> = {
  board: {
    how: said('knockOutsDin'),
    minutes: 3,
    weight: 25,
  },
  boilerRoom: {
    how: said('notHeatingsOwn'),
    minutes: 4,
    weight: 16,
  },
  basementJoist: {
    how: said('underChimeUnder'),
    minutes: 6,
    weight: 14,
  },
  lightBox: { how: said('utilityClosetStair'), minutes: 10, weight: 7 },
  droppedCeiling: {
    how: said('liftTileChime'),
    minutes: 9,
    weight: 4,
  },
  behindChime: {
    how: said('thickChimeMains'),
    minutes: 4,
    weight: 8,
  },
  attic: { how: said('boardsOnlyWatch'), minutes: 14, weight: 9 },
  garage: { how: said('wallSharedHouse'), minutes: 5, weight: 9 },
  closet: { how: said('upperBackWall'), minutes: 3, weight: 5 },
  underStairs: { how: said('meterOver'), minutes: 3, weight: 5 },
};

/** What is known of the house and seen of the wires; undefined where nobody said it. */
export interface HouseClues {
  readonly mainsVolts: number;
  readonly yearBuilt?: number | undefined;
  readonly basement?: 'yes' | 'no' | undefined;
  readonly attic?: 'yes' | 'no' | undefined;
  readonly heating?: 'furnace' | 'boiler' | 'other' | undefined;
  readonly droppedCeiling?: 'yes' | 'no' | undefined;
  readonly garage?: 'yes' | 'no' | undefined;
  readonly boardArea?: 'basement' | 'garage' | 'hall' | 'utility' | 'outside' | undefined;
  readonly chimeKind?: string | undefined;
  /** Which way the cable leaves the chime. */
  readonly cableLeaves?: 'down' | 'up' | 'sideways' | undefined;
  /** The bell dies with a light: its feed is a lighting circuit. */
  readonly diesWithLight?: boolean | undefined;
  /** Where something hums or is warm. */
  readonly humAt?: TransformerPlace | undefined;
}

/** By how much a clue moves a place: engineering defaults, kept apart so that each can be argued about. */
const HUM = 12;

type Factors = Readonly<Partial<Record<TransformerPlace, number>>>;

const CLUES: readonly { readonly seen: (house: HouseClues) => boolean; readonly factors: Factors }[] = [
  { seen: ({ basement }) => basement === 'no', factors: { basementJoist: 0 } },
  { seen: ({ basement }) => basement === 'yes', factors: { basementJoist: 1.6, attic: 0.6, closet: 0.7 } },
  { seen: ({ attic }) => attic === 'no', factors: { attic: 0 } },
  { seen: ({ garage }) => garage === 'no', factors: { garage: 0 } },
  { seen: ({ droppedCeiling }) => droppedCeiling === 'no', factors: { droppedCeiling: 0 } },
  { seen: ({ droppedCeiling }) => droppedCeiling === 'yes', factors: { droppedCeiling: 4 } },
  { seen: ({ heating }) => heating === 'other', factors: { boilerRoom: 0.2 } },
  { seen: ({ heating }) => heating === 'furnace', factors: { boilerRoom: 1.4 } },
  { seen: ({ boardArea }) => boardArea === 'basement', factors: { basementJoist: 1.3, board: 1.2 } },
  { seen: ({ boardArea }) => boardArea === 'garage', factors: { garage: 1.8 } },
  { seen: ({ boardArea }) => boardArea === 'outside', factors: { board: 0.1 } },
  // In Britain and Ireland it sits in the board or beside it, or in the chime
  {
    seen: ({ mainsVolts }) => mainsVolts > 200,
    factors: { board: 2, underStairs: 2.5, behindChime: 2, boilerRoom: 0.3, garage: 0.5 },
  },
  {
    seen: ({ yearBuilt }) => yearBuilt !== undefined && yearBuilt < 1960,
    factors: { lightBox: 1.8, basementJoist: 1.3, garage: 0.5 },
  },
  {
    seen: ({ yearBuilt }) => yearBuilt !== undefined && yearBuilt >= 1985,
    factors: { garage: 1.6, closet: 1.4, attic: 1.3 },
  },
  {
    seen: ({ cableLeaves }) => cableLeaves === 'down',
    factors: { attic: 0.15, droppedCeiling: 0.4, basementJoist: 2, boilerRoom: 1.5, underStairs: 1.3 },
  },
  {
    seen: ({ cableLeaves }) => cableLeaves === 'up',
    factors: { attic: 3, droppedCeiling: 2.5, basementJoist: 0.15, boilerRoom: 0.4, underStairs: 0.3 },
  },
  { seen: ({ chimeKind }) => chimeKind === 'boxedMains', factors: { behindChime: 30 } },
  { seen: ({ diesWithLight }) => diesWithLight === true, factors: { lightBox: 6, droppedCeiling: 3, board: 0.3 } },
];

/** Weight of a place in a house with these clues; 0 where it can't be. */
export const placeWeight = (place: TransformerPlace, house: HouseClues): number =>
  CLUES.reduce(
    (weight, { seen, factors }) => (seen(house) ? weight * (factors[place] ?? 1) : weight),
    PLACE_FACTS[place].weight * (house.humAt === place ? HUM : 1),
  );
