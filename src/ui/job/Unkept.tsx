'use client';
import { jobWords } from '@/words/screens';
import { Filled } from '../figures/Filled';
import type { ReactNode } from 'react';
import Link from 'next/link';
import { Button } from 'react-bootstrap';
import { sayIn, type Place } from '@/words';
import { placeOf } from '@/core/job';
import { factSaid, type NewEntry } from '@/core/kinds';
import { ENTRY_WORDS } from '../log/entryWords';
import { useJob } from '../log/JobContext';
import { useAside } from '../log/useAside';
import type { Stuck } from '../log/useEntryLog';
import { useUnwritten } from '../log/useTyped';

/** What is not with the server yet, why, and what can be done about it. */
export function Unkept() {
  const { who, log, keptJob } = useJob();
  const { left, drop } = useUnwritten(keptJob.id);
  return (
    <>
      {!who && <Told>{jobWords.nobodyIsNamedYet}</Told>}
      {who && log.shelfFault !== null && <Told>{jobWords.thisBrowserCantKeep({ fault: log.shelfFault })}</Told>}
      {/* It comes and goes while a finger is on its way to a button: nothing gives way to it */}
      {who && log.keeping === 'failed' && (
        <Told atFoot>
          <span>{jobWords.theServerFailed}</span>
          <Button variant="secondary" onClick={log.retry}>
            {jobWords.tryNow}
          </Button>
        </Told>
      )}
      {log.stuck.map((stuck) => (
        <StuckEntry key={stuck.entry.id} stuck={stuck} />
      ))}
      {left.map(({ form, where, texts, labels }) => (
        <Told key={form}>
          <span>
            {jobWords.typedAndNotWritten({
              texts: Object.entries(texts)
                .filter(([, text]) => text.trim() !== '')
                .map(([name, text]) => `${labels[name] ?? name} “${text}”`)
                .join(', '),
            })}
          </span>
          <Link className="btn btn-secondary" href={`/jobs/${keptJob.id}${where}`}>
            {jobWords.goThere}
          </Link>
          <Button variant="link" onClick={() => drop(form)}>
            {jobWords.throwItAway}
          </Button>
        </Told>
      ))}
      <SetAside />
    </>
  );
}

/** @param props.atFoot it lies over the foot of the page and takes no room */
function Told({ children, atFoot = false }: { readonly children: ReactNode; readonly atFoot?: boolean }) {
  return (
    <div className={atFoot ? 'unkept at-foot' : 'unkept'} role="alert">
      {children}
    </div>
  );
}

/** An entry that does not go: refused with a reason, or what the server fails at while others pass. */
function StuckEntry({ stuck: { entry, why } }: { readonly stuck: Stuck }) {
  const { log, keptJob } = useJob();
  const kind = ENTRY_WORDS[entry.kind];
  return (
    <Told>
      <span>
        <Filled
          parts={
            why === null ? jobWords.failedAt<ReactNode>({ kind }) : jobWords.notKept<ReactNode>({ kind, refused: why })
          }
        />
        <code className="small soft"> {written(entry, placeOf(keptJob))}</code>
      </span>
      <Button variant="secondary" onClick={log.retry}>
        {jobWords.sendAgain}
      </Button>
      <Button variant="link" onClick={() => log.setAside(entry.id)}>
        {jobWords.setItAside}
      </Button>
      <Button variant="link" onClick={() => log.drop(entry.id)}>
        {jobWords.dropIt}
      </Button>
    </Told>
  );
}

/** What was set aside in this browser, to be saved as a file; it is thrown away by hand alone. */
function SetAside() {
  const { keptJob } = useJob();
  const aside = useAside(keptJob.id);
  if (aside.items.length === 0) return null;
  const href = `data:application/json;charset=utf-8,${encodeURIComponent(JSON.stringify(aside.items, null, 2))}`;
  return (
    <Told>
      <span>{jobWords.setAsideHere({ count: aside.items.length })}</span>
      <a className="btn btn-secondary" href={href} download={`${keptJob.id}-aside.json`}>
        {jobWords.saveAsFile}
      </a>
      <Button variant="link" onClick={aside.throwAway}>
        {jobWords.throwItAway}
      </Button>
    </Told>
  );
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
