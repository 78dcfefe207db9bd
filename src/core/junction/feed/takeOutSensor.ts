import { said } from '../../said';
import { hasPart, moveTask } from '../../wiring';
import { allOff, type FeedRemedy } from './feedRemedy';

/** The old sensor or photocell goes with the old fixture: behind it the feed is straight. */
export const takeOutSensor: FeedRemedy = {
  id: 'takeOutSensor',
  name: said('takeOldSensor'),
  cases: ['c'],
  fits: ({ ahead }) => ahead === 'sensor' || ahead === 'photocell',
  when: said('twoSensorsRow'),
  minutes: 6,
  cost: 0,
  work: null,
  parts: [],
  tasks: (wiring) => {
    if (!hasPart(wiring, 'sensor')) return [];
    const joints = ['splice.hot', 'splice.neutral', 'splice.lamp', `cap.splice.lamp`];
    const own = new Set(['sensor.hot', 'sensor.neutral', 'sensor.out']);
    return [
      moveTask(
        'box',
        'feed-sensor-out',
        'mains',
        [
          ...joints.flatMap((joint) => allOff(wiring, joint).filter((move) => move.do === 'off' && own.has(move.lead))),
          { do: 'remove', part: 'sensor' },
        ],
        said('redSwitchedLead'),
        said('oldSensorOut'),
      ),
    ];
  },
};
