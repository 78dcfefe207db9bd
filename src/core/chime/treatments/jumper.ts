import { said } from '../../said';
import { betweenPart, moveTask } from '../../wiring';
import { LABEL_TASK } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

export const jumper: TreatmentPlan = {
  id: 'jumper',
  name: said('jumper'),
  what: said('frontTransShorted'),
  sounds: false,
  kinds: ['mechanical', 'electronic'],
  fits: null,
  regions: [],
  minutes: 8,
  cost: 2,
  parts: [said('jumperWire')],
  setting: 'none',
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
            name: said('aJumper'),
            place: 'chime',
            kind: 'link',
            ohms: 0.02,
            leads: [said('aJumper'), said('jumpersOtherEnd')],
          }),
        },
        { do: 'on', lead: 'jumper.a', joint: 'chime.Front' },
      ],
      said('stripAndHook'),
    ),
    moveTask(
      'chime',
      'jumper-trans',
      'bell',
      [{ do: 'on', lead: 'jumper.b', joint: 'chime.Trans' }],
      said('chimeSilentNow'),
    ),
  ],
};
