'use client';
import { practiceWords } from '@/words/screens';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import type { PlayedRound } from '@/contract/practice';
import { LEVELS, hidable, seedOfDay, type Level, type OwnHouse, type RoundAsked } from '@/core/practice';
import { capital } from '@/core/units';
import { said } from '@/core/said';
import { AskForm } from '../form/AskForm';
import { figureField } from '../form/fields';
import { PlainPick } from '../form/PlainPick';
import { useCrew } from '../crew/CrewContext';
import { useSay } from '../log/useSay';
import { isFound, Progress } from './Progress';

interface Props {
  readonly rounds: readonly PlayedRound[];
  readonly today: string;
  readonly own: OwnHouse | null;
  readonly onBegin: (asked: RoundAsked) => void;
}

const LEVEL_WORDS: Readonly<Record<Level, { readonly name: string; readonly what: string }>> = {
  plain: { name: practiceWords.levelPlain, what: practiceWords.levelPlainWhat },
  any: { name: practiceWords.levelAny, what: practiceWords.levelAnyWhat },
  twoOrNone: { name: practiceWords.levelTwo, what: practiceWords.levelTwoWhat },
};

/** Numbers of houses that can be said on the telephone. */
const MOST_SEED = 999_999;
const anySeed = (): number => 1 + ((crypto.getRandomValues(new Uint32Array(1))[0] ?? 0) % MOST_SEED);
const SEED_RULE = { unit: '', unitWords: [], least: 1, most: 0xffffffff } as const;

/** Which house: today’s, a new one of some level, one by its number, or the job’s own. */
export function StartPractice({ rounds, today, own, onBegin }: Props) {
  const { who } = useCrew();
  const ofToday = rounds.filter(({ seed, level }) => level === 'any' && seed === seedOfDay(today));
  const mine = ofToday.findLast(({ by }) => by.id === who?.id);
  const [level, setLevel] = useState<Level>('any');
  return (
    <>
      <h1>{practiceWords.practiceBench}</h1>
      <p className="bench-intro">
        {practiceWords.whatItIs} <span className="soft">{practiceWords.everyMinute}</span>
      </p>
      <div className="bench-start">
        <div>
          {own && <OwnStart own={own} onBegin={onBegin} />}
          <section className="bench-choice">
            <div>
              <h2>{practiceWords.today}</h2>
              <p className="soft">
                {practiceWords.sameForAll}{' '}
                {mine &&
                  (isFound(mine)
                    ? practiceWords.playedToday({ minutes: Math.round(mine.minutes) })
                    : practiceWords.notFoundToday)}
              </p>
            </div>
            <Button
              variant={own ? 'secondary' : 'primary'}
              onClick={() => onBegin({ of: 'made', level: 'any', seed: seedOfDay(today) })}
            >
              {practiceWords.playIt}
            </Button>
          </section>
          <h2 className="block-top">{practiceWords.anotherHouse}</h2>
          {LEVELS.map((one) => (
            <section key={one} className="bench-choice">
              <div>
                <b>{LEVEL_WORDS[one].name}</b>
                <p className="soft">{LEVEL_WORDS[one].what}</p>
              </div>
              <Button
                variant="secondary"
                data-level={one}
                onClick={() => {
                  setLevel(one);
                  onBegin({ of: 'made', level: one, seed: anySeed() });
                }}
              >
                {practiceWords.playIt}
              </Button>
            </section>
          ))}
          <section className="bench-number">
            <div>
              <b>{practiceWords.houseNumber}</b>
              <p className="soft">{practiceWords.numberSays}</p>
              <PlainPick
                name={practiceWords.levelOf}
                options={LEVELS.map((value) => ({ value, words: LEVEL_WORDS[value].name }))}
                chosen={level}
                onPick={setLevel}
              />
            </div>
            <AskForm
              about="house-number"
              fields={[figureField('seed', practiceWords.houseNumber, SEED_RULE, undefined)]}
              submit={practiceWords.playIt}
              onSubmit={({ seed }) => onBegin({ of: 'made', level, seed: Math.round(seed) })}
            />
          </section>
        </div>
        <div>
          <Progress rounds={rounds} />
          <section>
            <h2>{practiceWords.crewToday}</h2>
            {ofToday.length === 0 ? <p className="soft">{practiceWords.nobodyYet}</p> : <Today rounds={ofToday} />}
          </section>
        </div>
      </div>
    </>
  );
}

/** Who took how long in today’s house: of each the first round counts. */
function Today({ rounds }: { readonly rounds: readonly PlayedRound[] }) {
  const firsts = new Map<string, PlayedRound>();
  for (const round of rounds.toReversed()) if (!firsts.has(round.by.id)) firsts.set(round.by.id, round);
  const listed = [...firsts.values()].toSorted(
    (a, b) => Number(isFound(b)) - Number(isFound(a)) || a.minutes - b.minutes,
  );
  const best = listed.find(({ bestMinutes }) => bestMinutes !== null)?.bestMinutes ?? null;
  return (
    <ol className="bench-today">
      {listed.map((round) => (
        <li key={round.id}>
          <b>{round.by.name}</b>
          <span className="soft">
            {isFound(round) ? practiceWords.dangers({ count: round.dangers }) : practiceWords.endedGaveUp}
          </span>
          <span className="m">{practiceWords.minutes({ minutes: Math.round(round.minutes) })}</span>
        </li>
      ))}
      {best !== null && <li className="soft">{practiceWords.finderTook({ minutes: Math.round(best) })}</li>}
    </ol>
  );
}

const SURPRISE = 'surprise';

/** “What would I read if …”: the job’s own house with a fault that is picked, or one that is not told. */
function OwnStart({ own, onBegin }: { readonly own: OwnHouse; readonly onBegin: Props['onBegin'] }) {
  const say = useSay();
  const [fault, setFault] = useState<string>(SURPRISE);
  const { asked, regionId, title, point } = own;
  const faults = hidable(asked);
  return (
    <section className="bench-own">
      <h2>{practiceWords.ownHouse({ point, title })}</h2>
      <p className="soft">{practiceWords.ownHouseWhat}</p>
      <PlainPick
        name={practiceWords.ownHouseWhat}
        options={[
          ...faults.map((kind) => ({ value: kind, words: capital(say(said('faultName', { fault: kind }))) })),
          { value: SURPRISE, words: practiceWords.drawOne },
        ]}
        chosen={fault}
        onPick={setFault}
      />
      <Button
        onClick={() =>
          onBegin({
            of: 'own',
            asked,
            regionId,
            fault: faults.find((one) => one === fault) ?? null,
            seed: anySeed(),
          })
        }
      >
        {practiceWords.putInHouse}
      </Button>
    </section>
  );
}
