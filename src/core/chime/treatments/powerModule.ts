import { said } from '../../said';
import { lookTask, moveTask } from '../../wiring';
import { modulePart } from '../chimeParts';
import { LABEL_TASK } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

export const powerModule: TreatmentPlan = {
  id: 'powerModule',
  name: said('powerModule'),
  what: said('addedAcrossFront'),
  sounds: true,
  kinds: ['mechanical'],
  fits: { shelf: 'module', way: 'parallel' },
  regions: [],
  minutes: 12,
  cost: 0,
  parts: [],
  setting: 'mechanicalWithModule',
  tasks: () => [
    LABEL_TASK,
    moveTask(
      'chime',
      'module-front',
      'bell',
      [
        { do: 'add', part: modulePart('module') },
        { do: 'on', lead: 'module.a', joint: 'chime.Front' },
      ],
      said('stripAndHookClosed'),
    ),
    moveTask(
      'chime',
      'module-trans',
      'bell',
      [{ do: 'on', lead: 'module.b', joint: 'chime.Trans' }],
      said('oneTerminalTimeEither'),
    ),
    lookTask('chime', 'module-place', said('stickModuleClear'), said('sideTopLeads')),
  ],
};
