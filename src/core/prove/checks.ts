import type { ChimeSetting } from '../chime';
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
  'standbyVolts',
  'doorVolts',
  'nightVolts',
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

/** A doorbell may fill a reserve of its own first, for minutes; lamps or a voice come at once (domain/prove). */
const RESERVE_SECONDS = 180;
const LAMPS_SECONDS = 30;

/** How it rang when the button was pressed. */
export const RING_HOWS = ['clean', 'muffled', 'hums', 'cutShort', 'endless', 'silent'] as const;
export type RingHow = (typeof RING_HOWS)[number];
/** What can be heard of a sounder in an outlet, or of a phone. */
const RADIO_HOWS: readonly RingHow[] = ['clean', 'silent'];
/** From the press on, in seconds (domain/prove). */
const RING_MOST = 2;

/** What a check is answered with. */
export type Answer =
  | { readonly kind: 'yesNo' }
  | { readonly kind: 'wait'; readonly minutes: number }
  /** Seconds from the press, and how it rang. */
  | { readonly kind: 'ring'; readonly most: number; readonly hows: readonly RingHow[] }
  /** What the device is set to, asked back; null: no way was taken that would tell what it should be. */
  | { readonly kind: 'setting'; readonly wanted: ChimeSetting | null }
  /** What the device itself says of its supply. */
  | { readonly kind: 'report' }
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
  /** A sign that comes by itself once it is on: within so many seconds, and what it means where it doesn’t. */
  readonly sign?: { readonly seconds: number; readonly ifNot: Text };
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
    sign: { seconds: RESERVE_SECONDS, ifNot: said('ifNotLit') },
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
    answer: { kind: 'setting', wanted: null },
  },
  {
    id: 'ring',
    name: said('pressRings'),
    how: said('cleanWithinTwo'),
    answer: { kind: 'ring', most: RING_MOST, hows: RING_HOWS },
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
    id: 'standbyVolts',
    name: said('voltsInStandby'),
    how: said('meterDevicesTwo'),
    answer: { kind: 'volts', state: 'standby' },
  },
  {
    id: 'doorVolts',
    name: said('voltsDoorLive'),
    how: said('meterDevicesTwo'),
    answer: { kind: 'volts', state: 'liveDay' },
  },
  {
    id: 'nightVolts',
    name: said('voltsAtNight'),
    how: said('handOverItsLens'),
    answer: { kind: 'volts', state: 'liveNight' },
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
    answer: { kind: 'report' },
  },
];

/** Of a floodlight camera: what is seen once it is switched on for good. */
const FLOODLIGHT_CHECKS: readonly Check[] = [
  {
    id: 'lamps',
    name: said('lampsOrVoice'),
    how: said('lampsWithinHalfMinute'),
    answer: { kind: 'yesNo' },
    sign: { seconds: LAMPS_SECONDS, ifNot: said('ifNoLamps') },
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

/** What at a door decides about its checks. */
export interface DoorProved {
  /** A transformer was replaced there. */
  readonly newTransformer: boolean;
  /** What the device is to be set to, and whether the chime in the wall still rings; null before a way was taken. */
  readonly chime: { readonly setting: ChimeSetting; readonly sounds: boolean } | null;
}

/** A check as it is asked where the chime was treated so. */
function askedWith(check: Check, { setting, sounds }: NonNullable<DoorProved['chime']>): Check {
  if (check.answer.kind === 'setting') return { ...check, answer: { ...check.answer, wanted: setting } };
  if (check.answer.kind === 'ring' && !sounds)
    return {
      ...check,
      name: said('pressSounderRings'),
      how: said('sounderOrPhone'),
      answer: { ...check.answer, hows: RADIO_HOWS },
    };
  return check;
}

/** The checks of a doorbell. */
export const doorbellChecks = ({ newTransformer, chime }: DoorProved): readonly Check[] =>
  DOORBELL_CHECKS.filter((check) => newTransformer || !check.newTransformer).map((check) =>
    chime ? askedWith(check, chime) : check,
  );

export const checkById = (id: CheckId): Check | undefined =>
  [...DOORBELL_CHECKS, ...FLOODLIGHT_CHECKS].find((check) => check.id === id);
