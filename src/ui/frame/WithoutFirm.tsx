'use client';
import { frameWords } from '@/words/screens';
import { format, isToday } from 'date-fns';
import { useFirm, useLookForFirm } from './useFirm';

/** A moment of today by the clock alone. */
export const momentText = (ms: number): string => format(ms, isToday(ms) ? 'HH:mm' : 'd MMM HH:mm');

/** Tells on every page since when the firm’s server has not answered. */
export function WithoutFirm() {
  const { isAway, reachedAt } = useFirm();
  useLookForFirm();
  return (
    <span className="without-firm" role="status">
      {isAway && frameWords.withoutFirm({ since: reachedAt === null ? null : momentText(reachedAt) })}
    </span>
  );
}
