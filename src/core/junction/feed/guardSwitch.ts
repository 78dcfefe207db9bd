import { said } from '../../said';
import { hasPart, moveTask, proofTask } from '../../wiring';
import type { FeedRemedy } from './feedRemedy';

/** The switch stays on, guarded and labelled: quick, and only as good as the people in the house. */
export const guardSwitch: FeedRemedy = {
  id: 'guardSwitch',
  name: said('keepSwitchGuarded'),
  cases: ['b'],
  when: said('quickTakesGuard'),
  minutes: 6,
  cost: 6,
  work: null,
  parts: [said('switchGuard'), said('labelKeepCamera')],
  tasks: (wiring) =>
    hasPart(wiring, 'switch')
      ? [
          proofTask('switch', 'feed-guard-prove', said('plateLooseProved'), said('boxOwnTwo')),
          {
            ...moveTask(
              'switch',
              'feed-guard',
              'mains',
              [{ do: 'guard', part: 'switch' }],
              said('guardGoesOver'),
              said('switchGuardOver'),
            ),
            closes: true,
          },
        ]
      : [],
};
