'use client';
import { leaveWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useSay } from '../../log/useSay';
import { Download, FileText, Printer } from 'lucide-react';
import Link from 'next/link';
import { RUNG_NAMES, TEXT } from '@/core/kinds';
import { toTell } from '@/core/points';
import { AskForm } from '../../form/AskForm';
import { textField } from '../../form/fields';
import { useJob } from '../../log/JobContext';
import { SignedBy } from '../../paper/SignedBy';
import { EraseCustomer } from './EraseCustomer';
import { HandOver } from './HandOver';
import { NextJob } from './NextJob';
import { StillOpen } from './StillOpen';
import { WhatComesDue } from './WhatComesDue';

/** What stays: the sheet, the job file, what is still open, and the handing over. */
export function LeaveBench() {
  const say = useSay();
  const { job, point, marks, write } = useJob();
  const undone = marks.filter(({ rung, state }) => rung !== 'leave' && state !== 'done');
  const { left } = point;
  return (
    <div className="halves">
      <section>
        <h2>{leaveWords.whatStays}</h2>
        <div className="row-of">
          <Link className="btn btn-secondary" href={`/jobs/${job.id}/papers`}>
            <FileText size={18} aria-hidden="true" /> {leaveWords.papers}
          </Link>
          <Link className="btn btn-secondary" href={`/jobs/${job.id}/sheet`}>
            <Printer size={18} aria-hidden="true" /> {leaveWords.jobSheet}
          </Link>
          <a className="btn btn-secondary" href={`/api/v1/jobs/${job.id}/file`} download={`${job.title}.json`}>
            <Download size={18} aria-hidden="true" /> {leaveWords.jobFile}
          </a>
          <a
            className="btn btn-secondary"
            href={`/api/v1/jobs/${job.id}/container?with=papers`}
            download={`${job.title}.foxjob.tar`}
          >
            <Download size={18} aria-hidden="true" /> {leaveWords.everythingTogether}
          </a>
        </div>
        <p className="small soft">{leaveWords.theSheetPrintsThe}</p>
        <WhatComesDue />
        {job.erasedAt === null && <NextJob />}
        <h2>{leaveWords.note}</h2>
        <AskForm
          fields={[textField('text', leaveWords.forTheRecord, undefined, { most: TEXT.long })]}
          submit={leaveWords.writeItDown}
          onSubmit={(note) => write('noteWritten', note)}
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
        <h2>{leaveWords.handingOver}</h2>
        {undone.length > 0 ? (
          <p className="brick" data-testid="undone">
            {leaveWords.notDoneYet({
              undone: undone
                .map(({ rung, words }) => `${RUNG_NAMES[rung]}${words ? ` (${say(words)})` : ''}`)
                .join(', '),
            })}
          </p>
        ) : (
          <p className="moss">{leaveWords.everyRungIsDone}</p>
        )}
        <StillOpen />
        {left ? (
          <>
            <p>
              <b className="moss">{leaveWords.handedOver}</b>
              {left.data.customer ? leaveWords.to({ customer: left.data.customer }) : ''}, {left.by.name}.{' '}
              {left.data.remark}
            </p>
            <SignedBy left={left} />
            <Button variant="secondary" onClick={() => write('entryStruck', { target: left.entryId })}>
              {leaveWords.notHandedOverAfter}
            </Button>
          </>
        ) : (
          <HandOver isDone={undone.length === 0} />
        )}
        <ul className="plain-list small soft">
          {toTell(point).map((words) => (
            <li key={say(words)}>{say(words)}</li>
          ))}
        </ul>
        <EraseCustomer />
      </section>
    </div>
  );
}
