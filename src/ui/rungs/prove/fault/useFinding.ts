import { useEffect, useState } from 'react';
import type { Finding, TroubleCase } from '@/core/faults';
import { FindingThread, type LikelyNow } from './findingThread';

interface Told<T> {
  readonly asked: object;
  readonly value: T;
}

/** What the finder says of a trouble; what it said before stands, as old, until it answers. */
export interface FindingNow {
  readonly finding: Finding | null;
  readonly isOld: boolean;
  readonly failed: boolean;
  readonly again: () => void;
}

export interface FindsFaults extends FindingNow {
  /** What it may be with what is being typed; null while nothing is. */
  readonly typed: LikelyNow | null;
}

/**
 * Asks the finder in its thread.
 * @param asked the trouble as it is kept; the same object as long as nothing changed
 * @param test one that is to be spoken of in place of the next
 * @param typing the same trouble with what is being typed; null: nothing is
 */
export function useFinding(asked: TroubleCase | null, test: string | null, typing: TroubleCase | null): FindsFaults {
  const [thread] = useState(() => new FindingThread());
  const [told, setTold] = useState<Told<Finding> & { readonly test: string | null }>();
  const [typed, setTyped] = useState<Told<LikelyNow>>();
  const [failed, setFailed] = useState<object | null>(null);
  const [tries, setTries] = useState(0);
  useEffect(() => () => thread.stop(), [thread]);
  useEffect(() => {
    if (!asked) return;
    let isWanted = true;
    thread.find(asked, test).then(
      (value) => isWanted && setTold({ asked, test, value }),
      (error: unknown) => {
        console.warn(error);
        if (isWanted) setFailed(asked);
      },
    );
    return () => {
      isWanted = false;
    };
  }, [asked, test, thread, tries]);
  useEffect(() => {
    if (!typing) return;
    let isWanted = true;
    thread.likely(typing).then(
      (value) => isWanted && setTyped({ asked: typing, value }),
      (error: unknown) => console.warn(error),
    );
    return () => {
      isWanted = false;
    };
  }, [thread, typing]);
  return {
    finding: told?.value ?? null,
    isOld: told?.asked !== asked || told?.test !== test,
    failed: failed !== null && failed === asked && told?.asked !== asked,
    again: () => {
      setFailed(null);
      setTries(tries + 1);
    },
    typed: typing ? (typed?.value ?? null) : null,
  };
}
