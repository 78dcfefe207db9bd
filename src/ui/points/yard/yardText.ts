import { yardWords } from '@/words/screens';

const degrees = (deg: number): number => Math.abs(Math.round(deg));

/** A turn from straight ahead, in words: “20° left”. */
export const turnText = (deg: number): string =>
  degrees(deg) === 0 ? yardWords.straight : (deg > 0 ? yardWords.right : yardWords.left)({ deg: degrees(deg) });

export const degreeText = (deg: number): string => `${Math.round(deg)}°`;
export const percentText = (share: number): string =>
  share > 0.98 ? '>98 %' : share < 0.02 ? '<2 %' : `${Math.round(100 * share)} %`;
export const luxText = (lux: number): string => (lux < 10 ? lux.toFixed(1) : String(Math.round(lux)));
