export { factsForNext } from './nextJob';
export {
  beforeList,
  customerPage,
  customerText,
  missingFromCustomer,
  type BeforeItem,
  type CustomerPage,
} from './before';
export { fold } from './fold';
export { houseForCustomer, houseOf } from './houseOf';
export { foundBy, loneThings, thingsOf, type HouseThing } from './houseThings';
export type { AlsoSaid, Job, JobHead, Note, Photo, PhotoMark } from './job';
export { photosOfPoint } from './photos';
export { isBuilt, refusalOf } from './refusal';
export { isKeptForLicence, lengthsOf, placeOf, regionOf } from './region';
export { trialDoors, type DoorTrial } from './trialDoor';
export { counts, effectOf } from '../log/effective';
export { undoTarget } from '../log/undo';
export type { JobSayings } from './sayings';
