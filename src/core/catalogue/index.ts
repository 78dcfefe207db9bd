export {
  DEFAULT_DEVICE_ID,
  DEVICES,
  LASTING_STATES,
  STATE_WORDS,
  deviceById,
  type DeviceProfile,
  type LastingState,
} from './device';
export { TRANSFORMERS, transformersFor, type TransformerItem } from './transformer';
export { BAG, type BagItem } from './bag';
