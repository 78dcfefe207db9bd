import { parts, type Slots } from '../../parts';

/** A floodlight camera with a plug. */
export const plugFloodlight = {
  thePlanStands: 'The plan stands.',
  thePlanDoesNot: 'The plan does not stand.',
  itsWayWasNot: 'its way was not measured yet',
  theLeadHasTo: ({ long }: { readonly long: string }) => `the lead has to be ${long} long, loop and plug counted`,
  ofLeadLeftOver: ({ long, long2 }: { readonly long: string; readonly long2: string }) =>
    `${long} of lead: ${long2} left over`,
  ofLeadShort: ({ long, long2 }: { readonly long: string; readonly long2: string }) =>
    `${long} of lead: ${long2} short`,
  theLeadFromThe: ({ outlet, words }: { readonly outlet: string; readonly words: string }) =>
    `The lead from the camera to its ${outlet}: ${words}`,
  camera: 'camera',
  way: 'way ___',
  way2: ({ long }: { readonly long: string }) => `way ${long}`,
  whetherItWillDo: 'Whether it will do',
  alwaysOnProtectedCovered: 'Always on, protected, covered: a plug may stay in it.',
  theCatalogueHoldsNo: 'The catalogue holds no floodlight camera with a plug: add one there.',
  itsLeadIsLong: <T>({ plugLeadM, cameraVa, remark }: Slots<T, 'plugLeadM' | 'cameraVa' | 'remark'>) =>
    parts`Its lead is ${plugLeadM} long; it draws ${cameraVa} with its lamps on. ${remark}`,
  itWillDoHere: 'It will do here',
  notSoYet: 'Not so yet',
  theLeadReachesWith: ({ theOutlet }: { readonly theOutlet: string }) =>
    `The lead reaches with a drip loop; the ${theOutlet} is always on, protected, covered.`,
  aboutMinOfWork: ({ minutes }: { readonly minutes: number }) => `About ${minutes} min of work, no conductor bared.`,
  takeItAgain: 'Take it again',
  takeThisCamera: 'Take this camera',
  goToWire: 'Go to Wire',
  theHouseTheSpot: 'the house, the spot, and who has to be ready',
  theOutletHowFar: 'where it plugs in: how far, always on, protected, covered',
  theCameraWhoseLead: 'the camera whose lead reaches',
  aPlugWhatMakes: 'a plug: what makes it dead is its being out',
  fromTheVanTo: 'from the van to the plug',
  orientationHeightTiltSeal: 'orientation, height, tilt, seal',
  eachWithItsFigure: 'each with its figure, nothing passed by default',
  whatStaysWithThe: 'what stays with the customer',
  floodlightCameraWithA: 'Floodlight camera with a plug. Its aim and its proof were not planned with this program.',
  toSwitchItOff: ({ place }: { readonly place: string }) => `To switch it off, pull its plug${place}.`,
  wiFiAtThe: 'Wi-Fi at the spot',
  takenBy: 'taken by',
  fitted: 'Fitted',
  byTheBackDoor: 'by the back door',
};
