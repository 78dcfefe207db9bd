import type { Step } from '@/core/wiring';

const TOUCH_WORDS = { nothing: 'touches nothing live', bell: 'bell wires', mains: 'mains, proved dead' } as const;

/** What a step asks for, in a few words each: which proof, how long to strip, tug, picture. */
export const chipsOf = ({ touches, minutes, stripM, tug, photo, energises }: Step): readonly string[] => [
  energises ? 'switches on' : TOUCH_WORDS[touches],
  ...(minutes ? [`about ${minutes} min`] : []),
  ...(stripM ? [`strip ${Math.round(stripM * 1000)} mm`] : []),
  ...(tug ? ['tug each'] : []),
  ...(photo ? ['picture'] : []),
];
