import { leadsAt, lookTask, moveTask, type Lead, type Move } from '../../wiring';
import type { FeedRemedy } from './feedRemedy';

const CARRIES = ['hot', 'neutral', 'ground'] as const;
/** What the old feed may lie in. */
const OLD = ['splice.hot', 'splice.switched', 'splice.neutral'].flatMap((joint) => [joint, `cap.${joint}`]);

/** No neutral, or no feed worth using: a cable of its own from a circuit that is always on. */
export const newCable: FeedRemedy = {
  id: 'newCable',
  name: 'New cable from a feed that is always on',
  cases: ['b', 'd'],
  // What goes on from here would lose its feed with the old one
  fits: ({ cables }) => cables.every(({ role }) => role !== 'feedThrough'),
  when: 'The one sound way without a neutral. A ground is never used as one.',
  minutes: 120,
  cost: 60,
  licensed: true,
  parts: ['cable with hot, neutral and ground', 'clamp for it', 'clips'],
  tasks: (wiring) => {
    const old = OLD.flatMap((joint) => leadsAt(wiring, joint));
    const fresh = CARRIES.map((carries): Lead => ({
      id: `newCable.${carries}`,
      name: `new cable’s ${carries}`,
      cable: 'new cable',
      carries,
      from: null,
      to: null,
      house: { circuit: 'new', beyond: 'supply' },
    }));
    return [
      lookTask(
        'box',
        'feed-cable-who',
        'Who pulls the new cable is licensed for it here',
        'A new cable or circuit is reserved or notifiable in many places.',
      ),
      moveTask(
        'box',
        'feed-cable',
        'mains',
        [
          // Off at both ends, capped and labelled: it is no part of the wiring any more, only of the box’s fill
          ...old.map(({ id }): Move => ({ do: 'pull', lead: id })),
          { do: 'lay', leads: fresh },
        ],
        'Clamp it; 150 mm of free length. The old feed is off and capped at both ends, labelled: out of use.',
        'New cable in through its clamp, old feed capped at both ends',
      ),
    ];
  },
};
