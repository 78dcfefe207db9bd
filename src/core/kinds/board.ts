import { LIMITS, fact, schemasOf } from '../facts';
import { exact, maybe, reference } from './fields';

export const PROTECTIONS = ['none', 'rcd', 'arcFault', 'both', 'fuse'] as const;

/** A board at the site and how many ways it has. */
export const boardListed = exact({
  boardId: reference(),
  name: maybe.text(),
  /** Its ways are numbered from 1; further ones (7A, 7B) are listed by themselves. */
  ways: maybe.whole(LIMITS.ways),
});

export const WAY_FACTS = {
  /** As written there. */
  label: fact.text(),
  ratingAmps: fact.figure({ unit: 'A', unitWords: ['a', 'amp', 'amps'], ...LIMITS.amps }),
  protection: fact.choice(PROTECTIONS),
  /** Must not be switched off. */
  doNotDrop: fact.yes(),
  why: fact.text(),
  /** Whoever it concerns agreed that it is switched off now. */
  agreed: fact.yes(),
  gone: fact.yes(),
} as const;

/** One way of a board, by the number that stands there: two ways with one number can’t be said. */
export const wayListed = exact({ boardId: reference(), way: reference(), ...schemasOf(WAY_FACTS) });
