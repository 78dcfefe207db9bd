export {
  DEFAULT_DEVICE_ID,
  DEVICES,
  LASTING_STATES,
  STATE_WORDS,
  deviceById,
  type DeviceProfile,
  type LastingState,
} from './device';
export { TRANSFORMERS, type TransformerItem } from './transformer';
export {
  SHELF_IDS,
  SHELVES,
  SHIPPED_CATALOGUE,
  catalogueWith,
  devicesIn,
  transformersIn,
  type Catalogue,
  type OwnItem,
  type ShelfId,
  type ShelvedItem,
} from './catalogue';
export { readValue, valueFault, valueText, type Column, type Value, type ValueFault, type Values } from './column';
export { figureOf, itemFaults, textOf, type Shelf } from './shelf';
export { TREATMENT_IDS } from './treatmentIds';
export { BAG, type BagItem } from './bag';
