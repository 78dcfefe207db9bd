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
/** Heights of letters on a label of 62 × 29 mm, tenths of a millimetre. */
const LARGEST = 56;
const LEAST = 34;
const WHAT = 28;
const SMALL = 25;
const MARK = 22;
const SHRINKS = [1, 0.92, 0.84, 0.76, 0.68] as const;
const LINE = 1.16;
/** So many lines take what makes it safe: more than it ever has. */
const MOST_SAFE = 6;

interface Row {
  readonly text: string;
  readonly size: number;
  readonly bold: boolean;
}

/** The lines of a label with letters of so many units. */
function rowsOf({ way, what, board, safe }: LabelWords, room: number, unit: number): readonly Row[] {
  const lines = (text: string, size: number, most: number, bold: boolean): readonly Row[] =>
    text === ''
      ? []
      : linesOf(text, Math.floor(room / (size * LETTER)), most).map((one) => ({ text: one, size, bold }));
  // The first is read from afar: as large as it goes in, and not cut before it is small
  const first = Math.max(LEAST * unit, Math.min(LARGEST * unit, room / (way.length * LETTER)));
  return [
    ...lines(way, first, 1, true),
    ...lines(what, WHAT * unit, 2, true),
    ...lines(board, SMALL * unit, 2, false),
    ...lines(safe, SMALL * unit, MOST_SAFE, false),
  ];
}

/** Where the last of some lines stands. */
const footOf = (rows: readonly Row[]): number => rows.reduce((foot, { size }) => foot + size * LINE, EDGE - 4);

/** A circuit's label in its real size: what hangs on it, which way, how to make it safe, who and when, and its record. */
export function LabelDrawing({ stock, words }: { readonly stock: LabelStock; readonly words: LabelWords }) {
  const [width, height] = [stock.widthMm * PER_MM, stock.heightMm * PER_MM];
  const side = Math.min(height - 2 * EDGE, width * 0.36);
  const room = width - side - 2 * EDGE;
  const unit = Math.min(height / 290, width / 620);
  // Letters shrink until every line has its room: what makes it safe is never cut
  const rows =
    SHRINKS.map((by) => rowsOf(words, room, unit * by)).find((all) => footOf(all) <= height - 2 * EDGE - MARK * unit) ??
    rowsOf(words, room, unit * (SHRINKS.at(-1) ?? 1));
  const baselines = rows.map((_, i) => footOf(rows.slice(0, i + 1)));
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
      <text x={EDGE} y={height - EDGE} fontSize={MARK * unit}>
        {words.mark}
      </text>
      <QrModules address={words.address} x={width - side - EDGE / 2} y={(height - side) / 2} side={side} />
    </svg>
  );
}
