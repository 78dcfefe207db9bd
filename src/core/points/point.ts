import type { PointKind } from '../kinds/point';
import type { Doorbell } from './doorbell/doorbell';
import type { Floodlight } from './floodlight/floodlight';
import type { PlugFloodlight } from './plugFloodlight/plugFloodlight';

/** Points by their kind; a line for each. */
interface PointsByKind {
  doorbell: Doorbell;
  floodlight: Floodlight;
  plugFloodlight: PlugFloodlight;
}
export type Point = PointsByKind[PointKind];
