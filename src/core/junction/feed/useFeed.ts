import type { FeedRemedy } from './feedRemedy';

/** The hot that is always on is there: nothing to do about the feed. */
export const useFeed: FeedRemedy = {
  id: 'useFeed',
  name: 'Use the feed as it is',
  cases: ['a', 'f'],
  when: 'Tested with every switch: it stays on.',
  minutes: 0,
  cost: 0,
  licensed: false,
  parts: [],
  tasks: () => [],
};
