'use client';
import { said } from '@/core/said';
import { useSay } from '../../log/useSay';
import { loadWords, roomWords, type FixtureStanding } from '@/core/points';
import type { Finding } from '@/core/wiring';

const WORDS = { holds: 'Stands', tight: 'Stands, with a worry', fails: 'Does not stand' } as const;

interface Props {
  readonly standing: FixtureStanding;
  /** What the rules say of the plan. */
  readonly planned: readonly Finding[];
}

/** The verdict on a floodlight’s plan: whether it stands, and what decides. */
export function PlanTag({ standing: { room, load, splices }, planned }: Props) {
  const say = useSay();
  const stop = planned.find(({ severity }) => severity === 'stop');
  const worry = planned.find(({ severity }) => severity === 'worry');
  const word = stop ? 'fails' : worry ? 'tight' : 'holds';
  const counted = [room && say(roomWords(room)), load && say(loadWords(load))].filter(Boolean).join(' ');
  return (
    <div className={`tag ${word}`} data-testid="plan-tag">
      <div>
        <div className="word">{WORDS[word]}</div>
        <p>{say((stop ?? worry)?.words ?? said('planStands', { splices: splices.length }))}</p>
        <p className="small soft">{counted || 'Neither the box nor the circuit’s rating is named: not counted.'}</p>
      </div>
    </div>
  );
}
