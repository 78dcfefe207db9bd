export { betterHeight, type HeightAdvice } from './betterHeight';
export { SCENE, doorView, faceSeen, facesCut, seenAt, type DoorView, type TiltInterval } from './doorView';
export { LEAD_NEEDED_M, USUAL_HEIGHT_M, platePlace, type PlatePlace, type PlateSurvey } from './platePlace';
export { FIXINGS, SEALS, WALLS, WALL_FIXINGS, type Wall, type WallFixing } from './wall';
export { SIDE_WEDGES, TILT_WEDGES, screwFor, tiltAdvice, type ScrewAdvice, type TiltAdvice } from './wedge';
export type { MountSayings } from './sayings';
