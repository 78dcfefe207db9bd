import { faultWords } from '@/words/screens';
import type { Likely } from '@/core/faults';
import { said } from '@/core/said';
import { useSay } from '../../../log/useSay';

/** A column: what it may have been then. */
export interface BraidColumn {
  readonly key: string;
  readonly words: string;
  /** Under it, the share of an answer that may come. */
  readonly foot: string | null;
  readonly faults: readonly Likely[];
  /** It was not answered yet. */
  readonly isAhead: boolean;
}

const WIDTH = 760;
const LEFT = 262;
const TOP = 42;
const HEIGHT = 270;
/** A column stands over this share of its room; the rest leads to the next. */
const STANDS = 0.62;
/** Under this share anywhere a fault has no strip of its own. */
const LEAST_SHARE = 0.025;
/** A strip that is thinner has no figure in it. */
const LEAST_FIGURE = 0.06;
/** Names at the side stand at least so far from one another. */
const NAME_STEP = 17;
const MOST_COLUMNS = 7;

interface Strip {
  readonly kind: string;
  /** From and to, of the whole, for each column. */
  readonly spans: readonly (readonly [number, number])[];
}

const OTHERS = 'others';

/** Strips one above the other, in an order that stays, so that nothing crosses. */
function stripsOf(columns: readonly BraidColumn[]): readonly Strip[] {
  const kinds = [...new Set(columns.flatMap(({ faults }) => faults.map(({ kind }) => kind)))];
  const share = ({ faults }: BraidColumn, kind: string): number =>
    faults.find((one) => one.kind === kind)?.probability ?? 0;
  const own = kinds.filter((kind) => columns.some((column) => share(column, kind) >= LEAST_SHARE));
  const tops = columns.map(() => 0);
  return [...own, OTHERS].map((kind) => ({
    kind,
    spans: columns.map((column, i) => {
      const size =
        kind === OTHERS ? Math.max(0, 1 - own.reduce((sum, one) => sum + share(column, one), 0)) : share(column, kind);
      const from = tops[i] ?? 0;
      tops[i] = from + size;
      return [from, from + size] as const;
    }),
  }));
}

/** Names beside the first column, moved apart where they would lie on one another. */
function namesOf(strips: readonly Strip[]): readonly { readonly kind: string; readonly y: number }[] {
  let last = -Infinity;
  const down = strips
    .filter(({ spans }) => (spans[0]?.[1] ?? 0) > (spans[0]?.[0] ?? 0) + 0.004)
    .map(({ kind, spans }) => {
      const middle = TOP + (((spans[0]?.[0] ?? 0) + (spans[0]?.[1] ?? 0)) / 2) * HEIGHT;
      last = Math.max(middle, last + NAME_STEP);
      return { kind, y: last };
    });
  const over = Math.max(0, last - (TOP + HEIGHT - 4));
  if (over === 0) return down;
  let next = Infinity;
  return down
    .toReversed()
    .map(({ kind, y }) => {
      next = Math.min(y, TOP + HEIGHT - 4, next - NAME_STEP);
      return { kind, y: next };
    })
    .toReversed();
}

/** What it may be, from answer to answer: thickness is likelihood; what is worked out beforehand stands dashed. */
export function Braid({ columns: all }: { readonly columns: readonly BraidColumn[] }) {
  const say = useSay();
  const columns = all.length > MOST_COLUMNS ? [...all.slice(0, 1), ...all.slice(all.length - MOST_COLUMNS + 1)] : all;
  const room = (WIDTH - LEFT) / columns.length;
  const leftOf = (i: number): number => LEFT + i * room;
  const rightOf = (i: number): number => leftOf(i) + STANDS * room;
  const y = (share: number): number => TOP + share * HEIGHT;
  const strips = stripsOf(columns);
  const behind = columns.filter(({ isAhead }) => !isAhead).length;
  const name = (kind: string): string =>
    kind === OTHERS ? faultWords.others : say(said('faultName', { fault: kind }));
  return (
    <svg
      className="drawing braid"
      viewBox={`0 0 ${WIDTH} ${TOP + HEIGHT + 26}`}
      role="img"
      aria-label={faultWords.whatItMayBe}
    >
      {strips.map(({ kind, spans }, s) => {
        const known = spans.slice(0, behind);
        const over = known.flatMap(([from], i) => [`${leftOf(i)},${y(from)}`, `${rightOf(i)},${y(from)}`]);
        const under = known.flatMap(([, to], i) => [`${leftOf(i)},${y(to)}`, `${rightOf(i)},${y(to)}`]).toReversed();
        return (
          <g key={kind}>
            {known.length > 0 && <polygon className={`bar f${s % 8}`} points={[...over, ...under].join(' ')} />}
            {spans.slice(behind).map(([from, to], k) => {
              const i = behind + k;
              return to - from < 0.002 ? null : (
                <rect
                  key={columns[i]?.key}
                  className={`bar ahead f${s % 8}`}
                  x={leftOf(i)}
                  y={y(from)}
                  width={STANDS * room}
                  height={(to - from) * HEIGHT}
                />
              );
            })}
            {spans.map(([from, to], i) =>
              to - from < LEAST_FIGURE ? null : (
                <text
                  key={columns[i]?.key}
                  className={`m on-f${s % 8}`}
                  x={(leftOf(i) + rightOf(i)) / 2}
                  y={y((from + to) / 2) + 5}
                  textAnchor="middle"
                >
                  {Math.round(100 * (to - from))}
                </text>
              ),
            )}
          </g>
        );
      })}
      {namesOf(strips).map(({ kind, y: at }) => (
        <text key={kind} x={LEFT - 10} y={at + 5} textAnchor="end">
          {name(kind)}
        </text>
      ))}
      {columns.map(({ key, words, foot, isAhead }, i) => (
        <g key={key}>
          {wrapped(words, Math.floor(room / LETTER)).map((line, k, lines) => (
            <text
              key={line}
              className={isAhead ? 'soft' : 'strong'}
              x={(leftOf(i) + rightOf(i)) / 2}
              y={TOP - 8 - (lines.length - 1 - k) * 15}
              textAnchor="middle"
            >
              {line}
            </text>
          ))}
          {foot !== null && (
            <text className="soft" x={(leftOf(i) + rightOf(i)) / 2} y={TOP + HEIGHT + 18} textAnchor="middle">
              {foot}
            </text>
          )}
        </g>
      ))}
    </svg>
  );
}

/** Of the words over a column, about. */
const LETTER = 7.4;
const MOST_LINES = 2;

/** Words in lines that fit over a column. */
function wrapped(words: string, most: number): readonly string[] {
  const lines: string[] = [];
  for (const word of words.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + word.length < most) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines.length > MOST_LINES ? [...lines.slice(0, MOST_LINES - 1), `${lines[MOST_LINES - 1] ?? ''} …`] : lines;
}
