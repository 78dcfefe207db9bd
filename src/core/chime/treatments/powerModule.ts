import { lookTask, moveTask } from '../../wiring';
import { modulePart } from '../chimeParts';
import { LABEL_TASK } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

export const powerModule: TreatmentPlan = {
  id: 'powerModule',
  name: 'Power module',
  what: 'added across Front and Trans, house wires stay',
  sounds: true,
  kinds: ['mechanical'],
  fits: { shelf: 'module', way: 'parallel' },
  regions: [],
  minutes: 12,
  cost: 0,
  parts: [],
  setting: 'mechanical chime, module fitted',
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
      'Strip 8 mm, hook clockwise so that the screw closes the hook. Nothing on the other door’s screw.',
    ),
    moveTask(
      'chime',
      'module-trans',
      'bell',
      [{ do: 'on', lead: 'module.b', joint: 'chime.Trans' }],
      'One terminal at a time. Either lead may go to either screw: AC has no polarity here.',
    ),
    lookTask(
      'chime',
      'module-place',
      'Stick the module clear of plungers and bars, close the cover',
      'On the side, or on top with the leads led out. A muffled ring is the sign that it touches.',
    ),
  ],
};
