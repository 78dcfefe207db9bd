import { parts, type Slots } from '../../parts';

/** Mount at a doorbell. */
export const mount = {
  theDoorFromThe: 'The door from the side',
  theDoorFromAbove: 'The door from above',
  fromTheSide: 'From the side',
  dragUpAndDown: 'drag it up and down',
  dragItUp: 'lens over standing ground: arrow keys move it',
  fromAbove: 'From above',
  lookingOutTap: 'looking out of the wall; tap a wedge',
  whatItWillShow: 'What it will show',
  parcelShare: ({ percent }: { readonly percent: number }) => `parcel ${percent} %`,
  savesAt: ({ small }: { readonly small: string }) => `${small} saves it`,
  sideWedgeNamed: ({ deg, right }: { readonly deg: number; readonly right: boolean }) =>
    deg === 0 ? 'no side wedge' : `side wedge ${deg}°, looking ${right ? 'right' : 'left'} out of the wall`,
  tiltWedgeNamed: ({ deg, down }: { readonly deg: number; readonly down: boolean }) =>
    deg === 0 ? 'no tilt wedge' : `tilt wedge ${deg}°, looking ${down ? 'down' : 'up'}`,
  mapName: 'For each tilt wedge, at which heights faces and parcel are seen',
  heightAndWedge: 'Height and wedge',
  whereBothAreSeen: 'where face and parcel are both seen',
  buttonInReach: 'button within reach of a wheelchair',
  asFarAsLead: 'as far as the lead lets it sit',
  mapKey:
    'Solid: both. Pale: faces only. Ruled: parcel only. Empty: a face is cut. Straw band: where lead and marks let the plate sit; moss band: button within reach. Dot: as it is; ring: proposed.',
  thickEndDownShort: 'thick end down',
  thickEndUpShort: 'thick end up',
  thickSideLeftShort: 'thick side left',
  thickSideRightShort: 'thick side right',
  sideWedgeOf: ({ deg }: { readonly deg: number }) => `side wedge ${deg}°`,
  tiltWedgeOf: ({ deg }: { readonly deg: number }) => `tilt wedge ${deg}°`,
  plate: 'plate',
  leadsThrough: 'leads through',
  looksLeft: 'looks left',
  looksRight: 'looks right',
  looksDown: 'looks down',
  looksUp: 'looks up',
  theStack: 'The stack',
  facingWallFirst: 'as you face the wall, wall first',
  wrongOrderRolls: ({ deg }: { readonly deg: string }) =>
    `The side wedge lies on the wall: the other way round the horizon rolls by ${deg}°.`,
  standsProud: ({ small }: { readonly small: string }) => `Its plate stands ${small} proud.`,
  tallestCloseUp: 'the tallest close up',
  tallestStepBack: 'the tallest a step back',
  shortestCloseUp: 'the shortest close up',
  shortestStepBack: 'the shortest a step back',
  ofTheParcel: ({ percent, asked }: { readonly percent: number; readonly asked: number }) =>
    `Of the parcel ${percent} % is in frame, ${asked} % is asked.`,
  believedTo: ({ percent }: { readonly percent: number }) => `Believed to ${percent} %.`,
  isWall: ({ percent }: { readonly percent: number }) => `${percent} % of the picture is wall.`,
  wayHangs: ({
    small,
    tilt,
    side,
    sees,
    cut,
  }: {
    readonly small: string;
    readonly tilt: string;
    readonly side: string;
    readonly sees: string;
    readonly cut: string;
  }) => `${small}, tilt wedge ${tilt}, side wedge ${side}: ${sees}, ${cut}.`,
  facesCut: ({ cut }: { readonly cut: number }) => `${cut} of 4 cut`,
  hangItSo: 'Hang it so',
  proposed: 'Proposed:',
  bestThatWasFound: 'Best that was found:',
  buttonOutOfReach: ({ small }: { readonly small: string }) =>
    `Button at about ${small}: out of reach from a wheelchair (0.9 to 1.2 m).`,
  missesSomething: 'As it hangs it misses what one of these would show: hang it anew, or',
  whyItMayMiss: 'why it may miss it',
  letStandBy: ({ who, words }: { readonly who: string; readonly words: string }) =>
    `It may hang so, by ${who}: ${words}`,
  howVisitorsCome: 'How visitors come',
  assumedHere: ({ what }: { readonly what: string }) => `Taken as usual, as nobody said: ${what}.`,
  betweenWhich: 'Between which tilts and turns each stays in frame',
  parcel: 'the parcel',
  tilt: 'tilt',
  turnLookingOut: 'turn, looking out',
  interval: ({ from, to }: { readonly from: string; readonly to: string }) => `${from} to ${to}`,
  never: 'at none',
  up: 'up',
  down: 'down',
  left: 'left',
  right: 'right',
  none: 'none',
  thickEndUp: ({ deg }: { readonly deg: number }) => `${deg}°, thick end up`,
  thickEndDown: ({ deg }: { readonly deg: number }) => `${deg}°, thick end down`,
  thickSideLeft: ({ deg }: { readonly deg: number }) => `${deg}°, thick side left`,
  thickSideRight: ({ deg }: { readonly deg: number }) => `${deg}°, thick side right`,
  facesAndTheParcel: 'faces and the parcel on the mat are in frame',
  facesAreInFrame: 'faces are in frame, the parcel is not',
  theParcelIsIn: 'the parcel is in frame, faces are cut',
  notEveryFaceIs: 'not every face is whole, and the parcel is out of frame',
  planned: ', planned',
  at: ({ small, planned, sees }: { readonly small: string; readonly planned: string; readonly sees: string }) =>
    `At ${small}${planned}: ${sees}.`,
  cut: ({ cut }: { readonly cut: string }) => `Cut: ${cut}.`,
  theLeadLetsThe: ({ small, small2 }: { readonly small: string; readonly small2: string }) =>
    `The lead lets the lens sit at ${small} to ${small2}: outside of it the hole shows or the lead is too short.`,
  longerThanStocked: 'longer than stocked',
  screwsAtLeastThrough: <T>({
    longerThanStocked,
    small,
    small2,
    bit,
  }: Slots<T, 'longerThanStocked' | 'small' | 'small2' | 'bit'>) =>
    parts`Screws ${longerThanStocked}, at least ${small} through a stack of ${small2}. Bit: ${bit}.`,
  facingTheWallThick:
    'Facing the wall: thick end up looks down; thick side left looks right. Top screw first, set level, then the bottom one; hand-tight.',
  findWiresAndPipes: 'Find wires and pipes before drilling. Eye protection.',
  overGroundBelowIt: 'Height to the lens, over the ground below it.',
  phoneAlongCamera: 'The phone’s compass held along the camera: 0 is north, 90 east.',
  bubbleOfSensor: 'Level is the bubble on its sensor: one that leans reaches less far, or sees the street.',
  sealedTopAndSides: 'sealed at top and sides',
  wedgesAtHand: 'wedges at hand',
  notAtHand: 'Not all of these wedges are at hand: bring them.',
  tiltWedge2: 'tilt wedge',
  sideWedge: 'side wedge',
  softJointRebar: 'soft joint, rebar',
};
