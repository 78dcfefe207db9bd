import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react';
import { writtenFault } from '@/contract/job';
import type { Here } from '@/contract/presence';
import type { JobHead } from '@/core/job';
import type { Entry, NewEntry } from '@/core/kinds';
import { farther, keepLog, keptLog } from './keptLog';
import { Outbox, type OutboxView } from './outbox';
import { postEntries } from './postEntries';
import { readOn as readLogOn } from './readOn';
import { sendBy } from './senders';
import { useNews } from './useNews';

/** How saving stands: everything kept, under way, the server away, a fault of it, or something refused. */
export type Keeping = 'kept' | 'keeping' | 'here' | 'nowhere' | 'failed' | 'refused';

/** An entry that does not go by itself any more, with why. */
export interface Stuck {
  readonly entry: NewEntry;
  readonly why: string | null;
}

export interface EntryLog {
  /** The log with what waits at its end. */
  readonly entries: readonly Entry[];
  readonly keeping: Keeping;
  /** The server does not answer: what others have written since is not known here. */
  readonly isAway: boolean;
  /** What the server refused, with its sentence, or failed at while others passed (null). */
  readonly stuck: readonly Stuck[];
  /** What this browser says where it can’t keep what is written; null where it can. */
  readonly shelfFault: string | null;
  /** The highest number that this device knows. */
  readonly seen: () => number;
  /** When the log was read from the server last, ms since 1970. */
  readonly readAt: number;
  /** Ids of what was written on this screen. */
  readonly writtenHere: ReadonlySet<string>;
  /** Who else has the job open, and at which point. */
  readonly others: readonly Here[];
  readonly add: (entry: NewEntry) => void;
  readonly retry: () => void;
  readonly drop: (id: string) => void;
  readonly setAside: (id: string) => void;
}

/** Who has the job open here, and at which point. */
interface At {
  readonly byId: string | null;
  readonly pointId: string | null;
}

const REFETCH_MS = 20_000;
/** A log is put away once nothing came to it for a moment. */
const KEEP_AFTER_MS = 400;

/** Entries that the server has not numbered yet, put at the end. */
export function unnumbered(entries: readonly Entry[], waiting: readonly NewEntry[]): readonly Entry[] {
  const known = new Set(entries.map(({ id }) => id));
  const last = entries.at(-1)?.seq ?? 0;
  return waiting
    .filter(({ id }) => !known.has(id))
    .map((entry, i): Entry => ({ ...entry, seq: last + 1 + i, receivedAt: entry.at }));
}

const keepingOf = ({ waiting, sending, shelfFault }: OutboxView, isAway: boolean, stuck: number): Keeping => {
  if (stuck > 0) return 'refused';
  if (sending === 'failed') return 'failed';
  if (waiting.length > 0 && isAway) return shelfFault === null ? 'here' : 'nowhere';
  return waiting.length > 0 || (shelfFault !== null && sending !== 'still') ? 'keeping' : 'kept';
};

/**
 * A job's log on this machine: what the server has, what still waits for it. What is added stands at once and is sent;
 * while the server is away it is tried again and again, and a refused entry keeps its text.
 */
export function useEntryLog(head: JobHead, firstEntries: readonly Entry[], at: At): EntryLog {
  const client = useQueryClient();
  const key = useMemo(() => ['entries', head.id], [head.id]);
  const [read] = useState(() => async (): Promise<readonly Entry[]> => {
    const known = (): readonly Entry[] => client.getQueryData<readonly Entry[]>(key) ?? [];
    const before = known();
    const after = await readLogOn(before, head.id);
    // Somebody else here may have read farther meanwhile: what was shown never goes for what was asked for earlier
    const now = known();
    return now !== before && (now.at(-1)?.seq ?? 0) > (after.at(-1)?.seq ?? 0) ? now : after;
  });
  const { data, dataUpdatedAt, failureCount, fetchStatus, refetch } = useQuery({
    queryKey: key,
    queryFn: read,
    initialData: firstEntries,
    refetchInterval: REFETCH_MS,
  });
  const [outbox] = useState(() => {
    // What is numbered now is read before the waiting ones go: between the two nothing is missing. A reading of our own,
    // because one that others ask for meanwhile would end it early
    const readOn = async (): Promise<void> => void client.setQueryData(key, await read());
    const post = async (entries: readonly NewEntry[]): Promise<readonly string[]> => {
      const taken = await postEntries(head.id, entries);
      await readOn();
      return taken;
    };
    return new Outbox(head.id, post, readOn);
  });
  useEffect(() => sendBy(head.id, outbox), [head.id, outbox]);
  useEffect(() => {
    const start = async (): Promise<void> => {
      const kept = await keptLog(head.id);
      const now = client.getQueryData<readonly Entry[]>(key) ?? [];
      const more = farther(now, kept);
      // What lay here was read from the server at some time before
      const updatedAt = client.getQueryState(key)?.dataUpdatedAt;
      if (more !== now) client.setQueryData(key, more, updatedAt === undefined ? {} : { updatedAt });
    };
    start().catch((error: unknown) => console.warn(error));
  }, [client, head.id, key]);
  useEffect(() => {
    const timer = setTimeout(() => {
      keepLog(head, data).catch((error: unknown) => console.warn(error));
    }, KEEP_AFTER_MS);
    return () => clearTimeout(timer);
  }, [data, head]);
  const others = useNews(head.id, at.byId, at.pointId, refetch);
  const view = useSyncExternalStore(outbox.subscribe, outbox.snapshot, outbox.snapshot);
  // What its own kind does not let through never stands, and is never sent
  const [unfit, setUnfit] = useState<readonly Stuck[]>([]);

  const add = useCallback(
    (entry: NewEntry) => {
      const fault = writtenFault(entry);
      if (fault !== null) return setUnfit((before) => [...before, { entry, why: fault }]);
      outbox.add(entry);
    },
    [outbox],
  );
  const drop = useCallback(
    (id: string) => {
      setUnfit((before) => before.filter(({ entry }) => entry.id !== id));
      void outbox.drop(id);
    },
    [outbox],
  );

  const { waiting, sending, poison, shelfFault, writtenHere } = view;
  const stuck = useMemo(
    (): readonly Stuck[] => [
      ...waiting.flatMap(({ entry, refused }): readonly Stuck[] =>
        refused !== undefined ? [{ entry, why: refused }] : poison.has(entry.id) ? [{ entry, why: null }] : [],
      ),
      ...unfit,
    ],
    [poison, unfit, waiting],
  );
  const entries = useMemo(() => {
    const standing = waiting.flatMap(({ entry, refused }) => (refused === undefined ? [entry] : []));
    return [...data, ...unnumbered(data, standing)];
  }, [data, waiting]);
  // Where the log can’t be read anew, nobody here knows what others have written
  const isAway = sending === 'away' || sending === 'failed' || failureCount > 0 || fetchStatus === 'paused';
  const last = useRef(0);
  useEffect(() => {
    last.current = data.at(-1)?.seq ?? 0;
  }, [data]);
  const seen = useCallback(() => last.current, []);
  const keeping = keepingOf(view, isAway, stuck.length);
  const retry = useCallback(() => outbox.retry(), [outbox]);
  const setAside = useCallback((id: string) => void outbox.setAside(id), [outbox]);
  return useMemo(
    () => ({
      entries,
      keeping,
      isAway,
      stuck,
      shelfFault,
      seen,
      readAt: dataUpdatedAt,
      writtenHere,
      others,
      add,
      retry,
      drop,
      setAside,
    }),
    [entries, keeping, isAway, stuck, shelfFault, seen, dataUpdatedAt, writtenHere, others, add, retry, drop, setAside],
  );
}
