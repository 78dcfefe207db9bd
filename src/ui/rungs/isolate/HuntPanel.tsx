'use client';
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
  { value: '1', words: 'alone: walk and look' },
  { value: '2', words: 'two: one at the door' },
] as const;

type Live = Exclude<HuntStanding, { state: 'noBoard' | 'contradicts' }>;

/** The hunt for the breaker: the next set to drop, two big buttons for the answer, and what is left. */
export function HuntPanel() {
  const { keptJob, kept, go } = useJob();
  const words = useTerms();
  const hunt = huntOf(keptJob, kept);
  return (
    <section className="hunt" data-testid="hunt">
      <h2>Hunt the breaker</h2>
      {hunt.state === 'noBoard' ? (
        <p>
          List the {words.board} first: how many ways it has is enough to begin.{' '}
          <Button variant="secondary" onClick={() => go('look', 'board')}>
            List the {words.board}
          </Button>
        </p>
      ) : (
        <>
          {hunt.state === 'contradicts' ? (
            <p className="brick" role="alert">
              The answers contradict one another: no {words.way} is left. Take one back.
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
        <b>It is on none of the listed ways.</b> List another board, or it has no {words.way} of its own: main switch,
        or an electrician. <Button onClick={() => go('look', 'board')}>List another board</Button>
      </p>
    );
  if (hunt.state === 'agreementOnly')
    return (
      <p>
        <b>Only ways are left that are kept on.</b> Each by agreement only: ask whoever it concerns, then say so in the
        list.
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
        <b className="figure">{left}</b> left · about <b className="figure">{hunt.expectedTests.toFixed(1)}</b> more
        tests · <b className="figure">{hunt.expectedMinutes.toFixed(0)} min</b>
      </p>
      <div className="drop-set" role="group" aria-label="drop these">
        <span>Drop</span>
        {names.map(
          (way) =>
            way && (
              <b key={way.id} className="figure" title={way.label ?? 'no label'}>
                {say(keptJob.boards.length > 1 ? wayText(keptJob, way) : way.way)}
              </b>
            ),
        )}
        <span>and look: is the bell dead?</span>
      </div>
      <p className="caution">Before any test: work on computers saved; clocks and routers restart.</p>
      <div className="row-of">
        <Button size="lg" data-testid="died" onClick={() => answer(true)}>
          It died
        </Button>
        <Button variant="secondary" size="lg" data-testid="still-on" onClick={() => answer(false)}>
          Still on
        </Button>
      </div>
      {droppable.length > drop.length && (
        <Button variant="link" onClick={() => answer(false, droppable)}>
          All {droppable.length} were off and it stayed on: none of these
        </Button>
      )}
    </>
  );
}

function Found({ id }: { readonly id: string }) {
  const say = useSay();
  const { keptJob, kept, write } = useJob();
  const way = wayOfId(keptJob, id);
  if (!way) return <p>That way is not listed any more.</p>;
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
        <span className="soft">
          {dropped
            ? 'It died with this one alone.'
            : 'Found by elimination, on paper only: it is still switched off and proved.'}
        </span>
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
        Name {say(name)} as the circuit
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
            {ways} off: <b>{test.died ? 'died' : 'still on'}</b>{' '}
            <Button variant="link" onClick={() => write('entryStruck', { target: test.entryId })}>
              take back<span className="visually-hidden"> {ways}</span>
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
        {alone ? `Alone, ${walkMinutes ?? HUNT_DEFAULTS.walkMinutes} min for a walk` : 'Two people, one at the door'},{' '}
        {switchMinutes ?? HUNT_DEFAULTS.switchMinutes} min for a switch
      </summary>
      <Choices
        label="who hunts"
        options={PEOPLE}
        chosen={alone ? '1' : '2'}
        onPick={(picked) => picked && write('huntPlanned', { pointId: kept.id, people: picked === '2' ? 2 : 1 })}
      />
      <FieldGroup
        kind="huntPlanned"
        scope={{ pointId: kept.id }}
        fields={[typed('walkMinutes'), typed('switchMinutes')]}
      />
      <p className="small soft">Alone, leave a lamp or a sounder where it can be seen or heard: it saves walks.</p>
    </details>
  );
}
