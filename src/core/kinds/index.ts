export { ISO_TIME } from './fields';
export { LIMITS, TEXT, YES_NO } from '../facts';
export { FACTS, factOf, type FactField, type FactKind, type FieldOf, type Answer } from './facts';
export { answerName, factName, factSaid, type FactSaid } from './factText';
export { newEntry, type Made } from './newEntry';
export {
  ENTRY_KINDS,
  isEntryKind,
  type Entry,
  type EntryData,
  type EntryKind,
  type EntryOf,
  type NewEntry,
  type CrewMember,
  type Person,
  type Stated,
} from './register';
export { ERASED_TEXT, erasedData, partedData } from './personal';
export { lifted, versionOf } from './lifts/register';
export { RUNGS, RUNG_NAMES, type NextMove, type Rung, type RungMark, type RungState } from './rungs';
export type { Facts, Source } from './said';
export { BOX_MATERIALS, BOX_SETTINGS, BOX_SHAPES, CLAMPS, DEVICES_IN, FED_FROMS, FIXED_TOS } from './box';
export { DUE_DAYS, SIGNATURE, SIGNED_HOWS } from './handover';
export { OUTLET_COVERS } from './outlet';
export { SYMPTOMS, UNTESTED_WHYS, type Symptom } from './trouble';
export { SHAPES } from './plan';
export { TARGETS, WANTED } from './yard';
export { PROTECTIONS } from './board';
export { MATERIALS, PRESENT_PATHS, REAR_DOORS } from './chime';
export { MARK_SHAPES, PHOTO_TERMINALS } from './photo';
export {
  BAG_STATES,
  MOUNTED_ON,
  MUST_NOT_SEE,
  NIGHT_LIGHTS,
  OLD_FIXTURES,
  OWN_CABLES,
  POINT_KINDS,
  RAINS,
  SHOULD_SEE,
  SUNS,
  THINGS,
  WAS_THERE,
  type PointKind,
  type ThingKind,
} from './point';
export { PLACES, READING_STATES } from './reading';
export { BOARD_AREAS, COLOUR_ERAS, HAZARDS, HEATINGS, PERMISSIONS, READINESS, WIFI_BANDS } from './site';
export { CABLE_LEAVES, TOLD_APARTS } from './supply';
export type { KindsSayings } from './sayings';
