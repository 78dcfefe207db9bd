import { sheetWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import { Fragment } from 'react';
import { Table } from 'react-bootstrap';
import { placeOf, regionOf, type Job } from '@/core/job';
import { circuitsOfPoint, licensedSteps, pointsForLicence, type Point } from '@/core/points';
import { sayIn, termsIn } from '@/words';
import { ProofsTable } from '../paper/ProofsTable';
import { SwitchOff } from '../paper/SwitchOff';
import { SHEETS } from '../points/sheets';

/** Work that is for a licence, in its order: what, and by whom it was done. */
function LicensedWork({ job, point }: { readonly job: Job; readonly point: Point }) {
  const say = sayIn(placeOf(job));
  return (
    <Table>
      <tbody>
        {licensedSteps(job, point).map(({ step, isKept, tick }) => (
          <tr key={step.id}>
            <td>{tick ? '✓' : ''}</td>
            <td>
              {say(step.words)}
              {tick?.differs && <span className="block">{sheetWords.asBuiltDiffers({ differs: tick.differs })}</span>}
            </td>
            <td className="by">
              {tick
                ? `${tick.how === 'bySomebodyElse' ? `${sheetWords.bySomebodyElse}, ` : ''}${tick.by.name}, ${format(parseISO(tick.at), 'd MMM HH:mm')}`
                : isKept
                  ? sheetWords.forLicence
                  : sheetWords.open}
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

/** For the electrician: what is theirs to do or was done by them, at which circuits, proved dead how, wired how. */
export function ElectricianSheet({ job, printedAt }: { readonly job: Job; readonly printedAt: string }) {
  const say = sayIn(placeOf(job));
  const terms = termsIn(placeOf(job));
  return (
    <>
      <div className="sheet-head">
        <div>
          <h1>{job.erasedAt === null ? job.title : sheetWords.customerErased}</h1>
          <div className="soft">{sheetWords.forTheElectrician}</div>
          <div>{job.site.address}</div>
        </div>
        <div className="small">{format(parseISO(printedAt), 'd MMM yyyy HH:mm')}</div>
      </div>
      <p>
        {regionOf(job).name}. {terms.board}: {job.site.boardPlace ?? sheetWords.placeNotSaid}.
      </p>
      <p>{say(regionOf(job).mainsWork)}</p>
      {pointsForLicence(job).map((point) => (
        <Fragment key={point.id}>
          <h2 className="point-name">{point.name}</h2>
          <h3>{sheetWords.workForLicence}</h3>
          <LicensedWork job={job} point={point} />
          <SwitchOff say={say} job={job} point={point} />
          {circuitsOfPoint(job, point).flatMap(({ id, sharedNeutral }) =>
            sharedNeutral === 'yes' ? [<p key={id}>{sheetWords.sharesItsNeutral}</p>] : [],
          )}
          <ProofsTable job={job} point={point} />
          {SHEETS[point.kind].wiring(job, point)}
        </Fragment>
      ))}
      <div className="sign-off">
        <div>{sheetWords.electrician}</div>
        <div>{sheetWords.licence}</div>
        <div>{sheetWords.date}</div>
      </div>
    </>
  );
}
