import { sayIn, termsIn } from '@/words';
import { format, parseISO } from 'date-fns';
import Link from 'next/link';
import { Fragment } from 'react';
import { regionOf, type Job, placeOf } from '@/core/job';
import { Lines } from '../paper/Lines';
import { SHEETS } from '../points/sheets';
import { PrintButton } from '../frame/PrintButton';

/** The one printed sheet of a job: what was found, decided, wired, mounted, proved, and what stays open. */
export function JobSheet({ job, printedAt }: { readonly job: Job; readonly printedAt: string }) {
  const say = sayIn(placeOf(job));
  const { site, customer, expectedAt } = job;
  const region = regionOf(job);
  // Only what is there is spoken of
  const transformer = job.points.some(({ hangs, fed }) => hangs.supplyId !== null && !fed.plug);
  return (
    <main className="sheet-page">
      <div className="sheet-head">
        <div>
          <h1>{job.title}</h1>
          <div>{site.address}</div>
        </div>
        <div className="small">
          Job sheet, {format(parseISO(printedAt), 'd MMM yyyy HH:mm')}
          <br />
          {job.last} entries
        </div>
        <span className="row-of no-print">
          <Link className="btn btn-secondary" href={`/jobs/${job.id}`}>
            Back to the job
          </Link>
          <PrintButton />
        </span>
      </div>
      <Lines
        lines={[
          ['customer', customer.name],
          ['Wi-Fi', [customer.wifiName, customer.wifiBand && `${customer.wifiBand} GHz`].filter(Boolean).join(', ')],
          ['supply', region.name],
          [termsIn(placeOf(job)).board, site.boardPlace],
          ['year built', site.yearBuilt],
          ['access', site.access],
          ['visit', expectedAt && format(parseISO(expectedAt), 'd MMM yyyy HH:mm')],
        ]}
      />
      {job.points.map((point, i) => (
        <Fragment key={point.id}>{SHEETS[point.kind].sheet(job, point, i === 0)}</Fragment>
      ))}
      {job.notes.length > 0 && (
        <section>
          <h2>Notes</h2>
          <ul className="plain-list">
            {job.notes.map(({ entryId, text, by }) => (
              <li key={entryId}>
                {text} <span className="soft">{by.name}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <section className="keep-together">
        <h2>Cautions</h2>
        <p>
          {say(region.mainsWork)} Mains can kill: if not competent and permitted, hire a licensed electrician.
          {transformer && ' The transformer’s primary side is mains.'} Local code governs.
        </p>
      </section>
      <section className="keep-together sign-off">
        <div>installer</div>
        <div>customer</div>
        <div>date</div>
      </section>
    </main>
  );
}
