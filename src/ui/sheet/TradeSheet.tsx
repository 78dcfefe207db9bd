import { sheetWords } from '@/words/screens';
import { Filled } from '../figures/Filled';
import type { ReactNode } from 'react';
import { sayIn, termsIn } from '@/words';
import { format, parseISO } from 'date-fns';
import { Fragment } from 'react';
import type { Catalogue } from '@/core/catalogue';
import { lengthsOf, regionOf, type Job, placeOf } from '@/core/job';
import { answerName } from '@/core/kinds';
import { planMarksOf } from '@/core/points';
import { PlanDrawing } from '../drawing/PlanDrawing';
import { Lines } from '../paper/Lines';
import { SHEETS } from '../points/sheets';

interface Props {
  readonly job: Job;
  readonly printedAt: string;
  /** The firm’s: of a way that is only proposed the parts are out of it. */
  readonly catalogue: Catalogue;
}

/** What the trade keeps of a job: what was found, decided, wired, mounted, proved, and what stays open. */
export function TradeSheet({ job, printedAt, catalogue }: Props) {
  const say = sayIn(placeOf(job));
  const { site, customer, expectedAt } = job;
  const region = regionOf(job);
  // Only what is there is spoken of
  const transformer = job.points.some(({ hangs, fed }) => hangs.supplyId !== null && fed.breaker);
  return (
    <>
      <div className="sheet-head new-page">
        <div>
          <h1>{job.erasedAt === null ? job.title : sheetWords.customerErased}</h1>
          <div className="soft">{sheetWords.forTheTrade}</div>
          <div>{site.address}</div>
        </div>
        <div className="small">
          {sheetWords.jobSheet({ printedAt: format(parseISO(printedAt), 'd MMM yyyy HH:mm') })}
          <br />
          {sheetWords.entries({ last: job.last })}
        </div>
      </div>
      <Lines
        lines={[
          [sheetWords.customer, customer.name],
          ['Wi-Fi', [customer.wifiName, customer.wifiBand && `${customer.wifiBand} GHz`].filter(Boolean).join(', ')],
          [sheetWords.supply, region.name],
          [termsIn(placeOf(job)).board, site.boardPlace],
          [sheetWords.yearBuilt, site.yearBuilt],
          [sheetWords.access, site.access],
          [sheetWords.visit, expectedAt && format(parseISO(expectedAt), 'd MMM yyyy HH:mm')],
        ]}
      />
      {job.plan.shapes.length > 0 && (
        <section className="keep-together">
          <h2>{sheetWords.planOfSite}</h2>
          <PlanDrawing
            plan={job.plan}
            marks={planMarksOf(job, (what) => say(answerName('targetPlaced', 'what', what)))}
            name={({ what }) => say(answerName('shapeDrawn', 'what', what))}
            lengths={lengthsOf(job)}
          />
        </section>
      )}
      {job.points.map((point, i) => (
        <Fragment key={point.id}>{SHEETS[point.kind].sheet(job, point, { isFirst: i === 0, catalogue })}</Fragment>
      ))}
      {job.notes.length > 0 && (
        <section>
          <h2>{sheetWords.notes}</h2>
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
        <h2>{sheetWords.cautions}</h2>
        <p>
          <Filled
            parts={sheetWords.mainsCanKillIf<ReactNode>({
              mainsWork: say(region.mainsWork),
              transformer: transformer && sheetWords.theTransformersPrimarySide,
            })}
          />
        </p>
      </section>
      <section className="keep-together sign-off">
        <div>{sheetWords.installer}</div>
        <div>{sheetWords.customer}</div>
        <div>{sheetWords.date}</div>
      </section>
    </>
  );
}
