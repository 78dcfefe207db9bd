export {
  DEFAULT_DEVICE_ID,
  DEVICES,
  LASTING_STATES,
  STATE_WORDS,
  deviceById,
  type DeviceProfile,
  type LastingState,
} from './device';
export { CAMERA_FIELDS, cameraOf } from './camera';
export type { CameraProfile } from './cameraProfile';
export { TRANSFORMERS, type TransformerItem } from './transformer';
export {
  SHELF_IDS,
  SHELVES,
  SHIPPED_CATALOGUE,
  boxItemsIn,
  boxScrewsIn,
  catalogueWith,
  connectorsIn,
  devicesIn,
  fixturesIn,
  plugFixturesIn,
  transformersIn,
  bracketsIn,
  wedgesIn,
  type Catalogue,
  type OwnItem,
  type ShelfId,
  type ShelvedItem,
} from './catalogue';
export { readValue, valueFault, valueText, type Column, type Value, type ValueFault, type Values } from './column';
export { figureOf, itemFaults, readItem, textOf, type Shelf } from './shelf';
export { BRACKET_PLACES, type Bracket } from './bracket';
export { WEDGE_AXES, type Wedge } from './wedge';
export { TREATMENT_IDS } from './treatmentIds';
export { BAG, type BagItem } from './bag';
export { BOX_ITEM_KINDS, SCREW_THREADS, type BoxItem, type BoxScrew, type ScrewThread } from './boxItem';
export { CONNECTOR_KINDS, type Connector } from './connector';
export { AIM_ORDERS, COLLARS, MADE_FORS, UP_MARKS, type FixtureProfile, type Handling } from './fixture';
export type { CatalogueSayings } from './sayings';
