import { figureOf, textOf } from './shelf';
import type { Values } from './column';

export const CONNECTOR_KINDS = ['twistOn', 'lever', 'pushIn'] as const;

/** A connector for a splice. Of a twist-on the range is of all conductors together, else of one port. */
export interface Connector {
  readonly id: string;
  readonly name: string;
  readonly kind: (typeof CONNECTOR_KINDS)[number];
  readonly leastMm2: number;
  readonly mostMm2: number;
  /** Conductors that it takes: of one with ports they are its ports. */
  readonly leastCount: number;
  readonly mostCount: number;
  /** Solid conductors alone, or stranded ones too. */
  readonly takes: 'any' | 'solid';
  readonly stripM: number;
  /** What it takes up in a box. */
  readonly volumeCm3: number;
  readonly cost: number;
}

/** A connector from a shelf’s values. */
export const connectorFrom = (values: Values): Connector => ({
  id: textOf(values, 'id'),
  name: textOf(values, 'name'),
  kind: CONNECTOR_KINDS.find((kind) => kind === values.kind) ?? 'twistOn',
  leastMm2: figureOf(values, 'leastMm2'),
  mostMm2: figureOf(values, 'mostMm2'),
  leastCount: figureOf(values, 'leastCount'),
  mostCount: figureOf(values, 'mostCount'),
  takes: values.takes === 'solid' ? 'solid' : 'any',
  stripM: figureOf(values, 'stripM'),
  volumeCm3: figureOf(values, 'volumeCm3'),
  cost: figureOf(values, 'cost'),
});
