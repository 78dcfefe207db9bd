import { parts, type Slots } from '../../parts';

/** The areas of Look that a doorbell has. */
export const doorLook = {
  deadBefore: ({ times, batches }: { readonly times: number; readonly batches: string }) =>
    [
      times === 1 ? 'One was dead out of its bag.' : `${times} were dead out of their bags.`,
      batches === '' ? 'Try it before it goes up.' : `Which batch is this? Try it first if it is ${batches}.`,
    ].join(' '),
  thereAndRight: 'there and right',
  missing: 'missing',
  notRight: 'not right',
  theDeviceIsRegistered: '; the device is registered here, on the bench supply.',
  atTheVanBefore: ({ theDeviceIs }: { readonly theDeviceIs: string }) =>
    `At the van, before the ladder. What is missing or not right goes to the things to bring${theDeviceIs}`,
  byTheCatalogueIts: ({ inBag }: { readonly inBag: string }) => `By the catalogue its bag holds: ${inBag}.`,
  whatAboutThe: ({ words }: { readonly words: string }) => `what about the ${words}`,
  bring: ({ bring }: { readonly bring: string }) => `Bring: ${bring}.`,
  theOtherAreThere: ({ unchecked }: { readonly unchecked: number }) => `The other ${unchecked} are there and right`,
  oneWay: 'One way',
  ways: ({ ways }: { readonly ways: number }) => `${ways} ways`,
  withSuchAChime: ({ oneWay }: { readonly oneWay: string }) => `${oneWay} with such a chime and this device:`,
  theChimeRings: 'The chime rings.',
  theChimeIsSilent: 'The chime is silent.',
  aDoorbellAtThe: 'A doorbell at the rear door is a door of its own: add it under Door, “another door at this site”.',
  itSharesTheTransformer: 'It shares the transformer: both doors are worked out together, in the same state.',
  whichDoorbellAtThe: 'which doorbell at the rear door',
  screw: ({ anchor }: { readonly anchor: string }) => `${anchor}, screw`,
  screw2: ({ anchor }: { readonly anchor: string }) => `${anchor}; screw`,
  longerThanStocked: 'longer than stocked',
  bit: <T>({ bit, anchor, longerThanStocked, caution }: Slots<T, 'bit' | 'anchor' | 'longerThanStocked' | 'caution'>) =>
    parts`Bit: ${bit}. ${anchor} ${longerThanStocked}.${caution}`,
  bringASpacerOr: 'Bring a spacer or a bed of sealant: a plate on an edge rocks and leaks.',
  deviceToFit: 'device to fit',
  wantsVAtThe: ({
    remark,
    doorFullVolts,
    doorMinVolts,
  }: {
    readonly remark: string;
    readonly doorFullVolts: string;
    readonly doorMinVolts: string;
  }) => `${remark} Wants ${doorFullVolts} V at the door, drops out under ${doorMinVolts} V.`,
  theParcelOnThe: 'the parcel on the mat',
  are: 'are',
  isWord: 'is',
  atTheHolesHeight: ({ lost, are }: { readonly lost: string; readonly are: string }) =>
    `At the hole’s height without a wedge ${lost} ${are} not all in the picture: Mount finds the wedge.`,
  fromTheHolesHeight: 'From the hole’s height this device has them in the picture without a wedge.',
  plateCanSitUp: ({ small, small2 }: { readonly small: string; readonly small2: string }) =>
    `Plate can sit ${small} up and ${small2} down of the hole`,
  noRoom: 'no room',
  lensAt: 'lens at',
  leadLetsItGo: 'lead lets it go',
  frameAfter: 'frame after',
  heightCountsFromWhere:
    'Height counts from where the visitor stands. A lip is a board’s edge, trim or sill that a plate can’t lie across.',
  pullTheLeadAnd: 'Pull the lead and measure its reach: the drawing shows what is left of the wall.',
  betweenTheLipsThere: 'Between the lips there is no room for the plate: a backing plate, or another spot.',
  thePlateCanSit: 'The plate can sit at the hole and nowhere else.',
  theLipPushesIt: ({ small, small2 }: { readonly small: string; readonly small2: string }) =>
    `The lip pushes it up: from ${small} to ${small2} above the hole.`,
  theLipPushesItDown: ({ small, small2 }: { readonly small: string; readonly small2: string }) =>
    `The lip pushes it down: from ${small} to ${small2} below the hole.`,
  itCanGoUp: ({ small, small2 }: { readonly small: string; readonly small2: string }) =>
    `It can go ${small} up and ${small2} down from the hole.`,
  theLeadIsToo: 'The lead is too short: pull slack, or lengthen it.',
  oldMarksStayVisible: 'Old marks stay visible: bring a backing plate.',
  itDoesNotFit: 'It does not fit beside the frame.',
  underItASpacer: ({ small }: { readonly small: string }) =>
    `Under it a spacer of at least ${small}, over the sheath or box.`,
  aSideWedgeOr: ': a side wedge, or another spot',
  theFrameTakesOf: ({ frameTakesDeg, aSideWedge }: { readonly frameTakesDeg: string; readonly aSideWedge: string }) =>
    `The frame takes ${frameTakesDeg}° of the view at its side${aSideWedge}.`,
  one: 'one',
  two: 'two',
  theCablesWayStretch: 'The cable’s way, stretch by stretch',
  stretch: 'stretch',
  length: 'length',
  holes: 'holes',
  stretch2: ({ i }: { readonly i: number }) => `: stretch ${i}`,
  takeAway: <T>({ stretch }: Slots<T, 'stretch'>) => parts`take away${stretch}`,
  peopleFishingTheCable: 'people fishing the cable',
  ofCableThereAnd: <T>({ lengthM, ohms, holes }: Slots<T, 'lengthM' | 'ohms' | 'holes'>) =>
    parts`· ${lengthM} of cable, ${ohms} there and back, ${holes} holes`,
  mainsWork: ({ mainsWork }: { readonly mainsWork: string }) => `Mains work. ${mainsWork}`,
  bring2: 'Bring:',
  besideItStandsThe: ({
    answerName,
    minutes,
    caution,
  }: {
    readonly answerName: string;
    readonly minutes: number;
    readonly caution: string;
  }) => `Beside it stands the plain way: ${answerName}, ${minutes} min. ${caution}`,
  lengthOfTheStretch: 'length of the stretch',
  holesOnIt: 'holes on it',
  itIsLaid: 'it is laid',
  addTheStretch: 'Add the stretch',
  doesTheBellDie: 'Does the bell die with a light?',
  switchThatWasTurned: 'switch that was turned off',
  stairLight: 'stair light',
  bellRings: 'Bell rings',
  bellIsDead: 'Bell is dead',
  bellIsDead2: 'bell is dead',
  bellRings2: 'bell rings',
  off: ({ name, bellIsDead }: { readonly name: string; readonly bellIsDead: string }) => `${name} off: ${bellIsDead}`,
  takeBack: 'take back',
  nowhereYet: 'nowhere yet',
  theSearchWasGiven: 'The search was given up',
  theSupplyComesFrom: 'The supply comes from elsewhere: a plug-in adapter or a new transformer, the chime bypassed.',
  searchOn: 'Search on',
  itIsInNone: 'It is in none of the usual places.',
  aboutMoreUntilIt: <T>({ expectedMinutes }: Slots<T, 'expectedMinutes'>) =>
    parts`About ${expectedMinutes} more until it is found, if it is in one of these places.`,
  stopHereSupplyingFrom: ({ minutes, cost }: { readonly minutes: number; readonly cost: string }) =>
    `Stop here: supplying from an adapter (${minutes} min, ${cost} in parts) is cheaper than looking on.`,
  oneMorePlace: 'one more place',
  more: ({ worthLooking }: { readonly worthLooking: number }) => `${worthLooking} more`,
  worthLookingAtAfter: ({ oneMorePlace }: { readonly oneMorePlace: string }) =>
    `Worth looking at ${oneMorePlace}; after that an adapter and a bypassed chime are cheaper.`,
  notThere: 'Not there',
  foundItHere: 'Found it here',
  notThere2: <T>({ part }: Slots<T, 'part'>) => parts`not there${part}`,
  found: <T>({ part }: Slots<T, 'part'>) => parts`found${part}`,
  somewhereElse: 'somewhere else',
  lookedAtInVain: 'Looked at in vain:',
  takeBack2: ({ answerName }: { readonly answerName: string }) => `${answerName}, take back`,
  clues: 'Clues',
  somethingHumsOrIs: 'something hums or is warm',
  giveTheSearchUp: 'Give the search up: supply from elsewhere',
  found2: 'found',
  itsFeedIsSwitched: 'Its feed is switched: the device would go down with the light. Take the feed before the switch.',
  twoTransformersJoinedOn:
    'Two transformers joined on the bell side make each other’s primary live: both circuits are named and isolated.',
  faces: 'faces',
};
