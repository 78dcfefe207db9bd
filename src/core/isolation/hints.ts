/** What is seen and is no proof; those that speak of life end a proof. */
export const HINTS = {
  bellSilent: { words: 'bell does not ring', alive: false },
  lampDark: { words: 'lamp or charger dark', alive: false },
  penQuiet: { words: 'non-contact pen quiet', alive: false },
  bellRings: { words: 'bell rings', alive: true },
  lampLit: { words: 'lamp or charger lit', alive: true },
  penBeeps: { words: 'non-contact pen beeps', alive: true },
} as const;
export type Hint = keyof typeof HINTS;
export const HINT_IDS = Object.keys(HINTS) as readonly Hint[];
