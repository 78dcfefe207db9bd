'use client';
import { proveWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import type { Wait } from '@/core/points';
import { Meanwhile } from './Meanwhile';
import { minutesText } from './minutesText';
import { useNow } from './useNow';

/** Over for so long, it is no longer waited for: somebody forgot it, s. */
const FORGOTTEN_S = 60 * 60;
/** Clocks that were corrected agree better than that, s. */
const AHEAD_S = 60;
const WHEN = 'd MMM HH:mm';

/** How long a wait still takes, counted from its entry: it goes on with the screen off, and says what to do meanwhile. */
export function WaitTimer({ wait }: { readonly wait: Wait }) {
  const now = useNow();
  if (now === 0) return null;
  const began = Math.floor(parseISO(wait.at).getTime() / 1000);
  const whole = wait.minutes * 60;
  const when = format(parseISO(wait.at), WHEN);
  if (began - now > AHEAD_S)
    return (
      <p className="straw-ink" role="timer">
        {proveWords.startedAhead({ when })}
      </p>
    );
  // The clock of whoever started it may be a little ahead of this one: it never takes longer than it takes
  const left = Math.min(whole, began + whole - now);
  if (left <= 0)
    return (
      <p className="moss" role="timer">
        {left < -FORGOTTEN_S
          ? proveWords.overSince({ minutes: wait.minutes, when })
          : proveWords.theMinutesAreOver({ minutes: wait.minutes })}
      </p>
    );
  return (
    <>
      <p role="timer">
        <b className="figure big">{minutesText(left)}</b>{' '}
        <span className="soft">{proveWords.leftOfMinDo({ minutes: wait.minutes })}</span>
      </p>
      <Meanwhile />
    </>
  );
}
