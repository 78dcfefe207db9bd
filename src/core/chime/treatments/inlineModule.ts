import { lookTask, moveTask } from '../../wiring';
import { modulePart } from '../chimeParts';
import { LABEL_TASK, swing } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

export const inlineModule: TreatmentPlan = {
  id: 'inlineModule',
  name: 'In-line module',
  what: 'house wires move into the module, its leads go to Front and Trans',
  sounds: true,
  kinds: ['mechanical'],
  fits: { shelf: 'module', way: 'inLine' },
  regions: [],
  minutes: 16,
  cost: 0,
  parts: [],
  setting: 'mechanical chime, module fitted',
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
      'Cut clean, strip 8 mm, push in until it holds. No copper to be seen at the port.',
    ),
    moveTask(
      'chime',
      'inline-trans',
      'bell',
      [...swing(found, 'Trans', 'inline.B'), { do: 'on', lead: 'inline.b', joint: 'chime.Trans' }],
      'One terminal at a time, so that no wire changes its place.',
    ),
    lookTask(
      'chime',
      'inline-place',
      'Stick the module clear of plungers and bars, close the cover',
      'Try each plunger by hand: it must move freely.',
    ),
  ],
};
