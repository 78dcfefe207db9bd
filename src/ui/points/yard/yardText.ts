import { yardWords } from '@/words/screens';
import type { Say } from '@/words';
import { SHAPES, TARGETS, WANTED } from '@/core/kinds';
import { said } from '@/core/said';
import type { SetBracket } from '@/core/yard';

/** What things of a yard are called, and how finely they are seen. A car is called alike, whether it is to be seen or stands in the way. */
export const yardNames = (say: Say) => ({
  name: (what: string): string =>
    say(
      TARGETS.some((one) => one === what)
        ? said('answer', { kind: 'targetPlaced', field: 'what', value: what })
        : SHAPES.some((one) => one === what)
          ? said('answer', { kind: 'shapeDrawn', field: 'what', value: what })
          : said('answer', { kind: 'obstacleStands', field: 'stands', value: what }),
    ),
  fineness: (seenAs: string): string =>
    WANTED.some((one) => one === seenAs)
      ? say(said('answer', { kind: 'targetPlaced', field: 'wants', value: seenAs }))
      : yardWords.coarse,
});

const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';
/** A mask is called alike in the picture and in the list that is copied. */
export const maskLetter = (i: number): string => LETTERS[i] ?? String(i + 1);

const degrees = (deg: number): number => Math.abs(Math.round(deg));

/** A turn from straight ahead, in words: “20° left”. */
export const turnText = (deg: number): string =>
  degrees(deg) === 0 ? yardWords.straight : (deg > 0 ? yardWords.right : yardWords.left)({ deg: degrees(deg) });

export const degreeText = (deg: number): string => `${Math.round(deg)}°`;
export const percentText = (share: number): string =>
  share > 0.98 ? '>98 %' : share < 0.02 ? '<2 %' : `${Math.round(100 * share)} %`;
export const luxText = (lux: number): string => (lux < 10 ? lux.toFixed(1) : String(Math.round(lux)));

/** A bracket in words, with the side to which it is turned. */
export const bracketWords = ({ name, side }: SetBracket): string =>
  side === null ? name : yardWords.bracketTurned({ name, right: side === 'right' });
