'use client';
import { boxWords } from '@/words/screens';
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
        <h2>{boxWords.theBoxAsFound}</h2>
        {point.cables.length === 0 ? (
          <p className="soft">{boxWords.noCableIsNamed}</p>
        ) : (
          <BoxDrawing
            say={say}
            wiring={foundOf(point)}
            place={place}
            title={boxWords.theBoxAsFound}
            picked={picked}
            onLead={(id) => setPicked(picked === id ? null : id)}
          />
        )}
      </section>
      <div className="halves">
        <section>
          <h2>{boxWords.feed}</h2>
          <p data-testid="feed">
            <b className={feed === null ? 'slate' : feed === 'd' ? 'brick' : 'moss'}>
              {feed === null ? boxWords.cantTellYet : boxWords.feed2({ feed })}
            </b>{' '}
            {say(words)}{' '}
            {open.length > 0 && <span className="soft">{boxWords.open2({ open: open.map(say).join('; ') })}</span>}
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
              none={boxWords.noRuleFindsFault}
              onPick={([lead]) => setPicked(lead ?? null)}
            />
          )}
        </section>
        <section>
          <h2>{boxWords.room}</h2>
          {room ? (
            <>
              {counted && <p className="small soft">{counted}</p>}
              <RoomTable say={say} room={room} />
              {cures}
            </>
          ) : (
            <p className="soft">{boxWords.nameTheBoxOr}</p>
          )}
        </section>
      </div>
      <section>
        <h2>{boxWords.whatComesIn}</h2>
        <CableList picked={picked} />
      </section>
      <section>
        <h2>{boxWords.theBox}</h2>
        <BoxFields />
      </section>
      <details className="block-top">
        <summary>
          {boxWords.atThisBoxTo({
            oneReading:
              point.tests.length === 1 ? boxWords.oneReading : boxWords.readings({ tests: point.tests.length }),
          })}
        </summary>
        <TestTable />
      </details>
    </>
  );
}
