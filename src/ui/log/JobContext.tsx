'use client';
import { PlaceContext } from './useSay';
import { createContext, useCallback, useContext, useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import { v7 } from 'uuid';
import { fold, placeOf, undoTarget, type Job, type JobHead } from '@/core/job';
import {
  newEntry,
  type Entry,
  type EntryData,
  type EntryKind,
  type NextMove,
  type Person,
  type Rung,
  type RungMark,
  type NewEntry,
} from '@/core/kinds';
import {
  isAnybodyAtWork,
  ladderOf,
  nextMove,
  type Assessment,
  type Point,
  type DeadNew,
  type RepairsFound,
} from '@/core/points';
import type { Catalogue } from '@/core/catalogue';
import type { Asker } from '@/core/isolation';
import { useCrew } from '../crew/CrewContext';
import { WhoAsked } from '../crew/WhoAsked';
import { nowIso } from './clock';
import { useAsker } from './useAsker';
import { rememberWriter, usePersonChange } from './usePersonChange';
import { DRAFT_ID } from './draft';
import { unnumbered, useEntryLog, type EntryLog } from './useEntryLog';
import { useJudged, type Seen, type SeenJudged } from './useJudged';
import type { Judged } from './judge';

interface Draft<K extends EntryKind = EntryKind> {
  readonly kind: K;
  readonly data: EntryData<K>;
}

/** A job at one of its points, as a bench sees it. */
export interface JobHold {
  readonly job: Job;
  readonly log: EntryLog;
  /** The point with what is being typed. */
  readonly point: Point;
  /** The point without it: what fields show and compare their text with. */
  readonly kept: Point;
  /** The job without what is being typed. */
  readonly keptJob: Job;
  readonly catalogue: Catalogue;
  /** What the firm’s repairs have taught. */
  readonly found: RepairsFound;
  /** Parts that were dead out of their bag, in all jobs of the firm. */
  readonly deadNew: readonly DeadNew[];
  readonly assessment: Assessment;
  /** What was written last is being judged: all but the log stands as it was before it. */
  readonly isJudging: boolean;
  readonly marks: readonly RungMark[];
  readonly move: NextMove;
  readonly who: Person | null;
  /** Who asks the gate, and when. */
  readonly asker: Asker;
  readonly rung: Rung;
  /** Goes to a rung, and to a part of it where one is named. */
  readonly go: Go;
  /** The part of the rung at hand; null where none was picked. */
  readonly area: string | null;
  /** Writes one entry; it stands at once, and is sent. */
  readonly write: <K extends EntryKind>(kind: K, data: EntryData<K>, corrects?: string) => void;
  /** Shows what is being typed as one more, unsaved entry; null takes it away. */
  readonly draft: (draft: Draft | null) => void;
  /** The entry that an undo would strike; null where there is none. */
  readonly undoable: Entry | null;
  readonly undo: () => void;
}

export type Go = (rung: Rung, area?: string) => void;

export const JobContext = createContext<JobHold | null>(null);

/** What is being typed is the last word. */
const DRAFT_TIME = '9999-12-31T23:59:59Z';

interface Props {
  readonly head: JobHead;
  readonly firstEntries: readonly Entry[];
  readonly pointId: string;
  readonly catalogue: Catalogue;
  /** What the firm’s repairs have taught. */
  readonly found: RepairsFound;
  /** Parts that were dead out of their bag, in all jobs of the firm. */
  readonly deadNew: readonly DeadNew[];
  /** Null: nobody has picked one yet, the next move’s stands. */
  readonly rung: Rung | null;
  readonly area: string | null;
  readonly go: Go;
  /** What stands in the place of a job without a point. */
  readonly empty: ReactNode;
  /** What stands there while the point is judged for the first time. */
  readonly ahead: ReactNode;
  readonly children: ReactNode;
}

type Unsigned = (by: Person) => NewEntry;

/** What every entry of this screen begins with. */
const headOf = ({ id, name }: Person, seen: number) => ({ id: v7(), at: nowIso(), by: { id, name }, seen });

/** Holds a job's log, folds it with what is typed, and says where the point stands. */
export function JobProvider({
  head,
  firstEntries,
  pointId,
  catalogue,
  found,
  deadNew,
  rung,
  area,
  go,
  empty,
  ahead,
  children,
}: Props) {
  const { who, licensed, changes } = useCrew();
  const log = useEntryLog(head, firstEntries, { byId: who?.id ?? null, pointId });
  const { entries, add, seen: seenTo } = log;
  const [typed, draft] = useState<Draft | null>(null);
  // What was written before anybody said who is here: it waits for a name
  const [unsigned, setUnsigned] = useState<readonly Unsigned[]>([]);
  // What is typed may follow a moment later; once it is written it is gone at once
  const later = useDeferredValue(typed);
  const deferred = typed && later;

  const write = useCallback(
    <K extends EntryKind>(kind: K, data: EntryData<K>, corrects?: string) => {
      draft(null);
      if (!who)
        return setUnsigned((before) => [...before, (by) => newEntry(kind, data, headOf(by, seenTo()), corrects)]);
      rememberWriter(head.id, who, changes);
      add(newEntry(kind, data, headOf(who, seenTo()), corrects));
    },
    [add, changes, head.id, seenTo, who],
  );

  const lastWritten = useMemo(
    () => entries.reduce((last, { at }) => (at === DRAFT_TIME ? last : Math.max(last, Date.parse(at))), 0),
    [entries],
  );
  const asker = useAsker(who?.id ?? null, licensed, lastWritten, log.isAway ? log.writtenHere : null);
  const keptJob = useMemo(() => fold(head, entries), [head, entries]);
  const onChange = useCallback((fromId: string) => write('personChanged', { fromId }), [write]);
  usePersonChange(head.id, isAnybodyAtWork(keptJob), log.readAt, onChange);
  const drafted = useMemo((): Entry | null => {
    if (!deferred || !who) return null;
    const { kind, data } = deferred;
    return unnumbered(entries, [newEntry(kind, data, { id: DRAFT_ID, at: DRAFT_TIME, by: who })])[0] ?? null;
  }, [deferred, entries, who]);
  const job = useMemo(() => (drafted ? fold(head, [...entries, drafted]) : keptJob), [drafted, entries, head, keptJob]);
  const seen = useMemo((): Seen | null => {
    const point = job.points.find(({ id }) => id === pointId) ?? job.points[0];
    const kept = keptJob.points.find(({ id }) => id === point?.id);
    return point ? { job, keptJob, point, kept: kept ?? point } : null;
  }, [job, keptJob, pointId]);
  const hold = useMemo(
    () => ({ catalogue, found, deadNew, log, who, asker, go, area, write, draft }),
    [area, asker, catalogue, deadNew, found, go, log, who, write],
  );
  const place = useMemo(() => placeOf(keptJob), [keptJob]);
  // The only point may be struck while somebody looks at it
  if (!seen) return empty;
  return (
    <PlaceContext value={place}>
      <JudgedPoint head={head} seen={seen} draft={drafted} hold={hold} rung={rung} ahead={ahead}>
        {children}
        {unsigned.length > 0 && (
          <WhoAsked
            onPick={(person) => {
              for (const entry of unsigned) add(entry(person));
              setUnsigned([]);
            }}
            onDrop={() => setUnsigned([])}
          />
        )}
      </JudgedPoint>
    </PlaceContext>
  );
}

type Written = 'catalogue' | 'found' | 'deadNew' | 'log' | 'who' | 'asker' | 'go' | 'area' | 'write' | 'draft';

interface PointProps {
  readonly hold: Pick<JobHold, Written>;
  readonly rung: Rung | null;
  readonly children: ReactNode;
}

interface JudgedProps extends PointProps {
  readonly head: JobHead;
  readonly seen: Seen;
  readonly draft: Entry | null;
  readonly ahead: ReactNode;
}

/** Has the point judged, and shows it as it was until that is done. */
function JudgedPoint({ head, seen, draft, ahead, ...shown }: JudgedProps) {
  const { entries } = shown.hold.log;
  const { id: pointId } = seen.point;
  const asked = useMemo((): Judged => ({ head, pointId, entries, draft }), [draft, entries, head, pointId]);
  const judged = useJudged(seen, asked, shown.hold.catalogue);
  return judged ? <PointProvider {...shown} seen={judged} /> : ahead;
}

/** Adds what follows from the log: the ladder, the next move, what an undo would take. */
function PointProvider({ seen, hold, rung, children }: PointProps & { readonly seen: SeenJudged }) {
  const { job, point, assessment } = seen;
  const { log, who, asker, write } = hold;
  const { move, marks } = useMemo(
    () => ({ move: nextMove(job, point, assessment, asker), marks: ladderOf(job, point, assessment, asker) }),
    [asker, assessment, job, point],
  );
  // Where the work stood when the job was opened: a bench is never pulled away under the hand
  const [firstRung] = useState(move.rung);
  // One value while nothing of it changes: a keystroke draws its field, and nothing else
  const value = useMemo((): JobHold => {
    const undoable = who && undoTarget(log.entries, who.id);
    return {
      ...hold,
      ...seen,
      marks,
      move,
      rung: rung ?? firstRung,
      undoable,
      undo: () => undoable && write('entryStruck', { target: undoable.id }),
    };
  }, [firstRung, hold, log.entries, marks, move, rung, seen, who, write]);
  return <JobContext value={value}>{children}</JobContext>;
}

export function useJob(): JobHold {
  const hold = useContext(JobContext);
  if (!hold) throw new Error('useJob outside JobProvider');
  return hold;
}
