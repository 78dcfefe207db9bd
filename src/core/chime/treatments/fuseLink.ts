import { moveTask, spliceAt } from '../../wiring';
import { fuseLinkPart } from '../chimeParts';
import { LABEL_TASK, fuseTestTask, rearFollows, swing } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

export const fuseLink: TreatmentPlan = {
  id: 'fuseLink',
  name: 'Fuse link',
  what: 'wires joined by a fused lead, chime kept as a box',
  sounds: false,
  kinds: ['mechanical', 'electronic'],
  fits: { shelf: 'protector', kind: 'fuseLink' },
  regions: ['gb-230'],
  minutes: 10,
  cost: 0,
  parts: ['spare fuse link'],
  setting: 'no chime',
  tasks: (found) => [
    fuseTestTask('fuse-test'),
    LABEL_TASK,
    moveTask(
      'chime',
      'fuse-front',
      'bell',
      [
        { do: 'add', part: fuseLinkPart() },
        { do: 'splice', joint: spliceAt('splice.front', 'chime', 'door side') },
        { do: 'on', lead: 'fuse.a', joint: 'splice.front' },
        ...swing(found, 'Front', 'splice.front'),
      ],
      'Strip 8 mm, connector closed over all copper.',
      'Door’s wire off Front, joined to the fuse link',
    ),
    moveTask(
      'chime',
      'fuse-trans',
      'bell',
      [
        { do: 'splice', joint: spliceAt('splice.trans', 'chime', 'transformer side') },
        { do: 'on', lead: 'fuse.b', joint: 'splice.trans' },
        ...swing(found, 'Trans', 'splice.trans'),
      ],
      'The chime stays as a junction box and is silent: tell the customer, pair the plug-in sounder.',
      'Transformer’s wire off Trans, joined to the fuse link’s other end',
    ),
    ...rearFollows(found, 'fuse-rear', 'splice.trans'),
  ],
};
