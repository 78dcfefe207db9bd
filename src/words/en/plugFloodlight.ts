import type { PlugFloodlightSayings } from '@/core/points';
import { lowerFirst } from '@/core/units';
import type { Sentences } from '../sentence';

export const plugFloodlight: Sentences<PlugFloodlightSayings> = {
  outletSuffices: (_, t) => `The ${t.outlet} suffices for it.`,
  // points/plugFloodlight/build
  aPlug: 'a plug',
  // points/plugFloodlight/climb
  showPlugPulledCamera: 'Show its plug: pulled, camera and lamps are off.',
  coverStaysShut: 'Its cover stays shut over the plug; the test button is pressed twice a year.',
  // points/plugFloodlight/look
  nameFixed: 'Name what it is fixed to',
  bitAnchorsScrews: 'Bit, anchors and screws follow from it.',
  // points/plugFloodlight/marks
  outletAway: ({ wayM }, t) => `${t.outlet} ${t.length(wayM)} away`,
  // points/plugFloodlight/missingAtOutlet
  tapeLeadsWay: (_, t) => `Tape the lead’s way from the spot to the ${t.outlet}`,
  alongClippedLead: 'Along what it is clipped to: its lead has to reach, with a drip loop.',
  tryEverySwitchDoes: (_, t) => `Try every switch: does one turn the ${t.outlet} off?`,
  switchedOutletTakes: (_, t) => `A switched ${t.outlet} takes the camera down with it.`,
  pressTestButton: (_, t) => `Press the test button of its ${t.residual}: does the ${t.outlet} go dead?`,
  nothingStaysPlugged: 'Nothing stays plugged in outdoors without one.',
  coversOutlet: (_, t) => `What covers the ${t.outlet}?`,
  onlyCoverCloses: 'Only a cover that closes over a plug in use keeps rain out of it.',
  // points/plugFloodlight/nextMove
  outletWillNot: (_, t) => `The ${t.outlet} will not do yet`,
  pickCamera: 'Pick the camera',
  leadReachOutlet: (_, t) => `Its lead has to reach the ${t.outlet}, with a drip loop.`,
  // points/plugFloodlight/outletFit
  wayLeadOutlet: (_, t) => `The way of its lead to the ${t.outlet} was not measured.`,
  leadLongWay: ({ leadM, neededM }, t) =>
    `Its lead is ${t.length(leadM)} long; the way to the ${t.outlet} with a drip loop takes ${t.length(neededM)}. No extension lead outdoors: another camera, spot or ${t.outlet}.`,
  whetherGfciRcd: (_, t) => `Whether a ${t.residual} protects the ${t.outlet} was not tried.`,
  noGfciRcd: (_, t) =>
    `No ${t.residual} protects the ${t.outlet}: a licensed electrician’s, at the ${t.board} or the ${t.outlet}, before anything stays in it outdoors.`,
  coversOutletNot: (_, t) => `What covers the ${t.outlet} was not looked at.`,
  outletNoCover: (_, t) =>
    `The ${t.outlet} has no cover that closes over a plug in use: fitted first, and that opens the ${t.outlet}, mains work.`,
  whetherSwitchTurns: (_, t) => `Whether a switch turns the ${t.outlet} off was not tried.`,
  switchTurnsOutlet: (_, t) =>
    `A switch turns the ${t.outlet} off: the camera would go with it. Another ${t.outlet}, or its feed put right first.`,
  // points/plugFloodlight/parts
  plateScrews: ({ plateScrew }) => `2 screws ${plateScrew}`,
  leadClips: ({ clipsFor }) => `${clipsFor} cable clips`,
  // points/plugFloodlight/plan
  bitScrews: ({ bit, anchor, screw }) => `Bit: ${bit}; ${anchor ? `${anchor}, ` : ''}screws ${screw}.`,
  screwsBears: 'Screws into what bears.',
  unpackCountLead: 'Unpack and count; the lead and its plug whole, no cut, no crack',
  platesScrewsGasket: 'Plates, screws, gasket and clips against the list.',
  photographSpotOutlet: (_, t) => `Photograph the spot and the ${t.outlet}`,
  plugStaysOut: (_, t) => `The plug stays out of the ${t.outlet} until all hangs`,
  nobodyPlugsMeanwhile: 'Nobody plugs it in meanwhile: its end up here, taped.',
  plateLevelMark: 'Plate on, level, its mark the right way',
  hangPlate: ({ fixture }) => `Hang the ${lowerFirst(fixture)} on its plate`,
  neverLeadGasket: 'Never by its lead. Gasket all round; top and sides sealed, the bottom open.',
  clipLeadDown: (_, t) => `Clip the lead down to the ${t.outlet}, a drip loop below it`,
  apartAwayTrodden: ({ clips, clipEveryM }, t) =>
    `${clips > 0 ? `${t.count(clips, { one: 'clip', other: 'clips' })}, ` : ''}${t.about(clipEveryM)} apart; away from where it is trodden or pinched; the loop hangs lower than the ${t.outlet}.`,
  pressOutletsTest: (_, t) => `Press the ${t.outlet}’s test button: it goes dead; reset it`,
  beforePlugGoes: 'Before the plug goes in. If it stays live, nothing is plugged in.',
  plugCloseCover: 'Plug in, close the cover over it',
  lampsLightCamera: 'Lamps light, the camera speaks. The cover shuts over plug and lead without force.',
};
