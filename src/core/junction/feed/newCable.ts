import { said } from '../../said';
import { NEW_CIRCUIT, leadsAt, lookTask, moveTask, type Lead, type Move } from '../../wiring';
import type { FeedRemedy } from './feedRemedy';

const CARRIES = ['hot', 'neutral', 'ground'] as const;
/** What the old feed may lie in. */
const OLD = ['splice.hot', 'splice.switched', 'splice.neutral'].flatMap((joint) => [joint, `cap.${joint}`]);

/** No neutral, or no feed worth using: a cable of its own from a circuit that is always on. */
export const newCable: FeedRemedy = {
  id: 'newCable',
  name: said('newCableFeed'),
  cases: ['b', 'd'],
  // What goes on from here would lose its feed with the old one
  fits: ({ cables }) => cables.every(({ role }) => role !== 'feedThrough'),
  when: said('oneSoundWay'),
  minutes: 120,
  cost: 60,
  work: 'newCircuit',
  parts: [said('cableHotNeutral'), said('clampForIt'), said('clips')],
  tasks: (wiring) => {
    const old = OLD.flatMap((joint) => leadsAt(wiring, joint));
    const fresh = CARRIES.map((carries): Lead => ({
      id: `newCable.${carries}`,
      name: said('newCables', { carries }),
      cable: said('newCable'),
      carries,
      from: null,
      to: null,
      house: { circuit: NEW_CIRCUIT, beyond: 'supply' },
    }));
    return [
      lookTask('box', 'feed-cable-who', said('pullsNewCable'), said('newCableCircuit')),
      moveTask(
        'box',
        'feed-cable',
        'mains',
        [
          // Off at both ends, capped and labelled: it is no part of the wiring any more, only of the box’s fill
          ...old.map(({ id }): Move => ({ do: 'pull', lead: id })),
          { do: 'lay', leads: fresh },
        ],
        said('clampWithSlack'),
        said('newCableThrough'),
      ),
    ];
  },
};
