import { said } from '../../said';
import type { FeedRemedy } from './feedRemedy';

/** The hot that is always on is there: nothing to do about the feed. */
export const useFeed: FeedRemedy = {
  id: 'useFeed',
  name: said('useFeed'),
  cases: ['a', 'f'],
  when: said('testedEverySwitch'),
  minutes: 0,
  cost: 0,
  work: null,
  parts: [],
  tasks: () => [],
};
