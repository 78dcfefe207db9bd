import { said } from '../../said';
import { THROUGH_SPLICE, betweenPart, moveTask, spliceAt } from '../../wiring';
import { swing } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

export const protector: TreatmentPlan = {
  id: 'protector',
  name: said('protectorDoorsWire'),
  what: said('noChimeSelf'),
  sounds: false,
  kinds: ['none', 'wireless'],
  fits: { shelf: 'protector', kind: 'selfResetting' },
  regions: [],
  minutes: 8,
  cost: 1,
  parts: [said('connectorsCount', { count: 2 })],
  setting: 'none',
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
            name: said('protector'),
            place: 'chime',
            kind: 'link',
            ohms: 0.3,
            leads: [said('theProtector'), said('protectorsOtherEnd')],
          }),
        },
        { do: 'splice', joint: spliceAt('splice.front', 'chime', said('doorSide')) },
        { do: 'on', lead: 'protector.b', joint: 'splice.front' },
        ...swing(found, 'Front', 'splice.front'),
        { do: 'on', lead: 'protector.a', joint: THROUGH_SPLICE },
      ],
      said('enclosureBesideTransformer'),
      said('oneWireDoor'),
    ),
  ],
};
