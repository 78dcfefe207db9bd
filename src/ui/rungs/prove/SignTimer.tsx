'use client';
import { proveWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import { powerUpOf } from '@/core/points';
import type { Check } from '@/core/prove';
import { useJob } from '../../log/JobContext';
import { useSay } from '../../log/useSay';
import { minutesText } from './minutesText';
import { useNow } from './useNow';

/** After that nobody counts seconds any more, s. */
const LONG_S = 60 * 60;

/** A sign that comes by itself once it is on: how long it is on, and what it means where the sign stays out. */
export function SignTimer({ sign: { seconds, ifNot } }: { readonly sign: NonNullable<Check['sign']> }) {
  const say = useSay();
  const { keptJob, kept } = useJob();
  const now = useNow();
  const { onSince } = powerUpOf(keptJob, kept);
  const most = minutesText(seconds);
  if (now === 0) return null;
  const on = onSince === null ? null : now - Math.floor(parseISO(onSince).getTime() / 1000);
  if (on === null || onSince === null || on < 0) return <p data-testid="sign">{proveWords.signWithin({ most })}</p>;
  if (on < seconds)
    return (
      <p role="timer" data-testid="sign">
        <b className="figure big">{minutesText(seconds - on)}</b>{' '}
        <span className="soft">{proveWords.onSinceSeconds({ seconds: minutesText(on), most })}</span>
      </p>
    );
  return (
    <div data-testid="sign">
      {on > LONG_S && <p>{proveWords.onSinceLong({ when: format(parseISO(onSince), 'd MMM HH:mm') })}</p>}
      <p className="straw-ink">
        <b>{proveWords.notSeenIn({ most })}</b> {say(ifNot)}
      </p>
    </div>
  );
}
