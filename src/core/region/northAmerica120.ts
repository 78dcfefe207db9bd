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
  gauge: 'awg',
  bellGuess: { volts: 16, va: [8, 10, 30], otherVolts: [10, 24] },
  gaugeGuessMm2: [awgToMm2(24), awgToMm2(20), awgToMm2(18)],
  coilGuess: { ohms: 6, reactanceOhms: 8, volts: 16 },
  colours: {
    now: 'hot black or red, neutral white, ground green or bare',
    old: 'cloth, or two alike: prove which is which',
    claims: { now: CLAIMS, old: CLAIMS },
    fixture: { hot: 'black', neutral: 'white', ground: 'green' },
  },
  protection: { none: 'breaker alone', rcd: 'GFCI', arcFault: 'AFCI', both: 'GFCI and AFCI', fuse: 'fuse' },
  boxRoom: 'us-314.16',
  usualAmps: [15, 20, 30, 40, 50],
  feedProtection: 'breaker 15 or 20 A; GFCI as code asks',
  bellSupply: '16 to 24 V class 2, on a box or plug-in',
  mainsWork: 'Permits may apply; panel work and new circuits are often for a licensed electrician.',
  cautions: {
    board: 'The panel’s cover stays on: read the labels, switch the breakers, nothing behind it.',
    colours: 'A white may have been re-used as hot. A colour is a claim: prove it by test.',
    transformer: 'A 24 V control transformer by the furnace belongs to the heating. Do not borrow it.',
    oldWalls: 'Before 1980 stucco and boards may hold asbestos, paint may hold lead: not drilled until known.',
  },
};
