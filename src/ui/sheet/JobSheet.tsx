import { sheetWords } from '@/words/screens';
import Link from 'next/link';
import type { Catalogue } from '@/core/catalogue';
import type { Job } from '@/core/job';
import { PrintButton } from '../frame/PrintButton';
import { CustomerPage } from './CustomerPage';
import { ShareLinks } from './ShareLinks';
import { TradeSheet } from './TradeSheet';

interface Props {
  readonly job: Job;
  readonly printedAt: string;
  readonly root: string;
  readonly catalogue: Catalogue;
}

/** The sheets of a job as they are printed: the customer’s page, then the trade’s. */
export function JobSheet({ job, printedAt, root, catalogue }: Props) {
  return (
    <main id="main" className="sheet-page">
      <span className="row-of no-print">
        <Link className="btn btn-secondary" href={`/jobs/${job.id}`}>
          {sheetWords.backToTheJob}
        </Link>
        <PrintButton />
        <ShareLinks jobId={job.id} />
      </span>
      <CustomerPage job={job} printedAt={printedAt} root={root} />
      <TradeSheet job={job} printedAt={printedAt} catalogue={catalogue} />
    </main>
  );
}
