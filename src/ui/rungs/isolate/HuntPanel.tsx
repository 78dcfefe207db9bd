'use client';
import { isolateWords } from '@/words/screens';
import { Filled } from '../../figures/Filled';
import type { ReactNode } from 'react';
import { Button } from 'react-bootstrap';
import { useSay } from '../../log/useSay';
import { useTerms } from '../../log/useSay';
import { ELSEWHERE, HUNT_DEFAULTS, huntOf, wayOfId, wayText, type HuntStanding } from '@/core/points';
import { Choices } from '../../form/Choices';
import { FieldGroup } from '../../form/FieldGroup';
import { useFacts } from '../../form/useFacts';
import { useJob } from '../../log/JobContext';
import { HuntWays } from './HuntWays';

const PEOPLE = [
  { value: '1', words: isolateWords.aloneWalkAndLook },
  { value: '2', words: isolateWords.twoOneAtThe },
] as const;

type Live = Exclude<HuntStanding, { state: 'noBoard' | 'contradicts' }>;

/** The hunt for the breaker: the next set to drop, two big buttons for the answer, and what is left. */
export function HuntPanel() {
  const { keptJob, kept, go } = useJob();
  const words = useTerms();
  const hunt = huntOf(keptJob, kept);
  return (
    <section className="hunt" data-testid="hunt">
      <h2>{isolateWords.huntTheBreaker(words)}</h2>
      {hunt.state === 'noBoard' ? (
        <p>
          {isolateWords.listTheFirstHow({ board: words.board })}{' '}
          <Button variant="secondary" onClick={() => go('look', 'board')}>
            {isolateWords.listThe({ board: words.board })}
          </Button>
        </p>
      ) : (
        <>
          {hunt.state === 'contradicts' ? (
            <p className="brick" role="alert">
              {isolateWords.theAnswersContradictOne({ way: words.way })}
            </p>
          ) : (
            <Hunting hunt={hunt} />
          )}
          <Answers />
          <Terms />
          {hunt.state !== 'contradicts' && <HuntWays hunt={hunt} />}
        </>
      )}
    </section>
  );
}

function Hunting({ hunt }: { readonly hunt: Live }) {
  const say = useSay();
  const { keptJob, kept, write, go } = useJob();
  const words = useTerms();
  const left = hunt.left.filter(({ id }) => id !== ELSEWHERE).length;
  if (hunt.state === 'found') return <Found id={hunt.found ?? ''} />;
  if (hunt.state === 'elsewhere')
    return (
      <p>
        <Filled
          parts={isolateWords.listAnotherBoardOr<ReactNode>({
            itIsOn: <b>{isolateWords.itIsOnNone}</b>,
            way: words.way,
          })}
        />{' '}
        <Button onClick={() => go('look', 'board')}>{isolateWords.listAnotherBoard}</Button>
      </p>
    );
  if (hunt.state === 'agreementOnly')
    return (
      <p>
        <Filled
          parts={isolateWords.eachByAgreementOnly<ReactNode>({ onlyWaysAre: <b>{isolateWords.onlyWaysAreLeft}</b> })}
        />
      </p>
    );
  // In the order in which they stand on the board, as the hand goes
  const drop = [...(hunt.drop ?? [])].sort((a, b) => a.localeCompare(b, 'en', { numeric: true }));
  const names = drop.map((id) => wayOfId(keptJob, id));
  const answer = (died: boolean, dropped: readonly string[] = drop) =>
    write('huntTested', { pointId: kept.id, dropped: [...dropped], died });
  const droppable = hunt.left.filter(({ doNotDrop }) => !doNotDrop).map(({ id }) => id);
  return (
    <>
      <p data-testid="hunt-sum">
        <Filled
          parts={isolateWords.leftAboutMoreTests<ReactNode>({
            left: <b className="figure">{left}</b>,
            expectedTests: <b className="figure">{hunt.expectedTests.toFixed(1)}</b>,
            expectedMinutes: <b className="figure">{hunt.expectedMinutes.toFixed(0)} min</b>,
          })}
        />
      </p>
      <div className="drop-set" role="group" aria-label={isolateWords.dropThese}>
        <span>{isolateWords.drop}</span>
        {names.map(
          (way) =>
            way && (
              <b key={way.id} className="figure" title={way.label ?? isolateWords.noLabel}>
                {say(keptJob.boards.length > 1 ? wayText(keptJob, way) : way.way)}
              </b>
            ),
        )}
        <span>{isolateWords.andLookIsThe}</span>
      </div>
      <p className="caution">{isolateWords.beforeAnyTestWork}</p>
      <div className="row-of">
        <Button size="lg" data-testid="died" onClick={() => answer(true)}>
          {isolateWords.itDied}
        </Button>
        <Button variant="secondary" size="lg" data-testid="still-on" onClick={() => answer(false)}>
          {isolateWords.stillOn}
        </Button>
      </div>
      {droppable.length > drop.length && (
        <Button variant="link" onClick={() => answer(false, droppable)}>
          {isolateWords.allWereOffAnd({ droppable: droppable.length })}
        </Button>
      )}
    </>
  );
}

function Found({ id }: { readonly id: string }) {
  const say = useSay();
  const { keptJob, kept, write } = useJob();
  const way = wayOfId(keptJob, id);
  if (!way) return <p>{isolateWords.thatWayIsNot}</p>;
  const last = kept.hunt.tests.at(-1);
  const dropped = last?.died === true && last.dropped.length === 1 && last.dropped[0] === id;
  const name = wayText(keptJob, way);
  return (
    <div className="big-pair">
      <p>
        <b className="step-words">
          {say(name)}
          {way.label && ` “${way.label}”`}
        </b>
        <span className="soft">{dropped ? isolateWords.itDiedWithThis : isolateWords.foundByEliminationOnPaper}</span>
      </p>
      <Button
        size="lg"
        onClick={() =>
          write('circuitListed', {
            circuitId: `of-${kept.id}`.slice(0, 64),
            way: say(name),
            ...(way.label ? { name: way.label } : {}),
            feeds: [kept.id],
            foundBy: dropped ? 'hunt' : 'elimination',
          })
        }
      >
        {isolateWords.nameAsTheCircuit({ name: say(name) })}
      </Button>
    </div>
  );
}

/** What was answered, each to be taken back. */
function Answers() {
  const { keptJob, kept, write } = useJob();
  const { tests } = kept.hunt;
  if (tests.length === 0) return null;
  return (
    <ol className="plain-list block-top" data-testid="answers">
      {tests.map((test) => {
        const ways = [...test.dropped]
          .sort((a, b) => a.localeCompare(b, 'en', { numeric: true }))
          .map((id) => wayOfId(keptJob, id)?.way ?? id)
          .join(', ');
        return (
          <li key={test.entryId}>
            <Filled
              parts={isolateWords.off<ReactNode>({
                ways,
                died: <b>{test.died ? isolateWords.died : isolateWords.stillOn2}</b>,
              })}
            />{' '}
            <Button variant="link" onClick={() => write('entryStruck', { target: test.entryId })}>
              <Filled
                parts={isolateWords.takeBack<ReactNode>({ ways: <span className="visually-hidden"> {ways}</span> })}
              />
            </Button>
          </li>
        );
      })}
    </ol>
  );
}

/** Who hunts, and what a walk and a switch cost. */
function Terms() {
  const { kept, write } = useJob();
  const { people, walkMinutes, switchMinutes } = kept.hunt;
  const { typed } = useFacts('huntPlanned', { pointId: kept.id }, kept.hunt);
  const alone = (people ?? HUNT_DEFAULTS.people) === 1;
  return (
    <details>
      <summary>
        {isolateWords.minForASwitch({
          walkMinutes: alone
            ? isolateWords.aloneMinForA({ walkMinutes: walkMinutes ?? HUNT_DEFAULTS.walkMinutes })
            : isolateWords.twoPeopleOneAt,
          switchMinutes: switchMinutes ?? HUNT_DEFAULTS.switchMinutes,
        })}
      </summary>
      <Choices
        label={isolateWords.whoHunts}
        options={PEOPLE}
        chosen={alone ? '1' : '2'}
        onPick={(picked) => picked && write('huntPlanned', { pointId: kept.id, people: picked === '2' ? 2 : 1 })}
      />
      <FieldGroup
        kind="huntPlanned"
        scope={{ pointId: kept.id }}
        fields={[typed('walkMinutes'), typed('switchMinutes')]}
      />
      <p className="small soft">{isolateWords.aloneLeaveALamp}</p>
    </details>
  );
}
