import { hasPart, moveTask } from '../../wiring';
import type { FeedRemedy } from './feedRemedy';

/** The switch stays on, guarded and labelled: quick, and only as good as the people in the house. */
export const guardSwitch: FeedRemedy = {
  id: 'guardSwitch',
  name: 'Keep the switch on, guarded and labelled',
  cases: ['b'],
  when: 'Quick. Whoever takes the guard off turns the camera off.',
  minutes: 6,
  cost: 6,
  licensed: false,
  parts: ['switch guard', 'label “keep on: camera”'],
  tasks: (wiring) =>
    hasPart(wiring, 'switch')
      ? [
          {
            ...moveTask(
              'switch',
              'feed-guard',
              'mains',
              [{ do: 'guard', part: 'switch' }],
              'The guard goes over the plate; its screws are the plate’s own. Tell the house what hangs on it.',
              'Switch on, guard over it, label: keep on, camera',
            ),
          },
        ]
      : [],
};
