import { floodlightWords } from '@/words/screens';
import { sayIn } from '@/words';
import { termsIn } from '@/words';
import { type Job, placeOf } from '@/core/job';
import {
  testBasis,
  boxSurveyOf,
  findingsOf,
  fixtureOf,
  loadWords,
  partsOf,
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
import { BoxAsBuilt, isBegun } from './BoxAsBuilt';
import { YardOnSheet } from '../yard/YardOnSheet';
import { HandedOver } from '../../paper/HandedOver';
import { factLines } from '../../paper/factLines';
import { Lines } from '../../paper/Lines';
import { SheetPhotos } from '../../paper/SheetPhotos';
import { MountedAsItCame, ProvedChecks } from '../../paper/AsItCame';
import { PartsTaken, StillOpen } from '../../paper/StillOpen';
import { ProofsTable } from '../../paper/ProofsTable';
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
  const begun = isBegun(point);
  const { planned, built, byDeviation } = findingsOf(job, point);
  const parts = partsOf(job, point);
  return (
    <>
      <h2 className="point-name">{point.name}</h2>
      <StillOpen say={say} point={point} worries={worries} />
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
          [floodlightWords.wiFiAtThe, wifi && `${say(WIFI_WORDS[wifi.word])}: ${say(wifi.reason)}`],
          ...factLines(job, 'boxDescribed', box, ['standardBox', 'material', 'setting']),
          [floodlightWords.feed4, feed === null ? undefined : `${feed}: ${say(FEED_WORDS[feed])}`],
          [floodlightWords.fixture, say(data?.fixture.name)],
          [floodlightWords.feedRemedy, say(data && feedRemedy(data.feedId)?.name)],
          [words.ground, ground && [say(ground.name), data.groundWords].filter(Boolean).join(': ')],
          [floodlightWords.moreRoom, say(data?.cure?.name)],
          [floodlightWords.load, say(standing?.load && loadWords(standing.load))],
          [floodlightWords.plate, say(data && plateWords(point, data.fixture.upMark))],
          [floodlightWords.screws, data && [data.barScrew?.name, data.plateScrew?.name].filter(Boolean).join(', ')],
        ]}
      />
      {standing && (
        <section className="keep-together">
          <h2>{begun ? floodlightWords.theBoxAsBuilt : floodlightWords.theBoxAsPlanned}</h2>
          <BoxAsBuilt say={say} point={point} />
          <Findings
            say={say}
            findings={begun ? [...byDeviation, ...built] : planned}
            none={
              !begun
                ? floodlightWords.everyRuleIsKept2
                : point.moved.length > 0
                  ? floodlightWords.itDiffersAndNo
                  : floodlightWords.asPlannedSoFar
            }
          />
        </section>
      )}
      {standing && (
        <section className="keep-together">
          <h2>{floodlightWords.splices2}</h2>
          <SpliceTable say={say} splices={standing.splices} basis={testBasis(point)} />
        </section>
      )}
      {standing?.room && (
        <section className="keep-together">
          <h2>{floodlightWords.roomInTheBox}</h2>
          <RoomTable say={say} room={standing.room} />
        </section>
      )}
      {standing && (
        <section>
          <h2>{floodlightWords.wired}</h2>
          <StepsTable say={say} point={point} />
          <ProofsTable job={job} point={point} />
        </section>
      )}
      <YardOnSheet say={say} job={job} point={point} />
      <MountedAsItCame job={job} point={point} />
      <ProvedChecks job={job} say={say} point={point} />
      <SheetPhotos job={job} point={point} first={first} />
      <PartsTaken say={say} parts={parts} />
      <HandedOver left={point.left} />
    </>
  );
}
