'use client';
import { circuitOfPoint, pointSteps } from '@/core/job';
import { CHECKS } from '@/core/prove';
import { useJob } from '../kit/job/JobContext';
import { CheckRow } from './CheckRow';

/** Power on, then the short ordered list, each with its figure or its reason. */
export function ProveBench() {
  const { job, point, write } = useJob();
  const circuit = circuitOfPoint(job.circuits, point.id);
  const live = circuit?.state.state === 'live';
  const open = pointSteps(point).filter(({ id }) => !point.ticks[id]).length;
  const next = CHECKS.find(({ id }) => !point.checks[id]);
  const failed = CHECKS.filter(({ id }) => point.checks[id]?.data.result === 'failed').length;
  return (
    <>
      {circuit && !live && (
        <section className="switch-on">
          <h2>Power on</h2>
          {open > 0 && (
            <p className="brick">
              {open === 1 ? 'One step of Wire is' : `${open} steps of Wire are`} not ticked: close up first.
            </p>
          )}
          <p className="caution">Every splice closed and folded, covers on, nobody touching, ladder clear, tag off.</p>
          <button
            type="button"
            className="button main"
            onClick={() => write('circuitSwitched', { circuitId: circuit.id, to: 'on' })}
          >
            {circuit.way ?? circuit.name ?? 'The circuit'} is on
          </button>
        </section>
      )}
      {!circuit && (
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
        {CHECKS.map((check, i) => (
          <CheckRow key={check.id} check={check} number={i + 1} next={check === next && (live || !circuit)} />
        ))}
      </ol>
    </>
  );
}
