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
] as const;
export type CheckId = (typeof CHECK_IDS)[number];

/** What a check is answered with. */
export type Answer =
  | { readonly kind: 'yesNo' }
  | { readonly kind: 'wait'; readonly minutes: number }
  | { readonly kind: 'seconds'; readonly most: number }
  | { readonly kind: 'volts'; readonly state: LastingState };

/** One check after power-on. Nothing is passed by default. */
export interface Check {
  readonly id: CheckId;
  readonly name: string;
  readonly how: string;
  readonly answer: Answer;
  /** Asked only where a transformer was replaced. */
  readonly newTransformer?: true;
}

/** In the order in which they are gone through (domain/prove). */
export const CHECKS: readonly Check[] = [
  {
    id: 'newOpenVolts',
    name: 'Open volts of the new transformer stand over its label',
    how: 'By a tenth to a half, before the device goes on. At or under the label: wrong pair of screws, or something is on.',
    answer: { kind: 'yesNo' },
    newTransformer: true,
  },
  {
    id: 'lit',
    name: 'It is lit',
    how: 'Some need seconds to minutes from their own reserve. If not: hold reset for a few seconds.',
    answer: { kind: 'yesNo' },
  },
  {
    id: 'firstCharge',
    name: 'First charge and update are over',
    how: 'Up to a quarter of an hour, in bad cases an hour. Do something else meanwhile.',
    answer: { kind: 'wait', minutes: 15 },
  },
  {
    id: 'setting',
    name: 'Its chime setting matches the wall',
    how: 'A wrong setting can short the loop at each press.',
    answer: { kind: 'yesNo' },
  },
  {
    id: 'ring',
    name: 'Press: it rings',
    how: 'Clean, within two seconds, no muffled bar, no hum afterwards.',
    answer: { kind: 'seconds', most: 2 },
  },
  {
    id: 'picture',
    name: 'Live picture, both-way voice',
    how: 'On the customer’s phone, with the door shut.',
    answer: { kind: 'yesNo' },
  },
  {
    id: 'doorVolts',
    name: 'Volts at the door, live by day',
    how: 'Meter on the device’s two screws while the live picture runs.',
    answer: { kind: 'volts', state: 'liveDay' },
  },
  {
    id: 'warm',
    name: 'The new transformer is warm, not hot, after a quarter of an hour',
    how: 'A hand stays on it. Too hot to touch: it is overloaded or has no air.',
    answer: { kind: 'yesNo' },
    newTransformer: true,
  },
  {
    id: 'report',
    name: 'The device’s own report agrees',
    how: 'What it says of its supply against what the meter said.',
    answer: { kind: 'yesNo' },
  },
];

/** The checks of a point. @param newTransformer a transformer was replaced there */
export const checksFor = (newTransformer: boolean): readonly Check[] =>
  newTransformer ? CHECKS : CHECKS.filter((check) => !check.newTransformer);

export const checkById = (id: CheckId): Check | undefined => CHECKS.find((check) => check.id === id);
