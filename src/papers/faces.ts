import { Font } from '@react-pdf/renderer';
import anyAscii from 'any-ascii';

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

/** Scripts that the typefaces have; of what all scripts share, what stands before the signs of East Asia. */
const NOT_SET = /[^\p{Script=Latin}\p{Script=Greek}\p{Script=Cyrillic}\u0000-\u2fff]|[\u0590-\u1cff\u2e80-\u2fff]/gu;

/** A text in letters that the typefaces have: a name in any other script is spelt in Latin letters. */
export const legible = (text: string): string => text.normalize('NFC').replace(NOT_SET, (sign) => anyAscii(sign));
