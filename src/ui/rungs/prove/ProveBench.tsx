'use client';
import { proveWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { checksOf, circuitsOfPoint, failuresOf, openBeside, pointSteps } from '@/core/points';
import { useJob } from '../../log/JobContext';
import { OpenPlaces } from '../../proof/OpenPlaces';
import type { OwnAnswers } from './answered';
import { CheckRow } from './CheckRow';
import { DeviceIdentity } from './DeviceIdentity';
import { PassTogether } from './PassTogether';

const NOTHING_OWN: OwnAnswers = {};

/** Power on, then the short ordered list, each with its figure or its reason. */
export function ProveBench({ own = NOTHING_OWN }: { readonly own?: OwnAnswers }) {
  const { job, point, asker, write } = useJob();
  const circuits = circuitsOfPoint(job, point);
  const off = circuits.filter(({ state }) => state.state !== 'live');
  const named = circuits.length > 0;
  const live = named && off.length === 0;
  const open = pointSteps(point).filter(({ id }) => !point.ticks[id]).length;
  const checks = checksOf(point);
  const next = checks.find(({ id }) => !point.checks[id] && !point.putOff[id]);
  // What is looked at or tried without a figure; what waits, or needs the dark, is asked by itself
  const plain = checks.filter(({ id, answer }) => answer.kind === 'yesNo' && !point.checks[id]);
  const failed = failuresOf(point).filter(({ accepted }) => !accepted).length;
  return (
    <>
      {off.length > 0 && (
        <section className="switch-on">
          <h2>{proveWords.powerOn}</h2>
          {open > 0 && (
            <p className="brick">
              {proveWords.notTickedCloseUp({
                oneStepOf: open === 1 ? proveWords.oneStepOfWire : proveWords.stepsOfWireAre({ open }),
              })}
            </p>
          )}
          <p className="caution">{proveWords.everySpliceClosedAnd}</p>
          <OpenPlaces />
          <div className="row-of">
            {(openBeside(job, point, asker).length > 0 ? [] : off).map(({ id, way, name }) => (
              <Button key={id} onClick={() => write('circuitSwitched', { circuitId: id, to: 'on' })}>
                {proveWords.isOn({ way: way ?? name ?? proveWords.theCircuit })}
              </Button>
            ))}
          </div>
        </section>
      )}
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
          <CheckRow key={check.id} check={check} number={i + 1} next={check === next && (live || !named)} own={own} />
        ))}
      </ol>
      {(live || !named) && <PassTogether checks={plain} />}
      <DeviceIdentity />
    </>
  );
}
