import type { ChimeSayings } from '@/core/chime';
import { CHIME_KINDS } from './facts';
import type { Sentences } from '../sentence';

const SETTING_WORDS = {
  mechanicalWithModule: 'mechanical chime, module fitted',
  mechanicalAlone: 'mechanical chime, no module',
  electronic: 'electronic chime',
  electronicWithDiode: 'electronic chime, diode fitted',
  none: 'no chime',
} as const;

export const chime: Sentences<ChimeSayings> = {
  module: 'module',
  jumper: 'Jumper',
  aJumper: 'jumper',
  protector: 'protector',
  capped: ({ what }) => `${what}, capped`,
  chimeSetting: ({ setting }) => SETTING_WORDS[setting],
  chimeKind: ({ kind }) => CHIME_KINDS[kind],
  // chime/treatments/newChime
  newChimeWithModule: 'New chime, power module',
  chimeForNewVolts:
    'another mechanical chime made for the volts that stand there, with a module across Front and Trans',
  mechanicalChime: 'mechanical chime for the new volts',
  oldChimeDown: (_, t) => `Take the old chime down: wires off, ${t.labelled}, each apart`,
  newChimePart: 'new chime',
  sameScrewsAsBefore: 'Each wire under the screw it had: Trans, Front, Rear.',
  newChimeUp: 'Put the new chime up, its wires on',
  moduleAcrossFrontTrans: 'Module’s leads to Front and Trans',
  // chime/chimeParts
  moduleLead: 'module lead',
  otherModuleLead: 'other module lead',
  fuseLink: 'fuse link',
  aFuseLink: 'the fuse link',
  fuseLinksOther: 'the fuse link’s other end',
  // chime/chimeTasks
  photographTerminalsCount: 'Photograph the terminals, count and label each wire',
  countWiresUnder: 'Count the wires under each screw. Two under one screw may mean a second chime.',
  testFuseLink: 'Test the fuse link for continuity before it goes in',
  oneMayDead: 'One may be dead out of its bag. Under 1 Ω is good.',
  chimeOutLoop:
    'With the chime out of the loop, Rear gives nothing any more: the rear doorbell is fed beside the front one.',
  oldModuleOut: 'Old module out: its leads off Front and Trans',
  modulesComeVersions:
    'Modules come in versions. Only one that this device asks for may stay: then put it back at the next step.',
  oldLinkOut: 'Old link out: its ends off Front and Trans',
  houseWiresStay: 'The house wires stay under their screws.',
  wireOneFed: 'Which wire is which: the one that is fed by the transformer goes under Trans.',
  joinedWiresApart: 'Joined wires apart: the transformer’s under Trans, the door’s under Front',
  // chime/kind
  // chime/treatments/boxedReplaced
  boxedChimeReplaced: 'Boxed chime replaced',
  enclosureTransformerFuse: 'enclosure with transformer and fuse link on the two cables that are there',
  spareFuseLink: 'spare fuse link',
  provedAgainThese:
    'Proved again at these very terminals. Its cable ends in a box with a cover, every conductor capped.',
  boxedChimeOut: 'Boxed chime out, its mains conductors capped',
  doorSide: 'door side',
  mainsBellWires: 'Mains and bell wires apart, each by its own entry.',
  fuseLinkBetween: 'Fuse link between the transformer’s screw and the door’s wire, in the bell part of the enclosure',
  // chime/treatments/diode
  diodeDoor: 'Diode at the door',
  chimeStaysSeries: 'chime stays in series, a diode feeds it after the press so that its tune ends',
  diodeBag: 'diode (in the bag)',
  onlyElectronicChime:
    'Only with an electronic chime and a device that has a battery. Turned round it does nothing: the tune is cut short.',
  diodeReadyDevices: 'Diode ready for the device’s two screws, its band toward the marked side',
  // chime/treatments/fuseLink
  fuseLinkTreatment: 'Fuse link',
  wiresJoinedFused: 'wires joined by a fused lead, chime kept as a box',
  stripForConnector: (_, t) => `Strip ${t.small(0.008)}, connector closed over all copper.`,
  doorsWireOff: 'Door’s wire off Front, joined to the fuse link',
  transformerSide: 'transformer side',
  chimeStaysJunction: 'The chime stays as a junction box and is silent: tell the customer, pair the plug-in sounder.',
  transformersWireOff: 'Transformer’s wire off Trans, joined to the fuse link’s other end',
  // chime/treatments/inlineModule
  lineModule: 'In-line module',
  houseWiresMove: 'house wires move into the module, its leads go to Front and Trans',
  cutCleanStrip: (_, t) =>
    `Cut clean, strip ${t.small(0.008)}, push in until it holds. No copper to be seen at the port.`,
  oneTerminalTime: 'One terminal at a time, so that no wire changes its place.',
  stickModuleClear: 'Stick the module clear of plungers and bars, close the cover',
  tryEachPlunger: 'Try each plunger by hand: it must move freely.',
  // chime/treatments/jumper
  frontTransShorted: 'Front and Trans shorted, wires stay',
  jumperWire: 'jumper wire',
  jumpersOtherEnd: 'jumper’s other end',
  stripAndHook: (_, t) => `Strip ${t.small(0.008)}, hook clockwise.`,
  chimeSilentNow: 'The chime is silent from now on: tell the customer, pair the plug-in sounder.',
  // chime/treatments/leaveAsIs
  leaveAsIt: 'Nothing added',
  coilStaysSeries: 'coil stays in series with the device',
  photographChimesTerminals: 'Photograph the chime’s terminals and close the cover',
  noWireChanges: 'No wire changes its place here. Nothing may stand between Front and Trans but the coil.',
  // chime/treatments/moduleBypass
  moduleBypass: 'Module in bypass',
  chimeOutLoopWires: 'chime out of the loop, wires joined through a self-resetting protector',
  bypassPort: 'bypass port',
  takeModulesLead: (_, t) => `Take the module’s lead set off first. Strip ${t.small(0.008)}, push in until it holds.`,
  bothPortsFilled: 'Both ports filled, no copper to be seen. Its protector resets itself.',
  layModuleChime: 'Lay the module in the chime and close the cover',
  // chime/treatments/noChime
  noChimeLoop: 'No chime in the loop',
  straightTransformerDoor: 'straight from the transformer to the door',
  seeBothWires: 'See that both wires run straight through to the door',
  noChimeHides: 'No chime hides on the way: follow the cable, or compare its ohms with its length.',
  // chime/treatments/powerModule
  powerModule: 'Power module',
  addedAcrossFront: 'added across Front and Trans, house wires stay',
  stripAndHookClosed: (_, t) =>
    `Strip ${t.small(0.008)}, hook clockwise so that the screw closes the hook. Nothing on the other door’s screw.`,
  oneTerminalTimeEither: 'One terminal at a time. Either lead may go to either screw: AC has no polarity here.',
  sideTopLeads: 'On the side, or on top with the leads led out. A muffled ring is the sign that it touches.',
  // chime/treatments/protector
  protectorDoorsWire: 'Protector in the door’s wire',
  noChimeSelf: 'no chime: a self-resetting protector in one lead, at the transformer',
  theProtector: 'the protector',
  protectorsOtherEnd: 'the protector’s other end',
  enclosureBesideTransformer:
    'In the enclosure or beside the transformer. Some leave it out; it guards a wire that nobody sees.',
  oneWireDoor: 'One wire to the door parted, the protector joined in between',
  // chime/treatments/register
  newTransformer: 'new transformer',
  // chime/treatments/takeOut
  takeOut: 'Take the chime out',
  wiresJoinedChime: 'wires joined, chime removed, blank plate',
  blankPlate: 'blank plate',
  leaveLabelled: (_, t) => `Leave it ${t.labelled}.`,
  wiresJoined: 'wires joined',
  secondChimesTwo: 'The second chime’s two wires are capped, each by itself.',
  anyThirdWire: 'Any third wire is capped by itself, not joined.',
  transformersWireOffTrans: 'Transformer’s wire off Trans, joined to the door’s',
  rearDoorbellFed: 'The rear doorbell is fed beside the front one from now on.',
  cappedItselfChime: 'Capped by itself: with the chime gone the rear button rings nothing. Tell the customer.',
  askCustomerBecomes: 'Ask the customer what becomes of the chime.',
  takeChimeDown: 'Take the chime down, fit the blank plate',
};
