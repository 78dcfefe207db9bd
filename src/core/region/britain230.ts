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
  colours: {
    now: 'line brown, neutral blue, earth green-yellow',
    old: 'until 2004–2006 line red, neutral black, earth green or bare',
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
  protection: { none: 'breaker alone', rcd: 'RCD 30 mA', arcFault: 'AFDD', both: 'RCD and AFDD', fuse: 'fuse' },
  boxRoom: 'spaceShare',
  usualAmps: [6, 10, 16, 20, 32, 40],
  feedProtection: 'fused spur 3 A, or a lighting circuit 6 A behind a 30 mA RCD',
  bellSupply: '8, 12 or 24 V on DIN rail, safety isolating',
  mainsWork:
    'Work in the consumer unit, new circuits and bathroom zones are notifiable: a registered electrician, or notice given.',
  cautions: {
    board: 'The cover of the consumer unit stays on: read the labels, switch the ways, nothing behind it.',
    colours: 'Blue may be an old third line or a strapper, black a new line; blue in a switch drop is switched line.',
    transformer: 'Its source outside bathroom zones; the bell side is never earthed.',
    oldWalls: 'Before 2000 soffits and boards may hold asbestos, old paint lead: not drilled until known.',
  },
};
