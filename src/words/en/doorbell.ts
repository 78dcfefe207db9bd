import type { DoorbellSayings } from '@/core/points';
import { capital, lowerFirst } from '@/core/units';
import { VERDICTS } from './bell';
import type { Sentences } from '../sentence';

export const doorbell: Sentences<DoorbellSayings> = {
  verdictSoFar: ({ verdict }) => lowerFirst(VERDICTS[verdict]),
  found: 'found',
  battery: 'battery',
  missing: 'missing',
  runFrom: ({ terminal, run }) => [terminal, ...(run ? [run] : [])].join(' · '),
  verdictBy: ({ verdict, marginVolts }, t) =>
    `${lowerFirst(VERDICTS[verdict])}, ${marginVolts >= 0 ? '+' : '−'}${t.volts(Math.abs(marginVolts))}`,
  cableRun: ({ metres, gauge }, t) =>
    [...(metres === null ? [] : [t.length(metres)]), ...(gauge ? [gauge] : [])].join(' · '),
  theDoorbell: ({ device }) => `${device} doorbell`,
  // points/doorbell/advising
  oldTransformer: 'the old transformer',
  changesProposedCases: ({ chanceToChange }, t) =>
    `It changes what is proposed in ${t.percent(chanceToChange)} of cases`,
  beliefHoldsGoes: ({ chance, way, up, down }, t) =>
    `${chance}. The chance that “${way}” works would become ${t.percent(up)} or ${t.percent(down)}.`,
  nothingKnownSource: ({ how }) => `Nothing is known of the source yet: its first figure ends “can’t tell”. ${how}`,
  readingUnderResistor: ({ how }) =>
    `The reading under a resistor is held against it; together they tell what that one tells. ${how}`,
  // points/doorbell/decision
  decided: ({ what }) =>
    ({
      keep: 'Keep it',
      otherPair: 'Another pair',
      replace: 'Replace it',
      putIn: 'Put one in',
      cannotTell: 'Can’t tell yet',
      nothingHolds: 'Nothing holds',
    })[what],
  decision: ({ way, settled, why }) =>
    `${capital(way)}${settled ? ', whatever you read next' : ''}${why ? `: ${why}` : ''}.`,
  oldCantCarry: 'the old one can’t carry it through the night',
  oldHoldsOnly: ({ belief }, t) => `the old one lasts in only ${t.percent(belief)} of cases`,
  couldChangeIt: ({ reading, minutes }) => `${reading} (${minutes} min) may change it.`,
  noWayHolds:
    'No way with this device can be trusted here, whatever is read next: take another device, or shorten the wire.',
  nothingTrustedYet: 'No way can be trusted on what is known so far.',
  sayWhatItRestsOn: ({ what }, t) =>
    ({
      outletNear: `Say whether ${t.anOutlet} is beside the bell wires`,
      freeWays: `Say how many ${t.ways} are free on the ${t.board}’s rail`,
    })[what],
  usualPractice: 'usual practice with this chime, not computed: ring it and listen',
  firstSay: ({ what }, t) =>
    ({
      outletNear: `Say first whether ${t.anOutlet} is beside the bell wires.`,
      freeWays: `Say first how many ${t.ways} are free on the ${t.board}’s rail.`,
    })[what],
  decidedShort: ({ word }) => lowerFirst(word),
  decidedSoFar: ({ word }) => `so far: ${lowerFirst(word)}`,
  // points/doorbell/assessment
  noTransformerYet: 'no transformer yet: a usual one is guessed',
  // points/doorbell/climb
  failsNight: 'fails at night',
  showPlugPulled: 'Show its plug: pulled, there is no bell.',
  keepSwitchWithout: 'Keep the switch on: without power there is no bell.',
  // points/doorbell/forCustomer
  ringsThroughPlug: ({ oldChimeStays }) =>
    `It rings through a plug-in sounder${oldChimeStays ? '; the old chime stays on the wall and is silent' : ''}.`,
  doorbellStands: ({ at, isDone, heightM }, t) =>
    `The video doorbell at the ${at} ${isDone ? 'was fitted' : 'is to be fitted'}: picture, voice, a button.${
      heightM === null ? '' : ` Its lens is ${t.small(heightM)} over the ground.`
    }`,
  chimeStillRings: ({ place, isNew, small }) =>
    `${isNew ? 'A new chime' : 'Your chime'}${place === null ? '' : ` (${place})`} ${isNew ? 'rings' : 'still rings'}.${
      small ? ' A small part inside it lets the doorbell draw its power.' : ''
    }`,
  newTransformerStands: ({ isAdapter, place, isDone }, t) =>
    isAdapter
      ? `An adapter in its ${t.outlet} ${isDone ? 'feeds' : 'is to feed'} the doorbell: leave it in.`
      : `A new transformer${place === null ? '' : ` (${place})`} ${isDone ? 'feeds' : 'is to feed'} the doorbell: the old one was too weak for it.`,
  cameraSeesStands:
    'The camera sees whoever stands at the door, and voice is recorded: tell visitors where the place asks for it.',
  noRingInside: 'No ring inside',
  pictureThenChime: 'A picture is there? Then it is the chime: ask us.',
  noRingFromSounder: 'No ring from the sounder',
  sounderInItsOutlet: (_, t) => `Is the sounder in its ${t.outlet}? Then ask us.`,
  goesOffAtNight: 'Goes off at night',
  noteTheTime: 'Note the time and ask us. Nothing to do yourself.',
  // points/doorbell/inHouse
  stillMade: 'still to be made',
  plateNotRead: 'plate not read',
  takesPlace: ({ found, transformer }) => `${found}; ${transformer} takes its place`,
  newSupply: 'new supply',
  kindNotKnown: 'kind not known',
  // points/doorbell/look
  lookTransformer: ({ id }) => `Look for the transformer: ${id}`,
  sayTransformer: 'Say where the transformer is',
  noneUsualPlaces: 'It was in none of the usual places.',
  makeSureBells: 'Make sure that it is the bell’s transformer',
  oneHeatingLooks: (_, t) => `One of the heating looks alike: same ${t.way}, its label, where its wires go.`,
  tryEverySwitch: 'Try every switch: does the bell die with a light?',
  transformerBehindSwitch: 'A transformer behind a switch takes the device down with it.',
  saySupplyCan: 'Say where a supply can come from',
  noBellBoard: 'There was no bell: board, spur, adapter, a light, or battery alone.',
  sayBefore: 'Say what was there before',
  buttonMeansBell: 'A button means bell wires; nothing means a new supply.',
  ownCableKept: 'Is its own cable kept, or left in the wall?',
  keptTwoWires: 'Kept, two of its wires feed the doorbell; left, new bell wire is pulled beside it.',
  openChimeKind: 'Open the chime: which kind is it?',
  decidesTreatments: 'It decides which treatments there are.',
  nameWallDoor: 'Name the wall at the door',
  bitAnchorsScrew: 'Bit, anchors and screw length follow from it.',
  pullLeadHow: 'Pull the lead: how far does it reach?',
  decidesPlateCan: 'It decides where the plate can sit.',
  newSupplyArea: 'New supply',
  suppliedElsewhere: 'supplied from elsewhere',
  makeSure: ({ open }) => `${open} to make sure`,
  placesLeft: ({ leftCount }) => `${leftCount} places left`,
  // points/doorbell/marks
  ofLead: ({ reach }, t) => `${t.small(reach)} of lead`,
  toLookAt: ({ missingCount }) => `${missingCount} to look at`,
  noBellMeasure: 'no bell to measure',
  nothingReadYet: 'nothing read yet',
  cantTellSoFar: 'can’t tell yet',
  doorVWorst: ({ governingVolts }, t) => `door ${t.number(governingVolts, 1)} V at worst`,
  collapsesWorst: 'collapses at worst',
  // points/doorbell/nextMove
  pickWay: 'Pick a way',
  pickAnotherWay: 'Pick another way',
  cantBeHad: ({ name }) => `${capital(name)} can’t be had.`,
  mountNoteHeight: 'Mount it and note its height',
  overGroundVisitor: 'Over the ground the visitor stands on.',
  topScrewFirst: 'Top screw first, then the bottom one.',
  noteFixings: 'Note the fixings',
  sealIt: 'Seal it',
  topSidesBottom: 'Top and sides, bottom open.',
  // points/doorbell/parts
  connectorsForPairs: '4 connectors for the pairs',
  connectorsSplices: 'connectors for the splices',
  longerStocked: 'longer than stocked',
  screwsOfPlate: ({ text }) => `2 screws ${text}`,
  bit: ({ bit }) => `bit: ${bit}`,
  doorMisses: ({ cut, parcelPercent, heightM, tiltDeg }, t) =>
    `As it hangs ${cut > 0 ? `${cut} of 4 faces are cut` : `${parcelPercent} % of the parcel is in frame`}: ${t.small(heightM)} with ${tiltDeg === 0 ? 'no tilt wedge' : `a tilt wedge of ${Math.abs(tiltDeg)}°, thick end ${tiltDeg > 0 ? 'up' : 'down'},`} shows more.`,
  tiltWedge: ({ tiltDeg }) => `tilt wedge ${tiltDeg}°`,
  sideWedge: ({ sideDeg }) => `side wedge ${sideDeg}°`,
  backingPlate: 'backing plate',
  spacerMore: ({ spacerM }, t) => `spacer, ${t.small(spacerM)} or more`,
  connectorsToLengthen: '2 connectors to lengthen the lead',
  // points/doorbell/premisesOf
  anotherDoor: 'another door',
  // points/doorbell/readingProblem
  openUnderRead: ({ high, low }, t) =>
    `${t.volts(high)} open is under the ${t.volts(low)} read with a load on. Open volts are the highest: was something connected?`,
  loadOverRead: ({ low, highest }, t) =>
    `${t.volts(low)} with a load on is over the ${t.volts(highest)} read open. Loaded volts lie under open ones: check which is which.`,
  // points/doorbell/reference
  leadsFar: ({ way }) => `what leads so far: ${way}`,
  nearestThere: ({ way }) => `the nearest there is: ${way}`,
  oldTransformerV: ({ screws, ratedVolts }) => `${screws} of the old transformer, ${ratedVolts} V`,
  keep: ({ plate }) => `keep ${plate}`,
  chosenAt: ({ transformer, at }) => `${transformer}, chosen at ${at}`,
  wiredAsIt: 'wired as it is',
  // points/doorbell/survey
  rearDoorbell: 'the rear doorbell',
  // points/doorbell/takeables
  readOpenVolts: 'Read open volts at the transformer',
  nothingConnectedDoor: 'Nothing connected at the door, meter on the two bell screws.',
  readNewTransformers: 'Read the new transformer’s open volts before the device goes on',
  ownSagDecides: 'Its own sag decides, and the label does not tell it.',
  readVoltsVa: 'Read volts and VA on the nameplate',
  meterCantRead: 'A meter can’t read VA; the plate says how far the volts sag.',
  readMainsOutlet: (_, t) => `Read the mains at ${t.anOutlet}`,
  allBellVolts: 'All bell volts scale with the mains of the moment.',
  readVoltsTransformer: 'Read volts at the transformer under a known resistor',
  differenceOpenReading: 'The difference to the open reading is the sag itself.',
  readLoopOhms: 'Read the loop ohms of the run to the chime',
  farEndsTwisted: 'Far ends twisted together, dead: there and back in one figure.',
  readLoopOhmsRun: 'Read the loop ohms of the run to the door',
  readChimeCoils: 'Read the chime coil’s ohms, one lead off',
  deadOneWire: 'Dead, one wire off Front: else the transformer is read too.',
  readVoltsDoor: 'Read volts at the door while the device runs',
  oneFigureSees: 'One figure that sees transformer, wire and chime together.',
  // points/doorbell/wasThere/entryPhone
  oldDoorStation: 'old door station',
  oldHandset: 'old handset',
  // points/doorbell/wiringPlan
  newBellCable: ({ metres }, t) =>
    `New bell cable from the supply to this door${metres === null ? '' : `, ${t.length(metres)}`}`,
  awayMainsCables: 'Away from mains cables; holes to the outside angled down.',
  // points/doorbell/worries
  leadTooShort: 'The lead is too short: pull slack or bring connectors.',
  oldMarksShow: 'Old marks show round the plate: bring a backing plate.',
  plateLiesAcross: 'The plate lies across a lip: bring a backing plate or another spot.',
  sheathBoxStands: 'A sheath or box stands out under the plate: bring a spacer.',
  plateDoesNot: 'The plate does not fit beside the frame: another spot or a spacer.',
  aLight: 'a light',
  bellDiesFeed: ({ light }) =>
    `The bell dies with ${light}: its feed is switched. Move it before the switch, or label the switch.`,
  notRight: 'not right',
  bag: ({ item, state, note }) => `Bag: ${item} ${state}${note}.`,
  oneReadingStands: ({ offBy, side }, t) =>
    `One reading stands ${t.number(offBy, 1)} ${side} what the others allow: read it again.`,
  openVoltsUnder: ({ volts }) =>
    `Open volts at or under the ${volts} V nameplate: wrong pair of screws, a load still on, or a tired transformer.`,
  chosenWay: ({ reason }) => `The chosen way: ${reason}`,
  transformerRunsAbove: 'The transformer runs above its rated current: it warms and ages.',
  anotherDevice: 'another device',
  chosenPickAgain: ({ deviceById }) => `Chosen for ${deviceById}: pick again.`,
  chimeGetsV: ({ pressed, ratedVolts }) =>
    `The chime gets ${pressed} V when pressed, made for ${ratedVolts} V: it hammers and heats.`,
  chimeGetsOnly: ({ pressed }) => `The chime gets only ${pressed} V when pressed: it may not strike.`,
  standingCurrentMakes: 'The standing current makes the chime hum.',
};
