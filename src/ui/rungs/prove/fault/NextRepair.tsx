'use client';
import { faultWords } from '@/words/screens';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import type { Finding, Prediction } from '@/core/faults';
import { checksOf, finderAt, heldActs, type OfferedTest, type Trouble } from '@/core/points';
import { said } from '@/core/said';
import { capital } from '@/core/units';
import { AskForm } from '../../../form/AskForm';
import { optional, textField } from '../../../form/fields';
import { Yes } from '../../../form/Yes';
import { useJob } from '../../../log/JobContext';
import { useSay } from '../../../log/useSay';
import { ActNeeds } from './ActNeeds';
import { figureText, shareText, unitOf } from './faultText';
import { valueField } from './figureRules';

interface Props {
  readonly trouble: Trouble;
  readonly finding: Finding;
  readonly fault: string;
  readonly minutes: number;
  /** What is read or looked at after it. */
  readonly after: { readonly kind: string; readonly test: OfferedTest };
  readonly state: string;
  readonly isNext: boolean;
}

/** The word that a repair should bring, where it is no figure. */
export const wordAfter = ({ chances }: Prediction): string =>
  Object.entries(chances).toSorted(([, a], [, b]) => b - a)[0]?.[0] ?? '';

/** A repair as a test of its own: what is done, what must come out after it, and whether it works. */
export function NextRepair({ trouble, finding, fault, minutes, after, state, isNext }: Props) {
  const say = useSay();
  const { keptJob, kept, asker, write, go } = useJob();
  const repair = finderAt(kept).repair(fault);
  const [isOut, setOut] = useState(false);
  const [deadNew, setDeadNew] = useState(false);
  const prediction = finding.after.find((one) => one.fault === fault)?.prediction;
  const share = finding.faults.find(({ kind }) => kind === fault)?.probability ?? 0;
  const held = repair ? heldActs(keptJob, kept, trouble, repair, repair.place, asker, true) : [];
  const band =
    prediction && prediction.low !== null && prediction.high !== null
      ? { low: prediction.low, high: prediction.high }
      : null;
  const { figure } = after.test;
  const { troubleId, check } = trouble.data;
  const told = (
    fixed: boolean,
    parts: { readonly value?: number; readonly part?: string; readonly batch?: string },
  ) => {
    const { value, part, batch } = parts;
    const isIn = !band || value == null || (value >= band.low && value <= band.high);
    // Out of its band it is not put right, whatever it looks like: asked once more, and the figure stays
    if (fixed && !isIn && !isOut) {
      setOut(true);
      return false;
    }
    write('repairTried', {
      troubleId,
      pointId: kept.id,
      fault,
      fixed,
      ...(value == null ? {} : { value }),
      ...(part ? { part } : {}),
      ...(batch ? { batch } : {}),
      ...(deadNew ? { deadNew: true } : {}),
    });
    // What it was stands where it was looked for
    if (fixed) go('prove', 'fault');
    const failed = fixed && check ? checksOf(kept).find(({ id }) => id === check) : undefined;
    const answered = failed && kept.checks[failed.id];
    // The check that opened it is closed by it, where the repair told its answer; else it is asked anew
    if (failed && isIn && (failed.answer.kind === 'yesNo' || failed.answer.kind === 'wait'))
      write('checkDone', { pointId: kept.id, check: failed.id, result: 'passed' });
    else if (failed && isIn && failed.answer.kind === 'volts' && failed.answer.state === state && value != null)
      write('checkDone', {
        pointId: kept.id,
        check: failed.id,
        result: 'passed',
        figure: value,
        at: 'door',
        ...(band ? { bandLow: band.low, bandHigh: band.high } : {}),
      });
    else if (answered) write('entryStruck', { target: answered.entryId });
    return true;
  };
  return (
    <section className="fault-next" data-repair={fault}>
      <div>
        <div className="row-of">
          <b className="fox">{isNext ? faultWords.nextRepair : faultWords.theRepair}</b>
          <span className="m end">{faultWords.minutes({ minutes: Math.round(minutes) })}</span>
        </div>
        <h2>
          {capital(say(said('faultName', { fault })))} <span className="m soft">{shareText(share)}</span>
        </h2>
        <p>
          {repair?.place && <b>{capital(say(said('testPlace', { place: repair.place })))}. </b>}
          {say(said('faultRepair', { fault }))}
        </p>
        {repair && <ActNeeds act={repair} held={held} />}
      </div>
      <div>
        <h3>{faultWords.theRepair}</h3>
        {prediction && (
          <p className="must-come-out">
            {band
              ? faultWords.afterIt({
                  test: say(said('testName', { test: after.kind, state })),
                  low: figureText(band.low, figure),
                  high: figureText(band.high, figure),
                  unit: unitOf(figure),
                })
              : faultWords.afterWord({
                  test: say(said('testName', { test: after.kind, state })),
                  word: say(said('testWord', { test: after.kind, word: wordAfter(prediction) })),
                })}
          </p>
        )}
        {held.length === 0 && (
          <>
            {isOut && band && (
              <p className="brick" role="alert">
                {faultWords.outOfBand({ low: figureText(band.low, figure), high: figureText(band.high, figure) })}
              </p>
            )}
            <AskForm
              main
              about={`repair-${fault}`}
              fields={[
                ...(band && figure !== null ? [optional(valueField(figure, faultWords.readAfter))] : []),
                ...(repair?.part
                  ? [
                      optional(textField('part', faultWords.partIn, undefined)),
                      optional(textField('batch', faultWords.batchOfOld, undefined)),
                    ]
                  : []),
              ]}
              submit={faultWords.itWorks}
              onSubmit={(data) => told(true, data)}
            />
            <Button variant="secondary" onClick={() => told(false, {})}>
              {faultWords.itDoesNot}
            </Button>
            {repair?.part && <Yes words={faultWords.oldWasDeadNew} yes={deadNew} onTurn={setDeadNew} />}
          </>
        )}
      </div>
    </section>
  );
}
