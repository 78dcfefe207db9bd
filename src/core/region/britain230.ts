import type { RegionPack } from './pack';

export const britain230: RegionPack = {
  id: 'gb-230',
  name: 'Britain and Ireland, 230 V 50 Hz',
  mains: { nominalVolts: 230, lowPercent: -6, highPercent: 10, frequencyHz: 50 },
  lengths: 'metric',
  gauge: 'mm2',
  bellGuess: { volts: 8, va: [5, 8, 12], otherVolts: [12, 24] },
  gaugeGuessMm2: [0.5, 0.75, 1],
  coilGuess: { ohms: 4, reactanceOhms: 4.4, volts: 8 },
  words: { board: 'consumer unit', way: 'way', ground: 'earth', connector: 'connector' },
  mainsWork:
    'Work in the consumer unit, new circuits and bathroom zones are notifiable: a registered electrician, or notice given.',
};
