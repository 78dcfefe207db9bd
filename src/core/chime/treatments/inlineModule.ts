import { said } from '../../said';
import { lookTask, moveTask } from '../../wiring';
import { modulePart } from '../chimeParts';
import { LABEL_TASK, swing } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

export const inlineModule: TreatmentPlan = {
  id: 'inlineModule',
  name: said('lineModule'),
  what: said('houseWiresMove'),
  sounds: true,
  kinds: ['mechanical'],
  fits: { shelf: 'module', way: 'inLine' },
  regions: [],
  minutes: 16,
  cost: 0,
  parts: [],
  setting: 'mechanicalWithModule',
  tasks: (found) => [
    LABEL_TASK,
    moveTask(
      'chime',
      'inline-front',
      'bell',
      [
        { do: 'add', part: modulePart('inline') },
        ...swing(found, 'Front', 'inline.A'),
        { do: 'on', lead: 'inline.a', joint: 'chime.Front' },
      ],
      said('cutCleanStrip'),
    ),
    moveTask(
      'chime',
      'inline-trans',
      'bell',
      [...swing(found, 'Trans', 'inline.B'), { do: 'on', lead: 'inline.b', joint: 'chime.Trans' }],
      said('oneTerminalTime'),
    ),
    lookTask('chime', 'inline-place', said('stickModuleClear'), said('tryEachPlunger')),
  ],
};
