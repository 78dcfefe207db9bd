import { betweenPart, moveTask } from '../../wiring';
import { LABEL_TASK } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

export const jumper: TreatmentPlan = {
  id: 'jumper',
  name: 'Jumper',
  what: 'Front and Trans shorted, wires stay',
  sounds: false,
  kinds: ['mechanical', 'electronic'],
  fits: null,
  regions: [],
  minutes: 8,
  cost: 2,
  parts: ['jumper wire'],
  setting: 'no chime',
  tasks: () => [
    LABEL_TASK,
    moveTask(
      'chime',
      'jumper-front',
      'bell',
      [
        {
          do: 'add',
          part: betweenPart({
            id: 'jumper',
            name: 'jumper',
            place: 'chime',
            kind: 'link',
            ohms: 0.02,
            leads: ['jumper', 'jumper’s other end'],
          }),
        },
        { do: 'on', lead: 'jumper.a', joint: 'chime.Front' },
      ],
      'Strip 8 mm, hook clockwise.',
    ),
    moveTask(
      'chime',
      'jumper-trans',
      'bell',
      [{ do: 'on', lead: 'jumper.b', joint: 'chime.Trans' }],
      'The chime is silent from now on: tell the customer, pair the plug-in sounder.',
    ),
  ],
};
