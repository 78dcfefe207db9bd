import { plugFloodlightWords } from '@/words/screens';
import { placeOf } from '@/core/job';
import { sayIn } from '@/words';
import { said } from '@/core/said';
import { type Job } from '@/core/job';
import { assess, findingsOf, partsOf, wifiOf, worriesOf, type PlugFloodlight } from '@/core/points';
import { WIFI_WORDS } from '@/core/wifi';
import { Findings } from '../../verdict/Findings';
import { YardOnSheet } from '../yard/YardOnSheet';
import { HandedOver } from '../../paper/HandedOver';
import { factLines } from '../../paper/factLines';
import { Lines } from '../../paper/Lines';
import { SheetPhotos } from '../../paper/SheetPhotos';
import { MountedAsItCame, ProvedChecks } from '../../paper/AsItCame';
import { PartsTaken, StillOpen } from '../../paper/StillOpen';
import { StepsTable } from '../../paper/SheetTables';

interface Props {
  readonly job: Job;
  readonly point: PlugFloodlight;
  /** The site’s own photos stand with its first point. */
  readonly first: boolean;
}

/** A floodlight with a plug on the sheet: its spot, its outlet, its camera, and what stays open. */
export function PlugSheet({ job, point, first }: Props) {
  const say = sayIn(placeOf(job));
  const { look, outlet, fixture, left } = point;
  const wifi = wifiOf(job, point);
  const worries = worriesOf(job, point, assess(job, point));
  const parts = partsOf(job, point);
  return (
    <>
      <h2 className="point-name">{point.name}</h2>
      <StillOpen say={say} point={point} worries={worries} />
      <p>{plugFloodlightWords.floodlightCameraWithA}</p>
      <p>{plugFloodlightWords.toSwitchItOff({ place: outlet.place ? `: ${outlet.place}` : '' })}</p>
      <Lines
        lines={[
          ...factLines(job, 'pointDescribed', look, ['mountedOn', 'wall', 'fixtureHeightM']),
          [plugFloodlightWords.wiFiAtThe, wifi && `${say(WIFI_WORDS[wifi.word])}: ${say(wifi.reason)}`],
          [say(said('theOutlet')), outlet.place],
          ...factLines(job, 'outletDescribed', outlet, ['wayM', 'alwaysOn', 'residual', 'cover']),
          [plugFloodlightWords.camera, fixture?.data.fixture.name],
          [plugFloodlightWords.takenBy, fixture?.by.name],
        ]}
      />
      {fixture && (
        <section>
          <h3>{plugFloodlightWords.fitted}</h3>
          <Findings say={say} findings={findingsOf(job, point).planned} none={say(said('outletSuffices'))} />
          <StepsTable say={say} point={point} />
        </section>
      )}
      <YardOnSheet say={say} job={job} point={point} />
      <MountedAsItCame job={job} point={point} />
      <ProvedChecks job={job} say={say} point={point} />
      <SheetPhotos job={job} point={point} first={first} />
      <PartsTaken say={say} parts={parts} />
      <HandedOver left={left} />
    </>
  );
}
