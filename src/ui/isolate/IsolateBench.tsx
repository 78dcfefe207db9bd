'use client';
import { useState } from 'react';
import type { BellProof, CircuitState, MainsProof } from '@/core/isolation';
import { circuitOfPoint, pointSteps, regionOf, type Circuit } from '@/core/job';
import { CircuitPlate } from '../kit/CircuitPlate';
import { Yes } from '../kit/form/Yes';
import { useJob } from '../kit/job/JobContext';
import { CircuitFields } from './CircuitFields';
import { ProofForm } from './ProofForm';

/** From “not known” to “proved dead”, by what the steps ahead will touch. */
export function IsolateBench() {
  const { keptJob, point } = useJob();
  const circuit = circuitOfPoint(keptJob.circuits, point.id);
  const steps = pointSteps(point);
  const mains = steps.filter(({ touches }) => touches === 'mains').length;
  const bell = steps.filter(({ touches }) => touches === 'bell').length;
  return (
    <div className="halves">
      <section>
        <h2>The circuit</h2>
        <CircuitFields />
        <p>
          {steps.length === 0
            ? 'No way is taken yet: which proof is needed follows from it.'
            : `Ahead: ${bell} ${bell === 1 ? 'step touches' : 'steps touch'} the bell wires, ${mains === 0 ? 'none touches mains' : `${mains} touch mains`}. `}
          {steps.length > 0 &&
            (mains === 0
              ? 'The bell side’s proof is enough.'
              : 'The mains steps are held until they are planned; they will ask for a mains proof of their own.')}
        </p>
        <p className="caution">
          A bell that does not ring, a dark lamp or a non-contact pen is a hint, not a proof. The transformer’s primary
          is mains, never bell voltage.
        </p>
      </section>
      <section>
        <h2>Its state</h2>
        <CircuitPlate circuit={circuit} />
        {circuit ? (
          <Moves circuit={circuit} />
        ) : (
          <p className="soft">Name the circuit first: type its {regionOf(keptJob).words.way}.</p>
        )}
      </section>
    </div>
  );
}

/** What can be done with a circuit from its state. */
function Moves({ circuit }: { readonly circuit: Circuit }) {
  const { write } = useJob();
  const { id: circuitId, state } = circuit;
  const proved = state.state === 'provedDead';
  return (
    <>
      {(state.state === 'unknown' || state.state === 'live') && <SwitchOff circuit={circuit} />}
      {state.state === 'off' && !state.tagged && <SwitchOff circuit={circuit} />}
      {proved && <Proofs state={state} />}
      {((state.state === 'off' && state.tagged) || proved) && (
        <>
          {!(proved && state.bell) && (
            <div className="block-top">
              <h3>Prove the bell side dead</h3>
              <ProofForm weight="bell" onProof={(proof) => write('deadProved', { circuitId, ...proof })} />
            </div>
          )}
          {!(proved && state.mains) && (
            <details>
              <summary>Prove the mains side dead</summary>
              <ProofForm weight="mains" onProof={(proof) => write('deadProved', { circuitId, ...proof })} />
            </details>
          )}
        </>
      )}
      {(state.state === 'off' || proved) && (
        <div className="row-of block-top">
          <button type="button" className="button" onClick={() => write('circuitSwitched', { circuitId, to: 'on' })}>
            It is on again
          </button>
          <button type="button" className="button quiet" onClick={() => write('cameBack', {})}>
            I was away and am back
          </button>
        </div>
      )}
      {state.state === 'unknown' && (
        <div className="row-of block-top">
          <button
            type="button"
            className="button quiet"
            onClick={() => write('circuitSwitched', { circuitId, to: 'on' })}
          >
            It is live now
          </button>
        </div>
      )}
    </>
  );
}

function SwitchOff({ circuit }: { readonly circuit: Circuit }) {
  const { write } = useJob();
  const [tagged, setTagged] = useState(false);
  const [houseTold, setHouseTold] = useState(false);
  const name = circuit.way ?? circuit.name ?? 'the circuit';
  return (
    <div className="block-top">
      <p className="soft">Save work on computers first: clocks and routers restart.</p>
      <Yes words="Tagged, so that nobody turns it on" yes={tagged} onTurn={setTagged} />
      <Yes words="Everybody in the house told" yes={houseTold} onTurn={setHouseTold} />
      <button
        type="button"
        className="button main"
        onClick={() => write('circuitSwitched', { circuitId: circuit.id, to: 'off', tagged, houseTold })}
      >
        {tagged ? `${name} is off and tagged` : `${name} is off, not tagged`}
      </button>
    </div>
  );
}

/** What was read, by whom. */
function Proofs({ state }: { readonly state: Extract<CircuitState, { state: 'provedDead' }> }) {
  const bell = (proof: BellProof): string =>
    `${proof.betweenVolts} V between, ${proof.firstToEarthVolts} and ${proof.secondToEarthVolts} V to earth`;
  const mains = (proof: MainsProof): string =>
    `${proof.hotNeutralVolts}, ${proof.hotGroundVolts} and ${proof.neutralGroundVolts} V, tester tried before and after, locked off`;
  return (
    <ul className="plain-list block-top">
      {state.bell && (
        <li>
          <b>Bell side</b>, {state.bell.mark.byName}: {bell(state.bell)}.{' '}
          <span className="soft">It stands until something is switched.</span>
        </li>
      )}
      {state.mains && (
        <li>
          <b>Mains side</b>, {state.mains.mark.byName}: {mains(state.mains)}.{' '}
          <span className="soft">It ends with any absence, switching or change of person.</span>
        </li>
      )}
    </ul>
  );
}
