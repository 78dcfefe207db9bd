'use client';
import { Table } from 'react-bootstrap';
import { sayIn, type Say } from '@/words';
import Link from 'next/link';
import { placeOf, type Job } from '@/core/job';
import type { Compared, Point } from '@/core/points';
import { PrintButton } from '../../../frame/PrintButton';
import { lowerFirst } from '@/core/units';

interface Props {
  readonly job: Job;
  readonly point: Point;
  readonly compared: readonly Compared[];
}

interface Row {
  readonly asks: string;
  readonly says: (one: Compared, say: Say) => string;
}

const hours = (value: number): string => `${value < 10 ? value.toFixed(1) : Math.round(value)} hours`;

const ROWS: readonly Row[] = [
  {
    asks: 'Does it work at this door?',
    says: ({ way }, say) =>
      way === null ? 'Not without more readings or another supply.' : `Yes, with ${wayWords(way, say)}.`,
  },
  {
    asks: 'How long does that take us?',
    says: ({ way }) =>
      way === null
        ? '–'
        : `About ${way.minutes} minutes, ${way.cost} in parts${way.licensed ? ', by an electrician' : ''}.`,
  },
  {
    asks: 'Does the chime in the wall still ring?',
    says: ({ way }) => (way === null ? '–' : way.silent ? 'No: a plug-in sounder rings.' : 'Yes.'),
  },
  {
    asks: 'Is the parcel on the mat in the picture?',
    says: ({ parcelInView }) =>
      parcelInView ? 'Yes, together with the visitor’s face.' : 'No: faces only, or the mat only.',
  },
  {
    asks: 'When does a clip begin?',
    says: ({ budget }) =>
      budget ? 'A moment late: it sleeps on its battery and wakes first.' : 'Before the press: it always watches.',
  },
  {
    asks: 'Who recharges it?',
    says: ({ budget }) =>
      budget === null
        ? 'Nobody: it has no battery.'
        : budget.covers
          ? `The wires, ${hours(budget.hours.ordinary)} for an ordinary day, ${hours(budget.hours.busy)} for a busy one. In frost you, indoors.`
          : 'You: the wires do not give back what a day takes.',
  },
  {
    asks: 'What does recording cost?',
    says: ({ device }) =>
      device.recordingPerMonth === null
        ? 'Ask: it is not known here.'
        : device.recordingPerMonth === 0
          ? 'Nothing.'
          : `${device.recordingPerMonth} a month.`,
  },
];

const wayWords = ({ transformer, tap, treatment }: NonNullable<Compared['way']>, say: Say): string =>
  `${transformer ? `a new supply, ${transformer.name}` : tap ? 'other screws of the transformer' : 'the transformer that is there'}; chime: ${lowerFirst(say(treatment.name))}`;

/** One page for the customer: every doorbell at this door, side by side, in plain words. */
export function ComparePage({ job, point, compared }: Props) {
  const say = sayIn(placeOf(job));
  return (
    <main className="sheet-page compare-page">
      <div className="sheet-head">
        <div>
          <h1>Which doorbell?</h1>
          <div>{[job.title, point.name, job.site.address].filter(Boolean).join(', ')}</div>
        </div>
        <span className="row-of no-print">
          <Link className="btn btn-secondary" href={`/jobs/${job.id}?point=${point.id}&rung=choose`}>
            Back to the job
          </Link>
          <PrintButton />
        </span>
      </div>
      <p className="lead-in">Worked out for this door: its wires, its transformer, its chime, on the coldest night.</p>
      <div className="scroll-x">
        <Table className="compare">
          <thead>
            <tr>
              <td />
              {compared.map(({ device }) => (
                <th key={device.id} scope="col">
                  {device.name}
                  {device.id === point.look.deviceId && <span className="remark block">asked for</span>}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ROWS.map(({ asks, says }) => (
              <tr key={asks}>
                <th scope="row">{asks}</th>
                {compared.map((one) => (
                  <td key={one.device.id}>{says(one, say)}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </Table>
      </div>
    </main>
  );
}
