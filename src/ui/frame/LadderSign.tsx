import { frameWords } from '@/words/screens';
import { RUNG_NAMES, RUNGS, type RungState } from '@/core/kinds';

/** The mark of one rung, 16 × 16. */
export function RungSign({ state }: { readonly state: RungState }) {
  const box = <rect x="1" y="1" width="14" height="14" fill="var(--sheet)" />;
  return (
    <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
      {state === 'done' && (
        <>
          <rect width="16" height="16" fill="var(--moss)" />
          <path d="M3 8l4 4 6-8" stroke="var(--sheet)" strokeWidth="2.4" fill="none" />
        </>
      )}
      {state === 'inHand' && (
        <g stroke="var(--fox)" strokeWidth="2.4">
          {box}
          <rect x="1" y="8" width="14" height="7" fill="var(--fox)" />
        </g>
      )}
      {state === 'open' && (
        <g stroke="var(--soft)" strokeWidth="2">
          {box}
        </g>
      )}
      {state === 'held' && (
        <g stroke="var(--brick)" strokeWidth="2">
          {box}
          <path d="M1 15L15 1" />
        </g>
      )}
    </svg>
  );
}

export const STATE_NAMES: Readonly<Record<RungState, string>> = {
  open: frameWords.open,
  inHand: frameWords.inHand,
  done: frameWords.done,
  held: frameWords.held,
};

/** A whole ladder lying in a row of the board. */
export function LadderSign({ marks }: { readonly marks: readonly RungState[] }) {
  const words = RUNGS.map((rung, i) => `${RUNG_NAMES[rung]} ${STATE_NAMES[marks[i] ?? 'open']}`).join(', ');
  return (
    <svg width="176" height="30" viewBox="0 0 176 30" role="img" aria-label={words}>
      <path d="M0 4H176M0 26H176" stroke="var(--ink)" strokeWidth="2.5" />
      {marks.map((state, i) => {
        const x = 6 + i * 21.6;
        if (state === 'open') return <path key={i} d={`M${x + 6.5} 4V26`} stroke="var(--soft)" strokeWidth="2" />;
        if (state === 'done')
          return (
            <g key={i}>
              <rect x={x} y="4" width="13" height="22" fill="var(--moss)" />
              <path d={`M${x + 3} 15l3 4 5-8`} stroke="var(--sheet)" strokeWidth="2" fill="none" />
            </g>
          );
        const colour = state === 'inHand' ? 'var(--fox)' : 'var(--brick)';
        return (
          <g key={i} stroke={colour} strokeWidth="2.2">
            <rect x={x} y="5" width="13" height="20" fill="var(--sheet)" />
            {state === 'inHand' ? (
              <rect x={x} y="15" width="13" height="10" fill={colour} />
            ) : (
              <path d={`M${x} 25L${x + 13} 5`} />
            )}
          </g>
        );
      })}
    </svg>
  );
}
