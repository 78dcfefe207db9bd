'use client';
import { faultWords, proveWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { checksOf, circuitsOfPoint, failuresOf, openTrouble, powerUpOf } from '@/core/points';
import { useJob } from '../../log/JobContext';
import { useMeter } from '../../meter/MeterContext';
import type { OwnAnswers } from './answered';
import { CheckRow } from './CheckRow';
import { DeviceIdentity } from './DeviceIdentity';
import { FaultBench } from './fault/FaultBench';
import { PassTogether } from './PassTogether';
import { PowerOn } from './PowerOn';
import { SimulatedDevice } from './SimulatedDevice';

const NOTHING_OWN: OwnAnswers = {};

/** Power on, then the short ordered list, each with its figure or its reason. */
export function ProveBench({ own = NOTHING_OWN }: { readonly own?: OwnAnswers }) {
  const { job, point, kept, area, go } = useJob();
  const { simulated } = useMeter();
  const named = circuitsOfPoint(job, point).length > 0;
  const isOn = powerUpOf(job, point).off.length === 0;
  const checks = checksOf(point);
  const next = checks.find(({ id }) => !point.checks[id] && !point.putOff[id]);
  // What is looked at or tried without a figure; what waits, or needs the dark, is asked by itself
  const plain = checks.filter(({ id, answer }) => answer.kind === 'yesNo' && !point.checks[id]);
  const failed = failuresOf(point).filter(({ accepted }) => !accepted).length;
  const trouble = openTrouble(kept);
  if (area === 'fault' || (trouble && area !== 'checks')) return <FaultBench />;
  return (
    <>
      <PowerOn />
      {!named && point.fed.breaker && <p className="soft">{proveWords.noCircuitIsNamed}</p>}
      {failed > 0 && (
        <p className="brick">
          {proveWords.putItRightThen({
            oneCheckFailed: failed === 1 ? proveWords.oneCheckFailed : proveWords.checksFailed({ failed }),
          })}
        </p>
      )}
      <ol className="checks">
        {checks.map((check, i) => (
          <CheckRow key={check.id} check={check} number={i + 1} next={check === next && isOn} own={own} />
        ))}
      </ol>
      <Button variant={trouble ? 'primary' : 'link'} onClick={() => go('prove', 'fault')}>
        {trouble ? faultWords.toTheFinder : faultWords.somethingDoesNotWork}
      </Button>
      {isOn && <PassTogether checks={plain} />}
      {simulated && <SimulatedDevice />}
      {/* It stands with the check that asks for it, while that is the next one */}
      {!(isOn && next?.id === 'paired') && <DeviceIdentity />}
    </>
  );
}
