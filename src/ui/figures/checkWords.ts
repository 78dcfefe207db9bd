import { proveWords } from '@/words/screens';
import { settingName } from '@/core/chime';
import type { EntryData } from '@/core/kinds';
import type { Check, RingHow } from '@/core/prove';
import { lengthText, type LengthSystem } from '@/core/units';
import type { Say } from '@/words';

type Given = EntryData<'checkDone'>;

export const RING_WORDS: Readonly<Record<RingHow, string>> = {
  clean: proveWords.rangClean,
  muffled: proveWords.rangMuffled,
  hums: proveWords.rangHums,
  cutShort: proveWords.rangCutShort,
  endless: proveWords.rangEndless,
  silent: proveWords.rangSilent,
};
export const REPORT_WORDS: Readonly<Record<NonNullable<Given['reported']>, string>> = {
  weak: proveWords.reportWeak,
  fair: proveWords.reportFair,
  good: proveWords.reportGood,
};

function figureText(figure: number, { answer }: Check, lengths: LengthSystem): string {
  if (answer.kind === 'metres') return lengthText(figure, lengths);
  return `${figure} ${answer.kind === 'ring' ? 's' : 'V'}`;
}

/** What a check was answered with beside passed or failed: its figure, how it rang, what it is set to. Empty: nothing. */
export const answerWords = (
  { figure, rang, setTo, reported }: Given,
  check: Check,
  lengths: LengthSystem,
  say: Say,
): string =>
  [
    figure === undefined ? '' : figureText(figure, check, lengths),
    rang ? RING_WORDS[rang] : '',
    setTo ? say(settingName(setTo)) : '',
    reported ? REPORT_WORDS[reported] : '',
  ]
    .filter(Boolean)
    .join(', ');
