'use client';
import { isolateWords } from '@/words/screens';
import { useSay, useTerms } from '../../log/useSay';
import { circuitsOfPoint, hazardsAt, pointSteps, unnamedFeed } from '@/core/points';
import { GATE_WORDS } from '@/core/isolation';
import { capital } from '@/core/units';
import { CircuitPlate } from '../../verdict/CircuitPlate';
import { useJob } from '../../log/JobContext';
import { Cautions } from '../../verdict/Cautions';
import { SchoolHere } from '../../policy/SchoolHere';
import { CircuitFields, SecondCircuit } from './CircuitFields';
import { CircuitHints } from './CircuitHints';
import { CircuitMoves } from './CircuitMoves';
import { HuntPanel } from './HuntPanel';
import { PlugMoves } from './PlugMoves';

/** From “which breaker?” to “proved dead”, by what the steps ahead will touch; a plug has no breaker to be found. */
export function IsolateBench() {
  const { keptJob, point } = useJob();
  const { bellSide, breaker, joined } = point.fed;
  // What a plug alone feeds hangs on a breaker only by a transformer that is joined on
  const asksBreaker = breaker || joined === 'yes' || circuitsOfPoint(keptJob, point).length > 0;
  return (
    <>
      <Cautions words={hazardsAt(keptJob, 'isolate')} />
      <PlugMoves />
      {asksBreaker && <Breakers />}
      {bellSide && asksBreaker && (
        <SchoolHere
          matter="bellSide"
          lead={isolateWords.bellSideWhileWorking}
          remark={isolateWords.mainsStepsAreNever}
          submit={(school) => isolateWords.onThisJob({ school: capital(school) })}
        />
      )}
    </>
  );
}

function Breakers() {
  const terms = useTerms();
  const say = useSay();
  const { keptJob, point } = useJob();
  const circuits = circuitsOfPoint(keptJob, point);
  const unnamed = unnamedFeed(keptJob, point);
  const hunting = circuits.length === 0;
  return (
    <>
      {hunting && <HuntPanel />}
      <div className="halves">
        <section>
          <h2>{hunting ? isolateWords.orNameItIf : isolateWords.theCircuit2}</h2>
          {circuits.length === 0 ? (
            <CircuitFields circuit={null} />
          ) : (
            circuits.map((circuit) => <CircuitFields key={circuit.id} circuit={circuit} />)
          )}
          {circuits.length > 0 && <SecondCircuit />}
          {unnamed && <p className="caution">{isolateWords.nameItHereAnd({ say: say(GATE_WORDS[unnamed]) })}</p>}
          <Ahead />
        </section>
        <section>
          <h2>{isolateWords.itsState}</h2>
          {circuits.length === 0 && (
            <>
              <CircuitPlate point={point} circuit={null} />
              <p className="soft block-top">{isolateWords.findTheBreakerOr(terms)}</p>
            </>
          )}
          {circuits.map((circuit) => (
            <div key={circuit.id} className="circuit-block">
              <CircuitPlate point={point} circuit={circuit} />
              <CircuitMoves circuit={circuit} />
              <CircuitHints circuit={circuit} />
            </div>
          ))}
        </section>
      </div>
    </>
  );
}

/** Which proof the steps ahead need. */
function Ahead() {
  const { point } = useJob();
  const steps = pointSteps(point);
  const mains = steps.filter(({ touches }) => touches === 'mains').length;
  const bell = steps.filter(({ touches }) => touches === 'bell').length;
  if (steps.length === 0) return <p>{isolateWords.noWayIsTaken}</p>;
  if (!point.fed.bellSide) return <p>{isolateWords.aheadStepsTouchMains({ mains })}</p>;
  return (
    <p>
      {isolateWords.aheadTheBellWires({
        bell,
        stepTouches: bell === 1 ? isolateWords.stepTouches : isolateWords.stepsTouch,
        noneTouchesMains: mains === 0 ? isolateWords.noneTouchesMains : isolateWords.touchMains({ mains }),
        theBellSide: mains === 0 ? isolateWords.theBellSidesProof : isolateWords.theMainsStepsAsk,
      })}
    </p>
  );
}
