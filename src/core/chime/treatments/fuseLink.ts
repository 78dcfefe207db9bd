import { said } from '../../said';
import { moveTask, spliceAt } from '../../wiring';
import { fuseLinkPart } from '../chimeParts';
import { LABEL_TASK, fuseTestTask, rearFollows, swing } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

export const fuseLink: TreatmentPlan = {
  id: 'fuseLink',
  name: said('fuseLinkTreatment'),
  what: said('wiresJoinedFused'),
  sounds: false,
  kinds: ['mechanical', 'electronic'],
  fits: { shelf: 'protector', kind: 'fuseLink' },
  regions: ['gb-230'],
  minutes: 10,
  cost: 0,
  parts: [said('spareFuseLink')],
  setting: 'none',
  tasks: (found) => [
    fuseTestTask('fuse-test'),
    LABEL_TASK,
    moveTask(
      'chime',
      'fuse-front',
      'bell',
      [
        { do: 'add', part: fuseLinkPart() },
        { do: 'splice', joint: spliceAt('splice.front', 'chime', said('doorSide')) },
        { do: 'on', lead: 'fuse.a', joint: 'splice.front' },
        ...swing(found, 'Front', 'splice.front'),
      ],
      said('stripForConnector'),
      said('doorsWireOff'),
    ),
    moveTask(
      'chime',
      'fuse-trans',
      'bell',
      [
        { do: 'splice', joint: spliceAt('splice.trans', 'chime', said('transformerSide')) },
        { do: 'on', lead: 'fuse.b', joint: 'splice.trans' },
        ...swing(found, 'Trans', 'splice.trans'),
      ],
      said('chimeStaysJunction'),
      said('transformersWireOff'),
    ),
    ...rearFollows(found, 'fuse-rear', 'splice.trans'),
  ],
};
