/** Fractions as they stand on tapes and drill bits. */
const SIGNS: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** Evens out what people and keyboards vary: fraction signs, decimal comma, primes, dashes, spaces. */
export const tidy = (typed: string): string =>
  typed
    .replace(/[½¼¾⅛⅜⅝⅞]/g, (sign) => ` ${SIGNS[sign] ?? ''}`)
    .replace(/(\d),(\d{3})(?!\d)(?=.*\.)/g, '$1$2')
    .replace(/(\d),(\d)/g, '$1.$2')
    .replace(/[’′]/g, "'")
    .replace(/[“”″]|''/g, '"')
    .replace(/[−–—]/g, '-')
    .replace(/\s+/g, ' ')
    .trim()
    .toLowerCase();

/** A decimal number, a fraction or a whole number with a fraction, as the source of a regular expression. */
export const NUMBER = String.raw`-?(?:\d+ \d+\/\d+|\d+\/\d+|\d+\.?\d*|\.\d+)`;

/** Value of what {@link NUMBER} matches; NaN for a fraction by zero. */
export function numberValue(text: string): number {
  const sign = text.startsWith('-') ? -1 : 1;
  const total = text
    .replace('-', '')
    .split(' ')
    .reduce((sum, part) => {
      const [top, bottom] = part.split('/');
      return sum + (bottom === undefined ? Number(top) : Number(top) / Number(bottom));
    }, 0);
  return Number.isFinite(total) ? sign * total : NaN;
}
