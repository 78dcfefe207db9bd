'use client';
import { circuitsOfPoint, pointSteps, supplyOf } from '@/core/job';
import { GATE_WORDS } from '@/core/isolation';
import { CircuitPlate } from '../kit/CircuitPlate';
import { useJob } from '../kit/job/JobContext';
import { CircuitFields, SecondCircuit } from './CircuitFields';
import { CircuitHints } from './CircuitHints';
import { CircuitMoves } from './CircuitMoves';
import { HuntPanel } from './HuntPanel';
import { SchoolHere } from './SchoolHere';

/** From “which breaker?” to “proved dead”, by what the steps ahead will touch. */
export function IsolateBench() {
  const { keptJob, point } = useJob();
  const circuits = circuitsOfPoint(keptJob.circuits, point.id);
  const { unnamed } = supplyOf(keptJob, point);
  const hunting = circuits.length === 0;
  return (
    <>
      {hunting && <HuntPanel />}
      <div className="halves">
        <section>
          <h2>{hunting ? 'Or name it, if you know it' : 'The circuit'}</h2>
          {circuits.length === 0 ? (
            <CircuitFields circuit={null} />
          ) : (
            circuits.map((circuit) => <CircuitFields key={circuit.id} circuit={circuit} />)
          )}
          {circuits.length > 0 && <SecondCircuit />}
          {unnamed && <p className="caution">{GATE_WORDS[unnamed]}: name it here, and isolate both.</p>}
          <Ahead />
        </section>
        <section>
          <h2>Its state</h2>
          {circuits.length === 0 && (
            <>
              <CircuitPlate circuit={null} />
              <p className="soft block-top">Find the breaker or name it first.</p>
            </>
          )}
          {circuits.map((circuit) => (
            <div key={circuit.id} className="circuit-block">
              <CircuitPlate circuit={circuit} />
              <CircuitMoves circuit={circuit} />
              <CircuitHints circuit={circuit} />
            </div>
          ))}
        </section>
      </div>
      <SchoolHere />
    </>
  );
}

/** Which proof the steps ahead need. */
function Ahead() {
  const { point } = useJob();
  const steps = pointSteps(point);
  const mains = steps.filter(({ touches }) => touches === 'mains').length;
  const bell = steps.filter(({ touches }) => touches === 'bell').length;
  if (steps.length === 0) return <p>No way is taken yet: which proof is needed follows from it.</p>;
  if (point.kind === 'floodlight')
    return <p>Ahead: {mains} steps touch mains. Each asks for a mains proof by the person who does it.</p>;
  return (
    <p>
      Ahead: {bell} {bell === 1 ? 'step touches' : 'steps touch'} the bell wires,{' '}
      {mains === 0 ? 'none touches mains. ' : `${mains} touch mains. `}
      {mains === 0
        ? 'The bell side’s proof is enough.'
        : 'The mains steps ask for a mains proof by the person who does them; it opens the bell side too.'}
    </p>
  );
}
