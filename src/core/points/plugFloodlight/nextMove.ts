import { said } from '../../said';
import type { NextMove } from '../../kinds/rungs';
import type { Standing } from '../climb';
import { checksAtSpot } from '../floodlightChecks';
import { planStop } from '../findings';
import { atCodeInItsBox } from '../identity';
import { atLook, atWire, move } from '../moves';
import { atAsItCame } from '../mounting';
import { atProve } from '../proving';
import { isUntouchedPlugSpot, missingAtPlugSpot } from './look';
import { missingAtOutlet } from './missingAtOutlet';
import { outletFit } from './outletFit';
import type { PlugFloodlight } from './plugFloodlight';

/** At a floodlight with a plug: its spot, its outlet, its camera, then the steps up to the plug. */
export function plugMove({ job, point, who }: Standing<PlugFloodlight>): NextMove {
  const look = atLook(job, missingAtPlugSpot(job, point), isUntouchedPlugSpot(point));
  if (look && !point.fixture) return look;
  const outlet = missingAtOutlet(point)[0];
  if (outlet && !point.fixture) return move('measure', outlet.words, outlet.why);
  const wrong = outletFit(point, null).find(({ suffices }) => !suffices);
  if (wrong && !point.fixture) return move('measure', said('outletWillNot'), wrong.words);
  if (!point.fixture) return move('choose', said('pickCamera'), said('leadReachOutlet'));
  const stop = planStop(job, point);
  if (stop) return move('choose', said('planDoesNotStand'), stop.words);
  return (
    atCodeInItsBox(point) ??
    atWire(job, point, who, 'outlet') ??
    atAsItCame(job, point) ??
    atProve(job, point, checksAtSpot(point), who.at) ??
    move('leave', said('handOverSheet'), said('printCustomerKeeps'))
  );
}
