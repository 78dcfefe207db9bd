import { moveTask } from '../../wiring';
import { LABEL_TASK } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

export const diode: TreatmentPlan = {
  id: 'diode',
  name: 'Diode at the door',
  what: 'chime stays in series, a diode feeds it after the press so that its tune ends',
  sounds: true,
  kinds: ['electronic'],
  fits: null,
  regions: [],
  onlyWithBattery: true,
  minutes: 6,
  cost: 1,
  parts: ['diode (in the bag)'],
  setting: 'electronic chime, diode fitted',
  tasks: () => [
    LABEL_TASK,
    moveTask(
      'door',
      'diode-door',
      'bell',
      // It goes under the device’s own screws, with the wires: no joint of the house changes
      [],
      'Only with an electronic chime and a device that has a battery. Turned round it does nothing: the tune is cut short.',
      'Diode ready for the device’s two screws, its band toward the marked side',
    ),
  ],
};
