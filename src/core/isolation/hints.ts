import { said } from '../said';

/** What is seen and is no proof; those that speak of life end a proof. */
export const HINTS = {
  bellSilent: { words: said('bellDoesNot'), alive: false },
  lampDark: { words: said('lampChargerDark'), alive: false },
  penQuiet: { words: said('nonContactPen'), alive: false },
  bellRings: { words: said('bellRings'), alive: true },
  lampLit: { words: said('lampChargerLit'), alive: true },
  penBeeps: { words: said('nonContactPenBeeps'), alive: true },
} as const;
export type Hint = keyof typeof HINTS;
export const HINT_IDS = Object.keys(HINTS) as readonly Hint[];
