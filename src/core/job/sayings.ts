import type { None, Text } from '../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface JobSayings {
  theBoard: None;
  stillHangOnIt: { readonly points: readonly string[] };
  stillOpenWithYou: { readonly things: number };
  // before
  notAskedWhether: None;
  nobodyHome: None;
  boardChimeInside: None;
  pleaseHomeSomebody: None;
  wiFiName: None;
  noPairingWithout: None;
  nameYourWi: None;
  wiFiBand: None;
  manyDevicesJoin: None;
  ifYouKnow: None;
  wiFiPassword: None;
  wiFiPasswordMissing: None;
  yourWiFi: None;
  accountNotAsked: None;
  accountNotMade: None;
  customerOwnsOthers: None;
  oneSharedSign: None;
  makeYourAccount: None;
  tellUsKeeps: None;
  phoneNotAsked: None;
  phoneNotReady: None;
  chargedProgramInstalled: None;
  chargeYourPhone: None;
  ownerNotNamed: None;
  oneOwnsOthers: None;
  decideOwnsDevice: None;
  namesPointsNot: None;
  namesPointsMissing: None;
  theySpokenShown: None;
  thinkNameEach: None;
  recordingNotTalked: None;
  recordingNotDecided: None;
  costsAfterTrial: None;
  decideWhetherYou: None;
  permissionNotAsked: None;
  landlordsPermissionMissing: None;
  noHoleWithout: None;
  ifYouRent: None;
  weCome: { readonly when: string | null; readonly points: readonly string[] };
  dear: { readonly customer: Text };
  goodDay: None;
  everythingWeNeed: None;
  shortWhileWe: None;
  // houseOf
  aCircuit: None;
  noneNamed: None;
  nothingHangsYet: None;
  // houseThings
  thingOf: { readonly kind: Text; readonly first: Text };
  otherThing: { readonly kind: Text };
  // refusal
  workDoneSay: { readonly point: Text };
  workDoneStays: { readonly point: Text };
  // trialDoor
}

declare module '../said/said' {
  interface Sayings extends JobSayings {}
}
