import type { VerdictWord } from '../../bell';
import type { None, Text } from '../../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface DoorbellSayings {
  doorMisses: {
    readonly cut: number;
    readonly parcelPercent: number;
    readonly heightM: number;
    readonly tiltDeg: number;
  };
  verdictSoFar: { readonly verdict: VerdictWord };
  found: None;
  battery: None;
  missing: None;
  runFrom: { readonly terminal: string; readonly run: Text };
  verdictBy: { readonly verdict: VerdictWord; readonly marginVolts: number };
  cableRun: { readonly metres: number | null; readonly gauge: string };
  theDoorbell: { readonly device: string };
  // advising
  oldTransformer: None;
  changesProposedCases: { readonly chanceToChange: number };
  beliefHoldsGoes: { readonly chance: Text; readonly way: Text; readonly up: number; readonly down: number };
  nothingKnownSource: { readonly how: Text };
  readingUnderResistor: { readonly how: Text };
  // decision
  decided: { readonly what: 'keep' | 'otherPair' | 'replace' | 'putIn' | 'cannotTell' | 'nothingHolds' };
  decision: { readonly way: Text; readonly settled: boolean; readonly why: Text };
  oldCantCarry: None;
  oldHoldsOnly: { readonly belief: number };
  couldChangeIt: { readonly reading: Text; readonly minutes: number };
  noWayHolds: None;
  nothingTrustedYet: None;
  sayWhatItRestsOn: { readonly what: 'outletNear' | 'freeWays' };
  usualPractice: None;
  firstSay: { readonly what: 'outletNear' | 'freeWays' };
  decidedShort: { readonly word: Text };
  decidedSoFar: { readonly word: Text };
  // assessment
  noTransformerYet: None;
  // climb
  failsNight: None;
  showPlugPulled: None;
  keepSwitchWithout: None;
  // forCustomer
  ringsThroughPlug: { readonly oldChimeStays: boolean };
  doorbellStands: { readonly at: Text; readonly isDone: boolean; readonly heightM: number | null };
  chimeStillRings: { readonly place: string | null; readonly isNew: boolean; readonly small: boolean };
  newTransformerStands: { readonly isAdapter: boolean; readonly place: string | null; readonly isDone: boolean };
  cameraSeesStands: None;
  noRingInside: None;
  pictureThenChime: None;
  noRingFromSounder: None;
  sounderInItsOutlet: None;
  goesOffAtNight: None;
  noteTheTime: None;
  // inHouse
  stillMade: None;
  plateNotRead: None;
  takesPlace: { readonly found: Text; readonly transformer: Text };
  newSupply: None;
  kindNotKnown: None;
  // look
  lookTransformer: { readonly id: Text };
  sayTransformer: None;
  noneUsualPlaces: None;
  makeSureBells: None;
  oneHeatingLooks: None;
  tryEverySwitch: None;
  transformerBehindSwitch: None;
  saySupplyCan: None;
  noBellBoard: None;
  sayBefore: None;
  buttonMeansBell: None;
  ownCableKept: None;
  keptTwoWires: None;
  openChimeKind: None;
  decidesTreatments: None;
  nameWallDoor: None;
  bitAnchorsScrew: None;
  pullLeadHow: None;
  decidesPlateCan: None;
  newSupplyArea: None;
  suppliedElsewhere: None;
  makeSure: { readonly open: number };
  placesLeft: { readonly leftCount: number };
  // marks
  ofLead: { readonly reach: number };
  toLookAt: { readonly missingCount: number };
  noBellMeasure: None;
  nothingReadYet: None;
  cantTellSoFar: None;
  doorVWorst: { readonly governingVolts: number };
  collapsesWorst: None;
  // nextMove
  pickWay: None;
  pickAnotherWay: None;
  cantBeHad: { readonly name: string };
  mountNoteHeight: None;
  overGroundVisitor: None;
  topScrewFirst: None;
  noteFixings: None;
  sealIt: None;
  topSidesBottom: None;
  // parts
  connectorsForPairs: None;
  connectorsSplices: None;
  longerStocked: None;
  screwsOfPlate: { readonly text: Text };
  bit: { readonly bit: Text };
  tiltWedge: { readonly tiltDeg: number };
  sideWedge: { readonly sideDeg: number };
  backingPlate: None;
  spacerMore: { readonly spacerM: number };
  connectorsToLengthen: None;
  // premisesOf
  anotherDoor: None;
  // readingProblem
  openUnderRead: { readonly high: number; readonly low: number };
  loadOverRead: { readonly low: number; readonly highest: number };
  // reference
  leadsFar: { readonly way: Text };
  nearestThere: { readonly way: Text };
  oldTransformerV: { readonly screws: Text; readonly ratedVolts: number };
  keep: { readonly plate: Text };
  chosenAt: { readonly transformer: Text; readonly at: Text };
  wiredAsIt: None;
  // survey
  rearDoorbell: None;
  // takeables
  readOpenVolts: None;
  nothingConnectedDoor: None;
  readNewTransformers: None;
  ownSagDecides: None;
  readVoltsVa: None;
  meterCantRead: None;
  readMainsOutlet: None;
  allBellVolts: None;
  readVoltsTransformer: None;
  differenceOpenReading: None;
  readLoopOhms: None;
  farEndsTwisted: None;
  readLoopOhmsRun: None;
  readChimeCoils: None;
  deadOneWire: None;
  readVoltsDoor: None;
  oneFigureSees: None;
  // entryPhone
  oldDoorStation: None;
  oldHandset: None;
  // wiringPlan
  newBellCable: { readonly metres: number | null };
  awayMainsCables: None;
  // worries
  leadTooShort: None;
  oldMarksShow: None;
  plateLiesAcross: None;
  sheathBoxStands: None;
  plateDoesNot: None;
  aLight: None;
  bellDiesFeed: { readonly light: Text };
  notRight: None;
  bag: { readonly item: Text; readonly state: Text; readonly note: Text };
  oneReadingStands: { readonly offBy: number; readonly side: Text };
  openVoltsUnder: { readonly volts: number };
  chosenWay: { readonly reason: Text };
  transformerRunsAbove: None;
  anotherDevice: None;
  chosenPickAgain: { readonly deviceById: Text };
  chimeGetsV: { readonly pressed: undefined | Text; readonly ratedVolts: number };
  chimeGetsOnly: { readonly pressed: undefined | Text };
  standingCurrentMakes: None;
}

declare module '../../said/said' {
  interface Sayings extends DoorbellSayings {}
}
