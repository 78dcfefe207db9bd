import { said, type Text } from '../said';
import { unnamedHere, type OtherFeed } from '../isolation';
import { otherHots, sharedNeutrals } from './boxOf';
import type { Circuit } from '../house/circuits';
import type { Job } from '../job/job';
import type { PointView } from './pointView';
import { placesOf } from './places';

/** Every circuit that feeds a point, in the order in which they were named: what feeds its place feeds all that hang there. */
export const circuitsOfPoint = (
  { circuits, isolation }: Pick<Job, 'circuits' | 'isolation'>,
  point: Pick<PointView, 'hangs'>,
): readonly Circuit[] => {
  const ids = isolation.circuitsAt(mainPlaceOf(point));
  return circuits.filter(({ id }) => ids.includes(id));
};

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

/** The place that a point’s mains hang on: its supply’s transformer, or its box. */
export const mainPlaceOf = ({ hangs }: Pick<PointView, 'hangs'>): string => hangs.supplyId ?? hangs.boxId;

/** A second feed that was seen at a point and is not named; a neutral that a test showed to be shared counts as seen. */
export function unnamedFeed(job: Job, point: PointView, placeId = mainPlaceOf(point)): OtherFeed | null {
  const unnamed = unnamedHere(job.isolation, { placeId, breaker: point.fed.breaker });
  if (unnamed !== null) return unnamed;
  // What a test has shown counts as seen: a neutral that two share, a hot of another leg or way
  const shown: readonly OtherFeed[] = [
    ...(otherHots(point).length > 0 ? (['inBox'] as const) : []),
    ...(sharedNeutrals(point).length > 0 ? (['sharedNeutral'] as const) : []),
  ];
  const [, ...further] = circuitsOfPoint(job, point);
  return shown.find((feed) => !further.some(({ namedAs }) => namedAs.length === 0 || namedAs.includes(feed))) ?? null;
}

/** Points at a place, by their names, for a sentence. */
export const pointsAt = ({ points }: Job, placeId: string): readonly string[] =>
  points.flatMap(({ name, hangs }) => (placesOf(hangs).includes(placeId) ? name : []));
