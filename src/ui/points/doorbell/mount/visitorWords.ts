import { mountWords } from '@/words/screens';

/** What each visitor that is asked about is called. */
export const VISITOR_WORDS = {
  tallNear: mountWords.tallestCloseUp,
  tallFar: mountWords.tallestStepBack,
  shortNear: mountWords.shortestCloseUp,
  shortFar: mountWords.shortestStepBack,
} as const;
