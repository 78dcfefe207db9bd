import type { BoxHangs } from '../../house/things';
import type { Taken } from '../../kinds/said';
import type { PointView } from '../pointView';

export type FixtureChoice = Taken<'fixtureChosen'>;

/** A floodlight camera on a box. */
export interface Floodlight extends PointView {
  readonly kind: 'floodlight';
  readonly hangs: BoxHangs;
  readonly fixture: FixtureChoice | null;
}
