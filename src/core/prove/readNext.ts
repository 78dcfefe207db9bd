import { said, type Text } from '../said';
import type { Check, CheckId, RingHow } from './checks';

/** What is read or looked at first once a check failed: it parts what it can be best, for the least walking. */
export const NEXT_READS = [
  'otherScrews',
  'transformerLoad',
  'voltsAtDevice',
  'standbyAtDevice',
  'settingAgain',
  'plungerClear',
  'coilInStandby',
  'diodeAtDoor',
  'buttonLead',
  'frontWhilePressed',
  'voltsWhilePressed',
  'sounderNearer',
  'upMbitAtDevice',
  'phoneSettings',
  'heightAndAngle',
  'transformerSameState',
  'mainsThenOpen',
  'mainsAndTap',
  'hotToNeutral',
  'whichSwitch',
  'headAgainstPlan',
  'signalThere',
  'lens',
  'leanOfSensor',
  'masksAgainstFigures',
  'nightWithLamps',
] as const;
export type NextRead = (typeof NEXT_READS)[number];

/** What of an answer tells where to look. */
export interface FailedAnswer {
  readonly figure?: number | undefined;
  readonly at?: 'transformer' | 'chime' | 'door' | undefined;
  readonly bandLow?: number | undefined;
  readonly bandHigh?: number | undefined;
  readonly rang?: RingHow | undefined;
}

const AFTER_RING: Readonly<Record<RingHow, NextRead>> = {
  clean: 'voltsWhilePressed',
  muffled: 'plungerClear',
  hums: 'coilInStandby',
  cutShort: 'diodeAtDoor',
  endless: 'buttonLead',
  silent: 'frontWhilePressed',
};

/** Volts at a place: too many come from before it, too few from before or from what lies between. */
function afterVolts({ figure, at = 'door', bandHigh }: FailedAnswer): NextRead {
  if (figure !== undefined && bandHigh !== undefined && figure > bandHigh) return 'mainsAndTap';
  return at === 'transformer' ? 'mainsThenOpen' : 'transformerSameState';
}

const AFTER: Readonly<Record<CheckId, NextRead | ((answer: FailedAnswer, check: Check) => NextRead)>> = {
  newOpenVolts: 'otherScrews',
  warm: 'transformerLoad',
  lit: 'voltsAtDevice',
  firstCharge: 'standbyAtDevice',
  setting: 'settingAgain',
  ring: ({ rang }, { answer }) =>
    answer.kind === 'ring' && !answer.hows.includes('muffled') ? 'sounderNearer' : AFTER_RING[rang ?? 'silent'],
  picture: 'upMbitAtDevice',
  phoneAway: 'phoneSettings',
  faceParcel: 'heightAndAngle',
  standbyVolts: afterVolts,
  doorVolts: afterVolts,
  nightVolts: afterVolts,
  report: 'standbyAtDevice',
  lamps: 'hotToNeutral',
  switches: 'whichSwitch',
  aimStill: 'headAgainstPlan',
  paired: 'signalThere',
  film: 'lens',
  sensorWalk: 'leanOfSensor',
  masks: 'masksAgainstFigures',
  night: 'nightWithLamps',
};

/** The next thing to read or look at after a check failed. */
export function readNext(check: Check, answer: FailedAnswer): Text {
  const after = AFTER[check.id];
  return said('readNext', { what: typeof after === 'string' ? after : after(answer, check) });
}
