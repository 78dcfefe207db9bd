import { wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import type { BenchAct, FindersAct, Move, RoundAsked } from '@/core/practice';
import type { DebriefWorker } from '@/workers/debrief.worker';

/** What is worked out of a round by now; it comes move by move. */
export interface Debriefing {
  readonly moves: readonly Move[];
  readonly way: readonly FindersAct[];
  readonly isDone: boolean;
  readonly failed: boolean;
  readonly again: () => void;
}

const NOTHING: Pick<Debriefing, 'moves' | 'way' | 'isDone' | 'failed'> = {
  moves: [],
  way: [],
  isDone: false,
  failed: false,
};

/** Works out in a thread of its own what each move of a round was good for, and what the fault finder would have done. */
export function useDebrief(asked: RoundAsked, acts: readonly BenchAct[]): Debriefing {
  const [told, setTold] = useState(NOTHING);
  const [tries, setTries] = useState(0);
  useEffect(() => {
    let isWanted = true;
    const worker = new Worker(new URL('../../workers/debrief.worker.ts', import.meta.url), { type: 'module' });
    const remote: Remote<DebriefWorker> = wrap<DebriefWorker>(worker);
    const fail = (why: unknown) => {
      console.warn(why);
      if (isWanted) setTold((now) => ({ ...now, failed: true }));
    };
    worker.addEventListener('error', (event) => fail(event.message));
    const tell = async () => {
      await remote.begin(asked, acts);
      for (;;) {
        const act = await remote.nextAct();
        if (!act || !isWanted) break;
        setTold((now) => ({ ...now, way: [...now.way, act] }));
      }
      for (;;) {
        const move = await remote.nextMove();
        if (!move || !isWanted) break;
        setTold((now) => ({ ...now, moves: [...now.moves, move] }));
      }
      if (isWanted) setTold((now) => ({ ...now, isDone: true }));
    };
    tell().catch(fail);
    return () => {
      isWanted = false;
      worker.terminate();
    };
  }, [acts, asked, tries]);
  return {
    ...told,
    again: () => {
      setTold(NOTHING);
      setTries(tries + 1);
    },
  };
}
