import { sheetWords } from '@/words/screens';
import { Table } from 'react-bootstrap';
import type { Say } from '@/words';
import { format, parseISO } from 'date-fns';
import type { EntryData } from '@/core/kinds';
import { checksOf, midwayWords, pointSteps, type Doorbell, type Point } from '@/core/points';
import { lengthText, type LengthSystem } from '@/core/units';
import { answerWords } from '../figures/checkWords';
import { readingFigure, readingWords } from '../figures/readingWords';

const when = (at: string): string => format(parseISO(at), 'd MMM HH:mm');
const NOT_YET = <p className="soft">{sheetWords.nothingWrittenDown}</p>;

/** The meter that a reading was taken with, as its sheet says it; a device that reports has none. */
const meterText = ({ what, meter }: EntryData<'readingTaken'>): string =>
  what === 'report' ? sheetWords.itsOwn : meter ? sheetWords.meterOf(meter) : sheetWords.meterNotSaid;

/** Readings in the order in which they were taken. */
export function ReadingsTable({ point }: { readonly point: Doorbell }) {
  if (point.readings.length === 0) return NOT_YET;
  const midway = midwayWords(point);
  return (
    <Table>
      <thead>
        <tr>
          <th>{sheetWords.reading}</th>
          <th className="n">{sheetWords.read}</th>
          <th>{sheetWords.meter}</th>
          <th className="by">{sheetWords.by}</th>
        </tr>
      </thead>
      <tbody>
        {point.readings.map((reading) => (
          <tr key={reading.entryId}>
            <td>{readingWords(reading.data, midway)}</td>
            <td className="n">{readingFigure(reading.data)}</td>
            <td>{meterText(reading.data)}</td>
            <td className="by">
              {reading.by.name}, {when(reading.at)}
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

const HOW_WORDS = {
  done: '',
  withoutProof: sheetWords.withoutProofOfDead,
  bySomebodyElse: sheetWords.bySomebodyElse,
} as const;

/** The steps of the taken way: what is done, by whom, what differs, what was done without a proof. */
export function StepsTable({ say, point }: { readonly say: Say; readonly point: Point }) {
  const steps = pointSteps(point);
  if (steps.length === 0) return NOT_YET;
  return (
    <Table>
      <tbody>
        {steps.map((step) => {
          const tick = point.ticks[step.id];
          const how = tick && (tick.how === 'done' && !tick.proofStood ? HOW_WORDS.withoutProof : HOW_WORDS[tick.how]);
          return (
            <tr key={step.id}>
              <td>{tick ? '✓' : '–'}</td>
              <td>
                {say(step.words)}
                {tick?.differs && <span className="block">{sheetWords.asBuiltDiffers({ differs: tick.differs })}</span>}
                {how && <b className="block">{sheetWords.done({ how })}</b>}
              </td>
              <td>{tick ? `${tick.by.name}, ${when(tick.at)}` : sheetWords.open}</td>
            </tr>
          );
        })}
      </tbody>
    </Table>
  );
}

/** The checks with figure, limit or reason; what was not answered says so. */
export function ChecksTable({
  say,
  point,
  lengths,
}: {
  readonly say: Say;
  readonly point: Point;
  readonly lengths: LengthSystem;
}) {
  return (
    <Table>
      <tbody>
        {checksOf(point).map((check) => {
          const { id, name, answer } = check;
          const given = point.checks[id];
          const told = given ? answerWords(given.data, check, lengths, say) : '';
          const { figure, bandLow, bandHigh, mainsVolts, reason, result } = given?.data ?? {};
          const band =
            bandLow !== undefined && bandHigh !== undefined
              ? answer.kind === 'metres'
                ? sheetWords.predictedToM({ low: lengthText(bandLow, lengths), high: lengthText(bandHigh, lengths) })
                : sheetWords.predictedToV({ bandLow: bandLow.toFixed(1), bandHigh: bandHigh.toFixed(1) })
              : answer.kind === 'ring'
                ? sheetWords.atMostS({ most: answer.most })
                : '';
          return (
            <tr key={id}>
              <td>
                {say(name)}
                {reason && <span className="block">{reason}</span>}
                {given && point.accepted[given.entryId] && (
                  <span className="block">
                    {sheetWords.letStandBy({
                      name: point.accepted[given.entryId]?.by.name ?? '',
                      words: point.accepted[given.entryId]?.data.words ?? '',
                    })}
                  </span>
                )}
              </td>
              <td className="n">{told}</td>
              <td>
                {[figure === undefined ? '' : band, mainsVolts && sheetWords.mainsV({ mainsVolts })]
                  .filter(Boolean)
                  .join(', ')}
              </td>
              <td className="by">
                {given ? `${result ?? ''}, ${given.by.name}, ${when(given.at)}` : sheetWords.notAnswered}
              </td>
            </tr>
          );
        })}
      </tbody>
    </Table>
  );
}
