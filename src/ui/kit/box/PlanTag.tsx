import { loadWords, roomWords, type FixtureStanding } from '@/core/points';
import type { Finding } from '@/core/wiring';

const WORDS = { holds: 'Stands', tight: 'Stands, with a worry', fails: 'Does not stand' } as const;

interface Props {
  readonly standing: FixtureStanding;
  /** What the rules say of the plan. */
  readonly planned: readonly Finding[];
  /** A text in the words of the place. */
  readonly place: (text: string) => string;
}

/** The verdict on a floodlight’s plan: whether it stands, and what decides. */
export function PlanTag({ standing: { room, load, splices }, planned, place }: Props) {
  const stop = planned.find(({ severity }) => severity === 'stop');
  const worry = planned.find(({ severity }) => severity === 'worry');
  const word = stop ? 'fails' : worry ? 'tight' : 'holds';
  const counted = [room && roomWords(room), load && loadWords(load)].filter(Boolean).join(' ');
  return (
    <div className={`tag ${word}`} data-testid="plan-tag">
      <div>
        <div className="word">{WORDS[word]}</div>
        <p>
          {(stop ?? worry)?.words ?? place(`Hot, neutral and ground whole, always on; ${splices.length} splices held.`)}
        </p>
        <p className="small soft">{counted || 'Neither the box nor the circuit’s rating is named: not counted.'}</p>
      </div>
    </div>
  );
}
