import type { ProveSayings } from '@/core/prove';
import type { Sentences } from '../sentence';

const PAIRING_WORDS = {
  nearer: 'nearer to the router',
  otherBand: 'the other band',
  permissions: 'the phone’s permissions',
  betterLight: 'the code in better light',
  reset: 'reset',
} as const;

const RING_WORDS = {
  clean: 'It rang clean.',
  muffled: 'It rang muffled.',
  hums: 'It hums afterwards.',
  cutShort: 'Its tune broke off.',
  endless: 'It rang without end.',
  silent: 'It did not ring.',
} as const;

const NEXT_READS = {
  otherScrews: 'the other pairs of screws, with nothing on any of them',
  transformerLoad: 'amps in one of its bell leads, live at night: what else hangs on it?',
  voltsAtDevice: 'volts at the device’s screws, else at Trans: something there, or nothing?',
  standbyAtDevice: 'standby volts where hands still reach, nearest to the device first',
  settingAgain: 'its setting again, once it is changed; then one press',
  plungerClear: 'whether module or lead touches a plunger; then the coil’s ohms, dead',
  coilInStandby: 'volts from Trans to Front in standby: over a fifth of its rating it hums',
  diodeAtDoor: 'the diode at the door, its band to the marked side; then volts at the chime while it plays',
  buttonLead: 'one lead off the device: if it still rings, the run is shorted, else its setting is wrong',
  frontWhilePressed: 'volts from Trans to Front while somebody presses',
  voltsWhilePressed: 'volts at Trans while somebody presses',
  sounderNearer: 'the same press with the sounder beside the device: is it paired at all?',
  upMbitAtDevice: 'Mbit/s up at the device, with the door shut',
  phoneSettings: 'the permissions of that phone; then Mbit/s up at the device',
  heightAndAngle: 'height and angle as they came, against Mount',
  transformerSameState:
    'the transformer’s screws in the same state: as predicted there, the run or a splice takes the rest',
  mainsThenOpen: 'the mains at this moment; then its open volts with one door lead off',
  mainsAndTap: 'the mains at this moment; then under which screws the leads are',
  whichSwitch: 'hot to neutral with that switch either way: it stands before the box',
  hotToNeutral:
    'hot to neutral at the splices, in its own round: off and proved dead, spread, everybody clear, on, read, off',
  headAgainstPlan: 'turn and drop of the head, against Mount',
  signalThere: 'signal and Mbit/s up at the spot, by a phone on the same band',
  lens: 'its lens, by hand, from the ladder',
  leanOfSensor: 'how the sensor leans, by a spirit level; then the walk again',
  masksAgainstFigures: 'its masks and zones, against the figures of Mount',
  nightWithLamps: 'the same picture with its lamps on; then the lens, for film and spiders',
} as const;

export const prove: Sentences<ProveSayings> = {
  // prove/checks
  openVoltsNewTransformer: 'Open volts of the new transformer stand over its label',
  tenthHalfBefore:
    'By a tenth to a half, before the device goes on. At or under the label: wrong pair of screws, or something is on.',
  itIsLit: 'It is lit',
  someNeedSeconds: 'A ring of light, or its voice. Some need minutes, to fill a reserve of their own.',
  firstChargeUpdate: 'First charge and update are over',
  upQuarterHour: 'Up to a quarter of an hour, in bad cases an hour. Do something else meanwhile.',
  chimeSettingMatches: 'Its chime setting matches the wall',
  wrongSettingCan: 'A wrong setting can short the loop at each press.',
  pressRings: 'Press: it rings',
  cleanWithinTwo: 'Clean, within two seconds, no muffled bar, no hum afterwards.',
  livePictureBoth: 'Live picture, both-way voice',
  customersPhoneDoor: 'On the customer’s phone, with the door shut.',
  ifNotLit:
    'Hold its reset for some seconds. Still dark: no volts at its screws, or too few. It lights and goes dark again: too few.',
  ifNoLamps:
    'Neither: no feed, an open neutral, or a splice that lets go. Only one of both: that half is dead, or its lead is off. Off and proved dead before a hand goes in.',
  pressSounderRings: 'Press: the plug-in sounder rings, or the phone',
  sounderOrPhone: 'Within two seconds, where it will stand. The chime in the wall stays silent by this way.',
  voltsInStandby: 'Volts in standby',
  voltsAtNight: 'Volts while the live picture runs at night',
  handOverItsLens: 'A hand over its lens brings its infrared on, by day too. At the same screws.',
  voltsDoorLive: 'Volts while the live picture runs, by day',
  meterDevicesTwo: 'Where hands still reach: the transformer’s screws, or Trans at the chime.',
  newTransformerWarm: 'The new transformer is warm, not hot, after a quarter of an hour',
  handStaysToo: 'You can keep a hand on it. Too hot to touch: overloaded, or no air round it.',
  devicesOwnReport: 'The device’s own report agrees',
  saysSupplyAgainst: 'What it says of its supply against what the meter said.',
  lampsOrVoice: 'It lights, or speaks',
  lampsWithinHalfMinute: 'Lamps, or its voice.',
  staysOnWithEverySwitch: 'It stays on, whatever switch is turned',
  aimStillHolds: 'Aim looked at again after its code was scanned',
  handlingTurnsHead: 'Handling turns the head: hold its live picture against the plan at Mount.',
  everySwitchInTurn: 'Each switch of the house near it, in turn, while it is on.',
  codeScannedJoined: 'Its code is scanned, it joined the house’s Wi-Fi',
  pairingTry: ({ what }) => PAIRING_WORDS[what],
  retriesInOrder:
    'If not, in this order: nearer to the router, the other band, the phone’s permissions, the code in better light, reset.',
  phoneAwayIsTold: 'A phone away from the house’s Wi-Fi is told, and sees',
  wifiOfPhoneOff: 'Turn the phone’s Wi-Fi off and try it once more.',
  pictureAfterDusk: 'The picture is good after dusk',
  litAndUnlit: 'With its lamps and without. Before dusk: put it off to a day, or let the customer send a picture.',
  facesParcelInFrame: 'Faces and a parcel are in frame',
  realPeopleStand: 'Somebody tall and somebody short, close up and a step back, and a parcel on the mat.',
  lensFilmIsOff: 'The film is off its lens',
  filmStaysUnseen: 'Left on, it blurs the night picture first.',
  sensorFires: 'Its sensor fires',
  walkAcrossIt: 'Walk across before it, farther off each time: write down the farthest that it fired at.',
  masksZonesCopied: 'Masks and zones are copied, and walked',
  walkedPetsRoad: 'By the figures of Mount. Pets and the road thought of.',
  // prove/judgeFigure
  sensorFiredAt: ({ metres, low, high }, t) =>
    `It fired as far as ${t.length(metres)}; ${t.length(low)} to ${t.length(high)} were predicted: is it level, is something in its way?`,
  sLongerS: ({ figure, most }) => `${figure} s is longer than ${most} s.`,
  vDeviceDrops: ({ volts, doorMinVolts }, t) =>
    `${volts} V: the device drops out under ${t.number(doorMinVolts, 1)} V.`,
  vDeviceTakes: ({ volts, doorMaxVolts }, t) => `${volts} V: the device takes ${t.number(doorMaxVolts, 1)} V at most.`,
  // prove/judgeWords
  itRang: ({ how }) => RING_WORDS[how],
  setOtherwise: ({ set, wanted }) => `It is set to “${set}”; in the wall it is “${wanted}”.`,
  reportedWorse: ({ report, predicted }) => `It calls its supply ${report}; ${predicted} was to be expected.`,
  // prove/readNext
  readNext: ({ what }) => NEXT_READS[what],
  openUnderLabel: ({ figure, ratedVolts }, t) =>
    `${t.volts(figure)} open is not over the ${t.volts(ratedVolts)} of its label: another pair of screws, or something is on.`,
  openOffCondition: ({ figure, range }, t) =>
    `${t.volts(figure)} open; this way needs ${range} at nominal mains. Another specimen, or another way.`,
  readMainsBeside: 'Read the mains beside it: they decide here.',
  vPredictedV: ({ volts, side, low, high }, t) =>
    `${volts} V is ${side} the predicted ${t.number(low, 1)} to ${t.number(high, 1)} V: the wiring or the survey is wrong.`,
};
