'use client';
import { lookWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { v7 } from 'uuid';
import { isBuilt } from '@/core/job';
import { changedKind } from '@/core/points';
import type { PointKind } from '@/core/kinds';
import { AskForm } from '../../form/AskForm';
import { textField } from '../../form/fields';
import { Choices, optionsOf } from '../../form/Choices';
import { useJob } from '../../log/JobContext';
import { POINT_KIND_WORDS } from '../../points/words';

const REASON = [textField('reason', lookWords.whyItIsTaken, undefined, { hint: lookWords.customerKeepsTheOld })];

/** This point is of another kind, or is not wanted after all. What was built is struck with a reason only. */
export function ThisPoint() {
  const { keptJob, kept, log, write } = useJob();
  const router = useRouter();
  const [sure, setSure] = useState(false);
  const added = log.entries.find((entry) => entry.kind === 'pointAdded' && entry.data.pointId === kept.id);
  const built = isBuilt(kept);
  const takeAway = (reason?: string) => {
    if (!added) return;
    write('entryStruck', { target: added.id, ...(reason ? { reason } : {}) });
    const other = keptJob.points.find(({ id }) => id !== kept.id);
    router.push(other ? `?point=${other.id}&rung=look` : '?');
  };
  const change = (pointKind: PointKind) => write('pointHung', changedKind(kept, pointKind, v7));
  return (
    <details>
      <summary>{lookWords.isSomethingElseOr({ name: kept.name })}</summary>
      {built ? (
        <p className="soft">{lookWords.workWasDoneHere}</p>
      ) : (
        <Choices
          label={lookWords.itIs}
          options={optionsOf(POINT_KIND_WORDS)}
          chosen={kept.kind}
          onPick={(picked) => picked && picked !== kept.kind && change(picked)}
        />
      )}
      {built ? (
        <AskForm
          fields={REASON}
          submit={lookWords.takeAway({ name: kept.name })}
          onSubmit={({ reason }) => takeAway(reason)}
        />
      ) : sure ? (
        <div className="row-of">
          <Button variant="secondary" onClick={() => takeAway()}>
            {lookWords.takeAway({ name: kept.name })}
          </Button>
          <Button variant="link" onClick={() => setSure(false)}>
            {lookWords.keepIt}
          </Button>
        </div>
      ) : (
        <Button variant="link" onClick={() => setSure(true)}>
          {lookWords.takeThisPointAway}
        </Button>
      )}
      <p className="small soft">{lookWords.whatItHangsOn}</p>
    </details>
  );
}
