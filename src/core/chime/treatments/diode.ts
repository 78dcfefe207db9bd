import { said } from '../../said';
import { moveTask } from '../../wiring';
import { LABEL_TASK } from '../chimeTasks';
import type { TreatmentPlan } from '../treatment';

export const diode: TreatmentPlan = {
  id: 'diode',
  name: said('diodeDoor'),
  what: said('chimeStaysSeries'),
  sounds: true,
  kinds: ['electronic'],
  fits: null,
  regions: [],
  onlyWithBattery: true,
  minutes: 6,
  cost: 1,
  parts: [said('diodeBag')],
  setting: 'electronicWithDiode',
  tasks: () => [
    LABEL_TASK,
    moveTask(
      'door',
      'diode-door',
      'bell',
      // It goes under the device’s own screws, with the wires: no joint of the house changes
      [],
      said('onlyElectronicChime'),
      said('diodeReadyDevices'),
    ),
  ],
};
