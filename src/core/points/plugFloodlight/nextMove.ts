import type { NextMove } from '../../kinds/rungs';
import type { Standing } from '../climb';
import { planStop } from '../findings';
import { atLook, atWire, move } from '../moves';
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
  if (wrong && !point.fixture) return move('measure', 'The outlet will not do yet', wrong.words);
  if (!point.fixture) return move('choose', 'Pick the camera', 'Its lead has to reach the outlet, with a drip loop.');
  const stop = planStop(job, point);
  if (stop) return move('choose', 'The plan does not stand', stop.words);
  return (
    atWire(job, point, who, 'outlet') ??
    move('leave', 'Hand over the sheet', 'Aim and proof of a floodlight are written down by hand so far.')
  );
}
