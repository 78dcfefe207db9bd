import { THROUGH_SPLICE, betweenPart, moveTask, spliceAt } from '../../wiring';
import { swing } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

export const protector: TreatmentPlan = {
  id: 'protector',
  name: 'Protector in the door’s wire',
  what: 'no chime: a self-resetting protector in one lead, at the transformer',
  sounds: false,
  kinds: ['none', 'wireless'],
  fits: { shelf: 'protector', kind: 'selfResetting' },
  regions: [],
  minutes: 8,
  cost: 1,
  parts: ['2 connectors'],
  setting: 'no chime',
  tasks: (found) => [
    moveTask(
      'transformer',
      'protector-in',
      'bell',
      [
        {
          do: 'add',
          part: betweenPart({
            id: 'protector',
            name: 'protector',
            place: 'chime',
            kind: 'link',
            ohms: 0.3,
            leads: ['the protector', 'the protector’s other end'],
          }),
        },
        { do: 'splice', joint: spliceAt('splice.front', 'chime', 'door side') },
        { do: 'on', lead: 'protector.b', joint: 'splice.front' },
        ...swing(found, 'Front', 'splice.front'),
        { do: 'on', lead: 'protector.a', joint: THROUGH_SPLICE },
      ],
      'In the enclosure or beside the transformer. Some leave it out; it guards a wire that nobody sees.',
      'One wire to the door parted, the protector joined in between',
    ),
  ],
};
