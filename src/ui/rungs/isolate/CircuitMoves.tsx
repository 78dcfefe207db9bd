'use client';
import { Button } from 'react-bootstrap';
import { useState } from 'react';
import type { BellProof, CircuitState, MainsProof } from '@/core/isolation';
import type { Circuit } from '@/core/house';
import { Yes } from '../../form/Yes';
import { useJob } from '../../log/JobContext';
import { ProofForm } from './ProofForm';

/** What can be done with a circuit from its state. */
export function CircuitMoves({ circuit }: { readonly circuit: Circuit }) {
  const { keptJob, kept, write } = useJob();
  const { id: circuitId, state } = circuit;
  const proved = state.state === 'provedDead';
  // Without a bell side all its conductors are mains
  const onlyMains = !kept.fed.bellSide;
  const live =
    !onlyMains && keptJob.policy.bellSide === 'live' && (state.state === 'live' || state.state === 'unknown');
  const bellRead = 'bellRead' in state ? state.bellRead : null;
  return (
    <>
      {(state.state === 'unknown' || state.state === 'live') && <SwitchOff circuit={circuit} />}
      {state.state === 'off' && !state.tagged && <SwitchOff circuit={circuit} />}
      {proved && <Proofs state={state} />}
      {live && (
        <div className="block-top">
          <h3>Bell side live, by the school of this job</h3>
          {bellRead ? (
            <p className="moss">
              Read as bell voltage: {bellRead.betweenVolts} V between, {bellRead.firstToEarthVolts} and{' '}
              {bellRead.secondToEarthVolts} V to earth. Bell steps are free until something is switched.
            </p>
          ) : (
            <ProofForm
              weight="bell"
              asksBellVoltage
              onProof={(proof) => write('deadProved', { circuitId, ...proof })}
            />
          )}
          <p className="caution">Two leads that touch short the transformer; the device may restart in mid-work.</p>
        </div>
      )}
      {((state.state === 'off' && state.tagged) || proved) && (
        <>
          {!onlyMains && !(proved && state.bell) && (
            <div className="block-top">
              <h3>Prove the bell side dead</h3>
              <ProofForm weight="bell" onProof={(proof) => write('deadProved', { circuitId, ...proof })} />
            </div>
          )}
          {!(proved && state.mains) &&
            (onlyMains ? (
              <div className="block-top">
                <h3>Prove it dead at its conductors</h3>
                <ProofForm weight="mains" onProof={(proof) => write('deadProved', { circuitId, ...proof })} />
              </div>
            ) : (
              <details>
                <summary>Prove the mains side dead</summary>
                <ProofForm weight="mains" onProof={(proof) => write('deadProved', { circuitId, ...proof })} />
              </details>
            ))}
        </>
      )}
      {proved && state.mains && (
        <p className="soft">
          {keptJob.policy.energise === 'beforeClosing'
            ? 'Once wired: on to see it work, then off and proved dead again before closing up.'
            : 'It is switched on only after everything is closed.'}
        </p>
      )}
      {(state.state === 'off' || proved) && (
        <div className="row-of block-top">
          <Button variant="secondary" onClick={() => write('circuitSwitched', { circuitId, to: 'on' })}>
            It is on again
          </Button>
          <Button variant="link" onClick={() => write('cameBack', {})}>
            I was away and am back
          </Button>
        </div>
      )}
      {state.state === 'unknown' && (
        <div className="row-of block-top">
          <Button variant="link" onClick={() => write('circuitSwitched', { circuitId, to: 'on' })}>
            It is live now
          </Button>
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
      <Button onClick={() => write('circuitSwitched', { circuitId: circuit.id, to: 'off', tagged, houseTold })}>
        {tagged ? `${name} is off and tagged` : `${name} is off, not tagged`}
      </Button>
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
          <b>Bell side</b>, {state.bell.mark.byName}: {bell(state.bell)}
          {state.bell.simulated && <span className="simulated"> simulated</span>}.{' '}
          <span className="soft">It stands until something is switched.</span>
        </li>
      )}
      {state.mains && (
        <li>
          <b>Mains side</b>, {state.mains.mark.byName}: {mains(state.mains)}
          {state.mains.simulated && <span className="simulated"> simulated</span>}.{' '}
          <span className="soft">It ends with any absence, switching or change of person.</span>
        </li>
      )}
    </ul>
  );
}
