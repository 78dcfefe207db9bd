import type { SearchSayings } from '@/core/search';
import type { Sentences } from '../sentence';

export const search: Sentences<SearchSayings> = {
  // search/transformerPlaces
  knockOutsDin: 'On its knock-outs, on DIN rail, or on a box next to it.',
  notHeatingsOwn: 'Not the heating’s own: follow its secondary.',
  underChimeUnder: 'Under the chime and under the door.',
  utilityClosetStair: 'Utility, closet and stair lights first.',
  liftTileChime: 'Lift a tile at the chime, at the board, at the light.',
  thickChimeMains: 'Thick chime, mains cable into it: one housing.',
  boardsOnlyWatch: 'Boards only, watch the wires underfoot.',
  wallSharedHouse: (_, t) => `On the wall shared with the house, by the opener’s ${t.outlet}.`,
  upperBackWall: 'Upper back wall, on a box.',
  underStairs: 'under the stairs',
  meterOver: 'With the meter, or over it.',
};
