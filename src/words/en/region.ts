import type { RegionSayings } from '@/core/region';
import type { Sentences } from '../sentence';

export const region: Sentences<RegionSayings> = {
  classTwoSupply: '16 to 24 V class 2, on a box or plug-in',
  railSupply: '8, 12 or 24 V on DIN rail, safety isolating',
  lineBrownNeutral: (_, t) => `line brown, neutral blue, ${t.ground} green-yellow`,
  oldColoursHere: (_, t) => `until 2004–2006 line red, neutral black, ${t.ground} green or bare`,
  spurOrLighting: 'fused spur 3 A, or a lighting circuit 6 A behind a 30 mA RCD',
  workConsumerUnit:
    'Work in the consumer unit, new circuits and bathroom zones are notifiable: a registered electrician, or notice given.',
  coverConsumerUnit: 'The cover of the consumer unit stays on: read the labels, switch the ways, nothing behind it.',
  blueMayOld: 'Blue may be an old third line or a strapper, black a new line; blue in a switch drop is switched line.',
  sourceOutsideBathroom: (_, t) => `Its source outside bathroom zones; the bell side is never ${t.ground}ed.`,
  oldSoffits: 'Before 2000 soffits and boards may hold asbestos, old paint lead: not drilled until known.',
  hotBlackRed: (_, t) => `${t.hot} black or red, neutral white, ${t.ground} green or bare`,
  clothTwoAlike: 'cloth, or two alike: prove which is which',
  breakerFor: (_, t) => `${t.way} 15 or 20 A; GFCI as code asks`,
  permitsMayApply: 'Permits may apply; panel work and new circuits are often for a licensed electrician.',
  panelsCoverStays: (_, t) => `The panel’s cover stays on: read the labels, switch the ${t.way}s, nothing behind it.`,
  whiteMayBeen: (_, t) => `A white may have been re-used as ${t.hot}. A ${t.colour} is a claim: prove it by test.`,
  heatingsOwnTransformer: 'A 24 V control transformer by the furnace belongs to the heating. Do not borrow it.',
  oldStucco: 'Before 1980 stucco and boards may hold asbestos, paint may hold lead: not drilled until known.',
};
