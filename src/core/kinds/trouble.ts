import { boolean, number, string } from 'yup';
import { DOOR_SYMPTOMS, FIXTURE_SYMPTOMS, type DoorSymptom, type FixtureSymptom } from '../faults';
import { TEXT } from '../facts';
import { CHECK_IDS } from '../prove';
import { exact, maybe, oneOf, reference } from './fields';

export type Symptom = DoorSymptom | FixtureSymptom;
export const SYMPTOMS: readonly Symptom[] = [...new Set<Symptom>([...DOOR_SYMPTOMS, ...FIXTURE_SYMPTOMS])];

/** Something does not work: a fault is looked for from now on. */
export const troubleOpened = exact({
  troubleId: reference(),
  pointId: reference(),
  symptom: oneOf(SYMPTOMS),
  /** The check that failed, and that the repair closes; left out where somebody complained. */
  check: string<(typeof CHECK_IDS)[number]>().oneOf(CHECK_IDS),
  /** As the customer told it. */
  words: maybe.text(TEXT.long),
});

/** Why a test could not be taken. */
export const UNTESTED_WHYS = ['cantReach', 'noTool', 'notSafe', 'notNow'] as const;

/** Volts, ohms, dBm, degrees: beyond it no meter shows anything. */
const MOST_FIGURE = 100_000;

/**
 * What a test came to: a word of it, a figure, or why it could not be taken. Tests and faults are called by their ids; one that
 * this version of the program does not know stands in the record and is not counted.
 */
export const faultTested = exact({
  troubleId: reference(),
  pointId: reference(),
  test: reference(),
  word: string().min(1).max(TEXT.short),
  value: number().min(-MOST_FIGURE).max(MOST_FIGURE),
  untested: string<(typeof UNTESTED_WHYS)[number]>().oneOf(UNTESTED_WHYS),
  /** Its figure was taken from the simulated meter. */
  simulated: boolean(),
}).test(
  'one',
  'a test comes to a word, to a figure or to nothing, and to one of them',
  ({ word, value, untested }) => [word, value, untested].filter((one) => one !== undefined).length === 1,
);

/** What was repaired, and whether it works since. */
export const repairTried = exact({
  troubleId: reference(),
  pointId: reference(),
  fault: reference(),
  fixed: boolean().defined(),
  /** What was read after it. */
  value: number().min(-MOST_FIGURE).max(MOST_FIGURE),
  /** What was put in, and what of the old part is to be remembered: its batch, that it was new. */
  part: maybe.text(),
  batch: maybe.text(),
  deadNew: maybe.yes(),
});

/** A fault is no longer looked for: why. */
export const troubleClosed = exact({
  troubleId: reference(),
  pointId: reference(),
  why: string().trim().min(1).max(TEXT.long).defined(),
});
