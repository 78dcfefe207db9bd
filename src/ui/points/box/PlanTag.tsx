'use client';
import { boxWords } from '@/words/screens';
import { said } from '@/core/said';
import { useSay } from '../../log/useSay';
import { loadWords, roomWords, type FixtureStanding } from '@/core/points';
import type { Finding } from '@/core/wiring';

const WORDS = {
  holds: boxWords.stands,
  tight: boxWords.standsWithAWorry,
  cannotTell: boxWords.cantTellYet,
  fails: boxWords.doesNotStand,
} as const;

interface Props {
  readonly standing: FixtureStanding;
  /** What the rules say of the plan. */
  readonly planned: readonly Finding[];
}

/** The verdict on a floodlight’s plan: whether it stands, and what decides. */
export function PlanTag({ standing: { room, load, splices }, planned }: Props) {
  const say = useSay();
  const stop = planned.find(({ severity }) => severity === 'stop');
  const open = planned.find(({ severity }) => severity === 'open');
  const worry = planned.find(({ severity }) => severity === 'worry');
  const word = stop ? 'fails' : open ? 'cannotTell' : worry ? 'tight' : 'holds';
  const counted = [room && say(roomWords(room)), load && say(loadWords(load))].filter(Boolean).join(' ');
  return (
    <div className={`tag ${word}`} data-testid="plan-tag">
      <div>
        <div className="word">{WORDS[word]}</div>
        <p>{say((stop ?? open ?? worry)?.words ?? said('planStands', { splices: splices.length }))}</p>
        <p className="small soft">{counted || boxWords.neitherTheBoxNor}</p>
      </div>
    </div>
  );
}
