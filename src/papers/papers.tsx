import type { DocumentProps } from '@react-pdf/renderer';
import type { ReactElement } from 'react';
import type { PaperAsked, PaperName } from '@/contract/papers';
import type { Catalogue } from '@/core/catalogue';
import type { Job } from '@/core/job';
import { CustomerPage } from '@/ui/sheet/CustomerPage';
import { ElectricianSheet } from '@/ui/sheet/ElectricianSheet';
import { TradeSheet } from '@/ui/sheet/TradeSheet';
import type { Pictures } from './flow';
import { Labels } from './Labels';
import { Paper } from './Paper';

/** What a document is made of. */
export interface Made {
  readonly job: Job;
  readonly catalogue: Catalogue;
  readonly asked: PaperAsked;
  readonly printedAt: string;
  readonly root: string;
  readonly pictures: Pictures;
}

type PaperMaker = (made: Made) => ReactElement<DocumentProps>;

const sheet =
  (shown: (made: Made) => ReactElement): PaperMaker =>
  (made) => <Paper title={made.job.title} size={made.asked.size} shown={shown(made)} pictures={made.pictures} />;

/** Every paper of a job: a line for each. */
export const MAKERS: Readonly<Record<PaperName, PaperMaker>> = {
  customer: sheet(({ job, printedAt, root }) => <CustomerPage job={job} printedAt={printedAt} root={root} />),
  job: sheet(({ job, printedAt, catalogue }) => <TradeSheet job={job} printedAt={printedAt} catalogue={catalogue} />),
  labels: ({ job, asked, root, printedAt }) => <Labels job={job} asked={asked} root={root} printedAt={printedAt} />,
  electrician: sheet(({ job, printedAt }) => <ElectricianSheet job={job} printedAt={printedAt} />),
};
