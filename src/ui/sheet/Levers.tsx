import { sheetWords } from '@/words/screens';

interface Props {
  /** Numbers of the ways that matter, as they are written at the board. */
  readonly ways: readonly number[];
  /** Ways of the board. */
  readonly count: number;
}

const ACROSS = 4;
const CELL = { width: 26, height: 44 } as const;

/** The levers of a board at their places, those that matter filled: a reader counts along and finds them. */
export function Levers({ ways, count }: Props) {
  const rows = Math.ceil(count / ACROSS);
  return (
    <svg
      className="levers"
      viewBox={`0 0 ${ACROSS * CELL.width + 8} ${rows * CELL.height + 8}`}
      role="img"
      aria-label={sheetWords.leversOf({ ways: ways.join(', ') })}
    >
      <rect x="1" y="1" width={ACROSS * CELL.width + 6} height={rows * CELL.height + 6} className="frame" />
      {Array.from({ length: count }, (_, i) => {
        const number = i + 1;
        const x = 4 + (i % ACROSS) * CELL.width;
        const y = 4 + Math.floor(i / ACROSS) * CELL.height;
        const isIt = ways.includes(number);
        return (
          <g key={number} className={isIt ? 'it' : undefined}>
            <rect x={x + 4} y={y + 3} width={CELL.width - 8} height="25" className="lever" />
            <rect x={x + 8} y={y + 6} width={CELL.width - 16} height="9" className="knob" />
            <text x={x + CELL.width / 2} y={y + 40} textAnchor="middle">
              {number}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
