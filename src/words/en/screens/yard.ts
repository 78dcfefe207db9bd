/** Mount at a floodlight camera: what it sees, senses and lights. */
export const yard = {
  fromAbove: 'From above',
  lookingOut: 'looking out of the wall; drag a pin to move it',
  whatItWillShow: 'What it will show',
  planName: 'The yard before the wall, from above',
  pictureName: 'What the camera will show',
  aimsFrom: 'No camera is chosen yet: Choose says which, then this shows what it will see.',
  nothingToSee: 'Say first what it is to see: pace to the gate, the door, the car.',
  seesOf: ({ met, all }: { readonly met: number; readonly all: number }) => `Sees ${met} of ${all}`,
  placeIt: 'Put it on the plan',
  toBeSeen: 'What is to be seen, or kept out',
  inTheWay: 'What stands in the way',
  add: 'Put it there',
  takeAway: 'take it away',
  pinName: ({ what, distance, turn }: { readonly what: string; readonly distance: string; readonly turn: string }) =>
    `${what}, ${distance} away, ${turn}: arrow keys move it`,
  straight: 'straight ahead',
  right: ({ deg }: { readonly deg: number }) => `${deg}° right`,
  left: ({ deg }: { readonly deg: number }) => `${deg}° left`,
  target: 'target',
  pixels: 'px/m',
  seenAs: 'seen as',
  believed: 'believed',
  litAndSensed: ({ lux, sensed }: { readonly lux: string; readonly sensed: boolean }) =>
    `${lux} lux, ${sensed ? 'sensed' : 'not sensed'}`,
  kept: 'kept out',
  missHidden: ({ what }: { readonly what: string }) => `hidden by the ${what}`,
  missHouse: 'behind the wall',
  missOut: 'out of the picture',
  missOutBy: ({ deg }: { readonly deg: string }) => `out of the picture: its joint stops ${deg} short of it`,
  missCoarse: ({ got, asked }: { readonly got: string; readonly asked: string }) => `${got} px/m of ${asked}`,
  missShows: 'in the picture',
  coarse: 'something moves',
  capsBelow: ({ lens }: { readonly lens: string }) => `only caps are seen from here: hang it at ${lens} or lower`,
  capsNeedAnother: 'only caps are seen from here: hang it farther off, or a second camera',
  seenSteeply: 'looked down upon',
  bandTo: ({ band, to }: { readonly band: string; readonly to: string }) => `${band} to ${to}`,
  joints: 'The joint',
  stepsOfOne: 'one degree a tap, as far as it goes',
  turned: 'turned, looking out',
  tilted: 'below the horizon',
  lens: 'lens over the ground',
  less: ({ what }: { readonly what: string }) => `${what}: less`,
  more: ({ what }: { readonly what: string }) => `${what}: more`,
  proposedAim: ({ turn, down }: { readonly turn: string; readonly down: string }) =>
    `Proposed: ${turn}, ${down} below the horizon.`,
  useProposed: 'Show what is proposed',
  takeAim: 'Take this aim',
  taken: 'This is the aim that was taken.',
  aimCard: 'Aim card',
  facingTheWall: ({ side }: { readonly side: string }) => `on the ladder, facing the wall: ${side}`,
  toYourRight: 'to your right',
  toYourLeft: 'to your left',
  sensorLevel: 'level, within 2°',
  sensor: 'sensor',
  reaches: 'sensor reaches',
  seesFrom: 'nearest that is seen',
  lampsDown: 'lamps',
  ladder: 'ladder, its foot from the wall',
  lampsText: ({ count, deg, out }: { readonly count: number; readonly deg: number; readonly out: number }) =>
    `${count}, ${deg}° down${out === 0 ? '' : `, ${out}° out`}`,
  lampsTilted: 'lamps down',
  lampsOut: 'lamps out to each side',
  leftLamp: 'left',
  rightLamp: 'right',
  lampInPicture: ({ which }: { readonly which: string }) =>
    `Its ${which === '' ? '' : `${which} `}lamp stands in the picture and blinds it when lit: turn the head less, or put it on a bracket.`,
  beamOverHorizon: ({ deg }: { readonly deg: string }) =>
    `The lamps shine over the horizon: tilted ${deg} down they would not.`,
  noCollars: 'No collars: tighten its joints by screw.',
  tiltCollar: 'Loosen the collar of the tilt; hold the head while it is tightened.',
  bothCollars: 'Loosen both collars; hold the head while they are tightened.',
  turnFirst: 'Turn first, then tilt.',
  tiltFirst: 'Tilt first, then turn.',
  leadReaches: ({ length }: { readonly length: string }) =>
    `Its lead reaches ${length} more along the wall: no spot farther off is looked at.`,
  fixing: 'What holds it',
  onBracket: ({ bracket }: { readonly bracket: string }) => `on: ${bracket}`,
  withoutBracket: 'without it',
  bracketTurned: ({ name, right }: { readonly name: string; readonly right: boolean }) =>
    `${name}, to the ${right ? 'right' : 'left'}`,
  whatWouldDo: 'What would show more from here',
  nothingListedDoes: 'No bracket and no camera of the catalogue shows more from this spot: look for another spot.',
  wouldSee: ({
    met,
    all,
    turn,
    down,
    leans,
  }: {
    readonly met: number;
    readonly all: number;
    readonly turn: string;
    readonly down: string;
    readonly leans: number;
  }) => `sees ${met} of ${all}, ${turn}, ${down} down, ${leans < 2 ? 'level' : `leaning ${leans}°`}.`,
  takeBracket: 'Put it on that',
  chooseIt: 'to Choose',
  zonesToCopy: 'Zones to copy',
  lampsKeepIt: ({ deg, lux }: { readonly deg: string; readonly lux: string }) =>
    `With the lamps ${deg} down it gets ${lux} lux.`,
  tiltThemSo: 'Tilt them so',
  noTiltKeepsIt: 'No tilt of the lamps keeps it: another spot, or fewer lumen.',
  pictureTurned: 'The picture stands on its head here: turn it round in the app.',
  tapeNext: ({ what }: { readonly what: string }) => `Tape the way to the ${what}: it would settle most.`,
  assumed: ({ what }: { readonly what: string }) => `Assumed: ${what}.`,
  assumedLens: ({ lens }: { readonly lens: string }) => `lens at ${lens}`,
  assumedOut: ({ out }: { readonly out: string }) => `lens ${out} before the wall`,
  lensInside: ({ what }: { readonly what: string }) =>
    `The lens stands inside of this: ${what}. Move one of the two, or nothing is seen.`,
  marksOnOneSpot: 'Two places lie on one spot of the picture: tap one of them again.',
  assumedSheet: 'what its sheet does not say of picture, sensor and lamps',
  assumedLamps: ({ down, out }: { readonly down: string; readonly out: string }) =>
    `lamps ${down} down, ${out} to either side`,
  notOnPlan:
    'It is on no plan yet: put it on its wall at Look, Plan, and streets, windows next door and ways are worked out too.',
  masksToCopy: 'Masks to copy',
  masksUnit: 'per cent of the picture: left, top – right, foot',
  shareOf: ({ what, percent }: { readonly what: string; readonly percent: string }) =>
    `${what}: ${percent} of the picture.`,
  mask: ({
    letter,
    what,
    left,
    top,
    right,
    foot,
  }: {
    readonly letter: string;
    readonly what: string;
    readonly left: number;
    readonly top: number;
    readonly right: number;
    readonly foot: number;
  }) => `${letter} ${left},${top} – ${right},${foot} (${what})`,
  lightNextDoor: 'Light on windows next door',
  onWindow: ({ lux }: { readonly lux: string }) => `${lux} lux on the window.`,
  overBefore: ({ most }: { readonly most: string }) => `More than the ${most} lux of guidance, at any hour.`,
  overAfter: ({ most }: { readonly most: string }) =>
    `More than the ${most} lux of guidance after curfew: off by then.`,
  underAfter: ({ most }: { readonly most: string }) => `Under the ${most} lux of guidance, after curfew too.`,
  zoneAssumed: 'Taken as suburban, as nobody said. Guidance, no rule: local rules decide.',
  waysPastSensor: 'Ways past the sensor',
  crossesStrong: ({ length }: { readonly length: string }) => `${length} cross its rays`,
  crossesFair: ({ length }: { readonly length: string }) => `${length} cross them aslant`,
  crossesWeak: ({ length }: { readonly length: string }) => `${length} come straight at it`,
  crossesNot: ({ length }: { readonly length: string }) => `${length} are not sensed`,
  sensorMeets: ({ what }: { readonly what: string }) => `Within its sensor’s reach: ${what}. It fires for nothing.`,
  sky: ({ percent }: { readonly percent: number }) => `${percent} % of the picture is sky.`,
  sunInPicture: 'Sun in the picture',
  sunNeeds: 'Needs latitude and longitude of the site, and where its wall looks.',
  neverSun: 'The sun never stands in it.',
  sunFrom: ({ month, from, to }: { readonly month: string; readonly from: string; readonly to: string }) =>
    `${month} ${from}–${to}`,
  duskAt: ({ time }: { readonly time: string }) => `Dark enough for the night check today from ${time}.`,
  whatElse: 'What else would do',
  lookForSpots: 'Look along the wall',
  spotsLooked: ({ done, of }: { readonly done: number; readonly of: number }) => `${done} of ${of} spots`,
  stop: 'stop',
  way: 'way',
  sees: 'sees',
  privateShort: 'private',
  lux: 'lux',
  minutes: 'min',
  asDrawn: 'as drawn',
  sameSpot: 'same spot',
  alongRight: ({ length }: { readonly length: string }) => `${length} to the right, looking out`,
  alongLeft: ({ length }: { readonly length: string }) => `${length} to the left, looking out`,
  spotWords: ({
    along,
    lens,
    turn,
    down,
  }: {
    readonly along: string;
    readonly lens: string;
    readonly turn: string;
    readonly down: string;
  }) => `${along}, ${lens} up: ${turn}, ${down} down`,
  show: 'show it',
  byNight: 'by night',
  byDay: 'by day',
  luxLine: ({ lux }: { readonly lux: number }) => `${lux} lux`,
  seenAsItHangs: 'What it sees, as it hangs',
  seenAsPlanned: 'What it will see, as planned',
  // As it hangs now
  asItHangsNow: 'As it hangs now',
  ringsAreThePlan: 'rings: where the plan has them',
  planned: 'planned',
  now: 'now',
  height: 'height',
  holds: 'holds',
  lost: 'lost',
  shown: 'in the picture',
  becameLost: ({ what }: { readonly what: string }) => `${what} lost`,
  becameShown: ({ what }: { readonly what: string }) => `${what} in the picture`,
  doubtful: 'doubtful',
  won: 'seen now',
  missedAsPlanned: 'missed, as planned',
  less2: 'less',
  masks: 'masks in the app',
  off: ({ deg }: { readonly deg: number }) => `${deg}° off`,
  copyAgain: 'copy again',
  isKeptOut: ({ what }: { readonly what: string }) => `${what}, kept out`,
  plannedAs: ({ value }: { readonly value: string }) => `planned ${value}`,
  lower: ({ by, lower }: { readonly by: string; readonly lower: boolean }) => `${by} ${lower ? 'lower' : 'higher'}`,
  moreDown: ({ by, up }: { readonly by: string; readonly up: boolean }) => `${by} more ${up ? 'up' : 'down'}`,
  moreTo: ({ by, side }: { readonly by: string; readonly side: string }) => `${by} more ${side}`,
  leans: ({ deg, right }: { readonly deg: string; readonly right: boolean }) =>
    `Its picture leans ${deg} to the ${right ? 'right' : 'left'}.`,
  writeItDown: 'Write it down',
  writeDownLost: ({ lost }: { readonly lost: string }) => `Write it down, ${lost}`,
  writtenDown: 'This is how it was written down.',
  isLost: ({ what, shows }: { readonly what: string; readonly shows: boolean }) =>
    shows ? `${what} is in the picture, and should not be: aim again, or` : `The ${what} is lost: aim again, or`,
  letItStand: 'let it stand',
  whyItMayBeMissed: ({ what, shows }: { readonly what: string; readonly shows: boolean }) =>
    shows ? `why ${what} may be in the picture` : `why the ${what} may be missed`,
  letStandBy: ({
    what,
    shows,
    who,
    words,
  }: {
    readonly what: string;
    readonly shows: boolean;
    readonly who: string;
    readonly words: string;
  }) => `${shows ? `${what} may be in the picture` : `The ${what} may be missed`}, by ${who}: ${words}`,
  toBeAimedAgain: 'it is to be aimed again',
  leanAlongHead: 'Phone held along the head',
  leanAgainstWall: 'Phone held against the wall',
  simulated: 'simulated',
  itsOwnPicture: 'Its own picture, from the app',
  byItsOwnPicture: 'By its own picture',
  anotherPicture: 'Take another picture',
  noPicture: 'This file is no picture that can be shown: take a screenshot as PNG or JPEG.',
  tooLarge: ({ megapixels, most }: { readonly megapixels: number; readonly most: number }) =>
    `This picture has ${megapixels} megapixels: take one of at most ${most}.`,
  wasCut: ({ got, wanted }: { readonly got: string; readonly wanted: string }) =>
    `This picture is ${got}, the camera’s own is ${wanted}: take the whole picture, not cut.`,
  pointAt: 'Pick a place, then tap where it is in the picture: two or more.',
  foot: ({ what }: { readonly what: string }) => `${what}, its foot`,
  leftCorner: ({ what }: { readonly what: string }) => `${what}, upper left corner`,
  rightCorner: ({ what }: { readonly what: string }) => `${what}, upper right corner`,
  pointInPicture: 'The picture: tap a place in it, or move its mark by the arrow keys',
  workItOut: 'Work out how it hangs',
  working: 'Working …',
  oneMarkIsLevel: 'By one place it is taken to be level.',
  marksInOneLine: 'These places lie in one line with the camera: point at one more beside it.',
  marksBehind: 'No head can see all of these places at once: is one of them pointed at wrongly?',
  poseFound: ({
    turn,
    down,
    roll,
    rms,
    worst,
  }: {
    readonly turn: string;
    readonly down: string;
    readonly roll: string;
    readonly rms: string;
    readonly worst: string;
  }) =>
    `It looks ${turn}, ${down} below the horizon, leaning ${roll}; marks are off by ${rms} px, ${worst} px at worst.`,
  firedAt: ({ metres }: { readonly metres: string }) => `fired at ${metres}`,
  sensorEdge: ({ reach }: { readonly reach: string }) => `sensor to ${reach}`,
};
