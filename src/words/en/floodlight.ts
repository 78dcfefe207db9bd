import { capital } from '@/core/units';
import type { FloodlightSayings } from '@/core/points';
import type { Sentences } from '../sentence';

const CONDUCTORS = { one: 'conductor', other: 'conductors' };

export const floodlight: Sentences<FloodlightSayings> = {
  stands: 'stands',
  cantTellPlan: 'can’t tell yet',
  notAskedYetBox: 'What is not asked is not passed.',
  pickedUnderCamera: 'picked under Camera: it fits the box as it is',
  askIt: ({ words }) => `Say ${words}`,
  askBears: 'whether the box bears the fixture’s weight',
  askWetRated: 'whether the box is rated for wet',
  askSetting: 'whether the box is flush or on the surface',
  askMountedOn: 'whether it hangs on a wall or under an eave',
  askVolume: 'shape and size of the box, or the volume marked in it',
  askMaterial: 'whether the box is metal or plastic',
  askBonded: (_, t) => `whether its metal is on the ${t.ground}`,
  askClamps: 'clamps inside the box',
  askFittings: 'fittings inside the box: stud, hickey',
  askRecess: 'how far its rim is behind the finished wall',
  askUntested: ({ untested }, t) =>
    untested === 0
      ? 'what comes into the box'
      : `${t.count(untested, { one: 'conductor', other: 'conductors' })} not tested`,
  askHotsOne: (_, t) => `whether what reads ${t.hot} is one: between them in each position, and on one ${t.way}`,
  askFreeLength: 'free length of a conductor that is not sound',
  askRatedAmps: ({ spur }, t) => (spur ? 'fuse of the spur' : `rating of its ${t.way}`),
  askExistingVa: 'what hangs on this circuit already',
  askResidual: (_, t) => `whether the ${t.outlet} is protected by ${t.residual}`,
  planStands: ({ splices }, t) =>
    `${capital(t.hot)}, neutral and ${t.ground} whole, always on; ${t.count(splices, { one: 'splice', other: 'splices' })} held.`,
  // points/floodlight/build
  feed: ({ feed }) => `feed ${feed}`,
  // points/floodlight/climb
  keepSwitchWithoutPower: 'Keep its switch on: without power the camera is blind, whatever its lamps did before.',
  doesNotStand: 'does not stand',
  // points/floodlight/fixtureOf
  foldedDouble: ({ doubled }) => `${capital(doubled.join(', '))} folded double.`,
  laidAhead: ({ ahead, aheadMm }, t) =>
    `${capital(ahead.join(', '))} laid ${t.small(aheadMm / 1000)} ahead of the solid ones.`,
  connectorHolds: ({ connector, conductors }, t) => `${connector}, ${t.count(conductors, CONDUCTORS)}.`,
  spliceOf: ({ joint, conductors }, t) => `${joint} (${t.count(conductors, CONDUCTORS)})`,
  twistUntilFirm: 'Twist until firm.',
  leversDown: 'Levers down.',
  pushHome: 'Push home.',
  tapeOverOnce: 'Tape over it once it holds.',
  arrowUp: 'Arrow up.',
  arrowDown: 'Arrow down.',
  openingUp: 'Opening up.',
  drainHoleLowest: 'Drain hole at the lowest point as it hangs, away from the wall.',
  drainHoleDown: 'Drain hole down.',
  leastBought: ({ neededM }, t) => `at least ${t.small(neededM)}, to be bought`,
  screwsFiveTurns: ({ named }) => `Screws: ${named}. Five turns at least; too long bottoms out in the box.`,
  screwsGasketLevel: ({ named, plate }) =>
    `Screws: ${named}. ${plate} Gasket on it; level, then tighten, hand-tight on plastic.`,
  connectorsBagHold: 'The connectors of the bag hold every splice of this box.',
  bagsConnectorToo: ({ bag, which }) => `The bag’s connector (${bag}) is too small for: ${which.join(', ')}.`,
  noneComesBag: ({ which }) => `None comes in the bag for: ${which.join(', ')}.`,
  bring: ({ bag, connectorCounts }) => `${bag} Bring ${connectorCounts.join(', ')}.`,
  // points/floodlight/loadCures
  unfitMains: ({ nominalVolts }) => `not made for ${nominalVolts} V`,
  unfitPose: 'head or sensor can’t come round here',
  unfitRoom: 'more than the box holds as it is',
  unfitGround: (_, t) => `asks for a ${t.ground}, and none was found`,
  unfitLoad: ({ overVa }) => `${overVa} VA too many for the circuit`,
  vaHangsMoved: ({ over }) => `${over} VA of what hangs on it moved to another circuit`,
  cableAnotherCircuit: 'A cable from another circuit',
  // points/floodlight/look
  sayHangsNow: 'Say what hangs there now',
  oldLightBox: 'An old light has a box and a feed; nothing means both are new.',
  wallEavePost: 'Wall, eave or post?',
  headSensorTurn: 'Head and sensor turn differently under an eave.',
  measureHeightOver: 'Measure its height over the ground',
  usualHeight: (_, t) => `Usual is ${t.length(2.7)} to ${t.length(3)}; the ladder follows from it.`,
  // points/floodlight/marks
  feedBoxKnown: ({ feed }) => `feed ${feed}, box known`,
  // points/floodlight/missingAtBox
  nameBoxShape: 'Name the box: shape and size, or the volume marked in it',
  whetherAllRoom: 'Whether all of it has room is counted from it.',
  boxMetalPlastic: 'Is the box metal or plastic?',
  metalOneGround: (_, t) => `Metal has to be one with the ${t.ground}.`,
  nameCablesCome: 'Name the cables that come in',
  everyConductorThem: 'Every conductor of them is tested and counted.',
  test: ({ next, next2 }) => `Test ${next}: ${next2}`,
  howFedStill: 'How it is fed is still open',
  // points/floodlight/nextMove
  pickFixtureFeed: (_, t) => `Pick the fixture, its feed and its ${t.ground}`,
  nameSecondCircuit: 'Name the second circuit in the box',
  planDoesNotStand: 'The plan does not stand',
  // points/floodlight/parts
  forTheBar: 'for the bar',
  forThePlate: 'for the plate',
  toBeBought: 'to be bought',
  screwsFor: ({ what, screw }) => `2 screws ${what}: ${screw}`,
  straightOnBox: 'Its plate goes straight onto the box, without a bar.',
  onABar: ({ metres, screw }, t) =>
    `On a cross-bar ${t.small(metres)} thick, ${screw === null ? 'screws of the bar to be bought' : screw}.`,
  markingTape: 'marking tape',
  // points/floodlight/worries
  conductorOf: ({ colour, name, state }) => `${colour} of ${name} ${state}`,
  asFound: ({ loose }) => `As found: ${loose.join(', ')}.`,
  lyingLoose: 'lying loose',
};
