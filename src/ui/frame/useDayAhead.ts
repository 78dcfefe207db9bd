import { useEffect, useState } from 'react';
import { aheadHere, keepDay, onAhead, openJobs, type Ahead } from './dayAhead';

/** A day that lies here for longer is brought up to date from whatever page is open, ms. */
const GOOD_FOR_MS = 6 * 3_600_000;

/** Has the day in this browser though nobody opens the Board, which has it by itself. @param isBoard that page is open */
export function useKeepDay(isBoard: boolean): void {
  useEffect(() => {
    const { at } = aheadHere() ?? {};
    if (isBoard || (at !== undefined && Date.now() - Date.parse(at) < GOOD_FOR_MS)) return;
    return keepDay(openJobs);
  }, [isBoard]);
}

/** When all of a day lay here last. */
export function useDayAhead(): Ahead | null {
  const [ahead, setAhead] = useState(aheadHere);
  useEffect(() => onAhead(() => setAhead(aheadHere())), []);
  return ahead;
}
