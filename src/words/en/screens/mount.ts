import { parts, type Slots } from '../../parts';

/** Mount at a doorbell. */
export const mount = {
  theDoorFromThe: 'The door from the side',
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
  tiltWedge: ({ best, sees }: { readonly best: string; readonly sees: string }) => `Tilt wedge ${best}: ${sees}.`,
  atTiltWedge: ({
    small,
    wedgeWords,
    sees,
  }: {
    readonly small: string;
    readonly wedgeWords: string;
    readonly sees: string;
  }) => `At ${small}, tilt wedge ${wedgeWords}: ${sees}.`,
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
  tiltWedge2: 'tilt wedge',
  sideWedge: 'side wedge',
  softJointRebar: 'soft joint, rebar',
};
