import { sheetWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import { houseForCustomer, placeOf, type Job } from '@/core/job';
import { customerSheet, seesForCustomer } from '@/core/points';
import { lowerFirst } from '@/core/units';
import { HouseDrawing } from '../drawing/HouseDrawing';
import { QrCode } from '../drawing/QrCode';
import { sayIn, termsIn } from '@/words';
import { SignedBy } from '../paper/SignedBy';
import { SHEETS } from '../points/sheets';
import { Levers } from './Levers';

/** A board of so many ways is drawn where nobody listed it. */
const USUAL_WAYS = 8;
/** More levers than these help nobody find one. */
const MOST_DRAWN = 24;

interface Props {
  readonly job: Job;
  readonly printedAt: string;
  /** Address under which the program is reached: the code on the page opens the record there. Null: without one. */
  readonly root: string | null;
}

/** The page that stays with the customer: what is where, how to switch it off, what to do when it fails, what is theirs to know. */
export function CustomerPage({ job, printedAt, root }: Props) {
  const say = sayIn(placeOf(job));
  const terms = termsIn(placeOf(job));
  const { names, stands, off, fails, yours, mended, open } = customerSheet(job);
  const left = job.points.flatMap((point) => point.left ?? []);
  const leftOver = job.points.flatMap(({ handover }) => handover.leftOver ?? []);
  const views = job.points.flatMap((point) => {
    const drawing = SHEETS[point.kind].seen(job, point);
    const sees = seesForCustomer(job, point);
    return drawing || sees.length > 0 ? [{ point, drawing, sees }] : [];
  });
  const signed = left.find(({ data }) => data.signed);
  const by = [...new Set(left.map((one) => one.by.name))];
  const numbers = off.flatMap(({ ways }) => ways.flatMap(({ way }) => Number(/\d+/.exec(way ?? '')?.[0] ?? NaN)));
  const drawn = [...new Set(numbers.filter((one) => Number.isInteger(one) && one > 0 && one <= MOST_DRAWN))];
  const count = Math.max(job.boards[0]?.numbered || USUAL_WAYS, ...drawn);
  return (
    <article className="for-customer" data-testid="customer-page">
      <header className="sheet-head">
        <div>
          <div className="soft">
            {[job.erasedAt === null ? job.title : '', job.site.address].filter(Boolean).join(', ')}
          </div>
          <h1>{sheetWords.yours({ names: terms.list(names) })}</h1>
        </div>
        <div className="small">
          <b>{format(parseISO(left[0]?.at ?? printedAt), 'd MMMM yyyy')}</b>
          {by.length > 0 && <div>{sheetWords.fittedBy({ by: terms.list(by) })}</div>}
        </div>
      </header>
      <div className="where">
        <HouseDrawing
          graph={houseForCustomer(job)}
          cellar={job.site.basement === 'yes'}
          here={null}
          say={say}
          onOpen={null}
        />
        <ol className="stands">
          {stands.map((words) => (
            <li key={say(words)}>{say(words)}</li>
          ))}
        </ol>
      </div>
      {open.length > 0 && (
        <section className="boxed" data-testid="not-proved">
          {open.map((words) => (
            <p key={say(words)}>{say(words)}</p>
          ))}
        </section>
      )}
      {mended.length > 0 && (
        <section data-testid="mended">
          <h2>{sheetWords.putRight}</h2>
          <ul>
            {mended.map((words) => (
              <li key={say(words)}>{say(words)}</li>
            ))}
          </ul>
        </section>
      )}
      <div className="customer-columns">
        <section>
          <h2>{sheetWords.toSwitchItOff}</h2>
          <div className="switch-off">
            {drawn.length > 0 && <Levers ways={drawn} count={Math.min(MOST_DRAWN, count)} />}
            <div>
              {off.some(({ ways }) => ways.length > 0) && (
                <p>{sheetWords.atTheBoard({ board: terms.board, place: job.site.boardPlace ?? '' })}</p>
              )}
              {off.map(({ point, byPlug, ways }) => (
                <p key={point}>
                  <b>
                    {point}:{' '}
                    {byPlug
                      ? sheetWords.pullItsPlug
                      : ways.length === 0
                        ? sheetWords.wayNotNamed
                        : ways.map(({ way }) => way ?? '?').join(', ')}
                  </b>
                  {ways.map(({ name }) => name && `, “${name}”`).join('')}
                </p>
              ))}
            </div>
          </div>
          <p className="boxed">{sheetWords.leaveItOn}</p>
        </section>
        <section>
          <h2>{sheetWords.whenSomethingFails}</h2>
          <table className="fails">
            <tbody>
              {fails.map(({ seen, does }) => (
                <tr key={say(seen)}>
                  <th scope="row">{say(seen)}</th>
                  <td>{say(does)}</td>
                </tr>
              ))}
              <tr>
                <th scope="row">{sheetWords.smellHeatWater}</th>
                <td>{sheetWords.offAndAskUs}</td>
              </tr>
            </tbody>
          </table>
        </section>
      </div>
      {views.map(({ point, drawing, sees }) => (
        <section key={point.id} className="sees">
          <div>{drawing}</div>
          <div>
            <h2>{sheetWords.whatSees({ name: lowerFirst(point.name) })}</h2>
            <ul>
              {sees.map((words) => (
                <li key={say(words)}>{say(words)}</li>
              ))}
            </ul>
          </div>
        </section>
      ))}
      <section>
        <h2>{sheetWords.yoursToKnow}</h2>
        <ul>
          {yours.map((words) => (
            <li key={say(words)}>{say(words)}</li>
          ))}
          {job.customer.sharers && <li>{sheetWords.sharedWith({ sharers: job.customer.sharers })}</li>}
          {job.customer.owner && <li>{sheetWords.accountIs({ owner: job.customer.owner })}</li>}
          {left.flatMap(({ data }) => (data.remark ? [<li key={data.remark}>{data.remark}</li>] : []))}
        </ul>
      </section>
      <footer className="record">
        {root !== null && (
          <figure>
            <QrCode address={`${root}/jobs/${job.id}`} name={sheetWords.codeOpensRecord} />
            <figcaption>{sheetWords.codeOpensRecord}</figcaption>
          </figure>
        )}
        <div>
          {leftOver.length > 0 && <p>{sheetWords.leftOver({ parts: leftOver.join('; ') })}</p>}
          {signed && <SignedBy left={signed} />}
          {!signed && root !== null && (
            <div className="sign-off">
              <div>{sheetWords.shownToMe}</div>
              <div>{sheetWords.forTheCrew}</div>
              <div>{sheetWords.date}</div>
            </div>
          )}
        </div>
      </footer>
    </article>
  );
}
