'use client';
import { beforeWords } from '@/words/screens';
import { Filled } from '../figures/Filled';
import type { ReactNode } from 'react';
import { Button } from 'react-bootstrap';
import { format, parseISO } from 'date-fns';
import Link from 'next/link';
import { customerPage, customerText, placeOf } from '@/core/job';
import { sayIn } from '@/words';
import { useCopy } from '../form/useCopy';
import { useHandedJob, type HandedLog } from '../log/handed';
import { LogHere } from '../log/LogHere';

/** The page for the customer: what is still open, in plain words, to print or to send as a text. */
export function CustomerSheet({ log }: { readonly log: HandedLog | null }) {
  return <LogHere log={log}>{(known) => <Sheet log={known} />}</LogHere>;
}

function Sheet({ log }: { readonly log: HandedLog }) {
  const job = useHandedJob(log);
  const say = sayIn(placeOf(job));
  const when = job.expectedAt === null ? null : format(parseISO(job.expectedAt), beforeWords.dayAndHour);
  const page = customerPage(job, when);
  const text = customerText(page, say);
  const { copied, copy } = useCopy(text);
  return (
    <main id="main" className="sheet-page customer-page">
      <div className="sheet-head">
        <div>
          <h1>{beforeWords.beforeWeCome}</h1>
          <div>{[job.title, job.site.address].filter(Boolean).join(', ')}</div>
        </div>
        <span className="row-of no-print">
          <Link className="btn btn-secondary" href={`/jobs/${job.id}?rung=look&area=before`}>
            {beforeWords.backToTheJob}
          </Link>
          <Button variant="secondary" onClick={copy}>
            {copied === 'yes' ? beforeWords.copied : beforeWords.copyAsAText}
          </Button>
          <Button onClick={() => window.print()}>{beforeWords.print}</Button>
        </span>
      </div>
      <p className="lead-in">{say(page.opening)}</p>
      <ul className="asks">
        {page.asks.map((ask) => (
          <li key={say(ask)}>{say(ask)}</li>
        ))}
      </ul>
      <p>{say(page.closing)}</p>
      <div className="no-print block-top">
        <label htmlFor="as-text" className="soft small">
          <Filled
            parts={beforeWords.theSameAsA<ReactNode>({
              copied: copied === 'failed' && beforeWords.copyingWasNotAllowed,
            })}
          />
        </label>
        <textarea id="as-text" readOnly value={text} rows={Math.min(18, 5 + page.asks.length)} />
      </div>
    </main>
  );
}
