import path from 'node:path';
import * as fontkit from 'fontkit';

/** First and last of code points that follow one another. */
type Range = readonly [first: number, last: number];

/** What either of the typefaces has a sign for, as ranges of code points. */
export function coveredRanges(fonts: readonly { readonly characterSet: readonly number[] }[]): readonly Range[] {
  const all = [...new Set(fonts.flatMap(({ characterSet }) => characterSet))].sort((a, b) => a - b);
  const ranges: [number, number][] = [];
  for (const point of all) {
    const last = ranges.at(-1);
    if (last?.[1] === point - 1) last[1] = point;
    else ranges.push([point, point]);
  }
  return ranges;
}

const FACES = [
  'atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf',
  'jetbrains-mono/400Regular/JetBrainsMono_400Regular.ttf',
];

/** The typefaces that documents are set in. */
export const facesAt = (root: string) =>
  FACES.map((file) => fontkit.openSync(path.join(root, 'node_modules/@expo-google-fonts', file))).flatMap((font) =>
    'characterSet' in font ? [font] : [],
  );
