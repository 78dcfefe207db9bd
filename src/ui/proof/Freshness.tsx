'use client';
import { wireWords } from '@/words/screens';
import { format } from 'date-fns';
import { useTerms } from '../log/useSay';
import { useJob } from '../log/JobContext';

/** Somebody who wrote that lately is still at work in the house, ms. */
const LATELY_MS = 20 * 60_000;

/** How old what a mains step knows is; whom else there is to reckon with. The true guard is the lock and the tag. */
export function Freshness() {
  const { log, asker, who } = useJob();
  const { way } = useTerms();
  const others = [
    ...new Set(
      log.entries.flatMap(({ by, at }) =>
        by.id !== who?.id && asker.at - Date.parse(at) < LATELY_MS && Date.parse(at) <= asker.at ? by.name : [],
      ),
    ),
  ];
  const read = format(log.readAt, 'HH:mm');
  if (log.isAway) return <p className="caution">{wireWords.knownUpTo({ read, way })}</p>;
  return others.length > 0 ? (
    <p className="caution">{wireWords.othersAtWork({ names: others.join(', '), read, way })}</p>
  ) : (
    <p className="small soft">{wireWords.knownNow({ read })}</p>
  );
}
