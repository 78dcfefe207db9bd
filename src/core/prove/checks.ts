import { said, type Text } from '../said';
import type { LastingState } from '../catalogue';

export const CHECK_IDS = [
  'newOpenVolts',
  'warm',
  'lit',
  'firstCharge',
  'setting',
  'ring',
  'picture',
  'doorVolts',
  'report',
  'lamps',
  'switches',
  'aimStill',
  'paired',
  'phoneAway',
  'faceParcel',
  'film',
  'sensorWalk',
  'masks',
  'night',
] as const;
export type CheckId = (typeof CHECK_IDS)[number];

/** What a check is answered with. */
export type Answer =
  | { readonly kind: 'yesNo' }
  | { readonly kind: 'wait'; readonly minutes: number }
  | { readonly kind: 'seconds'; readonly most: number }
  | { readonly kind: 'volts'; readonly state: LastingState }
  /** How far off the sensor fired, along the ground. */
  | { readonly kind: 'metres' }
  /** Only after dusk: now, or put off to a day. */
  | { readonly kind: 'night' }
  /** Of a new transformer with nothing on it. */
  | { readonly kind: 'openVolts' };

/** One check after power-on. Nothing is passed by default. */
export interface Check {
  readonly id: CheckId;
  readonly name: Text;
  readonly how: Text;
  readonly answer: Answer;
  /** Asked only where a transformer was replaced. */
  readonly newTransformer?: true;
  /** Asked only where something is to be seen, or kept out of the picture. */
  readonly aimed?: true;
}

const PAIRED: Check = {
  id: 'paired',
  name: said('codeScannedJoined'),
  how: said('retriesInOrder'),
  answer: { kind: 'yesNo' },
};
const PICTURE: Check = {
  id: 'picture',
  name: said('livePictureBoth'),
  how: said('customersPhoneDoor'),
  answer: { kind: 'yesNo' },
};
const PHONE_AWAY: Check = {
  id: 'phoneAway',
  name: said('phoneAwayIsTold'),
  how: said('wifiOfPhoneOff'),
  answer: { kind: 'yesNo' },
};
const NIGHT: Check = {
  id: 'night',
  name: said('pictureAfterDusk'),
  how: said('litAndUnlit'),
  answer: { kind: 'night' },
};

/** Of a doorbell, in the order in which they are gone through (domain/prove). */
const DOORBELL_CHECKS: readonly Check[] = [
  {
    id: 'newOpenVolts',
    name: said('openVoltsNewTransformer'),
    how: said('tenthHalfBefore'),
    answer: { kind: 'openVolts' },
    newTransformer: true,
  },
  {
    id: 'switches',
    name: said('staysOnWithEverySwitch'),
    how: said('everySwitchInTurn'),
    answer: { kind: 'yesNo' },
    newTransformer: true,
  },
  {
    id: 'lit',
    name: said('itIsLit'),
    how: said('someNeedSeconds'),
    answer: { kind: 'yesNo' },
  },
  {
    id: 'firstCharge',
    name: said('firstChargeUpdate'),
    how: said('upQuarterHour'),
    answer: { kind: 'wait', minutes: 15 },
  },
  PAIRED,
  {
    id: 'setting',
    name: said('chimeSettingMatches'),
    how: said('wrongSettingCan'),
    answer: { kind: 'yesNo' },
  },
  {
    id: 'ring',
    name: said('pressRings'),
    how: said('cleanWithinTwo'),
    answer: { kind: 'seconds', most: 2 },
  },
  PICTURE,
  PHONE_AWAY,
  {
    id: 'faceParcel',
    name: said('facesParcelInFrame'),
    how: said('realPeopleStand'),
    answer: { kind: 'yesNo' },
  },
  {
    id: 'doorVolts',
    name: said('voltsDoorLive'),
    how: said('meterDevicesTwo'),
    answer: { kind: 'volts', state: 'liveDay' },
  },
  NIGHT,
  {
    id: 'warm',
    name: said('newTransformerWarm'),
    how: said('handStaysToo'),
    answer: { kind: 'yesNo' },
    newTransformer: true,
  },
  {
    id: 'report',
    name: said('devicesOwnReport'),
    how: said('saysSupplyAgainst'),
    answer: { kind: 'yesNo' },
  },
];

/** Of a floodlight camera: what is seen once it is switched on for good. */
const FLOODLIGHT_CHECKS: readonly Check[] = [
  {
    id: 'lamps',
    name: said('lampsOrVoice'),
    how: said('lampsWithinHalfMinute'),
    answer: { kind: 'yesNo' },
  },
  {
    id: 'switches',
    name: said('staysOnWithEverySwitch'),
    how: said('everySwitchInTurn'),
    answer: { kind: 'yesNo' },
  },
  PAIRED,
  { id: 'film', name: said('lensFilmIsOff'), how: said('filmStaysUnseen'), answer: { kind: 'yesNo' } },
  PICTURE,
  PHONE_AWAY,
  { id: 'sensorWalk', name: said('sensorFires'), how: said('walkAcrossIt'), answer: { kind: 'metres' } },
  {
    id: 'masks',
    name: said('masksZonesCopied'),
    how: said('walkedPetsRoad'),
    answer: { kind: 'yesNo' },
    aimed: true,
  },
  NIGHT,
  {
    id: 'aimStill',
    name: said('aimStillHolds'),
    how: said('handlingTurnsHead'),
    answer: { kind: 'yesNo' },
  },
];

/** The checks of a floodlight camera. @param aimed something is to be seen by it, or kept out */
export const floodlightChecks = (aimed: boolean): readonly Check[] =>
  aimed ? FLOODLIGHT_CHECKS : FLOODLIGHT_CHECKS.filter((check) => !check.aimed);

/** The checks of a doorbell. @param newTransformer a transformer was replaced there */
export const doorbellChecks = (newTransformer: boolean): readonly Check[] =>
  newTransformer ? DOORBELL_CHECKS : DOORBELL_CHECKS.filter((check) => !check.newTransformer);

export const checkById = (id: CheckId): Check | undefined =>
  [...DOORBELL_CHECKS, ...FLOODLIGHT_CHECKS].find((check) => check.id === id);
