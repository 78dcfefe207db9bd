import { doorbellWords, faultWords, sheetWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import type { Say } from '@/words';
import { lengthsOf, type Job } from '@/core/job';
import { troublesTold, type Point } from '@/core/points';
import { capital } from '@/core/units';
import { pairingTryName } from '@/core/prove';
import { factLines } from './factLines';
import { Lines } from './Lines';
import { ChecksTable } from './SheetTables';

/** How a camera came to hang. */
export const MountedAsItCame = ({ job, point }: { readonly job: Job; readonly point: Point }) => (
  <section className="keep-together">
    <h3>{doorbellWords.mounted}</h3>
    <Lines
      lines={factLines(job, 'mountRecorded', point.mount, [
        'heightM',
        'level',
        'panDeg',
        'downDeg',
        'rollDeg',
        'bearingDeg',
        'sensorDownDeg',
        'aimedBy',
        'fixings',
        'seal',
      ])}
    />
  </section>
);

/** What was gone through once it was on. */
export const ProvedChecks = ({ job, say, point }: { readonly job: Job; readonly say: Say; readonly point: Point }) => (
  <section className="keep-together">
    <h3>{doorbellWords.proved}</h3>
    {(Object.keys(point.device).length > 0 || point.tried.length > 0) && (
      <Lines
        lines={[
          ...factLines(job, 'deviceDescribed', point.device, [
            'code',
            'codeReadBy',
            'serial',
            'calledThere',
            'network',
            'dbm',
            'upMbit',
            'figuresBy',
          ]),
          [sheetWords.triedToPair, point.tried.map(({ what }) => say(pairingTryName(what))).join(', ')],
        ]}
      />
    )}
    <ChecksTable say={say} point={point} lengths={lengthsOf(job)} />
    {troublesTold(point).map(({ trouble, complaint, acts }) => (
      <p key={trouble.data.troubleId}>
        <b>
          {format(parseISO(trouble.at), 'd MMM yyyy')}, {say(complaint)}.
        </b>{' '}
        {acts
          .map(({ name, found }) => [say(name), say(found)].filter(Boolean).join(': '))
          .map(capital)
          .join('. ')}
        {trouble.closed && ` ${faultWords.letBe({ name: trouble.closed.by.name, why: trouble.closed.data.why })}`}
      </p>
    ))}
  </section>
);
