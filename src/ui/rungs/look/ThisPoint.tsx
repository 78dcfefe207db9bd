'use client';
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

const REASON = [textField('reason', 'why it is taken away', undefined, { hint: 'customer keeps the old one' })];

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
      <summary>{kept.name} is something else, or is not wanted after all</summary>
      {built ? (
        <p className="soft">Work was done here: it stays what it is, and is taken away with a reason only.</p>
      ) : (
        <Choices
          label="it is"
          options={optionsOf(POINT_KIND_WORDS)}
          chosen={kept.kind}
          onPick={(picked) => picked && picked !== kept.kind && change(picked)}
        />
      )}
      {built ? (
        <AskForm
          fields={REASON}
          submit={`Take ${kept.name} away`}
          onSubmit={(data) => 'reason' in data && takeAway(String(data.reason))}
        />
      ) : sure ? (
        <div className="row-of">
          <Button variant="secondary" onClick={() => takeAway()}>
            Take {kept.name} away
          </Button>
          <Button variant="link" onClick={() => setSure(false)}>
            Keep it
          </Button>
        </div>
      ) : (
        <Button variant="link" onClick={() => setSure(true)}>
          Take this point away
        </Button>
      )}
      <p className="small soft">What it hangs on stays in the house. Undo brings the point back.</p>
    </details>
  );
}
