import { boxWords } from '@/words/screens';
import type { Text } from '@/core/said';
import type { Conclusion, ConductorFunction } from '@/core/junction';

/** Functions in the words of the place. */
export const functionWords = ({
  hot,
  ground,
}: {
  readonly hot: string;
  readonly ground: string;
}): Readonly<Record<ConductorFunction, string>> => ({
  hot,
  switched: boxWords.switched({ hot }),
  neutral: boxWords.neutral,
  ground,
  spare: boxWords.spare,
  unknown: boxWords.notKnown,
});

/** What the readings at a conductor say, in a few words. */
export function conclusionWords(
  conclusion: Conclusion | undefined,
  words: { readonly hot: string; readonly ground: string },
  say: (text: Text) => string,
): { readonly text: string; readonly colour: 'moss' | 'brick' | 'soft' } {
  if (!conclusion || conclusion.state === 'open')
    return { text: boxWords.open({ words: say(conclusion?.words ?? '') }), colour: 'soft' };
  if (conclusion.state === 'contradicts') return { text: say(conclusion.words), colour: 'brick' };
  switch (conclusion.carries) {
    case 'otherHot':
      return { text: boxWords.ofAnotherLeg({ hot: words.hot }), colour: 'brick' };
    case 'switchedNeutral':
      return { text: boxWords.neutralSwitched, colour: 'brick' };
    case 'foreign':
      return { text: boxWords.noNeutralOfThis, colour: 'brick' };
    case 'badGround':
      return { text: boxWords.over1({ ground: words.ground }), colour: 'brick' };
    case 'sharedNeutral':
      return { text: boxWords.neutralShared, colour: 'brick' };
    default:
      return { text: functionWords(words)[conclusion.carries], colour: 'moss' };
  }
}
