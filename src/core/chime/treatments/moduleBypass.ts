import { betweenPart, lookTask, moveTask } from '../../wiring';
import { LABEL_TASK, rearFollows, swing } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

export const moduleBypass: TreatmentPlan = {
  id: 'moduleBypass',
  name: 'Module in bypass',
  what: 'chime out of the loop, wires joined through a self-resetting protector',
  sounds: false,
  kinds: ['mechanical', 'electronic'],
  fits: { shelf: 'module', way: 'bypass' },
  regions: ['na-120'],
  minutes: 10,
  cost: 0,
  parts: [],
  setting: 'no chime',
  tasks: (found) => [
    LABEL_TASK,
    moveTask(
      'chime',
      'bypass-front',
      'bell',
      [
        {
          do: 'add',
          part: betweenPart({ id: 'bypass', name: 'bypass port', place: 'chime', kind: 'link', ohms: 0.3 }),
        },
        ...swing(found, 'Front', 'bypass.A'),
      ],
      'Take the module’s lead set off first. Strip 8 mm, push in until it holds.',
    ),
    moveTask(
      'chime',
      'bypass-trans',
      'bell',
      swing(found, 'Trans', 'bypass.B'),
      'Both ports filled, no copper to be seen. Its protector resets itself.',
    ),
    ...rearFollows(found, 'bypass-rear', 'bypass.B'),
    lookTask(
      'chime',
      'bypass-place',
      'Lay the module in the chime and close the cover',
      'The chime is silent from now on: tell the customer, pair the plug-in sounder.',
    ),
  ],
};
