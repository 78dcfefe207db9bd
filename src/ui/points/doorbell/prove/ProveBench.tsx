'use client';
import { Button } from 'react-bootstrap';
import { checksOf, circuitsOfPoint, pointSteps } from '@/core/points';
import { useDoorbell } from '../useDoorbell';
import { CheckRow } from './CheckRow';

/** Power on, then the short ordered list, each with its figure or its reason. */
export function ProveBench() {
  const { job, point, write } = useDoorbell();
  const circuits = circuitsOfPoint(job, point);
  const off = circuits.filter(({ state }) => state.state !== 'live');
  const named = circuits.length > 0;
  const live = named && off.length === 0;
  const open = pointSteps(point).filter(({ id }) => !point.ticks[id]).length;
  const checks = checksOf(point);
  const next = checks.find(({ id }) => !point.checks[id]);
  const failed = checks.filter(({ id }) => point.checks[id]?.data.result === 'failed').length;
  return (
    <>
      {off.length > 0 && (
        <section className="switch-on">
          <h2>Power on</h2>
          {open > 0 && (
            <p className="brick">
              {open === 1 ? 'One step of Wire is' : `${open} steps of Wire are`} not ticked: close up first.
            </p>
          )}
          <p className="caution">Every splice closed and folded, covers on, nobody touching, ladder clear, tag off.</p>
          <div className="row-of">
            {off.map(({ id, way, name }) => (
              <Button
                key={id}

                onClick={() => write('circuitSwitched', { circuitId: id, to: 'on' })}
              >
                {way ?? name ?? 'The circuit'} is on
              </Button>
            ))}
          </div>
        </section>
      )}
      {!named && !point.fed.plug && (
        <p className="soft">
          No circuit is named yet: name it at Isolate, so that the sheet says how to switch it off.
        </p>
      )}
      {failed > 0 && (
        <p className="brick">
          {failed === 1 ? 'One check failed' : `${failed} checks failed`}: put it right, then do it again.
        </p>
      )}
      <ol className="checks">
        {checks.map((check, i) => (
          <CheckRow key={check.id} check={check} number={i + 1} next={check === next && (live || !named)} />
        ))}
      </ol>
    </>
  );
}
