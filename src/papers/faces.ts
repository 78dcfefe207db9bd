import { Font } from '@react-pdf/renderer';
import anyAscii from 'any-ascii';
import covered from './covered.json' with { type: 'json' };

/** The typefaces of a document: addresses of whole TrueType files. */
export interface Faces {
  readonly regular: string;
  readonly bold: string;
  readonly mono: string;
  readonly monoBold: string;
}

/** Text, and after it what has the signs (Ω ≥ → ✓), Greek and Cyrillic that it lacks. */
export const TEXT_FACE = ['Text', 'Mono'];
export const MONO_FACE = 'Mono';

/** Tells the typesetter where the typefaces lie; asked again, it changes nothing. */
export function registerFaces({ regular, bold, mono, monoBold }: Faces): void {
  if (Font.getRegisteredFontFamilies().includes(MONO_FACE)) return;
  Font.register({
    family: 'Text',
    fonts: [
      { src: regular, fontWeight: 400 },
      { src: bold, fontWeight: 700 },
    ],
  });
  Font.register({
    family: MONO_FACE,
    fonts: [
      { src: mono, fontWeight: 400 },
      { src: monoBold, fontWeight: 700 },
    ],
  });
  // A word of the trade is never broken in two
  Font.registerHyphenationCallback((word) => [word]);
}

/** Whether one of the typefaces has a sign: those that follow one another, first and last, in their order. */
function isCovered(point: number): boolean {
  let [low, high] = [0, covered.length - 1];
  while (low <= high) {
    const middle = (low + high) >> 1;
    const [first = 0, last = 0] = covered[middle] ?? [];
    if (point < first) high = middle - 1;
    else if (point > last) low = middle + 1;
    else return true;
  }
  return false;
}

/** A sign that the typefaces lack, by signs that they have: a fraction by its figures, a letter by its like in Latin. */
function spelt(sign: string, before: string): string {
  const parts = sign.normalize('NFKD').replace('\u2044', '/');
  if (parts.includes('/')) return /\d$/.test(before) ? ` ${parts}` : parts;
  const plain = parts.replace(/\p{M}/gu, '');
  return plain !== '' && [...plain].every((one) => isCovered(one.codePointAt(0) ?? 0)) ? plain : anyAscii(sign);
}

/** A text in signs that the typefaces have: a name in a script that they lack is spelt in Latin letters. */
export function legible(text: string): string {
  let made = '';
  for (const sign of text.normalize('NFC'))
    made += sign < '\u007f' || isCovered(sign.codePointAt(0) ?? 0) ? sign : spelt(sign, made);
  return made;
}
