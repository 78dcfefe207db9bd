'use client';
import { practiceWords } from '@/words/screens';
import Link from 'next/link';
import { useState } from 'react';
import { Button, Table } from 'react-bootstrap';
import type { PlayedRound } from '@/contract/practice';
import {
  isDanger,
  knowingMinutes,
  type BenchState,
  type Ending,
  type Move,
  type OwnHouse,
  type Round,
  type RoundAsked,
} from '@/core/practice';
import { capital } from '@/core/units';
import { Bars } from './Bars';
import { eventText, faultName, foundText, SLIP_WORDS, testName, type Speaks } from './benchText';
import { KeepIt } from './KeepIt';
import { Progress } from './Progress';
import { useDebrief } from './useDebrief';
import { useSpeaks } from './useSpeaks';
import type { Likely, NextAct } from '@/core/faults';

interface Props {
  readonly id: string;
  readonly asked: RoundAsked;
  readonly round: Round;
  readonly state: BenchState;
  readonly rounds: readonly PlayedRound[];
  readonly own: OwnHouse | null;
  readonly onKept: (round: PlayedRound) => void;
  readonly onAgain: () => void;
  readonly onLeave: () => void;
}

const ENDINGS: Readonly<Record<Ending, string>> = {
  works: practiceWords.endedWorks,
  wasFine: practiceWords.endedFine,
  wasNotFine: practiceWords.endedNotFine,
  gaveUp: practiceWords.endedGaveUp,
};

/** So little is no loss that anybody could see. */
const SEEN_MINUTES = 0.5;

/** After a round: what it was, what it took beside the finder and beside who knows it, and what each move was good for. */
export function Debrief({ id, asked, round, state, rounds, own, onKept, onAgain, onLeave }: Props) {
  const speaks = useSpeaks(round);
  const [acts] = useState(() => state.events.map(({ act }) => act));
  const { moves, way, isDone, failed, again } = useDebrief(asked, acts);
  const { hidden } = round;
  const ending = state.ending ?? 'gaveUp';
  const isWon = ending === 'works' || ending === 'wasFine';
  const hasWay = moves.length > 0 || isDone;
  const wayMinutes = way.reduce((sum, { minutes }) => sum + minutes, 0);
  const was = hidden.faults.map((fault) => faultName(fault, speaks));
  const slumbering = state.faulty.faults.length < hidden.faults.length ? state.faulty.faults : [];
  const worst = moves.toSorted((a, b) => b.lost - a.lost)[0];
  return (
    <div className="debrief">
      <header className="row-of">
        <h1>{practiceWords.practiceBench}</h1>
        <span className="soft">
          {asked.of === 'made' ? practiceWords.numberOf({ seed: asked.seed }) : practiceWords.ofAJob}
        </span>
      </header>
      <div className="debrief-top">
        <div className={`tag ${isWon ? 'holds' : 'fails'}`} data-testid="practice-ending">
          <div>
            <div className="word">{ENDINGS[ending]}</div>
            <p>
              {was.length === 0 ? practiceWords.itWasNothing : practiceWords.itWas({ fault: speaks.terms.list(was) })}
              {ending === 'works' && slumbering.length > 0 && (
                <>
                  {' '}
                  {practiceWords.stillThere({
                    fault: speaks.terms.list(slumbering.map((one) => faultName(one, speaks))),
                  })}
                </>
              )}
            </p>
            <div className="small soft">
              {practiceWords.minutes({ minutes: state.minutes })} · {practiceWords.inVain({ count: state.inVain })} ·{' '}
              {practiceWords.dangers({ count: state.dangers })}
            </div>
          </div>
        </div>
        <Bars
          bars={[
            { words: practiceWords.you, minutes: isWon ? state.minutes : 'none' },
            { words: practiceWords.finder, minutes: hasWay ? wayMinutes : null },
            { words: practiceWords.knowing, minutes: knowingMinutes(round) },
          ]}
        />
      </div>
      {failed && (
        <p className="brick" role="alert">
          {practiceWords.notWorkedOut}{' '}
          <Button variant="link" onClick={again}>
            {practiceWords.tryAgain}
          </Button>
        </p>
      )}
      <section>
        <h2>{practiceWords.yourMoves}</h2>
        {isDone && worst && (
          <p>
            {worst.lost >= SEEN_MINUTES
              ? practiceWords.mostLost({ minutes: Math.round(worst.lost), move: lastText(worst, speaks) })
              : practiceWords.nothingLost}
          </p>
        )}
        <div className="debrief-table">
          <Table>
            <thead>
              <tr>
                <th>{practiceWords.move}</th>
                <th className="figure-column">{practiceWords.took}</th>
                <th className="figure-column">{practiceWords.lost}</th>
                <th>{practiceWords.told}</th>
                <th>{practiceWords.better}</th>
              </tr>
            </thead>
            <tbody>
              {moves.map((move, i) => (
                <MoveRow key={i} move={move} speaks={speaks} />
              ))}
            </tbody>
          </Table>
        </div>
        {!isDone && !failed && <p className="soft working">{practiceWords.working}</p>}
        <p className="soft small">{practiceWords.lostWhy}</p>
      </section>
      <div className="halves">
        <section>
          <h2>{practiceWords.findersWay}</h2>
          <ol className="plain-list">
            {way.map(({ act, minutes, found }, i) => (
              <li key={i}>
                {practiceWords.andThen({
                  words:
                    'test' in act
                      ? practiceWords.looked({
                          test: testName(act.test, speaks),
                          answer: found ? foundText(act.test, found, speaks.figureOf(act.test), speaks) : '',
                        })
                      : capital(practiceWords.wouldRepair({ fault: faultName(act.repair, speaks) })),
                  minutes: Math.round(minutes),
                })}
              </li>
            ))}
          </ol>
        </section>
        <section>
          {asked.of === 'made' ? (
            <KeepIt
              id={id}
              asked={asked}
              acts={acts}
              bestMinutes={hasWay ? wayMinutes : null}
              kept={rounds.find((one) => one.id === id)}
              onKept={onKept}
            />
          ) : (
            <p className="soft">{practiceWords.ownNotKept}</p>
          )}
          <Progress rounds={rounds} />
        </section>
      </div>
      <div className="row-of">
        <Button onClick={onLeave}>{practiceWords.nextHouse}</Button>
        <Button variant="secondary" onClick={onAgain}>
          {practiceWords.onceMore}
        </Button>
        {own && <Link href={`/jobs/${own.jobId}`}>{practiceWords.backToJob}</Link>}
      </div>
    </div>
  );
}

const lastText = ({ events }: Move, speaks: Speaks): string => {
  const last = events.at(-1);
  return last ? eventText(last, speaks) : '';
};
const per = (share: number): string => `${Math.round(100 * share)} %`;

/** The fault of which most was learnt, and how many were ruled out. */
function toldText({ before, after }: Move, speaks: Speaks): string {
  const now = new Map(after.map(({ kind, probability }) => [kind, probability]));
  const change = (one: Likely): number => Math.abs((now.get(one.kind) ?? 0) - one.probability);
  const was = [
    ...before,
    ...after.filter(({ kind }) => !before.some((one) => one.kind === kind)).map((one) => ({ ...one, probability: 0 })),
  ];
  const most = was.toSorted((a, b) => change(b) - change(a))[0];
  if (!most || change(most) < 0.01) return practiceWords.toldNothing;
  const out = before.filter(({ kind }) => kind !== most.kind && !now.has(kind)).length;
  return [
    practiceWords.fromTo({
      fault: faultName(most.kind, speaks),
      from: per(most.probability),
      to: per(now.get(most.kind) ?? 0),
    }),
    ...(out > 0 ? [practiceWords.ruledOut({ count: out })] : []),
  ].join(', ');
}

function bestText(best: NextAct, { events }: Move, speaks: Speaks): string {
  if (!best) return '';
  const last = events.at(-1);
  if ('test' in best)
    return last?.told?.test === best.test
      ? practiceWords.thatToo
      : practiceWords.wouldTest({ test: testName(best.test, speaks) });
  return last?.act.do === 'repair' && last.act.fault === best.repair
    ? practiceWords.thatToo
    : practiceWords.wouldRepair({ fault: faultName(best.repair, speaks) });
}

function MoveRow({ move, speaks }: { readonly move: Move; readonly speaks: Speaks }) {
  const { events, minutes, lost, slips, best } = move;
  return (
    <tr>
      <td>
        {events.slice(0, -1).map((event, i) => (
          <small key={i} className="soft block">
            {eventText(event, speaks)}
          </small>
        ))}
        <b>{lastText(move, speaks)}</b>
        {[...new Set(slips)].map((slip) => (
          <small key={slip} className={`block ${isDanger(slip) ? 'brick' : 'soft'}`}>
            {SLIP_WORDS[slip]}
          </small>
        ))}
      </td>
      <td className="m figure-column">{Math.round(minutes)}</td>
      <td className={`m figure-column ${lost >= SEEN_MINUTES ? 'brick' : ''}`}>
        {lost >= SEEN_MINUTES ? Math.round(lost) : '–'}
      </td>
      <td>{capital(toldText(move, speaks))}</td>
      <td className="soft">{capital(bestText(best, move, speaks))}</td>
    </tr>
  );
}
