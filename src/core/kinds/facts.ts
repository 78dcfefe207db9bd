import type { Fact, FactTable } from '../facts';
import { APPROACH_FACTS } from './approach';
import { WAY_FACTS } from './board';
import { BOX_FACTS, CABLE_FACTS } from './box';
import { CHIME_FACTS, RUN_FACTS } from './chime';
import { CIRCUIT_FACTS, HUNT_FACTS } from './circuit';
import { DEVICE_FACTS } from './identity';
import { HANDOVER_FACTS } from './handover';
import { OUTLET_FACTS } from './outlet';
import { ON_WALL_FACTS, PLAN_FACTS, SHAPE_FACTS } from './plan';
import { PHOTO_FACTS } from './photo';
import { POINT_FACTS } from './point';
import { METER_FACTS } from './reading';
import { CUSTOMER_FACTS, SITE_FACTS } from './site';
import { SUPPLY_PLAN_FACTS, TRANSFORMER_FACTS } from './supply';
import { MOUNT_FACTS } from './work';
import { AIM_FACTS, OBSTACLE_FACTS, TARGET_FACTS } from './yard';

/** Facts by the kind of entry that says them. */
export const FACTS = {
  siteDescribed: SITE_FACTS,
  customerDescribed: CUSTOMER_FACTS,
  pointDescribed: POINT_FACTS,
  transformerDescribed: TRANSFORMER_FACTS,
  supplyPlanned: SUPPLY_PLAN_FACTS,
  runDescribed: RUN_FACTS,
  chimeDescribed: CHIME_FACTS,
  meterDescribed: METER_FACTS,
  boxDescribed: BOX_FACTS,
  cableDescribed: CABLE_FACTS,
  outletDescribed: OUTLET_FACTS,
  circuitListed: CIRCUIT_FACTS,
  wayListed: WAY_FACTS,
  huntPlanned: HUNT_FACTS,
  photoDescribed: PHOTO_FACTS,
  targetPlaced: TARGET_FACTS,
  obstacleStands: OBSTACLE_FACTS,
  aimPlanned: AIM_FACTS,
  approachDescribed: APPROACH_FACTS,
  shapeDrawn: SHAPE_FACTS,
  planDescribed: PLAN_FACTS,
  pointOnPlan: ON_WALL_FACTS,
  mountRecorded: MOUNT_FACTS,
  deviceDescribed: DEVICE_FACTS,
  handoverDescribed: HANDOVER_FACTS,
} as const;

export type FactKind = keyof typeof FACTS;
/** Fields of a kind, by their names: a misspelt one does not compile. */
export type FactField<K extends FactKind> = keyof (typeof FACTS)[K] & string;
/** Fields of a kind whose facts have a form: text, figure, tape, run, choice … */
export type FieldOf<K extends FactKind, Is extends Fact['form']['is']> = {
  [F in FactField<K>]: (typeof FACTS)[K][F] extends { readonly form: { readonly is: Is } } ? F : never;
}[FactField<K>];

/** The answers to a fact that is tapped, by their names; none of one that is typed. */
export type Answer<K extends FactKind, F extends FactField<K>> = (typeof FACTS)[K][F] extends {
  readonly form: { readonly answers: readonly (infer A extends string)[] };
}
  ? A
  : never;

const TABLES: Readonly<Record<string, FactTable | undefined>> = FACTS;

/** The description of a fact; undefined where none is described: what is said by a kind of its own. */
export const factOf = (kind: string, field: string): Fact | undefined => {
  const table = TABLES[kind];
  return table && Object.hasOwn(table, field) ? table[field] : undefined;
};
