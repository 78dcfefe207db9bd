import { chooseWords } from '@/words/screens';
import { proxy, wrap } from 'comlink';
import { useEffect, useMemo, useRef, useState } from 'react';
import { isChoosingTold } from '@/contract/choosing';
import type { Choosing } from '@/core/advice';
import type { Assessment } from '@/core/points';
import type { ModulePolicy, SupplyPolicy } from '@/core/policy';
import type { ChoosingWorker } from '@/workers/choosing.worker';

/** How far the worker is with the ways. */
export type WaysState =
  | { readonly state: 'waiting' }
  | { readonly state: 'working'; readonly choosing: Choosing; readonly done: number; readonly of: number }
  | { readonly state: 'done'; readonly choosing: Choosing; readonly stopped: boolean }
  | { readonly state: 'failed'; readonly message: string };

export interface Ways {
  readonly ways: WaysState;
  /** Leaves it at the rough answer. */
  readonly stop: () => void;
}

type Kept = { readonly key: string; readonly ways: WaysState };

/**
 * All ways at this point, judged in a worker: first roughly, then with the draws of a choice. A new question ends the
 * worker of the old one, so that no stale answer comes.
 */
export function useWays({ survey, premises }: Assessment, policy: SupplyPolicy, module: ModulePolicy): Ways {
  const key = useMemo(() => JSON.stringify({ survey, premises, policy, module }), [module, policy, premises, survey]);
  const [kept, setKept] = useState<Kept>({ key: '', ways: { state: 'waiting' } });
  const running = useRef<Worker | null>(null);
  useEffect(() => {
    const worker = new Worker(new URL('../../../../workers/choosing.worker.ts', import.meta.url), { type: 'module' });
    running.current = worker;
    const set = (ways: WaysState | ((before: WaysState) => WaysState)): void => {
      if (running.current !== worker) return;
      setKept((before) => ({ key, ways: typeof ways === 'function' ? ways(before.ways) : ways }));
    };
    const fail = (error: unknown): void =>
      set({ state: 'failed', message: error instanceof Error ? error.message : chooseWords.theWorkerDidNot });
    const tell = (told: unknown): void => {
      if (!isChoosingTold(told)) fail(new TypeError('The worker told something else than ways.'));
      else if (told.kind === 'first')
        set({ state: 'working', choosing: told.choosing, done: 0, of: told.choosing.options.length });
      else if (told.kind === 'full') set({ state: 'done', choosing: told.choosing, stopped: false });
      else set((before) => (before.state === 'working' ? { ...before, done: told.done, of: told.of } : before));
    };
    worker.addEventListener('error', (event) => fail(new Error(event.message || chooseWords.theWorkerDidNot)));
    wrap<ChoosingWorker>(worker).choose(JSON.parse(key), proxy(tell)).catch(fail);
    return () => {
      running.current = null;
      worker.terminate();
    };
  }, [key]);
  const ways = kept.key === key ? kept.ways : { state: 'waiting' as const };
  const stop = (): void => {
    if (ways.state !== 'working') return;
    running.current?.terminate();
    running.current = null;
    setKept({ key, ways: { state: 'done', choosing: ways.choosing, stopped: true } });
  };
  return { ways, stop };
}
