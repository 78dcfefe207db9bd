'use client';
import { useSay } from '../../log/useSay';
import { circuitsOfPoint, pointSteps, supplyOf } from '@/core/points';
import { GATE_WORDS } from '@/core/isolation';
import { capital } from '@/core/units';
import { CircuitPlate, CircuitPlates } from '../../verdict/CircuitPlate';
import { useJob } from '../../log/JobContext';
import { SchoolHere } from '../../policy/SchoolHere';
import { CircuitFields, SecondCircuit } from './CircuitFields';
import { CircuitHints } from './CircuitHints';
import { CircuitMoves } from './CircuitMoves';
import { HuntPanel } from './HuntPanel';

/** From “which breaker?” to “proved dead”, by what the steps ahead will touch. */
export function IsolateBench() {
  const say = useSay();
  const { keptJob, point } = useJob();
  const circuits = circuitsOfPoint(keptJob, point);
  const { unnamed } = supplyOf(keptJob, point);
  const hunting = circuits.length === 0;
  if (hunting && point.fed.plug) return <APlug />;
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
          {unnamed && <p className="caution">{say(GATE_WORDS[unnamed])}: name it here, and isolate both.</p>}
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
      {point.fed.bellSide && (
        <SchoolHere
          matter="bellSide"
          lead="Bell side while working on this job"
          remark="Mains steps are never touched by this."
          submit={(school) => `${capital(school)} on this job`}
        />
      )}
    </>
  );
}

/** What plugs in has no breaker to be found: its plug makes it dead. */
function APlug() {
  const { job, point } = useJob();
  return (
    <section>
      <h2>Its state</h2>
      <CircuitPlates job={job} point={point} />
      <p className="block-top">
        Nothing is switched off for it and no breaker is looked for: it is dead while its plug is out and in sight. It
        goes in last, when all is wired and closed.
      </p>
    </section>
  );
}

/** Which proof the steps ahead need. */
function Ahead() {
  const { point } = useJob();
  const steps = pointSteps(point);
  const mains = steps.filter(({ touches }) => touches === 'mains').length;
  const bell = steps.filter(({ touches }) => touches === 'bell').length;
  if (steps.length === 0) return <p>No way is taken yet: which proof is needed follows from it.</p>;
  if (!point.fed.bellSide)
    return <p>Ahead: {mains} steps touch mains. Each asks for a mains proof by the person who does it.</p>;
  return (
    <p>
      Ahead: {bell} {bell === 1 ? 'step touches' : 'steps touch'} the bell wires,{' '}
      {mains === 0 ? 'none touches mains. ' : `${mains} touch mains. `}
      {mains === 0
        ? 'The bell side’s proof is enough.'
        : 'The mains steps ask for a mains proof by the person who does them, the bell steps for a proof at the bell wires.'}
    </p>
  );
}
