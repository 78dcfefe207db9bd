'use client';
import { useState } from 'react';
import { TRANSFORMER_ADDED, boxDoubts, boxSurveyOf, findingsOf, foundOf, regionOf, fixtureOf } from '@/core/job';
import { boxItemsIn } from '@/core/catalogue';
import { NOTHING_ADDED, boxRoom, feedCase, roomCures } from '@/core/junction';
import { CureLines } from '../kit/box/CureLines';
import { Findings } from '../kit/box/Findings';
import { RoomTable } from '../kit/box/RoomTable';
import { BoxDrawing } from '../kit/drawing/BoxDrawing';
import { useJob } from '../kit/job/JobContext';
import { BoxFields } from './BoxFields';
import { CableList } from './CableList';
import { TestNext } from './TestNext';
import { TestTable } from './TestTable';

/** A junction box: what it is, what comes in, what each conductor carries by test, and whether all of it has room. */
export function BoxBench() {
  const { job, point, catalogue } = useJob();
  const [picked, setPicked] = useState<string | null>(null);
  const survey = boxSurveyOf(point);
  const { feed, words, open } = feedCase(survey);
  const { words: place } = regionOf(job);
  const doubts = boxDoubts(point);
  const { found } = findingsOf(job, point);
  const floodlight = point.kind === 'floodlight';
  // Before a fixture is chosen the box is counted with what is in it now
  const room =
    fixtureOf(point)?.room ?? boxRoom(survey, floodlight ? NOTHING_ADDED : TRANSFORMER_ADDED, regionOf(job).boxRoom);
  const transformerCures = roomCures(
    survey,
    TRANSFORMER_ADDED,
    regionOf(job).boxRoom,
    boxItemsIn(catalogue, regionOf(job).id),
  );
  return (
    <>
      <TestNext />
      <section>
        <h2>The box as found</h2>
        {point.cables.length === 0 ? (
          <p className="soft">No cable is named yet: name them below, by the usual sets.</p>
        ) : (
          <BoxDrawing
            wiring={foundOf(point)}
            place={floodlight ? 'box' : 'transformer'}
            title="The box as found"
            words={place}
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
            {words} {open.length > 0 && <span className="soft">Open: {open.join('; ')}.</span>}
          </p>
          {doubts.map((doubt) => (
            <p key={doubt} className="brick">
              {doubt}
            </p>
          ))}
          {floodlight && feed !== null && (
            <Findings
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
              {!fixtureOf(point) && (
                <p className="small soft">
                  {floodlight
                    ? 'As it is now, without the fixture’s leads.'
                    : 'With a transformer’s primary leads in it.'}
                </p>
              )}
              <RoomTable room={room} />
              {!room.fits && !floodlight && <CureLines cures={transformerCures} />}
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
