import { LIMITS } from '../facts';
import { exact, maybe, reference } from './fields';

export const PROTECTIONS = ['none', 'rcd', 'arcFault', 'both', 'fuse'] as const;

/** A board at the site and how many ways it has. */
export const boardListed = exact({
  boardId: reference(),
  name: maybe.text(),
  /** Its ways are numbered from 1; further ones (7A, 7B) are listed by themselves. */
  ways: maybe.whole(LIMITS.ways),
});

/** One way of a board, by the number that stands there: two ways with one number can’t be said. */
export const wayListed = exact({
  boardId: reference(),
  way: reference(),
  /** As written there. */
  label: maybe.text(),
  ratingAmps: maybe.amount(LIMITS.amps),
  protection: maybe.choice(PROTECTIONS),
  /** Must not be switched off. */
  doNotDrop: maybe.yes(),
  why: maybe.text(),
  /** Whoever it concerns agreed that it is switched off now. */
  agreed: maybe.yes(),
  gone: maybe.yes(),
});
