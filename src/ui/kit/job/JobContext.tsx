'use client';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import {
  createContext,
  useCallback,
  useContext,
  useDeferredValue,
  useEffect,
  useMemo,
  useState,
  type ReactNode,
} from 'react';
import { v7 } from 'uuid';
import {
  fold,
  rememberingAssess,
  undoTarget,
  type Assessment,
  type Entry,
  type EntryData,
  type EntryKind,
  type Job,
  type JobHead,
  type NewEntry,
  type Person,
  type Point,
  type Rung,
} from '@/core/job';
import { Away, Refused, call } from '../api';
import { useCrew } from '../crew/CrewContext';
import { readOutbox, writeOutbox } from './outbox';

/** How saving stands: everything kept, under way, the server away, or one entry refused with why. */
export type Keeping =
  { readonly state: 'kept' | 'keeping' | 'away' } | { readonly state: 'refused'; readonly why: string };

interface Draft {
  readonly kind: EntryKind;
  readonly data: object;
}

export interface JobHold {
  readonly job: Job;
  readonly entries: readonly Entry[];
  /** The point with what is being typed. */
  readonly point: Point;
  /** The point without it: what fields show and compare their text with. */
  readonly kept: Point;
  readonly assessment: Assessment;
  readonly who: Person | null;
  readonly rung: Rung;
  readonly go: (rung: Rung) => void;
  readonly keeping: Keeping;
  /** Writes one entry; it stands at once, and is sent. */
  readonly write: <K extends EntryKind>(kind: K, data: EntryData<K>, corrects?: string) => void;
  /** Shows what is being typed as one more, unsaved entry; null takes it away. */
  readonly draft: (draft: Draft | null) => void;
  readonly undo: () => void;
  readonly retry: () => void;
}

const JobContext = createContext<JobHold | null>(null);

const assess = rememberingAssess(12);
const RETRY_AFTER_MS = 5000;

/** An entry that the server has not numbered yet, put at the end. */
const unnumbered = (entries: readonly Entry[], waiting: readonly NewEntry[]): readonly Entry[] => {
  const known = new Set(entries.map(({ id }) => id));
  const last = entries.at(-1)?.seq ?? 0;
  return waiting
    .filter(({ id }) => !known.has(id))
    .map((entry, i): Entry => ({ ...entry, seq: last + 1 + i, receivedAt: entry.at }));
};

interface Props {
  readonly head: JobHead;
  readonly firstEntries: readonly Entry[];
  readonly pointId: string;
  readonly rung: Rung;
  readonly go: (rung: Rung) => void;
  readonly children: ReactNode;
}

/** Holds a job's entries, folds them with what waits and what is typed, and sends what is written. */
export function JobProvider({ head, firstEntries, pointId, rung, go, children }: Props) {
  const { who } = useCrew();
  const client = useQueryClient();
  const key = useMemo(() => ['entries', head.id], [head.id]);
  const { data: entries } = useQuery({
    queryKey: key,
    queryFn: async () => (await call<{ entries: readonly Entry[] }>(`/jobs/${head.id}/entries`)).entries,
    initialData: firstEntries,
    refetchInterval: 20_000,
  });
  const [waiting, setWaiting] = useState<readonly NewEntry[]>([]);
  const [keeping, setKeeping] = useState<Keeping>({ state: 'kept' });
  const [typed, setTyped] = useState<Draft | null>(null);
  const deferred = useDeferredValue(typed);

  const send = useCallback(
    async (batch: readonly NewEntry[]) => {
      if (batch.length === 0) return;
      setKeeping({ state: 'keeping' });
      try {
        await call(`/jobs/${head.id}/entries`, { method: 'POST', body: { entries: batch } });
        await client.invalidateQueries({ queryKey: key });
      } catch (error) {
        if (error instanceof Away) return setKeeping({ state: 'away' });
        if (!(error instanceof Refused)) throw error;
        setKeeping({ state: 'refused', why: error.problem.detail });
        writeOutbox(head.id, (waits) => waits.filter(({ id }) => !batch.some((sent) => sent.id === id)));
        setWaiting((waits) => waits.filter(({ id }) => !batch.some((sent) => sent.id === id)));
        return;
      }
      writeOutbox(head.id, (waits) => waits.filter(({ id }) => !batch.some((sent) => sent.id === id)));
      setWaiting((waits) => waits.filter(({ id }) => !batch.some((sent) => sent.id === id)));
      setKeeping({ state: 'kept' });
    },
    [client, head.id, key],
  );

  const retry = useCallback(() => {
    const left = readOutbox(head.id);
    setWaiting(left);
    void send(left);
  }, [head.id, send]);

  useEffect(() => {
    // What an earlier visit could not send
    const first = setTimeout(() => readOutbox(head.id).length > 0 && retry(), 0);
    return () => clearTimeout(first);
  }, [head.id, retry]);
  useEffect(() => {
    if (keeping.state !== 'away') return;
    const timer = setTimeout(retry, RETRY_AFTER_MS);
    return () => clearTimeout(timer);
  }, [keeping, retry]);

  const write = useCallback(
    <K extends EntryKind>(kind: K, data: EntryData<K>, corrects?: string) => {
      if (!who) return;
      const at = new Date().toISOString();
      // The caller's types have tied kind and data together
      const entry = {
        id: v7(),
        at,
        by: { id: who.id, name: who.name },
        kind,
        data,
        ...(corrects ? { corrects } : {}),
      } as NewEntry;
      setTyped(null);
      setWaiting((waits) => [...waits, entry]);
      const batch = writeOutbox(head.id, (waits) => [...waits, entry]);
      void send(batch);
    },
    [head.id, send, who],
  );

  const standing = useMemo(() => [...entries, ...unnumbered(entries, waiting)], [entries, waiting]);
  const shown = useMemo(() => {
    if (!deferred || !who) return standing;
    const draftEntry = {
      id: 'draft',
      at: '2000-01-01T00:00:00Z',
      by: who,
      kind: deferred.kind,
      data: deferred.data,
    } as NewEntry;
    return [...standing, ...unnumbered(standing, [draftEntry])];
  }, [deferred, standing, who]);
  const job = useMemo(() => fold(head, shown), [head, shown]);
  const point = job.points.find(({ id }) => id === pointId) ?? job.points[0];
  if (!point) throw new Error('a job screen needs a point');
  const keptJob = useMemo(() => fold(head, standing), [head, standing]);
  const kept = keptJob.points.find(({ id }) => id === point.id) ?? point;
  const assessment = assess(job, point);

  const undo = useCallback(() => {
    const target = who && undoTarget(standing, who.id);
    if (target) write('entryStruck', { target: target.id });
  }, [standing, who, write]);

  const value: JobHold = {
    job,
    entries: standing,
    point,
    kept,
    assessment,
    who,
    rung,
    go,
    keeping,
    write,
    draft: setTyped,
    undo,
    retry,
  };
  return <JobContext value={value}>{children}</JobContext>;
}

export function useJob(): JobHold {
  const hold = useContext(JobContext);
  if (!hold) throw new Error('useJob outside JobProvider');
  return hold;
}
