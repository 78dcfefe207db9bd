import type { DeviceReport } from '../bell';
import type { RingHow } from './checks';
import type { PairingTry } from './pairing';
import type { NextRead } from './readNext';
import type { None, Text } from '../said';

/** What this subject says, each code with its figures; `words` has the sentences. */
export interface ProveSayings {
  // checks
  openVoltsNewTransformer: None;
  tenthHalfBefore: None;
  itIsLit: None;
  someNeedSeconds: None;
  firstChargeUpdate: None;
  upQuarterHour: None;
  chimeSettingMatches: None;
  wrongSettingCan: None;
  pressRings: None;
  cleanWithinTwo: None;
  livePictureBoth: None;
  customersPhoneDoor: None;
  ifNotLit: None;
  ifNoLamps: None;
  pressSounderRings: None;
  sounderOrPhone: None;
  voltsInStandby: None;
  voltsAtNight: None;
  handOverItsLens: None;
  voltsDoorLive: None;
  meterDevicesTwo: None;
  newTransformerWarm: None;
  handStaysToo: None;
  devicesOwnReport: None;
  saysSupplyAgainst: None;
  lampsOrVoice: None;
  lampsWithinHalfMinute: None;
  staysOnWithEverySwitch: None;
  everySwitchInTurn: None;
  aimStillHolds: None;
  handlingTurnsHead: None;
  codeScannedJoined: None;
  retriesInOrder: None;
  pairingTry: { readonly what: PairingTry };
  phoneAwayIsTold: None;
  wifiOfPhoneOff: None;
  pictureAfterDusk: None;
  litAndUnlit: None;
  facesParcelInFrame: None;
  realPeopleStand: None;
  lensFilmIsOff: None;
  filmStaysUnseen: None;
  sensorFires: None;
  walkAcrossIt: None;
  masksZonesCopied: None;
  walkedPetsRoad: None;
  // judgeFigure
  sensorFiredAt: { readonly metres: number; readonly low: number; readonly high: number };
  sLongerS: { readonly figure: number; readonly most: number };
  vDeviceDrops: { readonly volts: Text; readonly doorMinVolts: number };
  vDeviceTakes: { readonly volts: Text; readonly doorMaxVolts: number };
  // judgeWords
  itRang: { readonly how: RingHow };
  setOtherwise: { readonly set: Text; readonly wanted: Text };
  reportedWorse: { readonly report: DeviceReport; readonly predicted: DeviceReport };
  // readNext
  readNext: { readonly what: NextRead };
  openUnderLabel: { readonly figure: number; readonly ratedVolts: number };
  openOffCondition: { readonly figure: number; readonly range: Text };
  readMainsBeside: None;
  vPredictedV: { readonly volts: Text; readonly side: Text; readonly low: number; readonly high: number };
}

declare module '../said/said' {
  interface Sayings extends ProveSayings {}
}
