import { sayIn } from '@/words';
import { termsIn } from '@/words';
import { type Job, placeOf } from '@/core/job';
import {
  boxSurveyOf,
  builtOf,
  findingsOf,
  fixtureOf,
  loadWords,
  partsOf,
  planOf,
  plateWords,
  wifiOf,
  worriesOf,
  assess,
  type Floodlight,
} from '@/core/points';
import { FEED_WORDS, feedCase, feedRemedy, groundRemedy } from '@/core/junction';
import { WIFI_WORDS } from '@/core/wifi';
import { Findings } from '../../verdict/Findings';
import { RoomTable } from '../box/RoomTable';
import { SpliceTable } from '../box/SpliceTable';
import { BoxDrawing } from '../../drawing/BoxDrawing';
import { HandedOver } from '../../paper/HandedOver';
import { factLines } from '../../paper/factLines';
import { Lines } from '../../paper/Lines';
import { SheetPhotos } from '../../paper/SheetPhotos';
import { StillOpen } from '../../paper/StillOpen';
import { StepsTable } from '../../paper/SheetTables';
import { SwitchOff } from '../../paper/SwitchOff';

interface Props {
  readonly job: Job;
  readonly point: Floodlight;
  /** The site’s own photos stand with its first point. */
  readonly first: boolean;
}

/** A floodlight point on the sheet: its survey, its box as found and as built, feed, ground, splices, and what stays open. */
export function FloodlightSheet({ job, point, first }: Props) {
  const say = sayIn(placeOf(job));
  const { look, box, fixture } = point;
  const wifi = wifiOf(job, point);
  const worries = worriesOf(job, point, assess(job, point));
  const standing = fixtureOf(point);
  const words = termsIn(placeOf(job));
  const { feed } = feedCase(boxSurveyOf(point));
  const data = fixture?.data;
  const ground = data && groundRemedy(data.groundId);
  const begun = Object.keys(point.ticks).length > 0;
  const { planned, built, byDeviation } = findingsOf(job, point);
  const parts = partsOf(job, point);
  return (
    <>
      <h2 className="point-name">{point.name}</h2>
      <p>Floodlight camera. Its aim and its proof were not planned with this program.</p>
      <SwitchOff say={say} job={job} point={point} />
      <Lines
        lines={[
          ...factLines(job, 'pointDescribed', look, [
            'oldFixture',
            'mountedOn',
            'wall',
            'fixtureHeightM',
            'switchedBy',
          ]),
          ['Wi-Fi at the spot', wifi && `${say(WIFI_WORDS[wifi.word])}: ${say(wifi.reason)}`],
          ...factLines(job, 'boxDescribed', box, ['standardBox', 'material', 'setting']),
          ['feed', feed === null ? undefined : `${feed}: ${say(FEED_WORDS[feed])}`],
          ['fixture', say(data?.fixture.name)],
          ['feed remedy', say(data && feedRemedy(data.feedId)?.name)],
          [words.ground, ground && [say(ground.name), data.groundWords].filter(Boolean).join(': ')],
          ['more room', say(data?.cure?.name)],
          ['load', say(standing?.load && loadWords(standing.load))],
          ['plate', say(data && plateWords(point, data.fixture.upMark))],
          ['screws', data && [data.barScrew?.name, data.plateScrew?.name].filter(Boolean).join(', ')],
        ]}
      />
      {standing && (
        <section className="keep-together">
          <h2>{begun ? 'The box as built so far' : 'The box as planned'}</h2>
          <BoxDrawing
            say={say}
            wiring={begun ? builtOf(point) : (planOf(point)?.planned ?? builtOf(point))}
            place="box"
            title="The box"
          />
          <Findings
            say={say}
            findings={begun ? [...byDeviation, ...built] : planned}
            none={
              !begun
                ? 'Every rule is kept.'
                : point.moved.length > 0
                  ? 'It differs, and no rule minds.'
                  : 'As planned so far.'
            }
          />
        </section>
      )}
      {standing && (
        <section className="keep-together">
          <h2>Splices</h2>
          <SpliceTable say={say} splices={standing.splices} />
        </section>
      )}
      {standing?.room && (
        <section className="keep-together">
          <h2>Room in the box</h2>
          <RoomTable say={say} room={standing.room} />
        </section>
      )}
      {standing && (
        <section>
          <h2>Wired</h2>
          <StepsTable say={say} point={point} />
        </section>
      )}
      <SheetPhotos job={job} point={point} first={first} />
      <StillOpen say={say} worries={worries} parts={parts} />
      <HandedOver left={point.left} />
    </>
  );
}
