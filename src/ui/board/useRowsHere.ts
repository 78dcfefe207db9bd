import { useEffect, useState } from 'react';
import type { ListedJob } from '@/contract/listedJob';
import type { OwnItem } from '@/core/catalogue';
import { onWaitingCount } from '../log/shelf';
import { fartherJobs, workOut, type RowHere } from './rowsHere';

export type RowsHere = ReadonlyMap<string, RowHere>;

const NONE: RowsHere = new Map();

/** Rows of jobs of which this browser knows more than is listed; they come one by one. @param own items of the firm’s catalogue */
export function useRowsHere(listed: readonly ListedJob[], own: readonly OwnItem[]): RowsHere {
  const [rows, setRows] = useState<{ readonly of: readonly ListedJob[]; readonly rows: RowsHere }>({
    of: listed,
    rows: NONE,
  });
  useEffect(() => {
    let stop = (): void => undefined;
    let turn = 0;
    const look = async (): Promise<void> => {
      const mine = ++turn;
      const jobs = await fartherJobs(listed);
      if (mine !== turn) return;
      stop();
      const ids = new Set(jobs.map(({ head }) => head.id));
      // What the firm has by now is said by its own row
      setRows((before) => ({
        of: listed,
        rows: before.of === listed ? new Map([...before.rows].filter(([id]) => ids.has(id))) : NONE,
      }));
      if (jobs.length === 0) return;
      stop = workOut(jobs, own, (id, row) => {
        if (mine === turn) setRows((before) => ({ of: listed, rows: new Map([...before.rows, [id, row]]) }));
      });
    };
    const again = (): void => void look().catch((error: unknown) => console.warn(error));
    const stopListening = onWaitingCount(again);
    return () => {
      turn = -1;
      stopListening();
      stop();
    };
  }, [listed, own]);
  return rows.of === listed ? rows.rows : NONE;
}
