import { chooseAmong, optionsFor, type JudgedOption } from '../../advice';
import { energyBudget, estimate, type EnergyBudget } from '../../bell';
import { devicesIn, type Catalogue, type DeviceProfile } from '../../catalogue';
import { doorSeen, tiltsAt } from '../../mount';
import type { Job } from '../../job/job';
import type { Doorbell } from './doorbell';
import { premisesOf } from './premisesOf';
import { doorSceneOf } from './doorMount';
import { surveyOf } from './survey';

/** What one doorbell would be at this door, as the customer may ask. */
export interface Compared {
  readonly device: DeviceProfile;
  /** The least that makes it hold here, by the job’s policy; null where nothing does or too little was read. */
  readonly way: JudgedOption | null;
  /** Some tilt shows every visitor’s face and the parcel on the mat. */
  readonly parcelInView: boolean;
  /** Null for one that lives from the wires alone. */
  readonly budget: EnergyBudget | null;
}

/** Houses drawn for a page that the customer reads: the choice itself is made with more. */
const DRAWS = 600;
/** Where nobody has said how high it hangs. */
const USUAL_HEIGHT_M = 1.2;

/** Every doorbell of the catalogue at this point, each with the way that would make it hold. */
export function comparisonOf(job: Job, point: Doorbell, catalogue: Catalogue): readonly Compared[] {
  const survey = surveyOf(job, point);
  const { houses } = estimate(survey, DRAWS);
  const premises = premisesOf(job, point, houses, catalogue);
  const scene = doorSceneOf(point);
  const lensM = point.mount.heightM ?? USUAL_HEIGHT_M;
  return devicesIn(catalogue).map((device) => {
    const asked = { ...survey, device };
    const options = optionsFor(asked, premises).filter(({ instead }) => !instead);
    return {
      device,
      way: chooseAmong(asked, houses, options, job.policy.weakSupply, job.policy.powerModule).proposed,
      parcelInView: tiltsAt(scene).some(
        (tiltDeg) => doorSeen({ ...scene, device }, { lensM, tiltDeg, sideDeg: 0 }).sees === 'both',
      ),
      budget: energyBudget(device),
    };
  });
}
