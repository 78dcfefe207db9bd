export {
  SEGMENT_FACTS,
  SEGMENT_WAYS,
  SUPPLY_FACTS,
  SUPPLY_FROM,
  stretchSteps,
  supplyRoute,
  type RouteSegment,
  type RouteSum,
  type SegmentWay,
  type SupplyFrom,
  type SupplyRoute,
} from './supplyRoute';
export type { SupplySayings } from './sayings';
