'use client';
import { compareWords } from '@/words/screens';
import { Table } from 'react-bootstrap';
import { sayIn, type Say } from '@/words';
import Link from 'next/link';
import { notFound, useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import type { Catalogue } from '@/core/catalogue';
import { placeOf } from '@/core/job';
import { comparisonOf, doorOf, type Compared } from '@/core/points';
import { useMoney } from '../../../figures/useMoney';
import { PrintButton } from '../../../frame/PrintButton';
import { useHandedJob, type HandedLog } from '../../../log/handed';
import { LogHere } from '../../../log/LogHere';
import { lowerFirst } from '@/core/units';

interface Props {
  readonly log: HandedLog | null;
  readonly catalogue: Catalogue;
}

interface Row {
  readonly asks: string;
  readonly says: (one: Compared, say: Say, money: (sum: number) => string) => string;
}

const hours = (value: number): string =>
  compareWords.hours({ value: value < 10 ? value.toFixed(1) : Math.round(value) });

const ROWS: readonly Row[] = [
  {
    asks: compareWords.doesItWorkAt,
    says: ({ way }, say) =>
      way === null ? compareWords.notWithoutMoreReadings : compareWords.yesWith({ wayWords: wayWords(way, say) }),
  },
  {
    asks: compareWords.howLongDoesThat,
    says: ({ way }, _say, money) =>
      way === null
        ? '–'
        : compareWords.aboutMinutesInParts({
            minutes: way.minutes,
            cost: money(way.cost),
            byAnElectrician: way.licensed ? compareWords.byAnElectrician : '',
          }),
  },
  {
    asks: compareWords.doesTheChimeIn,
    says: ({ way }) => (way === null ? '–' : way.silent ? compareWords.noAPlugIn : compareWords.yes),
  },
  {
    asks: compareWords.isTheParcelOn,
    says: ({ parcelInView }) => (parcelInView ? compareWords.yesTogetherWithThe : compareWords.noFacesOnlyOr),
  },
  {
    asks: compareWords.whenDoesAClip,
    says: ({ budget }) => (budget ? compareWords.aMomentLateIt : compareWords.beforeThePressIt),
  },
  {
    asks: compareWords.whoRechargesIt,
    says: ({ budget }) =>
      budget === null
        ? compareWords.nobodyItHasNo
        : budget.covers
          ? compareWords.theWiresForAn({ hours: hours(budget.hours.ordinary), hours2: hours(budget.hours.busy) })
          : compareWords.youTheWiresDo,
  },
  {
    asks: compareWords.whatDoesRecordingCost,
    says: ({ device }, _say, money) =>
      device.recordingPerMonth === null
        ? compareWords.askItIsNot
        : device.recordingPerMonth === 0
          ? compareWords.nothing
          : compareWords.aMonth({ recordingPerMonth: money(device.recordingPerMonth) }),
  },
];

const wayWords = ({ transformer, tap, treatment }: NonNullable<Compared['way']>, say: Say): string =>
  compareWords.chime({
    name: transformer
      ? compareWords.aNewSupply({ name: transformer.name })
      : tap
        ? compareWords.otherScrewsOfThe
        : compareWords.theTransformerThatIs,
    name2: lowerFirst(say(treatment.name)),
  });

/** One page for the customer: every doorbell at this door, side by side, in plain words. */
export function ComparePage({ log, catalogue }: Props) {
  return <LogHere log={log}>{(known) => <Comparison log={known} catalogue={catalogue} />}</LogHere>;
}

function Comparison({ log, catalogue }: { readonly log: HandedLog; readonly catalogue: Catalogue }) {
  const job = useHandedJob(log);
  // Read here: a page that lies in the browser was made for another door; without one it is the first
  const pointId = useSearchParams().get('point');
  const point = doorOf(job, pointId ?? undefined) ?? notFound();
  const compared = useMemo(() => comparisonOf(job, point, catalogue), [job, point, catalogue]);
  const say = sayIn(placeOf(job));
  const money = useMoney();
  return (
    <main id="main" className="sheet-page compare-page">
      <div className="sheet-head">
        <div>
          <h1>{compareWords.whichDoorbell}</h1>
          <div>{[job.title, point.name, job.site.address].filter(Boolean).join(', ')}</div>
        </div>
        <span className="row-of no-print">
          <Link className="btn btn-secondary" href={`/jobs/${job.id}?point=${point.id}&rung=choose`}>
            {compareWords.backToTheJob}
          </Link>
          <PrintButton />
        </span>
      </div>
      <p className="lead-in">{compareWords.workedOutForThis}</p>
      <div className="scroll-x">
        <Table className="compare">
          <thead>
            <tr>
              <td />
              {compared.map(({ device }) => (
                <th key={device.id} scope="col">
                  {device.name}
                  {device.id === point.look.deviceId && <span className="remark block">{compareWords.askedFor}</span>}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ROWS.map(({ asks, says }) => (
              <tr key={asks}>
                <th scope="row">{asks}</th>
                {compared.map((one) => (
                  <td key={one.device.id}>{says(one, say, money)}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </Table>
      </div>
    </main>
  );
}
