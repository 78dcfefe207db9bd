import type { AdviceSayings } from '@/core/advice';
import { lowerFirst } from '@/core/units';
import type { Sentences } from '../sentence';

export const advice: Sentences<AdviceSayings> = {
  inState: ({ state }) => `in ${state}`,
  pairOfOld: ({ volts, screws }) => `old one’s ${volts} V pair ${screws}`,
  keepOld: 'keep the old one',
  wireRemedy: ({ wire }) => ({ join: 'pairs joined', repull: 'wire pulled anew', mend: 'splices made anew' })[wire],
  deviceInstead: ({ device }) => `${lowerFirst(device)} instead`,
  forbiddenAt: ({ door, why }) => `${door}: ${why}`,
  // advice/chooseAmong
  deviceDoesNot: ({ forbidden }) => `The device does not allow it: ${forbidden}.`,
  // advice/contradictions
  mainsMovedBetween: 'the mains moved between the readings',
  outletAnotherPhase: (_, t) => `the ${t.outlet} is on another phase or far down a loaded circuit`,
  farEndTouched: 'the far end touched before the splice',
  otherRunRead: 'the other run was read',
  farEndsWere: 'the far ends were not joined well',
  corrodedSpliceVolts: 'a corroded splice that the volts did not see',
  leadStillTransformer: 'a lead was still on: the transformer lay beside the coil',
  moduleLiesAcross: 'a module lies across the coil',
  looseScrewChime: 'a loose screw at the chime',
  coilReadWarm: 'the coil was read warm',
  deviceReportsLate: 'the device reports late or coarsely',
  anotherState: 'it was in another state',
  oneTwoRead: 'one of the two was read at another place than written down',
  somethingConnectedLit: 'something was connected: a lit button or the device',
  anotherPairScrews: 'another pair of screws was read',
  transformerNotNameplate: 'the transformer is not as its nameplate says',
  resistorSmallerMarked: 'the resistor is smaller than marked',
  resistorLargerMarked: 'the resistor is larger than marked or did not touch',
  voltsWereRead: 'the volts were read before they settled',
  deviceAnotherState: 'the device was in another state, or charged its battery',
  meterNotTrue: 'a meter that is not true-rms on a flattened wave',
  pointNotWired: 'the point is not wired as written down',
  // advice/options
  mayHeatingsTransformer: 'it may be the heating’s transformer: tell it apart first',
  electronicStarves: 'an electronic chime in the loop lets next to nothing through to it',
  diodeNeverFitted: 'a diode is never fitted on a device that lives from the wires alone',
  // advice/reasons
  deviceDropsOut: ({ doorMinVolts }, t) => `the device drops out under ${t.volts(doorMinVolts)}`,
  holdsSpare: ({ state, marginVolts }, t) => `Works ${state}, ${t.volts(marginVolts)} to spare.`,
  keepsOverNeeds: ({ likelyVolts, state, doorMinVolts, doorFullVolts }, t) =>
    `Keeps ${t.volts(likelyVolts)} ${state}: over the ${t.volts(doorMinVolts)} it needs, under the ${t.volts(doorFullVolts)} it wants.`,
  likelyKeepsBut: ({ likelyVolts, state, belief }, t) =>
    `Likely keeps ${t.volts(likelyVolts)} ${state}, but in ${t.percent(belief)} of cases it leaves its limits.`,
  keepsTransformerAbove: ({ likelyVolts, state }, t) =>
    `Keeps ${t.volts(likelyVolts)} ${state}, with the transformer above its rated current.`,
  standsHighMains: ({ highestVolts, doorMaxVolts }, t) =>
    `Stands at ${t.volts(highestVolts)} on high mains; the device takes ${t.volts(doorMaxVolts)} at most.`,
  likelyHoldsCases: ({ likelyVolts, state, needs, belief }, t) =>
    `Likely ${t.volts(likelyVolts)} ${state}, and ${needs}: it works in ${t.percent(belief)} of cases.`,
  likelyCollapsesHolds: ({ state, belief }, t) =>
    `Likely collapses ${state}: it works in ${t.percent(belief)} of cases.`,
  fallsToIn: ({ likelyVolts, state, needs }, t) => `Falls to ${t.volts(likelyVolts)} ${state}; ${needs}.`,
  collapsesIn: ({ state, needs }) => `Collapses ${state}; ${needs}.`,
  electronicChimeSeries: 'Beside an electronic chime in series practice decides: ring it and listen.',
  nothingCheaper: ({ own }) => `${own} Nothing is cheaper.`,
  wouldSilenceChime: 'would silence the chime',
  wouldHoldToo: 'would work too, but the firm’s policy passes it over',
  doesCollapse: ({ state }) => `collapses ${state}`,
  dropsToIn: ({ likelyVolts, state }, t) => `drops to ${t.volts(likelyVolts)} ${state}`,
  doesStandHigh: ({ highestVolts }, t) => `stands at ${t.volts(highestVolts)} on high mains`,
  holdsOnlyCases: ({ belief }, t) => `works in only ${t.percent(belief)} of cases`,
  nextCheaperWay: ({ own, does }) => `${own} The next cheaper way ${does}.`,
  silencesChime: 'it silences the chime',
  needsLicensedPerson: 'it needs a licensed person',
  costsMoreMinutes: ({ more }, t) => `it costs ${t.number(more)} more in minutes and money`,
  wouldDoFirms: ({ own }) => `${own} It would do; the firm’s policy goes another way.`,
  but: ({ own, reasons }) => `${own} But ${reasons.join(', and ')}.`,
  // advice/wayPlan
  flatScrewdriver: 'flat screwdriver',
  wireStripper: 'wire stripper',
  fishTape: 'fish tape',
  longBit: 'long bit',
  cableClips: 'cable clips',
  oneVisitComes: 'one visit where who comes may do mains work, else two',
  oneVisit: 'one visit',
  kindChimeModule: ({ setting }) => `kind of chime and module: ${setting}`,
  plugSounderPaired: 'plug-in sounder paired',
  chargingShownWires: 'charging shown as “from the wires”',
  openVoltsNew: 'open volts of the new transformer',
  voltsDoor: ({ state }) => `volts at the door, ${state}`,
  voltsOverChime: 'volts over the chime while pressed',
  voltsWhilePlays: 'volts over the chime while its tune plays on, true rms',
  ringsCleanWithin: 'it rings clean within two seconds, no hum',
  sounderRings: 'the sounder rings',
};
