'use client';
import { proveWords } from '@/words/screens';
import { parseISO } from 'date-fns';
import type { Wait } from '@/core/points';
import { useNow } from './useNow';

/** How long a wait still takes, counted from its entry: it goes on with the screen off. */
export function WaitTimer({ wait }: { readonly wait: Wait }) {
  const now = useNow();
  const whole = wait.minutes * 60;
  // The clock of whoever started it may be ahead of this one: it never takes longer than it takes
  const left = Math.min(whole, Math.floor(parseISO(wait.at).getTime() / 1000) + whole - now);
  if (now === 0) return null;
  return (
    <p role="timer" className={left > 0 ? '' : 'moss'}>
      {left > 0 ? (
        <>
          <b className="figure big">
            {Math.floor(left / 60)}:{String(left % 60).padStart(2, '0')}
          </b>{' '}
          <span className="soft">{proveWords.leftOfMinDo({ minutes: wait.minutes })}</span>
        </>
      ) : (
        proveWords.theMinutesAreOver({ minutes: wait.minutes })
      )}
    </p>
  );
}
