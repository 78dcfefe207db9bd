'use client';
import { proveWords } from '@/words/screens';
import type { ReactNode } from 'react';
import { DEVICE_REPORTS, expectedReport, isComputed, predictedVolts } from '@/core/bell';
import { isFeedKnown } from '@/core/points';
import { judgeReport } from '@/core/prove';
import { Filled } from '../../../figures/Filled';
import { REPORT_WORDS } from '../../../figures/checkWords';
import { volts } from '../../../figures/words';
import { Choices } from '../../../form/Choices';
import { useSay } from '../../../log/useSay';
import { judgedBy, type Answering } from '../../../rungs/prove/answered';
import { useDoorbell } from '../useDoorbell';

/** What the device says of its own supply, against what the meter said at its screws, else against what was predicted. */
export function ReportAnswer({ onDone }: Answering) {
  const say = useSay();
  const { point, assessment } = useDoorbell();
  const { known, reference, survey } = assessment;
  const { figure, at = 'door' } = point.checks.standbyVolts?.data ?? {};
  // Volts at another place are not those that the device sees
  const metered = figure !== undefined && at === 'door' ? figure : null;
  const computed = isFeedKnown(assessment) && isComputed(survey, reference.change);
  const least = metered ?? (computed ? predictedVolts(known, reference.change, 'standby', null).low : null);
  const expected = least === null ? null : expectedReport(least, survey.device.doorFullVolts);
  return (
    <>
      {least !== null && expected !== null && (
        <p>
          <Filled
            parts={(metered === null ? proveWords.byPredictedVolts : proveWords.atTheThatThe)<ReactNode>({
              metered: <b className="figure">{volts(least)}</b>,
              expectedReport: <b>{REPORT_WORDS[expected]}</b>,
            })}
          />
        </p>
      )}
      <Choices
        label={proveWords.itCallsItsSupply}
        options={DEVICE_REPORTS.map((value) => ({ value, words: REPORT_WORDS[value] }))}
        chosen={undefined}
        onPick={(reported) => reported && onDone({ reported, ...judgedBy(judgeReport(reported, expected), say) })}
      />
    </>
  );
}
