import type { PointsSayings } from '@/core/points';
import { capital, lowerFirst } from '@/core/units';
import type { Sentences } from '../sentence';
import { signal } from './wifi';

/** What somebody wrote, as a sentence before another; nothing where nothing was written. */
const asSentence = (text: string): string => (text === '' ? '' : `${capital(text)}${/[.!?]$/.test(text) ? '' : '.'} `);

const DUE_WORDS = {
  trialEndsOn: 'trial of recording ends',
  batteryOn: 'look at the battery',
  cleaningOn: 'wipe the lens',
} as const;

export const points: Sentences<PointsSayings> = {
  dropWays: ({ ways, more }, t) =>
    `Drop ${ways.length === 1 ? t.way : t.ways} ${ways.join(', ')}${more > 0 ? ` and ${t.number(more)} more` : ''}`,
  policyMatter: ({ matter }) => `${lowerFirst(matter)}:`,
  wayOfBoard: ({ way, board }, t) => `${t.way} ${way}${board === null ? '' : `, ${board}`}`,
  done: 'done',
  hunt: 'hunt',
  readCodeBeforeMount: 'Scan or photograph its code, before it goes on the wall',
  codeIsBehind: 'It is on its back or under its cover: nobody reads it afterwards.',
  otherNetwork: ({ network, wifiName }) =>
    `It joined “${network}”, the customer’s Wi-Fi is “${wifiName}”: is that a guest’s, or a neighbour’s?`,
  codeTwice: ({ other }) => `Its code is that of “${other}” too: one of the two was scanned at the wrong device.`,
  weakAtDevice: ({ dbm }, t) => `${signal(dbm, t)} at the device: an extender first, then measure again.`,
  weakerAtDevice: ({ dbm, lookDbm }, t) =>
    `${signal(dbm, t)} at the device, ${signal(lookDbm, t)} were found at the spot: other band, door shut, metal near it?`,
  slowAtDevice: ({ upMbit, needed }, t) =>
    `${t.number(upMbit, 1)} Mbit/s up at the device, ${t.number(needed)} are wanted: the picture will break.`,
  waysListed: ({ ways }, t) => t.count(ways, { one: t.way, other: t.ways }),
  roomNeeded: ({ boxIn3, requiredIn3, fits }, t) =>
    `Room for ${t.number(boxIn3, 1)} in³, ${t.number(requiredIn3, 2)} in³ are needed${fits ? '' : ': overfull'}.`,
  shareOfBox: ({ percent, mostPercent }, t) =>
    `${t.number(percent)} % of the box is conductors and connectors; up to ${t.number(mostPercent)} % is our guidance, no rule.`,
  loadOfCircuit: ({ totalVa, amps, limitVa, suffices }, t) =>
    `${t.number(totalVa)} VA on the circuit (${t.number(amps, 1)} A), ${t.number(limitVa)} VA may be on for hours${suffices ? '' : ': too much'}.`,
  otherSaid: ({ who, value }) => `${who} said ${value}.`,
  notAnyMore: () => 'not any more',
  alsoSaid: ({ who, name, value }) => `${who} also said: ${name} ${value}.`,
  thePolicy: 'the policy:',
  otherwise: 'otherwise',
  circuitStands: ({ circuit, state }) => `${circuit}, ${state}`,
  stepsDone: ({ steps }, t) => t.count(steps, { one: 'step', other: 'steps' }),
  contradictsAt: ({ name, why }) => `${capital(name)}: ${why}.`,
  putOffTo: ({ name, day }, t) => `${lowerFirst(name)}: ${t.day(day)}`,
  putOffStaysOpen: ({ name, day, by }, t) =>
    `${name}: on ${t.day(day)}, ${by === 'crew' ? 'by a return visit' : 'by the customer, who sends a picture'}.`,
  dueCheck: ({ point, what, by }) =>
    `${point}: ${lowerFirst(what)}${by === 'crew' ? '' : ', picture sent by the customer'}`,
  dueVisit: 'Visit',
  dueWait: ({ point, what }) => `${point}: ${lowerFirst(what)}`,
  dueDay: ({ point, what }) => `${point}: ${DUE_WORDS[what]}`,
  comesDue: ({ point, what, day }, t) =>
    ({
      trialEndsOn: `The trial of recording of “${point}” ends on ${t.day(day)}: after that it costs, or stops.`,
      batteryOn: `Look at the battery of “${point}” on ${t.day(day)}.`,
      cleaningOn: `Wipe the lens of “${point}” on ${t.day(day)}.`,
    })[what],
  noticeHangs: ({ point, hangs }) =>
    hangs
      ? `A sign tells of the camera “${point}”: leave it where it hangs.`
      : `No sign tells of the camera “${point}” yet: hang one where people come in.`,
  neighboursKnow: ({ point, know }, t) =>
    know
      ? `The ${t.neighbour}s were told of the camera “${point}”.`
      : `Tell the ${t.neighbour}s of the camera “${point}”.`,
  eaveTooNear: ({ metres, least }, t) =>
    `The eaves are ${t.small(metres)} over its lens: leave ${t.small(least)}, or hang it lower.`,
  eaveOver: ({ metres }, t) => `The eaves are ${t.small(metres)} over its lens.`,
  ladderFor: ({ lengthM, footM }, t) => `A ladder of ${t.length(lengthM)}, its foot ${t.length(footM)} from the wall.`,
  anchorsKeep: ({ edgeM, oldHoleM }, t) =>
    `Anchors stay ${t.small(edgeM)} from an edge and ${t.small(oldHoleM)} from old holes.`,
  gasketAllRound: 'Gasket pressed all round; sealed at top and sides, open at the bottom.',
  wallNotSaid: 'What the wall is nobody said yet: its screws follow from it.',
  up: ({ metres }, t) => `${t.small(metres)} up`,
  openCount: ({ open }) => `${open} open`,
  theOutlet: (_, t) => t.outlet,
  // points/asked
  readWiFi: 'Read the Wi-Fi at the spot, door shut',
  extenderFirst: 'Below −70 dBm an extender comes first.',
  // points/boxOf
  cable: ({ findIndex }) => `cable ${findIndex}`,
  colourOf: ({ colour, cableName }) => `${colour} of ${cableName}`,
  neutralAnotherCircuit: ({ name }) => `${name} is a neutral that another circuit shares: isolate both, never part it.`,
  restsOnTests: ({ readings }) => `by ${readings.join(', ')}`,
  readingAt: ({ test, value, on }, t) => {
    const figure = {
      toGround: `${t.volts(value)} to ${t.ground}`,
      fromHot: `${t.volts(value)} from the ${t.hot}`,
      loadAmps: `${t.number(value, 2)} A left over`,
      neutralAmps: `${t.number(value, 2)} A with its circuit off`,
      groundOhms: `${t.number(value, 2)} Ω to the ${t.board}`,
    }[test];
    return on === null ? figure : `${figure} with switches ${on ? 'on' : 'off'}`;
  },
  restsOnWord: 'told as found by test, no figure written down',
  neutralSwitchedAt: ({ name }) => `${capital(name)} goes dead with a switch: a switched neutral.`,
  noNeutralCircuit: ({ name }) => `${name} is no neutral of this circuit: not used.`,
  leadsGroundBadly: ({ name }, t) => `${name} leads to ${t.ground} badly, over 1 Ω: it is none until that is found.`,
  hotAnotherLeg: ({ name }, t) => `${name} is ${t.hot} from another leg: a second circuit or a shared neutral.`,
  // points/findings
  // points/marks
  huntLeft: ({ leftCount }) => `hunt: ${leftCount} left`,
  plugToPull: 'its plug to be pulled',
  seePlugOut: (_, t) => `Pull its plug out of the ${t.outlet}, and say that you see it`,
  plugNoBreaker: (_, t) => `a plug, no ${t.way}`,
  stepsOfAll: ({ stepsCount, stepsCount2 }) => `${stepsCount} of ${stepsCount2}`,
  held: ({ held }) => `held: ${held}`,
  sheetHandedOver: 'sheet handed over',
  // points/moves
  goThroughBefore: 'Go through the before list with the customer',
  thingsOpenBefore: ({ customerCount }) =>
    `${customerCount} things open before the visit: Wi-Fi, account, phone, who is home.`,
  takeAnswerHunt: 'Take an answer of the hunt back',
  theyLeaveNo: 'They leave no way.',
  leftAboutMore: ({ leftCount, expectedTests, expectedMinutes }) =>
    `${leftCount} left; about ${expectedTests} more tests, ${expectedMinutes} min.`,
  nameCircuit: ({ way }) => `Name ${way} as the circuit`,
  foundPaperStill: 'Found on paper: it is still proved.',
  listAnotherBoard: 'List another board',
  askWhetherKept: 'Ask whether a kept way may be dropped',
  noneWaysMay: 'None of the ways that may be dropped feeds it.',
  nameCircuitHangs: ({ hangs }) => `Name the circuit the ${hangs} hangs on`,
  whichOnThe: (_, t) => `Which ${t.way} on the ${t.board}?`,
  isTheSame: ({ way, fedNames }, t) => `Is ${way} the same ${t.way} as at ${fedNames}?`,
  untilSaidSeen: 'Until it is said, what is seen of one ends the proof of the other.',
  nameSecondTransformers: 'Name the second transformer’s circuit too',
  joinedTransformersMake: 'Joined transformers make each other live.',
  theCircuit: 'the circuit',
  sayWhetherSecond: 'Say whether a second circuit or a shared neutral is in its box',
  mainsWorkAsks: 'Mains work asks for both.',
  proveDeadBellWires: ({ name }) => `Prove ${name} dead at the bell wires`,
  betweenTwoLeads: (_, t) => `Between the two leads, and from each to ${t.ground}.`,
  proveDeadConductors: ({ name }) => `Prove ${name} dead at its conductors`,
  everyPairEachGround: (_, t) => `Every pair, each to ${t.ground}, by whoever does the work.`,
  tagTellHouse: ({ name }) => `Tag ${name}, tell the house`,
  nobodyHouseShould: 'Nobody in the house should turn it on.',
  switchOffTag: ({ name }) => `Switch off ${name} and tag it`,
  thenProveBellWires: 'Then prove it dead at the bell wires.',
  thenLockIt: 'Then lock it: the proof is made with the cover off.',
  nameSecondFeed: ({ feed }) => `Name the second feed: ${feed}`,
  lockOff: ({ name }) => `Lock ${name} off`,
  whereNoLockFits: 'Where no lock fits: fuse out and kept, or somebody watches the board.',
  writeWhyHigh: 'Write why more than bell voltage stood there',
  goOnAtWire: 'Go on at Wire',
  coverOffIsProof: 'Cover off as if live: the proof is made with it.',
  sayWhetherAway: 'Were you at it all the time?',
  longWithoutEntry: 'Nothing was written here for long.',
  // points/nextMove
  nothingLeftDo: 'Nothing left to do here',
  sheetIsHandedOver: 'The sheet is handed over.',
  // points/parts
  wiFiExtender: 'Wi-Fi extender',
  // points/proving
  checksGiven: ({ given }, t) => t.count(given, { one: 'check', other: 'checks' }),
  heldFailed: ({ failed }) => `held: ${failed} failed`,
  checksOfAll: ({ given, checksCount }) => `${given} of ${checksCount}`,
  switchOn: ({ way }) => `Switch ${way} on`,
  coversClosedNobody: 'Covers closed, nobody touching, tag off.',
  putRight: ({ failed }) => `Put right: ${lowerFirst(failed)}`,
  waitFirstCharge: 'Wait for the first charge to end',
  doAnotherPoint: 'Do another point meanwhile.',
  handOverSheet: 'Hand over the sheet',
  printCustomerKeeps: 'Print it, the customer keeps a copy.',
  setLevel: 'Set it level',
  failed: ({ name, reason, next }) => `${name}: failed. ${asSentence(reason)}Read next: ${next}.`,
  reasonThenRead: ({ reason, next }) => `${asSentence(reason)}Read next: ${next}.`,
  failedWhenProved: ({ name }) => `failed when proved: ${lowerFirst(name)}`,
  failedLetStand: ({ name }) => `failed and let stand: ${lowerFirst(name)}`,
  circuitStillOff: 'its circuit is still off',
  checksLetStand: ({ failed }) => `${failed} failed, let stand`,
  // points/customerSheet
  nothingFittedYet: ({ at }) => `Nothing was fitted at the ${at} yet.`,
  notProved: ({ point, name, failed, why }) =>
    `${point}: ${failed ? 'this failed' : 'this was not tried'}: ${lowerFirst(name)}.${why === '' ? '' : ` ${asSentence(why).trimEnd()}`}`,
  floodlightStands: ({ name, heightM, isDone }, t) =>
    `${name}: a light with a camera ${isDone ? 'was put up' : 'is to be put up'}${heightM === null ? '' : `, ${t.small(heightM)} over the ground`}: lamps, picture, voice, and an eye for walkers.`,
  lightStaysOff: 'Light stays off',
  wayOnDusk: (_, t) => `Is its ${t.way} on? It needs dusk and somebody who walks.`,
  plugInDusk: 'Is its plug in? It needs dusk and somebody who walks.',
  noPicture: 'No picture',
  internetThenWay: (_, t) => `Is the internet there? Then its ${t.way} off, count to ten, and on.`,
  internetThenPlug: 'Is the internet there? Then its plug out, count to ten, and in.',
  cameraSees: ({ name, hangs, sees, masked }, t) =>
    [
      sees.length === 0 ? '' : `The camera “${name}” ${hangs ? 'sees' : 'is to see'}: ${t.list(sees)}.`,
      masked.length === 0 ? '' : `Masked in its app, as it would be in the picture of “${name}”: ${t.list(masked)}.`,
    ]
      .filter(Boolean)
      .join(' '),
  mustNotBeSeen: 'What is not yours to see stays out of its picture: keep its masks as they are.',
  // points/mounting
  noteHeightCameIn: 'Note the height it came to',
  overTheGroundBelow: 'Tape to the lens, over the ground below it.',
  levelOfSensor: 'The bubble on its sensor: a sensor that leans reaches less far.',
  noteWhereLooks: 'Note where it looks',
  compassOfPhone: 'The phone’s compass, held along the camera.',
  takeAnAim: 'Take an aim for its head',
  aimIsComparedLater: 'How it hangs is held against it while the ladder stands.',
  noteHowItHangs: 'Note how its head hangs',
  byPictureOrLevel: 'By its own picture, or by a level held along it.',
  aimAgain: ({ what, shows }) => `Aim again: ${what} ${shows ? 'in the picture' : 'missed'} as it hangs`,
  lostBecause: ({ miss }) =>
    ({
      hidden: 'Something stands in the way from there.',
      outOfPicture: 'It is out of the picture.',
      tooCoarse: 'It is seen less finely than was asked.',
      inPicture: 'It is in the picture, and should not be.',
    })[miss],
  lostAsItHangs: ({ what, shows, why }) =>
    shows ? `As it hangs ${what} is in the picture, and should not be.` : `As it hangs the ${what} is missed. ${why}`,
  lostCount: ({ lost }) => `${lost.join(', ')} missed`,
  // points/sharedAreas
  factsOfAll: ({ there, all }) => `${there} of ${all}`,
  predictedOnly: 'predicted only',
  notRead: 'not read',
  notListed: 'not listed',
  notDrawn: 'not drawn',
  thingsDrawn: ({ shapes }, t) => t.count(shapes, { one: 'thing', other: 'things' }),
  // points/sharedWorries
  thingsOpenCustomer: ({ missingCount, first }) =>
    `${missingCount} things open with the customer before the visit.${first.map((one) => ` ${one}.`).join('')}`,
  wiFiPlan: ({ reason }) => `Wi-Fi: ${reason} Plan an extender, set up before the device.`,
  at: ({ jointById }) => `at ${jointById}`,
  asBuiltIs: ({ leadById, where }) => `As built, ${leadById} is ${where}.`,
  hereMayOne: ({ way, way2, fedNames }, t) =>
    `${way} here and ${way2} at ${fedNames} may be one ${t.way}: say whether they are.`,
  doneWithoutProof: ({ step }) => `Done without proof of dead: ${step}.`,
  builtDiffers: ({ differs }) => `As built differs: ${differs}`,
  // points/cautions
  dogShutAway: 'Dog: shut away before the ladder goes up.',
  ladderOnFirm: 'Soft ground: ladder at 1:4 on a firm, dry board, one hand for it.',
  clearOfWires: 'Overhead wires: keep ladder and hands 3 m clear, and use one that does not conduct.',
  platformForTwoHands: 'Steep steps: work that needs two hands and lasts is done from a platform.',
  coneOffTraffic: 'Traffic: the ladder’s foot is marked off, or somebody stands by.',
  insectsInFixtures: 'Insects or birds may sit in the old fixture: tap it first.',
  everybodyClear: 'Every splice closed and folded, nobody touching, ladder clear.',
  asIfLive: 'As if it were live: one hand, insulated driver, nothing touched before it is proved.',
  neverPartNeutral: 'Shared neutral: clamp it first, never part one that carries current.',
  neutralOfItsHot: (_, t) => `The neutral is that of its own ${t.hot}, by test.`,
  neverGroundAsNeutral: (_, t) => `Never join ${t.ground} and neutral, never use a ${t.ground} as one.`,
  hotsReadFirst: (_, t) => `Two ${t.hot}s are read against each other before they meet.`,
  lockAndTagGuard: 'The lock and the tag are the guard: look that they are on.',
  // points/stepStandings
  first: ({ open }) => `first: ${open}`,
  builtDoesNot: ({ wrong }) => `as built it does not stand: ${wrong}`,
  planDoesNot: ({ stop }) => `the plan does not stand: ${stop}`,
  byLicensedOnly: 'licensed work: only somebody who holds a licence does and ticks it',
  switchedOnceFirst: 'it is switched on once first, to see it work',
  openAt: ({ points, by }, t) => `first ask ${by}: ${t.list(points)} hangs on it and is open`,
  // points/supplyOf
  nothingNamedYet: 'nothing named yet',
  // points/tellings
  sayCameraSees: 'Say what the camera sees and that voice is recorded; a notice, if the place asks for one.',
  showHowSwitch: 'Show how to switch it off: the sheet names the circuit.',
  // points/wifi
  noWall: 'no wall',
};
