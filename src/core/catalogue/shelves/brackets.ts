import { BRACKET_PLACES } from '../bracket';
import { COST, MINUTES, NAMED, REMARK, nothingDisagrees, type Shelf } from '../shelf';

/** What a floodlight camera can stand on where its own plate would look the wrong way. */
export const brackets: Shelf = {
  words: 'Brackets',
  one: 'bracket',
  columns: [
    ...NAMED,
    { name: 'fits', words: 'goes on', type: 'choice', of: BRACKET_PLACES, main: true },
    { name: 'upright', words: 'stands upright under an eave', type: 'choice', of: ['yes', 'no'], main: true },
    { name: 'turnDeg', words: 'turns aside', type: 'figure', unit: '°', least: 0, most: 90, main: true },
    { name: 'outM', words: 'stands out', type: 'figure', unit: 'm', least: 0, most: 1, main: true },
    MINUTES,
    COST,
    REMARK,
  ],
  shipped: [
    {
      id: 'eave-block',
      name: 'Block that stands upright under an eave',
      fits: 'eave',
      upright: 'yes',
      turnDeg: 0,
      outM: 0,
      minutes: 20,
      cost: 28,
    },
    {
      id: 'corner-45',
      name: 'Corner bracket 45°',
      fits: 'wall',
      upright: 'no',
      turnDeg: 45,
      outM: 0.1,
      minutes: 15,
      cost: 34,
    },
    { id: 'arm-30', name: 'Arm 0.3 m', fits: 'wall', upright: 'no', turnDeg: 0, outM: 0.3, minutes: 15, cost: 38 },
  ],
  disagreements: nothingDisagrees,
};
