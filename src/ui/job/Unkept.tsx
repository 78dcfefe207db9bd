'use client';
import { jobWords } from '@/words/screens';
import { Filled } from '../figures/Filled';
import type { ReactNode } from 'react';
import { Button } from 'react-bootstrap';
import { sayIn, type Place } from '@/words';
import { placeOf } from '@/core/job';
import { factSaid, type NewEntry } from '@/core/kinds';
import { ENTRY_WORDS } from '../log/entryWords';
import { useJob } from '../log/JobContext';

/** What is not with the server yet, why, and what can be done about it. */
export function Unkept() {
  const { who, log, keptJob } = useJob();
  const place = placeOf(keptJob);
  if (!who)
    return (
      <div className="unkept" role="alert">
        {jobWords.nobodyIsNamedYet}
      </div>
    );
  if (log.keeping === 'away')
    return (
      <div className="unkept" role="alert">
        <span>{jobWords.theServerCantBeReached}</span>
        <Button variant="secondary" onClick={log.retry}>
          {jobWords.tryNow}
        </Button>
      </div>
    );
  return log.refused.map(({ entry, refused }) => (
    <div className="unkept" role="alert" key={entry.id}>
      <span>
        <Filled parts={jobWords.notKept<ReactNode>({ kind: ENTRY_WORDS[entry.kind], refused })} />
        <code className="small soft"> {written(entry, place)}</code>
      </span>
      <Button variant="secondary" onClick={log.retry}>
        {jobWords.sendAgain}
      </Button>
      <Button variant="link" onClick={() => log.drop(entry.id)}>
        {jobWords.dropIt}
      </Button>
    </div>
  ));
}

/** An entry's own words and figures, so that nothing typed is lost with it. */
const written = ({ kind, data }: NewEntry, place: Place): string => {
  const say = sayIn(place);
  return Object.entries(data)
    .filter(([name, value]) => name !== 'pointId' && typeof value !== 'object')
    .map(([name, value]) => {
      const fact = factSaid(kind, name, value);
      return fact ? `${say(fact.name)} ${say(fact.value)}` : `${name} ${String(value)}`;
    })
    .join(', ');
};
