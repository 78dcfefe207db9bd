import { said, type Text } from '../../said';
import { hasPart, leadsAt, moveTask, proofTask, spliceAt, type Move } from '../../wiring';
import type { FeedRemedy } from './feedRemedy';
import { allOff } from './feedRemedy';

const SPLICE = 'splice.ahead';

/** Both hots off the switch or timer, joined, the part out of the way: two leads in one splice in its box. */
const joinIt =
  (name: string, blank: Text): FeedRemedy['tasks'] =>
  (wiring) => {
    if (!hasPart(wiring, 'switch')) return [];
    const leads = ['switch.in', 'switch.out'].flatMap((joint) => leadsAt(wiring, joint).map(({ id }) => id));
    return [
      {
        ...proofTask('switch', 'feed-ahead-prove', said('outBoxProved', { name }), said('boxOwnTwo')),
        photo: true,
      },
      moveTask(
        'switch',
        'feed-ahead-join',
        'mains',
        [
          ...allOff(wiring, 'switch.in'),
          ...allOff(wiring, 'switch.out'),
          { do: 'splice', joint: spliceAt(SPLICE, 'switch', said('feedLeg')) },
          ...leads.map((lead): Move => ({ do: 'on', lead, joint: SPLICE })),
          { do: 'remove', part: 'switch' },
        ],
        said('neutralGroundBox'),
        said('feedLegJoined', { toLowerCase: name.toLowerCase() }),
      ),
      { ...moveTask('switch', 'feed-ahead-blank', 'mains', [], blank, said('blankPlateLabel')), closes: true },
    ];
  };

export const joinAtSwitch: FeedRemedy = {
  id: 'joinAtSwitch',
  name: said('joinLegFeed'),
  cases: ['b'],
  fits: ({ ahead }) => ahead !== 'timer',
  when: said('alwaysGoodTwo'),
  minutes: 25,
  cost: 5,
  work: null,
  parts: [said('blankPlate'), said('connectorsCount', { count: 2 })],
  tasks: joinIt('Switch', said('opensNextFinds')),
};

export const joinAtTimer: FeedRemedy = {
  id: 'joinAtTimer',
  name: said('takeTimerOut'),
  cases: ['c'],
  fits: ({ ahead }) => ahead === 'timer',
  when: said('timerTurnsCamera'),
  minutes: 25,
  cost: 5,
  work: null,
  parts: [said('blankPlate'), said('connectorsCount', { count: 2 })],
  tasks: joinIt('Timer', said('elseHungAll')),
};
