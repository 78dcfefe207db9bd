import { said } from '../said';
import { awgToMm2 } from '../circuit';
import type { ColourClaims, RegionPack } from './pack';

const CLAIMS: ColourClaims = {
  black: 'hot',
  red: 'hot',
  blue: 'hot',
  brown: 'hot',
  orange: 'hot',
  yellow: 'hot',
  white: 'neutral',
  grey: 'neutral',
  green: 'ground',
  greenYellow: 'ground',
  bare: 'ground',
};

export const northAmerica120: RegionPack = {
  id: 'na-120',
  name: 'North America, 120 V 60 Hz',
  mains: { nominalVolts: 120, lowPercent: -10, highPercent: 5, frequencyHz: 60 },
  lengths: 'imperial',
  sheet: 'LETTER',
  gauge: 'awg',
  bellGuess: { volts: 16, va: [8, 10, 30], otherVolts: [10, 24] },
  gaugeGuessMm2: [awgToMm2(24), awgToMm2(20), awgToMm2(18)],
  coilGuess: { ohms: 6, reactanceOhms: 8, volts: 16 },
  colours: {
    now: said('hotBlackRed'),
    old: said('clothTwoAlike'),
    claims: { now: CLAIMS, old: CLAIMS },
    fixture: { hot: 'black', neutral: 'white', ground: 'green' },
  },
  boxRoom: 'us-314.16',
  reserved: ['board', 'newCircuit', 'newGround', 'groundByRule'],
  usualAmps: [15, 20, 30, 40, 50],
  feedProtection: said('breakerFor'),
  bellSupply: said('classTwoSupply'),
  mainsWork: said('permitsMayApply'),
  cautions: {
    board: said('panelsCoverStays'),
    colours: said('whiteMayBeen'),
    transformer: said('heatingsOwnTransformer'),
    oldWalls: said('oldStucco'),
  },
};
