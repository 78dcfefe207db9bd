import { format, parseISO } from 'date-fns';
import type { Job } from '@/core/job';
import { plugAt, type Point } from '@/core/points';
import { verdictWords } from '@/words/screens';
import { useTerms } from '../log/useSay';

/** How the plug of a supply stands, in a word or two. */
export const PLUG_WORDS = {
  keptOut: verdictWords.aPlug,
  notSeen: verdictWords.plugNotSeenOut,
  in: verdictWords.plugIn,
  out: verdictWords.plugOut,
} as const;

/** The same where there is room for one word. */
export const PLUG_SHORT = { ...PLUG_WORDS, notSeen: verdictWords.plugIsIt } as const;

/** The pattern of the plate: as dead or as live as a circuit of that word. */
export const PLUG_CLASSES = { keptOut: 'off', notSeen: 'unknown', in: 'live', out: 'off' } as const;

/** A supply that plugs in has no breaker: what makes it dead is its plug, seen out of its outlet. */
export function PlugPlate({ job, point }: { readonly job: Job; readonly point: Point }) {
  const terms = useTerms();
  const plug = plugAt(job, point);
  if (!plug) return null;
  const who =
    'since' in plug && plug.since ? `${format(parseISO(plug.since.at), 'HH:mm')} · ${plug.since.byName}` : null;
  return (
    <div className={`plate ${PLUG_CLASSES[plug.state]}`} role="status" data-testid="circuit-state">
      <i />
      <span>
        {PLUG_WORDS[plug.state].toUpperCase()}
        <small>{plug.state === 'keptOut' ? verdictWords.noBreakerOutOf(terms) : who}</small>
      </span>
    </div>
  );
}
