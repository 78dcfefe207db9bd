'use client';
import { Button } from 'react-bootstrap';
import { useSay } from '../../log/useSay';
import { Download, Printer } from 'lucide-react';
import Link from 'next/link';
import { RUNG_NAMES, TEXT, type EntryData } from '@/core/kinds';
import { toTell, worriesOf } from '@/core/points';
import { AskForm } from '../../form/AskForm';
import { textField } from '../../form/fields';
import { useJob } from '../../log/JobContext';

/** What stays: the sheet, the job file, what is still open, and the handing over. */
export function LeaveBench() {
  const say = useSay();
  const { job, point, assessment, marks, write } = useJob();
  const undone = marks.filter(({ rung, state }) => rung !== 'leave' && state !== 'done');
  const worries = worriesOf(job, point, assessment);
  const { left } = point;
  const handOver = (data: object) => {
    // The fields of this form are those of the kind
    const { customer, remark } = data as Pick<EntryData<'pointLeft'>, 'customer' | 'remark'>;
    write('pointLeft', {
      pointId: point.id,
      copyGiven: true,
      ...(customer ? { customer } : {}),
      ...(remark ? { remark } : {}),
    });
  };
  return (
    <div className="halves">
      <section>
        <h2>What stays</h2>
        <div className="row-of">
          <Link className="btn btn-secondary" href={`/jobs/${job.id}/sheet`}>
            <Printer size={18} aria-hidden="true" /> Job sheet
          </Link>
          <a className="btn btn-secondary" href={`/api/v1/jobs/${job.id}/file`} download={`${job.title}.json`}>
            <Download size={18} aria-hidden="true" /> Job file
          </a>
        </div>
        <p className="small soft">The sheet prints; the file holds the whole log and can be taken in elsewhere.</p>
        <h2>Note</h2>
        <AskForm
          fields={[textField('text', 'for the record', undefined, { most: TEXT.long })]}
          submit="Write it down"
          onSubmit={(data) => 'text' in data && write('noteWritten', { text: String(data.text) })}
        />
        <ul className="plain-list">
          {job.notes.map(({ entryId, text, by }) => (
            <li key={entryId}>
              {text} <span className="small soft">{by.name}</span>
            </li>
          ))}
        </ul>
      </section>
      <section>
        <h2>Handing over</h2>
        {undone.length > 0 ? (
          <p className="brick" data-testid="undone">
            Not done yet:{' '}
            {undone.map(({ rung, words }) => `${RUNG_NAMES[rung]}${words ? ` (${say(words)})` : ''}`).join(', ')}.
          </p>
        ) : (
          <p className="moss">Every rung is done.</p>
        )}
        {worries.length > 0 && (
          <p>
            {worries.length === 1
              ? 'One worry stays open: it prints on the sheet.'
              : `${worries.length} worries stay open: they print on the sheet.`}
          </p>
        )}
        {left ? (
          <>
            <p>
              <b className="moss">Handed over</b>
              {left.data.customer ? ` to ${left.data.customer}` : ''}, {left.by.name}. {left.data.remark}
            </p>
            <Button variant="secondary" onClick={() => write('entryStruck', { target: left.entryId })}>
              Not handed over after all
            </Button>
          </>
        ) : (
          <AskForm
            fields={[
              { ...textField('customer', 'handed to', job.customer.name), optional: true },
              {
                ...textField('remark', 'what was told or stays to do', undefined, { most: TEXT.long }),
                optional: undone.length === 0,
              },
            ]}
            submit="The sheet is handed over"
            main
            onSubmit={handOver}
          />
        )}
        <ul className="plain-list small soft">
          {toTell(point).map((words) => (
            <li key={say(words)}>{say(words)}</li>
          ))}
        </ul>
      </section>
    </div>
  );
}
