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
  switched: `switched ${hot}`,
  neutral: 'neutral',
  ground,
  spare: 'spare',
  unknown: 'not known',
});

/** What the readings at a conductor say, in a few words. */
export function conclusionWords(
  conclusion: Conclusion | undefined,
  words: { readonly hot: string; readonly ground: string },
  say: (text: Text) => string,
): { readonly text: string; readonly colour: 'moss' | 'brick' | 'soft' } {
  if (!conclusion || conclusion.state === 'open')
    return { text: `open: ${say(conclusion?.words ?? '')}`, colour: 'soft' };
  if (conclusion.state === 'contradicts') return { text: say(conclusion.words), colour: 'brick' };
  switch (conclusion.carries) {
    case 'otherHot':
      return { text: `${words.hot} of another leg`, colour: 'brick' };
    case 'foreign':
      return { text: 'no neutral of this circuit', colour: 'brick' };
    case 'badGround':
      return { text: `${words.ground}, over 1 Ω`, colour: 'brick' };
    case 'sharedNeutral':
      return { text: 'neutral, shared', colour: 'brick' };
    default:
      return { text: functionWords(words)[conclusion.carries], colour: 'moss' };
  }
}
