import { said } from '../../said';
import type { NextMove, Rung } from '../../kinds/rungs';
import type { Standing } from '../climb';
import { atCode } from '../identity';
import { atIsolate, atLook, atWire, move } from '../moves';
import { pointSteps } from '../planOf';
import { atFailure, atProve } from '../proving';
import { checksAtDoor } from './checks';
import { decisionOf, isStillRead } from './decision';
import type { Doorbell } from './doorbell';
import { isUntouchedDoor, missingAtDoor } from './look';
import { DOORBELL_MARKS } from './marks';
import { notToBeHad } from './premisesOf';

const HANGS = 'transformer';

/** The one thing to do next at a door, as its ladder stands: the first rung that is not done says it. */
export function doorbellMove(standing: Standing<Doorbell>): NextMove {
  const { job, point, assessment, who } = standing;
  const isDone = (rung: Rung): boolean => DOORBELL_MARKS[rung](standing).state === 'done';
  const look = atLook(job, missingAtDoor(job, point), isUntouchedDoor(point));
  if (!isDone('look') && look && !point.choice) return look;
  if (!point.choice) {
    const decision = decisionOf(assessment);
    const next = assessment.next();
    // A way that another reading may still change is not taken yet
    if (next && (isStillRead(assessment) ?? !isDone('measure'))) return move('measure', next.words, next.why);
    if (decision?.asks) return move('choose', said('sayWhatItRestsOn', { what: decision.asks }), decision.words);
    return move('choose', said('pickWay'), decision?.words ?? assessment.reference.judgement.reason);
  }
  const gone = notToBeHad(point);
  if (gone !== null) return move('choose', said('pickAnotherWay'), said('cantBeHad', { name: gone }));
  // Once it is begun each step says what it needs: mains work asks for no proof of the bell wires
  const begun = pointSteps(point).some(({ id }) => id in point.ticks);
  if (!begun && !isDone('isolate')) return atIsolate(job, point, who, HANGS);
  // A new transformer that reads wrong is not joined
  const wrong = atFailure(
    point,
    checksAtDoor(point).filter(({ id }) => id === 'newOpenVolts'),
  );
  if (wrong) return wrong;
  const wire = atWire(job, point, who, HANGS);
  if (wire) return wire;
  if (!isDone('mount')) {
    const code = atCode(point);
    if (code) return code;
    const { heightM, level, fixings } = point.mount;
    if (heightM === undefined) return move('mount', said('mountNoteHeight'), said('overGroundVisitor'));
    if (level === undefined) return move('mount', said('setLevel'), said('topScrewFirst'));
    return move('mount', fixings === undefined ? said('noteFixings') : said('sealIt'), said('topSidesBottom'));
  }
  return (
    atProve(job, point, checksAtDoor(point), who.at) ?? move('leave', said('handOverSheet'), said('printCustomerKeeps'))
  );
}
