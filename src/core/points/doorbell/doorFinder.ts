import { DOOR_FAULTS, DOOR_SYMPTOMS, DOOR_TESTS, type DoorSymptom } from '../../faults';
import { treatmentById } from '../../chime';
import type { Doorbell } from './doorbell';
import { doorCase } from './doorCase';
import { DOOR_FAULT_FACTS, DOOR_TEST_FACTS } from './doorFacts';
import { bothRepairs, standsAt, type OfferedRepair, type PointFinder } from '../pointFinder';

const isKey = <T extends object>(table: T, key: string): key is keyof T & string => Object.hasOwn(table, key);

const oneRepair = (kind: string): OfferedRepair | undefined =>
  isKey(DOOR_FAULT_FACTS, kind) ? { ...DOOR_FAULT_FACTS[kind], place: DOOR_FAULTS[kind] } : undefined;

/** Whether the chime in the wall is to ring with the button. */
const isChimeHeard = ({ choice, chime }: Doorbell): boolean =>
  choice ? treatmentById(choice.data.treatmentId)?.sounds === true : chime.chimeKind === 'mechanical';

export const doorFinder: PointFinder<Doorbell> = {
  symptoms: (point) => DOOR_SYMPTOMS.filter((one) => one !== 'noChime' || isChimeHeard(point)),
  symptomOf: (check, { reported }) => {
    switch (check) {
      case 'lit':
      case 'firstCharge':
      case 'paired':
      case 'picture':
      case 'switches':
      case 'standbyVolts':
        return 'offline';
      case 'nightVolts':
        return 'dropsAtNight';
      case 'doorVolts':
        return 'weak';
      case 'report':
        return reported === 'weak' ? 'weak' : 'offline';
      case 'ring':
      case 'setting':
        return 'noChime';
      case 'phoneAway':
        return 'notTold';
      default:
        return null;
    }
  },
  caseOf({ job, point, assessment }, trouble, found) {
    const { symptom } = trouble.data;
    // What a kind of point is complained of changes with its kind: what it no longer knows is looked for as dead
    const known: DoorSymptom = DOOR_SYMPTOMS.find((one) => one === symptom) ?? 'offline';
    const heard = known === 'noChime' && !isChimeHeard(point) ? 'offline' : known;
    return doorCase(job, point, assessment, trouble, heard, standsAt(trouble, this, 'door'), found);
  },
  test: (kind) => (isKey(DOOR_TESTS, kind) ? { ...DOOR_TESTS[kind], ...DOOR_TEST_FACTS[kind] } : undefined),
  repair: (kind) => bothRepairs(kind.split('+').map(oneRepair)),
};
