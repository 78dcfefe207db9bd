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
] as const;
export type CheckId = (typeof CHECK_IDS)[number];

/** What a check is answered with. */
export type Answer =
  | { readonly kind: 'yesNo' }
  | { readonly kind: 'wait'; readonly minutes: number }
  | { readonly kind: 'seconds'; readonly most: number }
  | { readonly kind: 'volts'; readonly state: LastingState }
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
}

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
  {
    id: 'picture',
    name: said('livePictureBoth'),
    how: said('customersPhoneDoor'),
    answer: { kind: 'yesNo' },
  },
  {
    id: 'doorVolts',
    name: said('voltsDoorLive'),
    how: said('meterDevicesTwo'),
    answer: { kind: 'volts', state: 'liveDay' },
  },
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
export const FLOODLIGHT_CHECKS: readonly Check[] = [
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
  {
    id: 'aimStill',
    name: said('aimStillHolds'),
    how: said('handlingTurnsHead'),
    answer: { kind: 'yesNo' },
  },
];

/** The checks of a doorbell. @param newTransformer a transformer was replaced there */
export const doorbellChecks = (newTransformer: boolean): readonly Check[] =>
  newTransformer ? DOORBELL_CHECKS : DOORBELL_CHECKS.filter((check) => !check.newTransformer);

export const checkById = (id: CheckId): Check | undefined =>
  [...DOORBELL_CHECKS, ...FLOODLIGHT_CHECKS].find((check) => check.id === id);
