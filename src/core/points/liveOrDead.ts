import { stepGate, type Asker, type GateReason } from '../isolation';
import type { Job } from '../job/job';
import { isKeptForLicence } from '../job/region';
import type { Step } from '../wiring';
import type { Point } from './point';
import type { Trouble } from './pointView';
import { proofsAt } from './stateAt';
import { holdOf } from './stepStandings';
import { circuitsOfPoint } from './supplyOf';
import type { ActNeeds, LiveOrDead } from './trouble';

/** Why an act of the finder may not be done now. */
export type ActHeldBy = GateReason | 'licence' | 'switchOnFirst';

const placeOf = (place: string | null): Step['place'] => {
  switch (place) {
    case 'transformer':
    case 'chime':
    case 'door':
      return place;
    case 'fixture':
      return 'box';
    default:
      return 'spot';
  }
};

/** Whether the conductors of a point were proved dead by somebody since the trouble was opened: spread, they may be read live. */
const wasSpread = (job: Job, point: Point, trouble: Trouble, who: Asker): boolean =>
  circuitsOfPoint(job, point).some(({ proofs }) =>
    proofs.some(
      ({ proof, mark, placeId }) =>
        proof.weight === 'mains' &&
        placeId !== null &&
        mark.byId === who.id &&
        Date.parse(mark.at) >= Date.parse(trouble.at),
    ),
  );

/**
 * Why a test or a repair may not be done now by somebody, most telling first; none where it may. Through the one gate: what is
 * done dead is work, what is read on open mains is a live test.
 */
export function heldActs(
  job: Job,
  point: Point,
  trouble: Trouble,
  { touches, needs }: ActNeeds,
  place: string | null,
  who: Asker,
  isRepair: boolean,
): readonly ActHeldBy[] {
  const licence = isRepair && touches === 'mains' && isKeptForLicence(job, null) && who.licensed !== true;
  const hold = {
    ...holdOf(job, point, {
      touches,
      role: needs === 'live' && touches === 'mains' ? 'liveTest' : 'work',
      place: placeOf(place),
    }),
    spread: wasSpread(job, point, trouble, who),
  };
  const isOff = circuitsOfPoint(job, point).some(({ state }) => state.state !== 'live');
  const live = touches === 'mains' ? stepGate(job.isolation, hold, who) : [];
  const gate = needs === 'dead' ? stepGate(job.isolation, hold, who) : needs === 'live' ? live : [];
  const on = needs === 'live' && gate.length === 0 && isOff;
  return [...(licence ? (['licence'] as const) : []), ...gate, ...(on ? (['switchOnFirst'] as const) : [])];
}

/** How things stand with the circuits of a point, for the minutes of what comes next. */
export function liveOrDeadOf(job: Job, point: Point): LiveOrDead {
  const circuits = circuitsOfPoint(job, point);
  return {
    isDead: circuits.length > 0 && circuits.every((circuit) => proofsAt(point, circuit).length > 0),
    callsLicensed: isKeptForLicence(job, null),
  };
}
