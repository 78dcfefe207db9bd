import { said, type Text } from '../said';
import type { OtherFeed, Supply } from '../isolation';
import type { Policy } from '../policy';
import { sharedNeutrals } from './boxOf';
import type { Circuit } from '../house/circuits';
import type { Job } from '../job/job';
import type { PointView } from './pointView';

/** Circuits that feed one of some points, in the order in which they were named. */
const feeding = (circuits: readonly Circuit[], points: readonly string[]): readonly Circuit[] =>
  circuits.filter(({ feeds }) => feeds.some((id) => points.includes(id)));

/** A point with what hangs on the same supply: what feeds one of them feeds all. */
const withBeside = ({ id, beside }: Pick<PointView, 'id' | 'beside'>): readonly string[] => [id, ...beside];

/** Every circuit that feeds a point, in the order in which they were named. */
export const circuitsOfPoint = (
  { circuits }: Pick<Job, 'circuits'>,
  point: Pick<PointView, 'id' | 'beside'>,
): readonly Circuit[] => feeding(circuits, withBeside(point));

/** How many breakers are named for sure: one that may be another is no second one. */
const surelyNamed = (circuits: readonly Circuit[]): number =>
  circuits.filter(({ mayBe }, i) => !circuits.slice(0, i).some(({ id }) => mayBe.includes(id))).length;

/** A second feed that was seen while only one circuit is named. */
function unnamedFeed(circuits: readonly Circuit[], joined: string | undefined): OtherFeed | null {
  if (surelyNamed(circuits) > 1) return null;
  if (joined === 'yes') return 'joined';
  if (circuits.some(({ otherInBox }) => otherInBox === 'yes')) return 'inBox';
  return circuits.some(({ sharedNeutral }) => sharedNeutral === 'yes') ? 'sharedNeutral' : null;
}

/** Two circuits that may be one breaker, and nobody has said yet; null where none is asked for at this point. */
export function toCompareAt(job: Job, point: PointView): readonly [Circuit, Circuit] | null {
  for (const circuit of circuitsOfPoint(job, point)) {
    const other = job.circuits.find(({ id }) => circuit.toCompare.includes(id));
    if (other) return [circuit, other];
  }
  return null;
}

/** Points that a circuit feeds, by their names, for a sentence. */
export const fedNames = ({ points }: Job, { feeds }: Circuit): Text =>
  points.flatMap(({ id, name }) => (feeds.includes(id) ? name : [])).join(', ') || said('nothingNamedYet');

/** All that feeds a point, from its parts. @param points its id, and those of what hangs on the same supply */
export function supplyFrom(
  circuits: readonly Circuit[],
  points: readonly string[],
  {
    joined,
    bellSide,
    plug,
  }: { readonly joined: string | undefined; readonly bellSide: Policy['bellSide']; readonly plug: boolean },
): Supply {
  const all = feeding(circuits, points);
  return {
    circuits: all.map(({ state }) => state),
    unnamed: unnamedFeed(all, joined),
    lookedForOthers: all.every(({ sharedNeutral, otherInBox }) => sharedNeutral !== null && otherInBox !== null),
    bellSide,
    plug,
  };
}

/** All that feeds a point, as the gate asks for it; a neutral that a test showed to be shared counts as said. */
export function supplyOf(job: Job, point: PointView): Supply {
  const supply = supplyFrom(job.circuits, withBeside(point), {
    ...point.fed,
    bellSide: job.policy.bellSide,
  });
  const shared = surelyNamed(circuitsOfPoint(job, point)) === 1 && sharedNeutrals(point).length > 0;
  return shared && supply.unnamed === null ? { ...supply, unnamed: 'sharedNeutral' } : supply;
}
