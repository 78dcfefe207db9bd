import { answer, isLog, isReceipts } from '@/contract/answers';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { rememberingParse, writtenFault } from '@/contract/job';
import type { JobHead } from '@/core/job';
import type { Entry, NewEntry } from '@/core/kinds';
import { Away, Refused, call } from './api';
import { learnTime } from './clock';
import { readOutbox, writeOutbox, type Waiting } from './outbox';

/** How saving stands: everything kept, under way, the server away, or something refused. */
export type Keeping = 'kept' | 'keeping' | 'away' | 'refused';

export interface EntryLog {
  /** The log with what waits at its end. */
  readonly entries: readonly Entry[];
  readonly keeping: Keeping;
  /** The server does not answer: what others have written since is not known here. */
  readonly isAway: boolean;
  /** What the server refused, with its sentence; kept here until sent again or dropped. */
  readonly refused: readonly Waiting[];
  /** The highest number that this device knows. */
  readonly seen: () => number;
  /** When the log was read from the server last, ms since 1970. */
  readonly readAt: number;
  /** Ids of what was written on this screen. */
  readonly writtenHere: ReadonlySet<string>;
  readonly add: (entry: NewEntry) => void;
  readonly retry: () => void;
  readonly drop: (id: string) => void;
}

/** Each entry of a log is parsed once: it never changes. */
const parsed = rememberingParse();

const RETRY_AFTER_MS = 5000;
const REFETCH_MS = 20_000;

/** An entry that was dated by a clock that is ahead. */
const earlier = (entry: NewEntry, ms: number): NewEntry => ({
  ...entry,
  at: new Date(Date.parse(entry.at) - ms).toISOString(),
});

/** Entries that the server has not numbered yet, put at the end. */
export function unnumbered(entries: readonly Entry[], waiting: readonly NewEntry[]): readonly Entry[] {
  const known = new Set(entries.map(({ id }) => id));
  const last = entries.at(-1)?.seq ?? 0;
  return waiting
    .filter(({ id }) => !known.has(id))
    .map((entry, i): Entry => ({ ...entry, seq: last + 1 + i, receivedAt: entry.at }));
}

/**
 * A job's log on this machine: what the server has, what still waits for it. What is added stands at once and is sent;
 * while the server is away it is tried again and again, and a refused entry keeps its text.
 */
export function useEntryLog(head: JobHead, firstEntries: readonly Entry[]): EntryLog {
  const client = useQueryClient();
  const key = useMemo(() => ['entries', head.id], [head.id]);
  const { data, dataUpdatedAt, failureCount, fetchStatus } = useQuery({
    queryKey: key,
    queryFn: async () =>
      (await call(`/jobs/${head.id}/entries`, answer(isLog))).entries.map((entry) =>
        parsed(`${head.id}/${entry.id}`, () => entry),
      ),
    initialData: firstEntries,
    refetchInterval: REFETCH_MS,
  });
  const [outbox, setOutbox] = useState<readonly Waiting[]>([]);
  // What its own kind does not let through never stands, and is never sent
  const [unfit, setUnfit] = useState<readonly Waiting[]>([]);
  const [writtenHere, setWrittenHere] = useState<ReadonlySet<string>>(new Set());
  const [state, setState] = useState<'still' | 'sending' | 'away'>('still');
  const sending = useRef(false);
  const change = useCallback(
    (how: (waiting: readonly Waiting[]) => readonly Waiting[]) => setOutbox(writeOutbox(head.id, how)),
    [head.id],
  );

  /** Sends a batch; one refused entry must not hold back the others, so a refused batch is sent one by one. */
  const post = useCallback(
    async (batch: readonly NewEntry[]): Promise<void> => {
      try {
        const body = { entries: batch };
        const { entries: taken } = await call(`/jobs/${head.id}/entries`, answer(isReceipts), { method: 'POST', body });
        // An entry goes out of the outbox only when its own id came back with a number
        if (!batch.every(({ id }) => taken.some((one) => one.id === id))) throw new Away();
      } catch (error) {
        if (!(error instanceof Refused)) throw error;
        // This clock was ahead, and any answer may have corrected it: what is dated by it is dated anew, and sent again
        const { serverTime } = error.problem;
        if (serverTime !== undefined) {
          learnTime(serverTime);
          const there = Date.parse(serverTime);
          const late = Math.max(...batch.map(({ at }) => Date.parse(at))) - there;
          if (late > 0) {
            const isAhead = ({ at }: NewEntry): boolean => Date.parse(at) > there;
            change((waits) =>
              waits.map((wait) => (isAhead(wait.entry) ? { ...wait, entry: earlier(wait.entry, late) } : wait)),
            );
            return;
          }
        }
        const [only] = batch;
        if (batch.length > 1) for (const entry of batch) await post([entry]);
        else if (only) {
          const refused = error.problem.errors[0]?.message ?? error.problem.detail;
          change((waits) => waits.map((wait) => (wait.entry.id === only.id ? { ...wait, refused } : wait)));
        }
        return;
      }
      // Read what is numbered now before the waiting ones go, so that nothing flickers
      await client.invalidateQueries({ queryKey: key });
      change((waits) => waits.filter(({ entry }) => !batch.some(({ id }) => id === entry.id)));
    },
    [change, client, head.id, key],
  );

  const send = useCallback(async () => {
    if (sending.current) return;
    sending.current = true;
    try {
      for (;;) {
        const batch = readOutbox(head.id).flatMap(({ entry, refused }) => (refused === undefined ? [entry] : []));
        if (batch.length === 0) break;
        setState('sending');
        await post(batch);
      }
      setState('still');
    } catch (error) {
      if (!(error instanceof Away)) throw error;
      setState('away');
    } finally {
      sending.current = false;
    }
  }, [head.id, post]);

  const add = useCallback(
    (entry: NewEntry) => {
      const fault = writtenFault(entry);
      if (fault !== null) return setUnfit((before) => [...before, { entry, refused: fault }]);
      setWrittenHere((before) => new Set([...before, entry.id]));
      change((waits) => [...waits, { entry }]);
      void send();
    },
    [change, send],
  );
  const retry = useCallback(() => {
    change((waits) => waits.map(({ entry }) => ({ entry })));
    void send();
  }, [change, send]);
  const drop = useCallback(
    (id: string) => {
      const others = (waits: readonly Waiting[]) => waits.filter(({ entry }) => entry.id !== id);
      setUnfit(others);
      change(others);
    },
    [change],
  );

  useEffect(() => {
    // What an earlier visit could not send
    const first = setTimeout(() => {
      change((waits) => waits);
      void send();
    }, 0);
    return () => clearTimeout(first);
  }, [change, send]);
  useEffect(() => {
    if (state !== 'away') return;
    const timer = setInterval(() => void send(), RETRY_AFTER_MS);
    return () => clearInterval(timer);
  }, [send, state]);

  const refused = [...outbox.filter((wait) => wait.refused !== undefined), ...unfit];
  const waiting = useMemo(
    () => outbox.flatMap(({ entry, refused: why }) => (why === undefined ? [entry] : [])),
    [outbox],
  );
  const entries = useMemo(() => [...data, ...unnumbered(data, waiting)], [data, waiting]);
  // Where the log can’t be read anew, nobody here knows what others have written
  const isAway = state === 'away' || failureCount > 0 || fetchStatus === 'paused';
  const keeping = refused.length > 0 ? 'refused' : isAway ? 'away' : waiting.length > 0 ? 'keeping' : 'kept';
  const last = useRef(0);
  useEffect(() => {
    last.current = data.at(-1)?.seq ?? 0;
  }, [data]);
  const seen = useCallback(() => last.current, []);
  return { entries, keeping, isAway, refused, seen, readAt: dataUpdatedAt, writtenHere, add, retry, drop };
}
