import { said } from '../../said';
import { betweenPart, lookTask, moveTask } from '../../wiring';
import { LABEL_TASK, rearFollows, swing } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

export const moduleBypass: TreatmentPlan = {
  id: 'moduleBypass',
  name: said('moduleBypass'),
  what: said('chimeOutLoopWires'),
  sounds: false,
  kinds: ['mechanical', 'electronic'],
  fits: { shelf: 'module', way: 'bypass' },
  regions: ['na-120'],
  minutes: 10,
  cost: 0,
  parts: [],
  setting: 'none',
  tasks: (found) => [
    LABEL_TASK,
    moveTask(
      'chime',
      'bypass-front',
      'bell',
      [
        {
          do: 'add',
          part: betweenPart({ id: 'bypass', name: said('bypassPort'), place: 'chime', kind: 'link', ohms: 0.3 }),
        },
        ...swing(found, 'Front', 'bypass.A'),
      ],
      said('takeModulesLead'),
    ),
    moveTask('chime', 'bypass-trans', 'bell', swing(found, 'Trans', 'bypass.B'), said('bothPortsFilled')),
    ...rearFollows(found, 'bypass-rear', 'bypass.B'),
    lookTask('chime', 'bypass-place', said('layModuleChime'), said('chimeSilentNow')),
  ],
};
