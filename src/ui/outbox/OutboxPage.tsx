'use client';
import { outboxWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import { FileDown } from 'lucide-react';
import Link from 'next/link';
import { Fragment, useEffect, useState } from 'react';
import { Button, Table } from 'react-bootstrap';
import { NoOutbox } from '@/contract/outboxFile';
import { factOf, type NewEntry } from '@/core/kinds';
import { said, type Text } from '@/core/said';
import { momentText } from '../figures/momentText';
import { OnClient } from '../frame/OnClient';
import { canKeepPages } from '../frame/serviceWorker';
import { useDayAhead } from '../frame/useDayAhead';
import { allWaiting, namedJobs, type NamedJob, type WaitingJob } from '../log/allWaiting';
import { ENTRY_WORDS } from '../log/entryWords';
import { sendAll, sendNow } from '../log/senders';
import { useSay } from '../log/useSay';
import { onWaitingCount } from '../log/shelf';
import { FileIn } from '../form/FileIn';
import { Yes } from '../form/Yes';
import { goMetered, isMetered, setGoMetered } from '../photo/line';
import { onPhotos, photosThatWait, type WaitingPhoto } from '../photo/photoQueue';
import { sendPhotos } from '../photo/photoSender';
import { handOver, takeIn } from './handingOver';
import { bytesText } from './saving';
import { useStorage } from './useStorage';

/** What waits on this device for the firm: since when, how big, and how it gets there without a server. */
export function OutboxPage() {
  return (
    <OnClient>
      <Waits />
    </OnClient>
  );
}

const FAULTS: Readonly<Record<string, string>> = {
  unreadable: outboxWords.unreadable,
  another: outboxWords.another,
  newer: outboxWords.newer,
};

/** Whether one can go where there is no network. */
function useAheadText(): string {
  const ahead = useDayAhead();
  if (!canKeepPages()) return outboxWords.keepsNoPages;
  return ahead
    ? outboxWords.ahead({ jobs: ahead.jobs, at: momentText(Date.parse(ahead.at)) })
    : outboxWords.notAheadYet;
}

function Waits() {
  const [jobs, setJobs] = useState<readonly WaitingJob[] | null>(null);
  const [photos, setPhotos] = useState<readonly WaitingPhoto[]>([]);
  const [nobodys, setNobodys] = useState<readonly NamedJob[]>([]);
  const [told, setTold] = useState<{ readonly words: string; readonly isFault: boolean } | null>(null);
  const [goes, setGoes] = useState(goMetered);
  const storage = useStorage();
  const aheadText = useAheadText();
  useEffect(() => {
    const look = (): void => {
      const lookAtPhotos = photosThatWait().then(async (all) => {
        setNobodys(await namedJobs(all.filter(({ by }) => !by).map(({ jobId }) => jobId)));
        setPhotos(all);
      });
      Promise.all([allWaiting().then(setJobs), lookAtPhotos]).catch((error: unknown) => console.warn(error));
    };
    const stops = [onWaitingCount(look), onPhotos(look)];
    return () => stops.forEach((stop) => stop());
  }, []);
  const isHeld = isMetered() && !goes;
  const unsigned = photos.filter(({ by }) => !by);
  // Those that wait for another line, or for who took them, do not go by that button
  const going = isHeld ? 0 : photos.length - unsigned.length;
  const sendEverything = (): void => {
    sendNow();
    sendPhotos().catch((error: unknown) => console.warn(error));
  };
  const letGo = (go: boolean): void => {
    setGoMetered(go);
    setGoes(go);
    sendPhotos().catch((error: unknown) => console.warn(error));
  };
  const count = (jobs ?? []).reduce((sum, { waiting }) => sum + waiting.length, 0);
  const handAll = async (): Promise<void> => {
    setTold({ words: outboxWords.handed(await handOver()), isFault: false });
  };
  const take = async (file: File): Promise<void> => {
    try {
      setTold({ words: outboxWords.taken(await takeIn(file)), isFault: false });
      await sendAll();
      await sendPhotos();
    } catch (error) {
      if (!(error instanceof NoOutbox)) throw error;
      setTold({ words: `${file.name}: ${FAULTS[error.message] ?? outboxWords.unreadable}`, isFault: true });
    }
  };
  return (
    <main id="main" className="page outbox">
      <div className="page-head">
        <h1>{outboxWords.outbox}</h1>
        <span className="soft">
          {count === 0 && photos.length === 0
            ? outboxWords.nothingWaits
            : outboxWords.waits({ count, photos: photos.length })}
        </span>
      </div>
      <div className="row-of">
        <Button disabled={count + going === 0} onClick={sendEverything}>
          {outboxWords.sendNow}
        </Button>
        <Button variant="secondary" disabled={count + photos.length === 0} onClick={() => void handAll()}>
          <FileDown size={18} aria-hidden="true" /> {outboxWords.handOver}
        </Button>
        <FileIn label={outboxWords.takeIn} accept="application/json,.json" onFile={(file) => void take(file)} />
      </div>
      {told && (
        <p className={told.isFault ? 'brick' : undefined} role={told.isFault ? 'alert' : 'status'}>
          {told.words}
        </p>
      )}
      <p className="soft">{outboxWords.why}</p>
      {jobs?.map((job) => (
        <JobWaits key={job.jobId} job={job} />
      ))}
      {photos.length > 0 && (
        <section>
          <h2>{outboxWords.photos}</h2>
          <p>
            {outboxWords.photosWait({
              count: photos.length,
              size: bytesText(photos.reduce((sum, { file }) => sum + file.size, 0)),
            })}{' '}
            {photos.length > unsigned.length && (
              <span className="soft">{isHeld ? outboxWords.photosHeld : outboxWords.photosLater}</span>
            )}
          </p>
          {unsigned.length > 0 && (
            <p>
              {outboxWords.unsigned({ count: unsigned.length })}{' '}
              {nobodys.map(({ jobId, title }, place) => (
                <Fragment key={jobId}>
                  {place > 0 && ', '}
                  <Link href={`/jobs/${jobId}`}>{title ?? outboxWords.someJob}</Link>
                </Fragment>
              ))}
            </p>
          )}
          <ul className="plain-list">
            {photos.flatMap(({ id, name, refused }) =>
              refused === undefined ? (
                []
              ) : (
                <li key={id} className="brick">
                  {name}: {refused}
                </li>
              ),
            )}
          </ul>
        </section>
      )}
      <section>
        <h2>{outboxWords.thisDevice}</h2>
        <p>{aheadText}</p>
        <Yes words={outboxWords.goMetered} yes={goes} onTurn={letGo} />
        {storage.used !== null && (
          <p>
            {outboxWords.room({ used: bytesText(storage.used), all: bytesText(storage.all ?? 0) })}{' '}
            {storage.isFull && <b className="brick">{outboxWords.nearlyFull}</b>}
          </p>
        )}
        <p>
          {storage.isLasting ? outboxWords.lasts : outboxWords.mayGo}{' '}
          {!storage.isLasting && (
            <Button variant="link" onClick={storage.ask}>
              {outboxWords.askToKeep}
            </Button>
          )}
          {storage.refused && <span className="brick"> {outboxWords.notGranted}</span>}
        </p>
      </section>
    </main>
  );
}

/** The names of the facts that an entry says, as far as they are described. */
const factsIn = ({ kind, data }: NewEntry): readonly Text[] =>
  Object.keys(data).flatMap((field) => (factOf(kind, field) ? said('fact', { kind, field }) : []));

/** What of it is of one job, the oldest first. */
function JobWaits({ job: { jobId, title, waiting } }: { readonly job: WaitingJob }) {
  const say = useSay();
  return (
    <section>
      <h2>
        <Link href={`/jobs/${jobId}`}>{title ?? outboxWords.someJob}</Link>
      </h2>
      <Table>
        <thead>
          <tr>
            <th>{outboxWords.since}</th>
            <th>{outboxWords.what}</th>
            <th>{outboxWords.by}</th>
            <th className="figure-column">{outboxWords.size}</th>
          </tr>
        </thead>
        <tbody>
          {waiting.map(({ entry, refused }) => (
            <tr key={entry.id}>
              <td className="m">{format(parseISO(entry.at), 'd MMM HH:mm')}</td>
              <td>
                {ENTRY_WORDS[entry.kind]}
                <small className="soft block">{factsIn(entry).map(say).join(', ')}</small>
                {refused !== undefined && (
                  <small className="brick block">{outboxWords.refused({ why: refused })}</small>
                )}
              </td>
              <td>{entry.by.name}</td>
              <td className="m figure-column">{bytesText(JSON.stringify(entry).length)}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </section>
  );
}
