import { said } from '../../said';
import { lookTask } from '../../wiring';
import type { TreatmentPlan } from '../treatment';

export const leaveAsIs: TreatmentPlan = {
  id: 'leaveAsIs',
  name: said('leaveAsIt'),
  what: said('coilStaysSeries'),
  sounds: true,
  kinds: ['mechanical', 'electronic'],
  fits: null,
  regions: [],
  minutes: 2,
  cost: 0,
  parts: [],
  setting: 'mechanicalAlone',
  tasks: () => [lookTask('chime', 'chime-look', said('photographChimesTerminals'), said('noWireChanges'))],
};
