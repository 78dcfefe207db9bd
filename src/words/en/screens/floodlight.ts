import type { Terms } from '../../terms';
import { parts, type Slots } from '../../parts';

/** A floodlight camera. */
export const floodlight = {
  asItIsNow: 'As it is now, without the fixture’s leads.',
  underTheEave: 'under the eave',
  onTheWall: 'on the wall',
  threadOfTheBar: 'thread of the bar',
  barToBox: 'bar to box',
  plateToBar: 'plate to bar',
  theRimStandsBehind: ({ small, small2 }: { readonly small: string; readonly small2: string }) =>
    `The rim stands ${small} behind the wall, over ${small2}: an extension ring comes first.`,
  gasketAllRoundTop: ({ plateWords }: { readonly plateWords: string }) =>
    `${plateWords} Gasket all round; top and sides sealed, the bottom open.`,
  cameraAndSensorCan: ({ place, wantedDeg }: { readonly place: string; readonly wantedDeg: string }) =>
    `Camera and sensor can be as they should ${place}: ${wantedDeg}° down, sensor level.`,
  onTheWall2: 'On the wall',
  underTheEave2: 'Under the eave',
  theHeadMissesIts: ({ headMissDeg }: { readonly headMissDeg: string }) => `the head misses its aim by ${headMissDeg}°`,
  theSensorStaysOff: ({ sensorMissDeg }: { readonly sensorMissDeg: string }) =>
    `the sensor stays ${sensorMissDeg}° off level`,
  itDoesNotCome: ({ onTheWall, parts }: { readonly onTheWall: string; readonly parts: string }) =>
    `${onTheWall} it does not come round: ${parts}.`,
  itsInstructionsDoNot: ' Its instructions do not name this place.',
  theBoxDoesNot: 'The box does not bear',
  doesTheBoxBear: 'Does the box bear',
  fixItToSomething: ': fix it to something that does first.',
  saySoAtMeasure: '? Say so at Measure.',
  theBoxIsNot: 'The box is not rated for wet: a cover or box that is.',
  everyThatIsLong: ({ thread, small }: { readonly thread: string; readonly small: string }) =>
    `every ${thread} that is long enough bottoms out over ${small}: cut one`,
  buyAtLeast: ({ thread, small }: { readonly thread: string; readonly small: string }) =>
    `buy ${thread}, at least ${small}`,
  needs: ({ small }: { readonly small: string }) => `needs ${small}`,
  crossBarThick: 'cross-bar, thick',
  fromTo: ({ least, most }: { readonly least: string; readonly most: string }) => `From ${least} to ${most}.`,
  licensedWork: 'licensed work',
  inWriting: ({ inWriting }: { readonly inWriting: string }) => `in writing: ${inWriting}`,
  withoutAGroundIt: ({ ground }: Pick<Terms, 'ground'>) =>
    `Without ${ground} it goes on in writing only: it stands on the sheet.`,
  partOfItLicensed: ', part of it licensed',
  aRuleStopsThis: 'A rule stops this plan: Wire stays held.',
  aboutMinOfWork: <T>({ minutes, partOfIt, stops }: Slots<T, 'minutes' | 'partOfIt' | 'stops'>) =>
    parts`About ${minutes} min of work${partOfIt}.${stops}`,
  takeItAgain: 'Take it again',
  takeThisPlan: 'Take this plan',
  goToIsolate: 'Go to Isolate',
  feedCantTellYet: 'Feed: can’t tell yet.',
  feed: ({ feed }: { readonly feed: string }) => `Feed ${feed}.`,
  whatCanHangHere: <T>({ feedCanT, words }: Slots<T, 'feedCanT' | 'words'>) =>
    parts`${feedCanT} ${words} What can hang here follows from the tests at its box.`,
  goToMeasure: 'Go to Measure',
  feed2: <T>({ feed }: Slots<T, 'feed'>) => parts`Feed ${feed}.`,
  allOfThemBy: 'all of them by the bag’s connectors.',
  ofThemTooBig: ({ notByBag }: { readonly notByBag: number }) =>
    `${notByBag} of them too big for the bag’s connectors.`,
  withIt: ({ name }: { readonly name: string }) => `With it: ${name}.`,
  splices: <T>({
    feed,
    words,
    splices,
    allOfThem,
    cure,
  }: Slots<T, 'feed' | 'words' | 'splices' | 'allOfThem' | 'cure'>) =>
    parts`${feed} ${words} ${splices} splices, ${allOfThem} ${cure}`,
  camera: 'Camera',
  lead: ({ ground }: { readonly ground: string }) => `${ground} lead`,
  classII: 'class II',
  toVVACanopy: ({
    voltsLow,
    voltsHigh,
    cameraVa,
    ground,
    canopy,
    remark,
  }: {
    readonly voltsLow: number;
    readonly voltsHigh: number;
    readonly cameraVa: number;
    readonly ground: string;
    readonly canopy: string;
    readonly remark: string;
  }) => `${voltsLow} to ${voltsHigh} V, ${cameraVa} VA, ${ground}, ${canopy} canopy. ${remark}`,
  feed3: 'Feed',
  asItWillBe: 'As it will be',
  theBoxAsPlanned: 'The box as planned',
  everyRuleIsKept: ({ hot, ground }: Pick<Terms, 'hot' | 'ground'>) =>
    `Every rule is kept: ${hot}, neutral and ${ground} whole, always on.`,
  cured: ({ cured }: { readonly cured: string }) => `Cured: ${cured}`,
  room: 'Room',
  theBoxIsNotNamed: 'The box is not named: its room is not counted.',
  wouldGiveMore: 'Would give more',
  whatWouldCureIt: 'What would cure it',
  nothingMore: 'Nothing more',
  theBoxAsIt: 'The box as it is.',
  fits: 'Fits.',
  doesNotFit: 'Does not fit.',
  splices2: 'Splices',
  theSRatingIs: ({ way }: { readonly way: string }) =>
    `The ${way}’s rating is not named: what the circuit carries is not counted.`,
  barScrewsWhichWay: 'Bar, screws, which way up',
  theBagsConnectorsHold: 'The bag’s connectors hold every splice.',
  tooBigForThe: ({ notByBag }: { readonly notByBag: string }) => `Too big for the bag’s connector: ${notByBag}.`,
  theHouseTheOld: 'the house, the old fixture, the spot, and who has to be ready',
  whatThisBoxIs: 'what this box is, what comes in, and how it is fed',
  theCameraItsFeed: 'the camera, its feed, splices and screws',
  whichCircuitItIs: 'which circuit it is, and whether it is dead',
  spliceBySplice: 'splice by splice',
  orientationHeightTiltSeal: 'orientation, height, tilt, seal',
  eachWithItsFigure: 'each with its figure, nothing passed by default',
  whatStaysWithThe: 'what stays with the customer',
  wiFiAtThe: 'Wi-Fi at the spot',
  feedRemedy: 'feed remedy',
  moreRoom: 'more room',
  theBoxAsBuilt: 'The box as built so far',
  theBox: 'The box',
  everyRuleIsKept2: 'Every rule is kept.',
  itDiffersAndNo: 'It differs, and no rule minds.',
  asPlannedSoFar: 'As planned so far.',
  roomInTheBox: 'Room in the box',
  wired: 'Wired',
  feed4: 'feed',
  fixture: 'fixture',
  load: 'load',
  plate: 'plate',
  screws: 'screws',
};
