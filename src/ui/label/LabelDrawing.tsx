import { breakerLabelWords } from '@/words/screens';
import { QrModules } from '../drawing/QrCode';
import type { LabelStock } from './labelStock';
import type { LabelWords } from './labelWords';

/** Tenths of a millimetre: whole numbers inside the drawing. */
const PER_MM = 10;
const EDGE = 16;

/** Breaks words into lines of at most so many characters, at most so many lines; what is over ends in “…”. */
export function linesOf(text: string, width: number, most: number): readonly string[] {
  const lines: string[] = [];
  for (const word of text.split(/\s+/)) {
    const last = lines.at(-1);
    if (last !== undefined && `${last} ${word}`.length <= width) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines.length <= most ? lines : [...lines.slice(0, most - 1), `${lines[most - 1] ?? ''}…`];
}

/** Mean width of a letter over its height in the label's typeface. */
const LETTER = 0.52;

/** A circuit's label in its real size: what hangs on it, which way, how to make it safe, who and when, and its record. */
export function LabelDrawing({ stock, words }: { readonly stock: LabelStock; readonly words: LabelWords }) {
  const [width, height] = [stock.widthMm * PER_MM, stock.heightMm * PER_MM];
  const side = Math.min(height - 2 * EDGE, width * 0.36);
  const room = width - side - 2 * EDGE;
  const unit = height / 290;
  const line = (text: string, size: number, most: number) => linesOf(text, Math.floor(room / (size * LETTER)), most);
  const rows: { text: string; size: number; bold: boolean }[] = [
    ...line(words.way, 62 * unit, 1).map((text) => ({ text, size: 62 * unit, bold: true })),
    ...line(words.what, 34 * unit, 1).map((text) => ({ text, size: 34 * unit, bold: true })),
    ...line(words.board, 27 * unit, 2).map((text) => ({ text, size: 27 * unit, bold: false })),
    ...line(words.safe, 25 * unit, 2).map((text) => ({ text, size: 25 * unit, bold: false })),
  ];
  const baselines = rows.reduce<readonly number[]>(
    (all, row) => [...all, (all.at(-1) ?? EDGE - 4) + row.size * 1.18],
    [],
  );
  return (
    <svg
      xmlns="http://www.w3.org/2000/svg"
      className="circuit-label"
      width={`${stock.widthMm}mm`}
      height={`${stock.heightMm}mm`}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={breakerLabelWords.label({ way: words.way, what: words.what })}
      fontFamily="'Atkinson Hyperlegible Next', sans-serif"
      fill="#000"
    >
      <rect width={width} height={height} fill="#fff" />
      {rows.map(({ text, size, bold }, i) => (
        <text key={i} x={EDGE} y={baselines[i]} fontSize={size} fontWeight={bold ? 700 : 400}>
          {text}
        </text>
      ))}
      <text x={EDGE} y={height - EDGE} fontSize={24 * unit}>
        {words.mark}
      </text>
      <QrModules address={words.address} x={width - side - EDGE / 2} y={(height - side) / 2} side={side} />
    </svg>
  );
}
