import { said } from '../../said';
import { hasPart, moveTask, spliceAt, type Move } from '../../wiring';
import { LABEL_TASK, rearIsFed, rearWires, swing, wiresOn } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

const SPLICE = 'splice.through';
/** A second chime’s coil must not be shorted: its wires stay apart. */
const SECOND = 'toSecond';

export const takeOut: TreatmentPlan = {
  id: 'takeOut',
  name: said('takeOut'),
  what: said('wiresJoinedChime'),
  sounds: false,
  kinds: ['mechanical', 'electronic'],
  fits: null,
  regions: [],
  minutes: 18,
  cost: 8,
  parts: [said('connectorsCount', { count: 2 }), said('blankPlate')],
  setting: 'none',
  tasks: (found) => {
    const fed = rearIsFed(found);
    const rear = rearWires(found).flatMap(({ id: lead }): readonly Move[] => [
      { do: 'off', lead, joint: 'chime.Rear' },
      ...(fed ? [{ do: 'on', lead, joint: SPLICE } as const] : []),
    ]);
    const second = wiresOn(found, 'Front').some(({ lead }) => lead.run === SECOND);
    return [
      LABEL_TASK,
      moveTask('chime', 'takeout-front', 'bell', swing(found, 'Front', null), said('leaveLabelled')),
      moveTask(
        'chime',
        'takeout-trans',
        'bell',
        [
          { do: 'splice', joint: spliceAt(SPLICE, 'chime', said('wiresJoined')) },
          ...swing(found, 'Trans', null),
          ...[...wiresOn(found, 'Trans'), ...wiresOn(found, 'Front')]
            .filter(({ lead }) => lead.run !== SECOND)
            .map(({ lead }): Move => ({ do: 'on', lead: lead.id, joint: SPLICE })),
        ],
        second ? said('secondChimesTwo') : said('anyThirdWire'),
        said('transformersWireOffTrans'),
      ),
      ...(rear.length > 0
        ? [moveTask('chime', 'takeout-rear', 'bell', rear, fed ? said('rearDoorbellFed') : said('cappedItselfChime'))]
        : []),
      moveTask(
        'chime',
        'takeout-blank',
        'bell',
        hasPart(found, 'chime') ? [{ do: 'remove', part: 'chime' }] : [],
        said('askCustomerBecomes'),
        said('takeChimeDown'),
      ),
    ];
  },
};
