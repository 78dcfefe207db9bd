import { hasPart, leadsAt, moveTask, spliceAt, type Move } from '../../wiring';
import type { FeedRemedy } from './feedRemedy';
import { allOff } from './feedRemedy';

const SPLICE = 'splice.ahead';

/** Both hots off the switch or timer, joined, the part out of the way: two leads in one splice in its box. */
const joinIt =
  (name: string, blank: string): FeedRemedy['tasks'] =>
  (wiring) => {
    if (!hasPart(wiring, 'switch')) return [];
    const leads = ['switch.in', 'switch.out'].flatMap((joint) => leadsAt(wiring, joint).map(({ id }) => id));
    return [
      {
        ...moveTask(
          'switch',
          'feed-ahead-prove',
          'mains',
          [],
          'It is a box of its own: two-pole tester at its own conductors, every pair and each to ground.',
          `${name} out of its box, proved dead there too, photographed`,
        ),
        photo: true,
      },
      moveTask(
        'switch',
        'feed-ahead-join',
        'mains',
        [
          ...allOff(wiring, 'switch.in'),
          ...allOff(wiring, 'switch.out'),
          { do: 'splice', joint: spliceAt(SPLICE, 'switch', 'feed and leg') },
          ...leads.map((lead): Move => ({ do: 'on', lead, joint: SPLICE })),
          { do: 'remove', part: 'switch' },
        ],
        'Neutral and ground in that box stay as they are; the ground keeps its splice.',
        `Feed and leg joined, the ${name.toLowerCase()} out`,
      ),
      moveTask('switch', 'feed-ahead-blank', 'mains', [], blank, 'Blank plate on, label: joined through, camera'),
    ];
  };

export const joinAtSwitch: FeedRemedy = {
  id: 'joinAtSwitch',
  name: 'Join the leg to the feed in the switch’s box, blank it',
  cases: ['b'],
  fits: ({ ahead }) => ahead !== 'timer',
  when: 'Always on for good. Two boxes to open, each proved dead.',
  minutes: 25,
  cost: 5,
  licensed: false,
  parts: ['blank plate', '2 connectors'],
  tasks: joinIt('Switch', 'Whoever opens it next finds a splice, not a switch.'),
};

export const joinAtTimer: FeedRemedy = {
  id: 'joinAtTimer',
  name: 'Take the timer out, join its feed through',
  cases: ['c'],
  fits: ({ ahead }) => ahead === 'timer',
  when: 'A timer turns the camera off by day. Its other loads lose it too.',
  minutes: 25,
  cost: 5,
  licensed: false,
  parts: ['blank plate', '2 connectors'],
  tasks: joinIt('Timer', 'What else hung on it is on all day now: ask first.'),
};
