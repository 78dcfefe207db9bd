import type { OtherFeed, Supply } from '../isolation';
import type { Policy } from '../policy';
import { sharedNeutrals } from './boxOf';
import type { Circuit, Job, Point } from './job';

/** Every circuit that feeds a point, in the order in which they were named. */
export const circuitsOfPoint = (circuits: readonly Circuit[], pointId: string): readonly Circuit[] =>
  circuits.filter((circuit) => circuit.feeds.includes(pointId));

/** The circuit that was named first for a point. */
export const circuitOfPoint = (circuits: readonly Circuit[], pointId: string): Circuit | null =>
  circuitsOfPoint(circuits, pointId)[0] ?? null;

/** A second feed that was seen while only one circuit is named. */
function unnamedFeed(circuits: readonly Circuit[], joined: string | undefined): OtherFeed | null {
  if (circuits.length > 1) return null;
  if (joined === 'yes') return 'joined';
  if (circuits.some(({ otherInBox }) => otherInBox === 'yes')) return 'inBox';
  return circuits.some(({ sharedNeutral }) => sharedNeutral === 'yes') ? 'sharedNeutral' : null;
}

/** All that feeds a point, from its parts. */
export function supplyFrom(
  circuits: readonly Circuit[],
  pointId: string,
  joined: string | undefined,
  bellSide: Policy['bellSide'],
): Supply {
  const feeding = circuitsOfPoint(circuits, pointId);
  return {
    circuits: feeding.map(({ state }) => state),
    unnamed: unnamedFeed(feeding, joined),
    lookedForOthers: feeding.every(({ sharedNeutral, otherInBox }) => sharedNeutral !== null && otherInBox !== null),
    bellSide,
  };
}

/** All that feeds a point, as the gate asks for it; a neutral that a test showed to be shared counts as said. */
export function supplyOf(job: Job, point: Point): Supply {
  const supply = supplyFrom(job.circuits, point.id, point.transformer.joined, job.policy.bellSide);
  const shared = supply.circuits.length === 1 && sharedNeutrals(point).length > 0;
  return shared && supply.unnamed === null ? { ...supply, unnamed: 'sharedNeutral' } : supply;
}
