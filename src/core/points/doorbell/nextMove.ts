import { said } from '../../said';
import type { Job } from '../../job/job';
import type { NextMove, Rung } from '../../kinds/rungs';
import type { Standing } from '../climb';
import { atIsolate, atLook, atWire, move } from '../moves';
import { circuitsOfPoint } from '../supplyOf';
import { checksOf } from './checks';
import type { Doorbell } from './doorbell';
import { isUntouchedDoor, missingAtDoor } from './look';
import { DOORBELL_MARKS } from './marks';

const HANGS = 'transformer';

function atProve(job: Job, point: Doorbell): NextMove | null {
  const circuit = circuitsOfPoint(job, point).find(({ state }) => state.state !== 'live');
  if (circuit)
    return move(
      'prove',
      said('switchOn', { way: circuit.way ?? circuit.name ?? said('theCircuit') }),
      said('coversClosedNobody'),
    );
  const checks = checksOf(point);
  const failed = checks.find(({ id }) => point.checks[id]?.data.result === 'failed');
  if (failed)
    return move('prove', said('putRight', { failed: failed.name }), point.checks[failed.id]?.data.reason ?? '', true);
  const open = checks.find(({ id }) => !point.checks[id]);
  if (!open) return null;
  if (open.answer.kind === 'wait' && point.waits[open.id])
    return move('prove', said('waitFirstCharge'), said('doAnotherPoint'), true);
  return move('prove', open.name, open.how);
}

/** The one thing to do next at a door, as its ladder stands: the first rung that is not done says it. */
export function doorbellMove(standing: Standing<Doorbell>): NextMove {
  const { job, point, assessment, who } = standing;
  const isDone = (rung: Rung): boolean => DOORBELL_MARKS[rung](standing).state === 'done';
  const look = atLook(job, missingAtDoor(job, point), isUntouchedDoor(point));
  if (!isDone('look') && look && !point.choice) return look;
  if (!point.choice) {
    const next = assessment.next();
    if (!isDone('measure') && next) return move('measure', next.words, next.why);
    return move('choose', said('pickWay'), assessment.reference.judgement.reason);
  }
  if (!isDone('isolate')) return atIsolate(job, point, who, HANGS);
  const wire = atWire(job, point, who, HANGS);
  if (wire) return wire;
  if (!isDone('mount')) {
    const { heightM, level, fixings } = point.mount;
    if (heightM === undefined) return move('mount', said('mountNoteHeight'), said('overGroundVisitor'));
    if (level === undefined) return move('mount', said('setLevel'), said('topScrewFirst'));
    return move('mount', fixings === undefined ? said('noteFixings') : said('sealIt'), said('topSidesBottom'));
  }
  return atProve(job, point) ?? move('leave', said('handOverSheet'), said('printCustomerKeeps'));
}
