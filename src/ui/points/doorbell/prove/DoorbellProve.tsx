'use client';
import { proveWords } from '@/words/screens';
import type { ReactNode } from 'react';
import { expectedReport } from '@/core/bell';
import type { Check } from '@/core/prove';
import { Filled } from '../../../figures/Filled';
import { volts } from '../../../figures/words';
import { ProveBench } from '../../../rungs/prove/ProveBench';
import { useDoorbell } from '../useDoorbell';
import { OpenVoltsAnswer } from './OpenVoltsAnswer';
import { VoltsAnswer } from './VoltsAnswer';

/** What the device should say of its supply, where the meter was on its screws. */
function ExpectedReport({ check }: { readonly check: Check }) {
  const { point, assessment } = useDoorbell();
  const { figure: metered, at = 'door' } = point.checks.doorVolts?.data ?? {};
  // Volts at another place are not those that the device sees
  if (check.id !== 'report' || metered === undefined || at !== 'door') return null;
  return (
    <p>
      <Filled
        parts={proveWords.atTheThatThe<ReactNode>({
          metered: <b className="figure">{volts(metered)}</b>,
          expectedReport: <b>{expectedReport(metered, assessment.survey.device.doorFullVolts)}</b>,
        })}
      />
    </p>
  );
}

const OWN = { Volts: VoltsAnswer, OpenVolts: OpenVoltsAnswer, Beside: ExpectedReport } as const;

/** Prove at a doorbell: its volts are held against the band that its survey predicts. */
export const DoorbellProve = () => <ProveBench own={OWN} />;
