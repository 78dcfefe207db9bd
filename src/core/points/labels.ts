import type { Text } from '../said';
import type { Job } from '../job/job';
import { climbOf } from './climbs';
import type { Point } from './point';
import { circuitsOfPoint } from './supplyOf';

/** A way of a board as it is written there. */
export interface LabelledWay {
  readonly way: string | null;
  readonly name: string | null;
}

/** What a label is stuck on: the way of a board, or a device. */
export type Label =
  | { readonly on: 'circuit'; readonly circuitId: string; readonly at: LabelledWay; readonly feeds: readonly string[] }
  | {
      readonly on: 'device';
      readonly pointId: string;
      readonly name: string;
      readonly device: Text | null;
      /** How it is switched off; none where its plug is pulled, or nobody named one. */
      readonly ways: readonly LabelledWay[];
      readonly byPlug: boolean;
    };

const wayOf = ({ way, name }: { way: string | null; name: string | null }): LabelledWay => ({ way, name });

const ofDevice = (job: Job, point: Point): Label => ({
  on: 'device',
  pointId: point.id,
  name: point.name,
  device: climbOf(point).device(point),
  ways: circuitsOfPoint(job, point).map(wayOf),
  byPlug: !point.fed.breaker,
});

/** The labels of a job: of every circuit that feeds one of its points, then of every point. */
export const labelsOf = (job: Job): readonly Label[] => [
  ...job.circuits.flatMap((circuit): readonly Label[] => {
    const feeds = job.points.filter(({ id }) => circuit.feeds.includes(id)).map(({ name }) => name);
    return feeds.length === 0 ? [] : [{ on: 'circuit', circuitId: circuit.id, at: wayOf(circuit), feeds }];
  }),
  ...job.points.map((point) => ofDevice(job, point)),
];
