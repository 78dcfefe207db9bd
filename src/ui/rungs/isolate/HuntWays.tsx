'use client';
import { Button } from 'react-bootstrap';
import { ELSEWHERE, wayOfId, type HuntStanding } from '@/core/points';
import { useJob } from '../../log/JobContext';

type Live = Exclude<HuntStanding, { state: 'noBoard' | 'contradicts' }>;

const SHOWN_AT_FIRST = 8;

/** What is left, the likeliest first, and the ways that are kept on. */
export function HuntWays({ hunt }: { readonly hunt: Live }) {
  const { keptJob, write } = useJob();
  const sorted = [...hunt.left].sort((a, b) => b.probability - a.probability);
  const drop = new Set(hunt.drop ?? []);
  const line = ({ id, probability, doNotDrop }: (typeof sorted)[number]) => {
    const way = wayOfId(keptJob, id);
    return (
      <li key={id} className={drop.has(id) ? 'drop' : ''}>
        <span className="bar" aria-hidden="true">
          <i style={{ width: `${(probability * 100).toFixed(1)}%` }} />
        </span>
        <span className="what">
          {id === ELSEWHERE ? (
            'on another board'
          ) : (
            <>
              <b className="figure">{way?.way ?? id}</b> {way?.label ?? <span className="soft">no label</span>}
            </>
          )}
          {way?.doNotDrop && (
            <span className="straw-ink">
              {' '}
              {way.agreed ? 'kept on, agreed for now' : `by agreement only${way.why ? `: ${way.why}` : ''}`}{' '}
              <Button
                variant="link"
                onClick={() => write('wayListed', { boardId: way.boardId, way: way.way, agreed: !way.agreed })}
              >
                {way.agreed ? 'keep on' : 'agreed, may be dropped'}
                <span className="visually-hidden"> {way.way}</span>
              </Button>
            </span>
          )}
        </span>
        <span className="figure">
          {doNotDrop && id !== ELSEWHERE ? 'kept ' : ''}
          {probability < 0.005 ? '<1' : (probability * 100).toFixed(0)} %
        </span>
      </li>
    );
  };
  const rest = sorted.slice(SHOWN_AT_FIRST);
  return (
    <div className="block-top">
      <h3>What is left</h3>
      <ul className="places" data-testid="left">
        {sorted.slice(0, SHOWN_AT_FIRST).map(line)}
      </ul>
      {rest.length > 0 && (
        <details>
          <summary>{rest.length} more, each less likely</summary>
          <ul className="places">{rest.map(line)}</ul>
        </details>
      )}
    </div>
  );
}
