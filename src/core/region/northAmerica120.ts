import { awgToMm2 } from '../circuit';
import type { RegionPack } from './pack';

export const northAmerica120: RegionPack = {
  id: 'na-120',
  name: 'North America, 120 V 60 Hz',
  mains: { nominalVolts: 120, lowPercent: -10, highPercent: 5, frequencyHz: 60 },
  lengths: 'imperial',
  gauge: 'awg',
  bellGuess: { volts: 16, va: [8, 10, 30], otherVolts: [10, 24] },
  gaugeGuessMm2: [awgToMm2(24), awgToMm2(20), awgToMm2(18)],
  coilGuess: { ohms: 6, reactanceOhms: 8, volts: 16 },
  words: { board: 'breaker panel', way: 'breaker', ground: 'ground', connector: 'twist-on connector' },
  mainsWork: 'Permits may apply; panel work and new circuits are often for a licensed electrician.',
};
