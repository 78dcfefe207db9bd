import type { JobSayings } from '@/core/job';
import type { Sentences } from '../sentence';

export const job: Sentences<JobSayings> = {
  theBoard: (_, t) => t.board,
  stillHangOnIt: ({ points }, t) =>
    `${t.list(points)} ${points.length === 1 ? 'hangs' : 'hang'} on it: say first what else.`,
  stillOpenWithYou: ({ things }) =>
    things === 1
      ? 'One thing is still open:'
      : 'These things are still open; with them done we need to come only once:',
  // job/before
  notAskedWhether: 'Not asked whether somebody is home',
  nobodyHome: 'Nobody is home then',
  boardChimeInside: 'the board and the chime are inside',
  pleaseHomeSomebody: (_, t) =>
    `Please be at home, or have somebody there: we need to get to the chime and to the ${t.board}.`,
  wiFiName: 'Wi-Fi name not known yet',
  noPairingWithout: 'no pairing without it',
  nameYourWi: 'Have the name of your Wi-Fi at hand.',
  wiFiBand: 'Wi-Fi band not known yet',
  manyDevicesJoin: 'many devices join on 2.4 GHz only',
  ifYouKnow: 'If you know it, tell us whether your Wi-Fi runs on 2.4 GHz, 5 GHz or both.',
  wiFiPassword: 'Wi-Fi password not asked for yet',
  wiFiPasswordMissing: 'Wi-Fi password is missing',
  yourWiFi: 'Have your Wi-Fi password at hand. You type it yourself; we never write it down.',
  accountNotAsked: 'Account not asked about yet',
  accountNotMade: 'Account is not made yet',
  customerOwnsOthers: 'the customer owns it, others are invited',
  oneSharedSign: 'one shared sign-in, as the firm has it',
  makeYourAccount:
    'Make your account beforehand and open the message that verifies it. It is yours; we never need its password.',
  tellUsKeeps: 'Tell us who keeps the shared sign-in, and have it verified beforehand.',
  phoneNotAsked: 'Phone not asked about yet',
  phoneNotReady: 'Phone is not ready',
  chargedProgramInstalled: 'charged, program installed, permissions given',
  chargeYourPhone:
    'Charge your phone, install the device’s program on it, and allow it Bluetooth, location and notices.',
  ownerNotNamed: 'Owner not named yet',
  oneOwnsOthers: 'one owns it, the others are invited',
  decideOwnsDevice: 'Decide who owns the device, and who else shall see and answer it.',
  namesPointsNot: 'Names of the points not agreed yet',
  namesPointsMissing: 'Names of the points are missing',
  theySpokenShown: 'they are spoken and shown every day',
  thinkNameEach: 'Think of a name for each place, for instance “Front door”.',
  recordingNotTalked: 'Recording not talked about yet',
  recordingNotDecided: 'Recording not decided',
  costsAfterTrial: 'what it costs after the trial is said beforehand',
  decideWhetherYou: 'Decide whether you want recordings to be kept; we tell you what that costs once a trial ends.',
  permissionNotAsked: 'Permission not asked about yet',
  landlordsPermissionMissing: 'Landlord’s permission is missing',
  noHoleWithout: 'no hole without it',
  ifYouRent: 'If you rent, get your landlord’s permission in writing: we drill two small holes.',
  weCome: ({ when, points }, t) =>
    `${when === null ? 'we will come' : `we come on ${when}`}${points.length > 0 ? ` to fit the device at the ${t.list(points.map((point) => point.toLowerCase()))}` : ''}.`,
  dear: ({ customer }) => `Dear ${customer},`,
  goodDay: 'Good day,',
  everythingWeNeed: 'Everything we need from you is ready. Thank you.',
  shortWhileWe:
    'For a short while we switch off one circuit: save your work on computers, clocks may need setting. If anything changes, answer this message.',
  // job/houseOf
  aCircuit: 'a circuit',
  noneNamed: 'none named',
  nothingHangsYet: 'nothing hangs on it yet',
  // job/houseThings
  thingOf: ({ kind, first }) => `${kind} of ${first}`,
  otherThing: ({ kind }) => `other ${kind}`,
  // job/refusal
  workDoneSay: ({ point }) => `Work was done at ${point}: say why it is taken away.`,
  workDoneStays: ({ point }) =>
    `Work was done at ${point}: it stays what it is. Strike it with a reason and add the other one.`,
  // job/trialDoor
};
