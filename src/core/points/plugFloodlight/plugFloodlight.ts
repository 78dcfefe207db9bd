import type { BoxHangs } from '../../house/things';
import type { Facts, Taken } from '../../kinds/said';
import type { PointView } from '../pointView';

export type PlugFixtureChoice = Taken<'plugFixtureChosen'>;

/** A floodlight camera with a plug: no box, no splice, no breaker of its own; an outlet. */
export interface PlugFloodlight extends PointView {
  readonly kind: 'plugFloodlight';
  readonly hangs: BoxHangs;
  readonly outlet: Facts<'outletDescribed'>;
  readonly fixture: PlugFixtureChoice | null;
}
