import { wireWords } from '@/words/screens';
import type { Step } from '@/core/wiring';

const TOUCH_WORDS = {
  nothing: wireWords.touchesNothingLive,
  bell: wireWords.bellWires,
  mains: wireWords.mainsProvedDead,
} as const;

/** What a step asks for, in a few words each: which proof, how long to strip, tug, picture. */
export const chipsOf = (
  { touches, minutes, stripM, tug, photo, energises }: Step,
  licensed: boolean,
): readonly string[] => [
  energises ? wireWords.switchesOn : TOUCH_WORDS[touches],
  ...(licensed ? [wireWords.byALicence] : []),
  ...(minutes ? [wireWords.aboutMin({ minutes })] : []),
  ...(stripM ? [wireWords.stripMm({ stripM: Math.round(stripM * 1000) })] : []),
  ...(tug ? [wireWords.tugEach] : []),
  ...(photo ? ['picture'] : []),
];
