import type { SearchSayings } from '@/core/search';
import type { Sentences } from '../sentence';

export const search: Sentences<SearchSayings> = {
  // search/transformerPlaces
  besideBoard: 'beside the board',
  knockOutsDin: 'On its knock-outs, on DIN rail, or on a box next to it.',
  furnaceBoilerRoom: 'furnace or boiler room',
  notHeatingsOwn: 'Not the heating’s own: follow its secondary.',
  basementCeilingJoist: 'basement ceiling, a joist',
  underChimeUnder: 'Under the chime and under the door.',
  lightsBox: 'on a light’s box',
  utilityClosetStair: 'Utility, closet and stair lights first.',
  aboveDroppedCeiling: 'above a dropped ceiling',
  liftTileChime: 'Lift a tile at the chime, at the board, at the light.',
  behindInsideChime: 'behind or inside the chime',
  thickChimeMains: 'Thick chime, mains cable into it: one housing.',
  atticOverDoor: 'attic over the door',
  boardsOnlyWatch: 'Boards only, watch the wires underfoot.',
  wallSharedHouse: (_, t) => `On the wall shared with the house, by the opener’s ${t.outlet}.`,
  closetNearDoor: 'closet near the door',
  upperBackWall: 'Upper back wall, on a box.',
  underStairs: 'under the stairs',
  meterOver: 'With the meter, or over it.',
};
