import type { WiringSayings, WireColour } from '@/core/wiring';
import { capital } from '@/core/units';
import type { Sentences } from '../sentence';

const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five'];
const inWords = (count: number): string => NUMBERS[count] ?? String(count);

const COLOURS: Readonly<Record<Exclude<WireColour, 'grey'>, string>> = {
  black: 'black',
  red: 'red',
  white: 'white',
  blue: 'blue',
  brown: 'brown',
  yellow: 'yellow',
  orange: 'orange',
  green: 'green',
  greenYellow: 'green-yellow',
  bare: 'bare',
  cloth: 'cloth',
};

export const wiring: Sentences<WiringSayings> = {
  fed: 'fed',
  switchedScrew: 'switched',
  supply: 'supply',
  load: 'load',
  switch: 'switch',
  chime: 'chime',
  moves: ({ moves }) => capital(moves.join('; ')),
  move: ({ what, off, to }) =>
    `${what} ${[...(off === null ? [] : [`off ${off}`]), ...(to === null ? [] : [to])].join(', ')}`,
  severalWires: ({ wires }) => `${inWords(wires)} wires`,
  underScrew: ({ screw, beside }) =>
    `under ${screw}${beside === 0 ? '' : beside === 1 ? ', with the wire that is there' : `, with the ${inWords(beside)} wires that are there`}`,
  intoThePart: ({ part }) => `into the ${part}`,
  // wiring/bellParts
  boxedChime: 'boxed chime',
  onePrimaryLead: 'one primary lead',
  otherPrimaryLead: 'other primary lead',
  groundLead: (_, t) => `${t.ground} lead`,
  hotSide: (_, t) => `${t.hot} side`,
  neutralSide: 'neutral side',
  groundSide: (_, t) => `${t.ground} side`,
  // wiring/bellSide
  photographBellScrews: 'Photograph the bell screws and the label’s volts for each pair',
  onlyBellScrews: 'Only the bell screws are touched; the mains side stays closed.',
  screwNotUsed: 'The screw that is not used stays empty. Either way round. Mark the pair in use on the label.',
  bellWiresUnder: ({ first, second, volts }) => `Bell wires under ${first} and ${second}: ${volts} V`,
  bellScrewsStand: 'Its bell screws stand in one housing with mains terminals: opening it is mains work.',
  bothBellWires: (_, t) => `Both bell wires off the boxed chime’s screws, ${t.labelled}`,
  pullItsPlug: (_, t) => `Pull the old transformer’s plug out of its ${t.outlet}`,
  outAndInSight: 'Out, and where you see it: whoever else works here looks for himself.',
  oldPlugOffAway: (_, t) => `Both bell wires off the old plug-in transformer, ${t.labelled}; it goes away`,
  oldPlugAway: 'The old plug-in transformer away',
  nobodyPlugsOld: 'Left lying there, somebody plugs it in again.',
  onlyBellScrewsOld: 'Only the bell screws. The old transformer’s mains side stays closed and untouched.',
  bothBellWiresOff: (_, t) => `Both bell wires off the old transformer’s screws, ${t.labelled}`,
  inlineConnectorsStrip: (_, t) =>
    `Inline connectors, strip ${t.small(0.008)}. Either way round: AC has no polarity here.`,
  bellWiresPlug: 'Bell wires to the plug-in adapter’s lead, not yet plugged in',
  // wiring/cableTasks
  oneConductorEvery: (_, t) =>
    `One conductor of every pair together, the other of every pair together: same ${t.colour}s at both ends.`,
  joinSparePairs: 'Join the spare pairs to the used one, inside end',
  loopOhmsShould: 'Loop ohms should now be the single pair’s over the number of pairs: read it before closing.',
  joinSparePairsUsed: 'Join the spare pairs to the used one, door end',
  shouldReadLength: 'It should read what its length and gauge say; more is a bad joint.',
  loopOhmsNew: 'Loop ohms of the new wire read, far ends together',
  heavierWirePulled: 'Heavier wire pulled beside the thin one, both ends long enough',
  oldOneMay: 'The old one may draw it in. Away from mains cables; holes to the outside angled down.',
  newWiresPlace: 'New wires in the place of the thin ones, at both ends',
  oneJointTime: 'One joint at a time, so that no wire changes its place.',
  newBellWire: 'New bell wire pulled beside the old cable, both ends long enough',
  newWiresPlaceOld: (_, t) => `New wires in the place of the old cable, its ends capped and ${t.labelled} “not used”`,
  oneJointTimeOld: 'One joint at a time. The old cable stays in the wall: nothing of it is fed.',
  theChime: 'the chime',
  theDoor: 'the door',
  findCableLengthened:
    'Find it where the cable was lengthened. Cut back to bright copper, new connector, tug each wire.',
  splicesWayOpened: ({ run }) => `Splices on the way to ${run} opened, cut back, made anew`,
  shouldReadLengthGauge:
    'It should read what its length and gauge say. If it does not, another splice hides on the way.',
  loopOhmsRead: ({ run }) => `Loop ohms to ${run} read again, far ends together`,
  tapeThemWall: 'Tape them to the wall. An old lit button must not stay in the loop.',
  offLeadsKept: ({ old }) => `${capital(old)} off, leads kept from falling back into the wall`,
  leadsOutWall: 'Leads out of the wall, kept from falling back',
  stripAndHookClean: (_, t) => `Strip ${t.small(0.008)}, hook clockwise. No copper beyond the screw head.`,
  oneLeadUnder: 'One lead under the device’s first screw',
  foldSlackBehind: 'Fold the slack behind the plate, nothing under the gasket.',
  otherLeadUnder: 'Other lead under the second screw',
  // wiring/foundBell
  oldButton: 'old button',
  oldDoorbell: 'old doorbell',
  wiresPass: 'wires that pass by',
  houseConductor: ({ carries }) => `house’s ${carries}`,
  feedSwitch: 'feed of the switch',
  housesHot: (_, t) => `house’s ${t.hot}`,
  oldModule: 'old module',
  oldModuleLead: 'old module lead',
  otherOldModule: 'other old module lead',
  oldLink: 'old link',
  oldLinksOther: 'old link’s other end',
  groundCapped: (_, t) => `${t.ground}, capped`,
  wireDoor: 'wire to the door',
  otherWireDoor: 'other wire to the door',
  theOldTransformer: 'old transformer',
  transformersWire: 'transformer’s wire',
  doorsWire: 'door’s wire',
  straightWire: 'straight wire',
  doorsOtherWire: 'door’s other wire',
  transformersOtherWire: 'transformer’s other wire',
  secondChime: 'second chime',
  secondChimesWire: 'second chime’s wire',
  secondChimesOther: 'second chime’s other wire',
  theRearDoorbell: 'rear doorbell',
  rearButton: 'rear button',
  rearDoorsWire: 'rear door’s wire',
  rearDoorsOther: 'rear door’s other wire',
  // wiring/insideOut
  photographTerminals: ({ name }) => `Photograph the ${name}’s terminals, label each wire`,
  onlyTwoThem: 'Only two of them are needed: those that bring the supply and go on to the door.',
  wiresNotNeeded: (_, t) => `Wires that are not needed are capped one by one and ${t.labelled} “not used”.`,
  oldOffSupply: ({ name }) => `${capital(name)} off, supply and door joined: out to out, back to back`,
  // wiring/mainsParts
  hotOf: ({ name }, t) => `${name}’s ${t.hot}`,
  neutralOf: ({ name }) => `${name}’s neutral`,
  groundOf: ({ name }, t) => `${name}’s ${t.ground}`,
  switchedSide: 'switched side',
  switchedLeadOf: ({ name }) => `${name}’s switched lead`,
  // wiring/mainsSide
  bellWiresOff: 'Bell wires off the old transformer’s screws',
  oneTimeEach: 'One at a time, each keeps its label.',
  newTransformerBox: 'New transformer on the box: knock-out thread and lock-nut, or a cable clamp',
  boxCoverNo:
    'On a box with a cover, no mains splice in free air. Its leads count in the box’s fill. Room for air: it gets warm.',
  newTransformerRail: 'New transformer on the rail of its enclosure, mains and bell wires apart',
  lidMustOpen: (_, t) =>
    `The lid must open; a metal enclosure is ${t.ground}ed; not in a bathroom’s zones. Its fuse is 3 A or as its sheet says.`,
  neverParkedFirst: 'Never parked. First to go on, last to come off.',
  groundLeadBox: (_, t) => `${capital(t.ground)} lead to the box, frame or ${t.ground} terminal`,
  testNotColour: (_, t) => `By test, not by ${t.colour}. Copper only. The connector holds both: twist until firm.`,
  primaryLeadNeutral: 'Primary lead to the neutral of the same circuit',
  noBareCopperBelow: 'No bare copper below the skirt. Push the splices back, nothing pinched.',
  otherPrimaryLeadHot: (_, t) => `Other primary lead to the ${t.hot}`,
  onceOpenVolts: ({ ratedVolts }) => `On once: open volts at the new screws, over ${ratedVolts} V`,
  everySpliceClosedFolded:
    'Every splice closed and folded, nobody touching. At or under the label: wrong screws, or something is on.',
  pictureNextPerson: 'The picture is what the next person has.',
  photographSplicesCover: 'Photograph the splices, cover on',
  doesMainsSide: 'Whoever does the mains side is permitted to, here',
  localRulesDecide: 'Local rules decide. Mains can kill; if not competent and permitted, hire a licensed electrician.',
  coverOnBellScrewsBare: 'Cover on, nothing on the bell screws yet. Then off and tagged again.',
  enclosureUp: ({ enclosure }) => `${capital(enclosure)} up, near the board`,
  roomToOpenItsLid: (_, t) => `Room to open its lid, air round it; a metal one is ${t.ground}ed.`,
  readAdapterOpen: ({ name }) => `${name}: plug it in, read it open, pull it out again`,
  pluggedForReading: (_, t) =>
    `At any ${t.outlet}, its bell leads bare and apart. One that reads wrong goes back before it is fixed.`,
  leadsThroughStack: 'Leads through wedge and plate, before anything is joined',
  wedgeAndPlateFirst: 'What is behind the device is photographed now: code, reset, set-up button.',
  batteriesOutOfChime: 'Batteries out of the old chime',
  fedByWiresLeak: 'On the wires it needs none; left in they leak.',
  labelTransformerVolts: 'Label on the transformer: volts, VA, circuit, date',
  nobodySearchesTwice:
    'Nobody searches twice. After power-on: open volts against it; warm, not hot, after a quarter of an hour.',
  photographOldTransformer: 'Photograph the old transformer, count and label the wires on its bell screws',
  twoWiresUnder:
    'Two wires under one screw may mean a second chime or a second door. Which pair of screws were they on?',
  hotNeutralEach: (_, t) =>
    `${capital(t.hot)} to neutral, each to ${t.ground}. Old primary leads may be two alike: a ${t.colour} is a claim.`,
  coverOffProveAgain: 'Cover off as if live: photograph and count the conductors, prove these very ones dead',
  conductorsPassThrough: 'Conductors that pass through to something else stay together as they were.',
  boxedChimeOutEvery: 'Boxed chime out, every house conductor capped, both cables kept from falling back',
  oldPrimaryLeads: 'Old primary leads out, every house conductor capped',
  threeFourScrews:
    'With three or four screws each pair gives other volts. The screw that is not used stays empty. Either way round.',
  bellWiresUnderPair: ({ ratedVolts }) => `Bell wires under the pair of screws that gives ${ratedVolts} V`,
  hotNeutralEachGround: (_, t) => `${capital(t.hot)} to neutral, each to ${t.ground}. A ${t.colour} is a claim.`,
  // wiring/moveWords
  underCapOwn: 'under a cap of its own',
  readySplice: 'ready for its splice',
  joinedTo: ({ others }) => `joined to ${others.join(' and ')}`,
  // wiring/newSupply
  newWireDoor: 'new wire to the door',
  otherNewWire: 'other new wire to the door',
  newBellCableDoor: 'New bell cable to the door',
  fixedBesideOutlet: ({ transformer }, t) => `${transformer} fixed beside its ${t.outlet}, not plugged in`,
  outletNoSwitch: (_, t) =>
    `An ${t.outlet} that no switch turns off, in the dry. It stays unplugged until the door is wired.`,
  newCableAdapters: (_, t) => `New cable to the adapter’s lead, adapter still out of its ${t.outlet}`,
  inlineConnectorsEither: 'Inline connectors. Either way round.',
  newCableUnder: ({ ratedVolts }) => `New cable under the screws that give ${ratedVolts} V`,
  screwNotUsedStays: 'The screw that is not used stays empty.',
  newCableBeside: 'New cable beside the other door’s, under the same two screws',
  oneWireEach: 'One wire of each cable under each screw, both tugged.',
  // wiring/plan
  wiringFoundDiffers: 'The wiring found differs from what this way was taken for: pick a way again before touching it',
  // wiring/rules/aluminium
  copperOnly: 'copper only',
  aluminiumStopLicensed: ({ names }, t) => `${capital(t.aluminium)}: ${names}. Stop, a licensed electrician.`,
  // wiring/rules/alwaysOn
  alwaysOn: 'always on',
  diesGuardedLabelled: ({ part, part2 }, t) =>
    `The ${part} dies with the ${part2}: guarded and ${t.labelled}, it stays on.`,
  comesThrough: ({ part, lead, part2 }, t) =>
    `The ${part}’s ${t.hot} (${lead}) comes through the ${part2}: it is not always on.`,
  // wiring/rules/bellLoop
  loopClosed: 'the loop is closed',
  loopOpen: ({ part }) => `The ${part}’s loop is open: no way from it to both sides of the transformer.`,
  loopNotShorted: 'the loop is not shorted',
  bellWiresJoin: ({ part }) => `The bell wires join both screws of the ${part}: shorted.`,
  bothSidesJoined: ({ part }) => `Both sides of the ${part} are joined by a wire: shorted.`,
  // wiring/rules/boxRoom
  roomBox: 'room in the box',
  // wiring/rules of a box
  ruleConductorAmps: (_, t) => `conductors carry what the ${t.way} lets through`,
  conductorTooThin: ({ name, mostAmps, amps }, t) =>
    `${capital(name)} carries ${mostAmps} A; its ${t.way} or fuse lets ${amps} A through.`,
  ruleHotsApart: (_, t) => `${t.hot} to ${t.hot} only where they are one`,
  hotsNotOne: ({ names }, t) =>
    `${capital(t.list(names))} are not one ${t.hot} by test: two legs or two ways are never joined.`,
  ruleLiveBare: (_, t) => `nothing live on a bare or green ${t.groundConductor}`,
  bareCarries: ({ name, carries }, t) =>
    `${capital(name)} is ${carries === 'hot' ? 'live' : 'used as a neutral'}: a fault to be put right, never marked as ${carries === 'hot' ? t.hot : 'neutral'}.`,
  ruleVoltsFit: 'volts that the place can have',
  voltsCantBe: ({ name, volts, nominalVolts }, t) =>
    `${capital(name)} stood at ${t.number(volts)} V to ${t.ground}: a house of ${nominalVolts} V can’t have that.`,
  ruleGroundOfOther: (_, t) => `a ${t.ground} of its own circuit`,
  groundWithOther: ({ name }) => `${capital(name)} comes with another circuit only: off with that one it may be gone.`,
  ruleConductorState: 'conductors are sound',
  cutItBack: ({ name, state }) => `${capital(name)} is ${state}: cut it back to sound copper.`,
  tooShortToCut: ({ name, state }) => `${capital(name)} is ${state} and too short to cut back.`,
  ruleAluminiumPasses: (_, t) => `${t.aluminium} that only passes`,
  aluminiumOnlyPasses: ({ name }, t) => `${capital(name)} is ${t.aluminium} and only passes: leave it alone.`,
  ruleOutletProtection: (_, t) => `an outdoor ${t.outlet} is protected`,
  outletNotProtected: (_, t) => `The ${t.outlet} that stays has no ${t.residual} ahead of it.`,
  ruleOneDevice: 'one device to a box',
  outletAndCamera: (_, t) =>
    `${capital(t.anOutlet)} and a camera never share an opening: one of them gets a box of its own.`,
  ruleBears: 'the box bears the weight',
  doesNotBear: ({ fixture }) => `The box does not bear ${fixture || 'the fixture'}: fix another one to what does.`,
  ruleWetRated: 'a box for the wet',
  notForWet: 'The box is not rated for wet places.',
  ruleCureFits: 'a ring or box that fits the wall',
  cureLetsRainIn: ({ name }) => `${name} has no gasket, and its seam is in the wet: take one that has.`,
  cureGasketUnknown: ({ name }) => `Not checked: whether ${name} is gasketed. Say it in the catalogue, by its sheet.`,
  cureStandsProud: ({ name, proudM }, t) =>
    `${name} stands ${t.small(proudM)} out of the wall: caulk its top and sides, leave the bottom open.`,
  rulePose: 'head and sensor come round',
  cannotComeRound: ({ fixture, headMissDeg, sensorMissDeg }, t) =>
    `${capital(fixture || 'the camera')} can’t come round here: ${t.list([...(headMissDeg > 0 ? [`the head by ${t.number(headMissDeg)}°`] : []), ...(sensorMissDeg > 0 ? [`the sensor by ${t.number(sensorMissDeg)}°`] : [])])}.`,
  ruleNeutralRead: 'neutral read with each switch',
  neutralDiesWith: ({ name }) => `${capital(name)} goes dead with a switch: a switched neutral is none to use.`,
  ruleNotChecked: 'not asked is not passed',
  notCheckedYet: ({ what }) => `Not checked: ${what}.`,
  // wiring/rules/circuitRoom
  roomCircuit: 'room on the circuit',
  // wiring/rules/colourLies
  coloursLieMarked: (_, t) => `${t.colour}s that lie are marked`,
  wireColour: ({ colour }, t) => (colour === 'grey' ? t.grey : COLOURS[colour]),
  carriesWouldMean: ({ name, carries, colour, claims }) =>
    `${capital(name)} carries ${carries}; ${colour} would mean ${claims}: mark it.`,
  // wiring/rules/connectorRange
  connectorRange: 'connector in its range',
  // wiring/rules/deviceAcross
  deviceNotAcross: 'device not across the chime',
  hangsAcrossTrans: ({ part, part2 }) => `The ${part} hangs across Trans and Front of the ${part2}, not in the loop.`,
  // wiring/rules/fed
  closedWayHot: (_, t) => `a closed way from ${t.hot} to neutral`,
  getsNo: ({ part, lacks }) => `The ${part} gets no ${lacks.join(' and no ')}.`,
  // wiring/rules/graph
  namesAnd: ({ names, at }) => `${names.join(', ')} and ${at}`,
  // wiring/rules/groundInterrupted
  groundNeverFused: (_, t) => `${t.ground} never fused`,
  passesGoesPast: ({ part }, t) => `The ${t.ground} passes the ${part}: it goes past it unbroken.`,
  // wiring/rules/groundWhole
  groundPathWhole: (_, t) => `${t.ground} path whole`,
  noReachesFind: ({ names }, t) => `No ${t.ground} reaches ${t.list(names)}: find out, it never goes on in silence.`,
  noReachesWriting: ({ names, groundDecision }, t) =>
    `No ${t.ground} reaches ${t.list(names)}. In writing: ${groundDecision}`,
  notOnGround: ({ name }, t) => `The ${name} is not on the supply’s ${t.ground}.`,
  // wiring/rules/leftBare
  nothingLeftBare: 'nothing left bare',
  endsBare: ({ name, mayBeCapped }) =>
    `${capital(name)} ends bare: join it${mayBeCapped ? ' or cap it' : ', it is never parked'}.`,
  // wiring/rules/loneSplice
  spliceJoinsTwo: 'a splice joins two',
  shareCapOne: ({ leads }) => `${leads.join(' and ')} share a cap that is for one.`,
  spliceHoldsAlone: ({ joint, only }) => `The ${joint} splice holds ${only} alone: join it, or cap it.`,
  // wiring/rules/looseLead
  everyLeadEnds: 'every lead ends somewhere',
  endsNowhere: ({ name }) => `${capital(name)} ends nowhere.`,
  // wiring/rules/mixedFunctions
  likeLike: 'like to like',
  areJoined: ({ kinds, names }) => `${capital(kinds)} are joined: ${names}.`,
  // wiring/rules/moduleAcross
  moduleAcrossFront: 'module across Front and Trans',
  bothLeadsOne: ({ part }) => `Both leads of the ${part} are on one joint: it does nothing.`,
  liesAcrossTransformer: ({ part }) => `The ${part} lies across the transformer: it shorts it.`,
  liesAcrossTrans: ({ part }) => `The ${part} lies across Trans and Rear, not Trans and Front.`,
  liesAcrossFront: ({ part }) => `The ${part} lies across Front and Rear, not Trans and Front.`,
  // wiring/rules/neutralSwitched
  neutralNeverSwitched: 'neutral never switched',
  neutralPasses: ({ part, lead, part2 }) => `The ${part}’s neutral (${lead}) passes the ${part2}.`,
  // wiring/rules/outletFit
  outletFitPlug: (_, t) => `${t.anOutlet} fit for the plug`,
  // wiring/rules/ratedForMains
  fixtureRatedMains: 'fixture rated for the mains',
  madeVHere: ({ fixture, voltsLow, voltsHigh, nominalVolts }) =>
    `${fixture} is made for ${voltsLow} to ${voltsHigh} V; here are ${nominalVolts} V.`,
  // wiring/rules/sameNeutral
  neutralSameCircuit: 'neutral of the same circuit',
  circuitNeutralCircuit: ({ part, circuit, lead, circuit2, lead2 }, t) =>
    `The ${part} has its ${t.hot} from circuit ${circuit} (${lead}) and a neutral of circuit ${circuit2} (${lead2}).`,
  // wiring/rules/shorted
  noShort: 'no short',
  meetsThroughNothing: ({ lead, met, by }) =>
    `${capital(lead)} meets ${met} through the ${by.join(' and the ')} with nothing between: a short.`,
  // wiring/rules/transformersParallel
  oneTransformerLoop: 'one transformer on the loop',
  joinedBellSide: ({ part, part2 }) =>
    `${part} and ${part2} are joined on the bell side: each makes the other’s primary live.`,
  // wiring/rules/twoCircuits
  everyCircuitBox: 'every circuit in the box named',
  secondCircuitBoxNot: ({ names }) => `A second circuit is in the box (${names}) and not named at Isolate.`,
  twoCircuitsBox: ({ names }) => `Two circuits in the box: prove both dead, keep ${names} apart.`,
  // wiring/rules/unknownFunction
  joinedOnlyAfter: 'joined only after its test',
  joinedNoTest: ({ name }) => `${capital(name)} is joined and no test says what it carries.`,
};
