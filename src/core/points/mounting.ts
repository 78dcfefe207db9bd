import { said } from '../said';
import type { NextMove } from '../kinds/rungs';
import type { Mark } from './climb';
import { mark } from './marks';
import { move } from './moves';
import type { PointView } from './pointView';

// How a floodlight camera came to hang, whatever feeds it. Where it should look is not planned here yet.

/** Mount, by what was noted of how it came. */
export function asItCameMark({ mount: { heightM, level, bearingDeg } }: Pick<PointView, 'mount'>): Mark {
  const noted = [heightM, level, bearingDeg].filter((fact) => fact !== undefined).length;
  const words = heightM === undefined ? '' : said('tapeLength', { metres: heightM });
  return mark(noted === 3 ? 'done' : noted > 0 ? 'inHand' : 'open', words);
}

/** The next thing to be noted; null once all is. */
export function atAsItCame({ mount: { heightM, level, bearingDeg } }: Pick<PointView, 'mount'>): NextMove | null {
  if (heightM === undefined) return move('mount', said('noteHeightCameIn'), said('overTheGroundBelow'));
  if (level === undefined) return move('mount', said('setLevel'), said('levelOfSensor'));
  if (bearingDeg === undefined) return move('mount', said('noteWhereLooks'), said('compassOfPhone'));
  return null;
}
