'use client';
import { isolateWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { ELSEWHERE, busyWays, wayOfId, type HuntStanding } from '@/core/points';
import { useJob } from '../../log/JobContext';

type Live = Exclude<HuntStanding, { state: 'noBoard' | 'contradicts' }>;

const SHOWN_AT_FIRST = 8;

/** What is left, the likeliest first, and the ways that are kept on. */
export function HuntWays({ hunt }: { readonly hunt: Live }) {
  const { keptJob, write } = useJob();
  const sorted = [...hunt.left].sort((a, b) => b.probability - a.probability);
  const drop = new Set(hunt.drop ?? []);
  const busy = busyWays(keptJob);
  const line = ({ id, probability, doNotDrop }: (typeof sorted)[number]) => {
    const way = wayOfId(keptJob, id);
    return (
      <li key={id} className={drop.has(id) ? 'drop' : ''}>
        <span className="bar" aria-hidden="true">
          <i style={{ width: `${(probability * 100).toFixed(1)}%` }} />
        </span>
        <span className="what">
          {id === ELSEWHERE ? (
            isolateWords.onAnotherBoard
          ) : (
            <>
              <b className="figure">{way?.way ?? id}</b>{' '}
              {way?.label ?? <span className="soft">{isolateWords.noLabel}</span>}
            </>
          )}
          {busy.has(id) && <span className="straw-ink"> {isolateWords.somebodyWorksUnderIt}</span>}
          {way?.doNotDrop && (
            <span className="straw-ink">
              {' '}
              {way.agreed
                ? isolateWords.keptOnAgreedFor
                : isolateWords.byAgreementOnly({ why: way.why ? `: ${way.why}` : '' })}{' '}
              <Button
                variant="link"
                onClick={() => write('wayListed', { boardId: way.boardId, way: way.way, agreed: !way.agreed })}
              >
                {way.agreed ? isolateWords.keepOn : isolateWords.agreedMayBeDropped}
                <span className="visually-hidden"> {way.way}</span>
              </Button>
            </span>
          )}
        </span>
        <span className="figure">
          {doNotDrop && id !== ELSEWHERE ? isolateWords.kept : ''}
          {probability < 0.005 ? '<1' : (probability * 100).toFixed(0)} %
        </span>
      </li>
    );
  };
  const rest = sorted.slice(SHOWN_AT_FIRST);
  return (
    <div className="block-top">
      <h3>{isolateWords.whatIsLeft}</h3>
      <ul className="places" data-testid="left">
        {sorted.slice(0, SHOWN_AT_FIRST).map(line)}
      </ul>
      {rest.length > 0 && (
        <details>
          <summary>{isolateWords.moreEachLessLikely({ rest: rest.length })}</summary>
          <ul className="places">{rest.map(line)}</ul>
        </details>
      )}
    </div>
  );
}
