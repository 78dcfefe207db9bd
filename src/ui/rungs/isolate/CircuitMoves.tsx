'use client';
import { isolateWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useState } from 'react';
import type { BellProof, CircuitState, MainsProof } from '@/core/isolation';
import type { Circuit } from '@/core/house';
import { Yes } from '../../form/Yes';
import { useJob } from '../../log/JobContext';
import { useTerms } from '../../log/useSay';
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
  const { ground } = useTerms();
  const bellRead = 'bellRead' in state ? state.bellRead : null;
  return (
    <>
      {(state.state === 'unknown' || state.state === 'live') && <SwitchOff circuit={circuit} />}
      {state.state === 'off' && !state.tagged && <SwitchOff circuit={circuit} />}
      {proved && <Proofs state={state} />}
      {live && (
        <div className="block-top">
          <h3>{isolateWords.bellSideLiveBy}</h3>
          {bellRead ? (
            <p className="moss">
              {isolateWords.readAsBellVoltage({
                betweenVolts: bellRead.betweenVolts,
                firstToEarthVolts: bellRead.firstToEarthVolts,
                secondToEarthVolts: bellRead.secondToEarthVolts,
                ground,
              })}
            </p>
          ) : (
            <ProofForm
              weight="bell"
              asksBellVoltage
              onProof={(proof) => write('deadProved', { circuitId, ...proof })}
            />
          )}
          <p className="caution">{isolateWords.twoLeadsThatTouch}</p>
        </div>
      )}
      {((state.state === 'off' && state.tagged) || proved) && (
        <>
          {!onlyMains && !(proved && state.bell) && (
            <div className="block-top">
              <h3>{isolateWords.proveTheBellSide}</h3>
              <ProofForm weight="bell" onProof={(proof) => write('deadProved', { circuitId, ...proof })} />
            </div>
          )}
          {!(proved && state.mains) &&
            (onlyMains ? (
              <div className="block-top">
                <h3>{isolateWords.proveItDeadAt}</h3>
                <ProofForm weight="mains" onProof={(proof) => write('deadProved', { circuitId, ...proof })} />
              </div>
            ) : (
              <details>
                <summary>{isolateWords.proveTheMainsSide}</summary>
                <ProofForm weight="mains" onProof={(proof) => write('deadProved', { circuitId, ...proof })} />
              </details>
            ))}
        </>
      )}
      {proved && state.mains && (
        <p className="soft">
          {keptJob.policy.energise === 'beforeClosing' ? isolateWords.onceWiredOnTo : isolateWords.itIsSwitchedOn}
        </p>
      )}
      {(state.state === 'off' || proved) && (
        <div className="row-of block-top">
          <Button variant="secondary" onClick={() => write('circuitSwitched', { circuitId, to: 'on' })}>
            {isolateWords.itIsOnAgain}
          </Button>
          <Button variant="link" onClick={() => write('cameBack', {})}>
            {isolateWords.iWasAwayAnd}
          </Button>
        </div>
      )}
      {state.state === 'unknown' && (
        <div className="row-of block-top">
          <Button variant="link" onClick={() => write('circuitSwitched', { circuitId, to: 'on' })}>
            {isolateWords.itIsLiveNow}
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
  const name = circuit.way ?? circuit.name ?? isolateWords.theCircuit;
  return (
    <div className="block-top">
      <p className="soft">{isolateWords.saveWorkOnComputers}</p>
      <Yes words={isolateWords.taggedSoThatNobody} yes={tagged} onTurn={setTagged} />
      <Yes words={isolateWords.everybodyInTheHouse} yes={houseTold} onTurn={setHouseTold} />
      <Button onClick={() => write('circuitSwitched', { circuitId: circuit.id, to: 'off', tagged, houseTold })}>
        {tagged ? isolateWords.isOffAndTagged({ name }) : isolateWords.isOffNotTagged({ name })}
      </Button>
    </div>
  );
}

/** What was read, by whom. */
function Proofs({ state }: { readonly state: Extract<CircuitState, { state: 'provedDead' }> }) {
  const { ground } = useTerms();
  const bell = (proof: BellProof): string =>
    isolateWords.vBetweenAndV({
      betweenVolts: proof.betweenVolts,
      firstToEarthVolts: proof.firstToEarthVolts,
      secondToEarthVolts: proof.secondToEarthVolts,
      ground,
    });
  const mains = (proof: MainsProof): string =>
    isolateWords.andVTesterTried({
      hotNeutralVolts: proof.hotNeutralVolts,
      hotGroundVolts: proof.hotGroundVolts,
      neutralGroundVolts: proof.neutralGroundVolts,
    });
  return (
    <ul className="plain-list block-top">
      {state.bell && (
        <li>
          <b>{isolateWords.bellSide}</b>, {state.bell.mark.byName}: {bell(state.bell)}
          {state.bell.simulated && <span className="simulated"> {isolateWords.simulated}</span>}.{' '}
          <span className="soft">{isolateWords.itStandsUntilSomething}</span>
        </li>
      )}
      {state.mains && (
        <li>
          <b>{isolateWords.mainsSide}</b>, {state.mains.mark.byName}: {mains(state.mains)}
          {state.mains.simulated && <span className="simulated"> {isolateWords.simulated}</span>}.{' '}
          <span className="soft">{isolateWords.itEndsWithAny}</span>
        </li>
      )}
    </ul>
  );
}
