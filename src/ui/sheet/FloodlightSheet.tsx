import { lengthsOf, wifiOf, worriesOf, type Assessment, type Job, type Point } from '@/core/job';
import { WALL_FIXINGS } from '@/core/mount';
import { lengthText } from '@/core/units';
import { WIFI_WORDS } from '@/core/wifi';
import { Lines } from './Lines';

interface Props {
  readonly job: Job;
  readonly point: Point;
  readonly assessment: Assessment;
}

/** The survey of a floodlight point on the sheet. */
export function FloodlightSheet({ job, point, assessment }: Props) {
  const { look } = point;
  const wifi = wifiOf(job, point);
  const worries = worriesOf(job, point, assessment);
  return (
    <>
      <h2 className="point-name">{point.name}</h2>
      <p>Floodlight camera: the survey alone. Its box, feed and splices were not planned with this program.</p>
      <Lines
        lines={[
          ['hangs there now', look.oldFixture === 'sensorLight' ? 'a light with a sensor' : look.oldFixture],
          ['mounted on', look.mountedOn],
          ['wall', look.wall && WALL_FIXINGS[look.wall].name],
          [
            'height over the ground',
            look.fixtureHeightM === undefined ? undefined : lengthText(look.fixtureHeightM, lengthsOf(job), 'small'),
          ],
          ['switched by', look.switchedBy],
          ['Wi-Fi at the spot', wifi && `${WIFI_WORDS[wifi.word]}: ${wifi.reason}`],
        ]}
      />
      <ul className="plain-list">
        {worries.map(({ id, words }) => (
          <li key={id}>{words}</li>
        ))}
      </ul>
    </>
  );
}
