'use client';
import { practiceWords } from '@/words/screens';
import { useEffect, useMemo, useState } from 'react';
import { v7 } from 'uuid';
import type { PlayedRound } from '@/contract/practice';
import { playAll, roundFor, type BenchAct, type RoundAsked } from '@/core/practice';
import { regionPack } from '@/core/region';
import type { RepairsFound } from '@/core/points';
import { OnClient } from '../frame/OnClient';
import { nowIso } from '../log/clock';
import { PlaceContext } from '../log/useSay';
import { Bench } from './Bench';
import { Debrief } from './Debrief';
import { keepRound, keptRound } from './keptRound';
import { sendWaiting } from './waitingRounds';
import { StartPractice } from './StartPractice';
import { useOwnHouse } from './useOwnHouse';

interface Props {
  /** Played on this program so far, the latest first. */
  readonly played: readonly PlayedRound[];
  /** What repairs have taught so far. */
  readonly found: RepairsFound;
}

/** Where finding faults is learnt: a made-up house, a meter, a clock, and afterwards what each move was good for. */
export function PracticePage(props: Props) {
  return (
    <OnClient>
      <Practice {...props} />
    </OnClient>
  );
}

interface AtHouse {
  readonly id: string;
  readonly asked: RoundAsked;
  readonly acts: readonly BenchAct[];
}

/** Of a time by ISO 8601, as far as its day goes. */
const ISO_DAY = 10;

function Practice({ played, found }: Props) {
  const { isAsked, own, isMissing } = useOwnHouse(found);
  const [rounds, setRounds] = useState(played);
  const [at, setAt] = useState<AtHouse | null>(() => {
    const left = keptRound();
    // Who comes from a job comes for its own house; what was played to its end and is kept is over
    return isAsked || played.some(({ id, bestMinutes }) => id === left?.id && bestMinutes !== null) ? null : left;
  });
  useEffect(() => {
    if (at?.asked.of === 'made') keepRound({ id: at.id, asked: at.asked, acts: at.acts });
  }, [at]);
  useEffect(() => {
    void sendWaiting((one) => setRounds((all) => [one, ...all.filter(({ id }) => id !== one.id)]));
  }, []);
  const asked = at?.asked;
  const round = useMemo(() => (asked ? roundFor(asked) : null), [asked]);
  const acts = at?.acts;
  const state = useMemo(() => (round && acts ? playAll(round, acts) : null), [acts, round]);
  const region = regionPack(round?.regionId);
  const begin = (next: RoundAsked) => setAt({ id: v7(), asked: next, acts: [] });
  const leave = () => {
    if (at?.asked.of === 'made') keepRound(null);
    setAt(null);
  };
  return (
    <main id="main" className="page practice">
      <PlaceContext value={{ region, lengths: region.lengths }}>
        {at && round && state ? (
          state.ending ? (
            <Debrief
              key={at.id}
              id={at.id}
              asked={at.asked}
              round={round}
              state={state}
              rounds={rounds}
              own={at.asked.of === 'own' ? own : null}
              onKept={(one) => setRounds((all) => [one, ...all.filter(({ id }) => id !== one.id)])}
              onAgain={() => begin(at.asked)}
              onLeave={leave}
            />
          ) : (
            <Bench
              round={round}
              state={state}
              seed={at.asked.of === 'made' ? at.asked.seed : null}
              onAct={(act) => setAt((now) => now && { ...now, acts: [...now.acts, act] })}
            />
          )
        ) : (
          <>
            {at && !round && (
              <p className="brick" role="alert">
                {at.asked.of === 'own' ? practiceWords.doesNotShow : practiceWords.noHouse}
              </p>
            )}
            {isMissing && (
              <p className="brick" role="alert">
                {practiceWords.houseNotHere}
              </p>
            )}
            <StartPractice rounds={rounds} today={nowIso().slice(0, ISO_DAY)} own={own} onBegin={begin} />
          </>
        )}
      </PlaceContext>
    </main>
  );
}
