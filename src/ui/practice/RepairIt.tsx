'use client';
import { practiceWords } from '@/words/screens';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { minutesBetween } from '@/core/faults';
import { BENCH_PLACES, benchKindOf, hidable, type BenchAct, type BenchState, type Round } from '@/core/practice';
import { said } from '@/core/said';
import { capital } from '@/core/units';
import { PlainPick } from '../form/PlainPick';
import { faultName } from './benchText';
import { useSpeaks } from './useSpeaks';

interface Props {
  readonly round: Round;
  readonly state: BenchState;
  readonly onAct: (act: BenchAct) => void;
}

/** What one thinks it is, and its repair at its place. */
export function RepairIt({ round, state, onAct }: Props) {
  const speaks = useSpeaks(round);
  const [fault, setFault] = useState<string | null>(null);
  const { repair, walks } = benchKindOf(round.asked);
  const listed = hidable(round.asked);
  const chosen = round.asked.faults.find(({ kind }) => kind === fault);
  const place = BENCH_PLACES.find((one) => fault !== null && one === repair(fault)?.place) ?? state.place;
  return (
    <section className="bench-repair">
      <h2>{practiceWords.whatIsIt}</h2>
      <PlainPick
        name={practiceWords.whatIsIt}
        none={practiceWords.pickOne}
        chosen={fault ?? undefined}
        options={listed.map((kind) => ({ value: kind, words: capital(faultName(kind, speaks)) }))}
        onPick={setFault}
      />
      {chosen && (
        <>
          <p className="soft">{speaks.say(said('faultRepair', { fault: chosen.kind }))}</p>
          {place === state.place ? (
            <Button onClick={() => onAct({ do: 'repair', fault: chosen.kind })}>
              {practiceWords.repairIt({ minutes: Math.round(chosen.repairMinutes) })}
            </Button>
          ) : (
            <Button variant="secondary" onClick={() => onAct({ do: 'walk', to: place })}>
              {practiceWords.walkThere({ minutes: minutesBetween(walks, state.place, place) })}
            </Button>
          )}
        </>
      )}
    </section>
  );
}
