export {
  BUTTON_BELOW_LENS_M,
  BUTTON_REACH_M,
  BELIEVED_ENOUGH,
  MAP_M,
  believed,
  buttonM,
  heightMap,
  isInReach,
  mapHeights,
  proposeDoor,
  savingWays,
  sidesAt,
  tiltsAt,
  type DoorProposal,
  type LensRange,
  type MapColumn,
} from './doorProposal';
export { doorPicture, type DoorFigure, type DoorPicture } from './doorPicture';
export {
  FACE_M,
  PARCEL_M,
  USUAL_SCENE,
  doorCamera,
  lookWrongOrder,
  revealBoxes,
  visitorsOf,
  type DoorHangs,
  type DoorScene,
  type Visitor,
} from './doorScene';
export {
  PARCEL_ASKED,
  doorSeen,
  panInterval,
  tiltInterval,
  wallShare,
  type DoorSeen,
  type Interval,
  type Sees,
} from './doorSeen';
export {
  EAVE_CLEAR_M,
  LADDER_FOOT_SHARE,
  LEAD_NEEDED_M,
  USUAL_HEIGHT_M,
  platePlace,
  type PlatePlace,
  type PlateSurvey,
} from './platePlace';
export { FIXINGS, SEALS, WALLS, WALL_FIXINGS, anchorKeeps, type Wall, type WallFixing } from './wall';
export { isHeld, screwFor, stackOf, stackProudM, type ScrewAdvice } from './wedge';
export type { MountSayings } from './sayings';
