import { said } from '../../said';
import { feedCase } from '../../junction';
import type { NextMove } from '../../kinds/rungs';
import { boxSurveyOf } from '../boxOf';
import type { Standing } from '../climb';
import { checksAtSpot } from '../floodlightChecks';
import { planStop } from '../findings';
import { atCodeInItsBox } from '../identity';
import { pointSteps } from '../planOf';
import { isolateMark } from '../marks';
import { atIsolate, atLook, atWire, move } from '../moves';
import { atAsItCame } from '../mounting';
import { atProve } from '../proving';
import type { Floodlight } from './floodlight';
import { isUntouchedSpot, missingAtSpot } from './look';
import { missingAtBox } from './missingAtBox';

const HANGS = 'box';

/** At a floodlight: its survey, its box test by test, its fixture, then the splices. */
export function floodlightMove(standing: Standing<Floodlight>): NextMove {
  const { job, point, who } = standing;
  const look = atLook(job, missingAtSpot(job, point), isUntouchedSpot(point));
  if (look && !point.fixture) return look;
  const [box] = missingAtBox(point);
  const done = pointSteps(point).every(({ id }) => id in point.ticks);
  // Also once a plan is taken: what nobody asked is no pass
  if (box && !(point.fixture && done)) return move('measure', box.words, box.why);
  if (!point.fixture) {
    const { words } = feedCase(boxSurveyOf(point));
    return move('choose', said('pickFixtureFeed'), words);
  }
  const stop = planStop(job, point);
  if (stop?.rule === 'twoCircuits') return move('isolate', said('nameSecondCircuit'), stop.words);
  if (stop) return move('choose', said('planDoesNotStand'), stop.words, point.fixture.data.groundId === 'findOut');
  const code = atCodeInItsBox(point);
  if (code) return code;
  if (isolateMark(standing).state !== 'done') return atIsolate(job, point, who, HANGS);
  return (
    atWire(job, point, who, HANGS) ??
    atAsItCame(job, point) ??
    atProve(job, point, checksAtSpot(point), who.at) ??
    move('leave', said('handOverSheet'), said('printCustomerKeeps'))
  );
}
