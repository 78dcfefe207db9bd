import { hasPart, moveTask, spliceAt, type Move } from '../../wiring';
import { LABEL_TASK, rearIsFed, rearWires, swing, wiresOn } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

const SPLICE = 'splice.through';
/** A second chime’s coil must not be shorted: its wires stay apart. */
const SECOND = 'toSecond';

export const takeOut: TreatmentPlan = {
  id: 'takeOut',
  name: 'Take it out',
  what: 'wires joined, chime removed, blank plate',
  sounds: false,
  kinds: ['mechanical', 'electronic'],
  fits: null,
  regions: [],
  minutes: 18,
  cost: 8,
  parts: ['2 connectors', 'blank plate'],
  setting: 'no chime',
  tasks: (found) => {
    const fed = rearIsFed(found);
    const rear = rearWires(found).flatMap(({ id: lead }): readonly Move[] => [
      { do: 'off', lead, joint: 'chime.Rear' },
      ...(fed ? [{ do: 'on', lead, joint: SPLICE } as const] : []),
    ]);
    const second = wiresOn(found, 'Front').some(({ lead }) => lead.run === SECOND);
    return [
      LABEL_TASK,
      moveTask('chime', 'takeout-front', 'bell', swing(found, 'Front', null), 'Leave it labelled.'),
      moveTask(
        'chime',
        'takeout-trans',
        'bell',
        [
          { do: 'splice', joint: spliceAt(SPLICE, 'chime', 'wires joined') },
          ...swing(found, 'Trans', null),
          ...[...wiresOn(found, 'Trans'), ...wiresOn(found, 'Front')]
            .filter(({ lead }) => lead.run !== SECOND)
            .map(({ lead }): Move => ({ do: 'on', lead: lead.id, joint: SPLICE })),
        ],
        second
          ? 'The second chime’s two wires are capped, each by itself.'
          : 'Any third wire is capped by itself, not joined.',
        'Transformer’s wire off Trans, joined to the door’s',
      ),
      ...(rear.length > 0
        ? [
            moveTask(
              'chime',
              'takeout-rear',
              'bell',
              rear,
              fed
                ? 'The rear doorbell is fed beside the front one from now on.'
                : 'Capped by itself: with the chime gone the rear button rings nothing. Tell the customer.',
            ),
          ]
        : []),
      moveTask(
        'chime',
        'takeout-blank',
        'bell',
        hasPart(found, 'chime') ? [{ do: 'remove', part: 'chime' }] : [],
        'Ask the customer what becomes of the chime.',
        'Take the chime down, fit the blank plate',
      ),
    ];
  },
};
