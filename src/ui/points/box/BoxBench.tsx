'use client';
import { useSay } from '../../log/useSay';
import { useState, type ReactNode } from 'react';
import { boxDoubts, boxSurveyOf, findingsOf, foundOf, type Missing } from '@/core/points';
import { feedCase, type BoxRoom } from '@/core/junction';
import { Findings } from '../../verdict/Findings';
import { RoomTable } from './RoomTable';
import { BoxDrawing } from '../../drawing/BoxDrawing';
import { useJob } from '../../log/JobContext';
import { BoxFields } from './BoxFields';
import { CableList } from './CableList';
import { TestNext } from './TestNext';
import { TestTable } from './TestTable';

interface Props {
  /** Where its leads are drawn. */
  readonly place: 'box' | 'transformer';
  /** What is still to be said of it where no test comes next. */
  readonly missing: Missing | undefined;
  /** Room for all that is to be in it; null where the box is not named. */
  readonly room: BoxRoom | null;
  /** What was counted, where that wants a word. */
  readonly counted: string | null;
  /** What would give more room, where it is asked here. */
  readonly cures: ReactNode;
  /** Whether what the rules say of it as found is told here. */
  readonly rules: boolean;
}

/** A junction box: what it is, what comes in, what each conductor carries by test, and whether all of it has room. */
export function BoxBench({ place, missing, room, counted, cures, rules }: Props) {
  const say = useSay();
  const { job, point } = useJob();
  const [picked, setPicked] = useState<string | null>(null);
  const survey = boxSurveyOf(point);
  const { feed, words, open } = feedCase(survey);
  const doubts = boxDoubts(point);
  const { found } = findingsOf(job, point);
  return (
    <>
      <TestNext missing={missing} />
      <section>
        <h2>The box as found</h2>
        {point.cables.length === 0 ? (
          <p className="soft">No cable is named yet: name them below, by the usual sets.</p>
        ) : (
          <BoxDrawing
            say={say}
            wiring={foundOf(point)}
            place={place}
            title="The box as found"
            picked={picked}
            onLead={(id) => setPicked(picked === id ? null : id)}
          />
        )}
      </section>
      <div className="halves">
        <section>
          <h2>Feed</h2>
          <p data-testid="feed">
            <b className={feed === null ? 'slate' : feed === 'd' ? 'brick' : 'moss'}>
              {feed === null ? 'Can’t tell yet.' : `Feed ${feed}.`}
            </b>{' '}
            {say(words)} {open.length > 0 && <span className="soft">Open: {open.map(say).join('; ')}.</span>}
          </p>
          {doubts.map((doubt) => (
            <p key={say(doubt)} className="brick">
              {say(doubt)}
            </p>
          ))}
          {rules && feed !== null && (
            <Findings
              say={say}
              // What stands ahead of the feed is told by the feed itself
              findings={found.filter(({ rule }) => rule !== 'alwaysOn')}
              none="No rule finds fault with it as found."
              onPick={([lead]) => setPicked(lead ?? null)}
            />
          )}
        </section>
        <section>
          <h2>Room</h2>
          {room ? (
            <>
              {counted && <p className="small soft">{counted}</p>}
              <RoomTable say={say} room={room} />
              {cures}
            </>
          ) : (
            <p className="soft">Name the box or the volume marked in it: all that is in it is counted from there.</p>
          )}
        </section>
      </div>
      <section>
        <h2>What comes in</h2>
        <CableList picked={picked} />
      </section>
      <section>
        <h2>The box</h2>
        <BoxFields />
      </section>
      <details className="block-top">
        <summary>
          {point.tests.length === 1 ? 'One reading' : `${point.tests.length} readings`} at this box, to look at or take
          back
        </summary>
        <TestTable />
      </details>
    </>
  );
}
