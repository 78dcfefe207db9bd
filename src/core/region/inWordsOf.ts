import type { RegionPack } from './pack';

/**
 * A text in the words of the place: ground or earth, hot or line, outlet or socket. Texts are written in the words of the
 * default region; “ground” is never the ground that one stands on in them.
 */
export function inWordsOf({ words }: RegionPack, text: string): string {
  const keepCase = (from: string, to: string): string =>
    from.charAt(0) === from.charAt(0).toUpperCase() ? to.charAt(0).toUpperCase() + to.slice(1) : to;
  return text
    .replace(/\bground(?=(s|ed|ing)?\b)/gi, (found) => keepCase(found, words.ground))
    .replace(/\bhot(?=s?\b)/gi, (found) => keepCase(found, words.hot))
    .replace(/\boutlet(?=s?\b)/gi, (found) => keepCase(found, words.outlet === 'receptacle' ? 'outlet' : words.outlet));
}
