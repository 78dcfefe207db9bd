import { said } from '../said';
import type { RegionPack } from './pack';

export const britain230: RegionPack = {
  id: 'gb-230',
  name: 'Britain and Ireland, 230 V 50 Hz',
  mains: { nominalVolts: 230, lowPercent: -6, highPercent: 10, frequencyHz: 50 },
  lengths: 'metric',
  sheet: 'A4',
  gauge: 'mm2',
  bellGuess: { volts: 8, va: [5, 8, 12], otherVolts: [12, 24] },
  gaugeGuessMm2: [0.5, 0.75, 1],
  coilGuess: { ohms: 4, reactanceOhms: 4.4, volts: 8 },
  colours: {
    now: said('lineBrownNeutral'),
    old: said('oldColoursHere'),
    claims: {
      now: {
        brown: 'hot',
        black: 'hot',
        grey: 'hot',
        red: 'hot',
        blue: 'neutral',
        greenYellow: 'ground',
        green: 'ground',
        bare: 'ground',
      },
      old: {
        red: 'hot',
        yellow: 'hot',
        blue: 'hot',
        black: 'neutral',
        green: 'ground',
        greenYellow: 'ground',
        bare: 'ground',
      },
    },
    fixture: { hot: 'brown', neutral: 'blue', ground: 'greenYellow' },
  },
  boxRoom: 'spaceShare',
  reserved: ['board', 'newCircuit', 'newGround', 'groundByRule'],
  usualAmps: [6, 10, 16, 20, 32, 40],
  feedProtection: said('spurOrLighting'),
  bellSupply: said('railSupply'),
  mainsWork: said('workConsumerUnit'),
  cautions: {
    board: said('coverConsumerUnit'),
    colours: said('blueMayOld'),
    transformer: said('sourceOutsideBathroom'),
    oldWalls: said('oldSoffits'),
  },
};
