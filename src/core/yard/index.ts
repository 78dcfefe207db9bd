export { MASK_OFF_DEG, builtBeside, type Became, type Beside, type BuiltBeside, type BuiltTarget } from './builtBeside';
export {
  classOfCode,
  classRaster,
  classReachM,
  coverageOf,
  nearEdgeM,
  type ClassRaster,
  type Extent,
  type Stretch,
} from './coverage';
export { groundAt, overGround, type Ground, type Level } from './ground';
export { placeAt } from './placed';
export { doubtOf, type Doubt } from './doubt';
export { isOverHorizon, lampSet, lampsInPicture, lampsOf, luxAt } from './lamps';
export { pictureOf, type Outline, type Picture, type PictureBox, type PictureFigure } from './picture';
export { landmarksOf, poseOfPicture, type Landmark, type OwnPicture, type PictureMark } from './ownPicture';
export {
  LEANS_LESS_DEG,
  onBracket,
  otherMountings,
  type ListedCamera,
  type OtherMounting,
  type SetBracket,
} from './otherMountings';
export { proposeAim } from './proposeAim';
export {
  FACE_M,
  cameraAt,
  isVisited,
  jointOf,
  lensPlace,
  targetPlace,
  boxOf,
  standing,
  type Aim,
  type Obstacle,
  type ObstacleKind,
  type Scene,
  type Target,
  type TargetKind,
  type Wanted,
  type PrivateArea,
  type Surroundings,
  type Walk,
  type Where,
} from './scene';
export {
  STEEP_DEG,
  askedPxPerM,
  hiddenBehind,
  jointMissDeg,
  lensForFace,
  lensInside,
  seenTargets,
  type Miss,
  type SeenTarget,
} from './seenTarget';
export { firedArc, isSensed, sensorLobe, sensorReach, type SensorReach } from './sensor';
export { lampDownFor, luxMap, luxOnWindow, windowLuxOf, type LuxMap } from './luxMap';
export { masksOf, skyShare, type Mask } from './privacy';
export { zonesOf, type Zone } from './zones';
export { lookFrom, proposeSpots, sceneFrom, type Spot, type SpotProposal } from './proposeSpots';
export { sunInFrame, type Almanac, type SunInFrame, type UnderSun } from './sun';
export { sensorMeets, walkLengths, walkPieces, type Crossing, type WalkPiece } from './walks';
export { siteCoverage, type SiteCamera, type SiteCoverage, type SiteExtent } from './siteCoverage';
