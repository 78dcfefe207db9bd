'use client';
import { isolateWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useState } from 'react';
import type { BellProof, MainsProof, StandingProof } from '@/core/isolation';
import type { Circuit } from '@/core/house';
import { openBeside, pointSteps, pointsAt, proofsAt, stateAt } from '@/core/points';
import { Yes } from '../../form/Yes';
import { useJob } from '../../log/JobContext';
import { useSay, useTerms } from '../../log/useSay';
import { BellExplained } from './BellExplained';
import { GuardFields } from './GuardFields';
import { ProofForm } from '../../proof/ProofForm';

/** What can be done with a circuit from its state; on its mains it is proved with the cover off, at Wire. */
export function CircuitMoves({ circuit }: { readonly circuit: Circuit }) {
  const { keptJob, kept, write, go } = useJob();
  const { id: circuitId, state } = circuit;
  const { supplyId } = kept.hangs;
  const { bellSide } = kept.fed;
  const proofs = proofsAt(kept, circuit);
  const isOff = state.state === 'off' || state.state === 'provedDead';
  const isBellProved = proofs.some(({ proof }) => proof.weight === 'bell');
  // The bell side alone asks for no lock: heavy rules for light work only breed excuses
  const touchesMains = !bellSide || pointSteps(kept).some(({ touches }) => touches === 'mains');
  const worksLive = bellSide && keptJob.policy.bellSide === 'live' && !isOff;
  return (
    <>
      {!(isOff && state.tagged) && <SwitchOff circuit={circuit} />}
      {isOff && state.tagged && state.guard === null && touchesMains && <GuardFields circuitId={circuitId} />}
      <Proofs proofs={proofs} />
      <Elsewhere circuit={circuit} />
      {supplyId !== null && <BellExplained supplyId={supplyId} />}
      {worksLive && <LiveBellSide circuit={circuit} />}
      {isOff && state.tagged && bellSide && supplyId !== null && !isBellProved && (
        <div className="block-top">
          <h3>{isolateWords.proveTheBellSide}</h3>
          <ProofForm
            weight="bell"
            about={`${circuitId}/${supplyId}/${state.switchingId}`}
            onProof={(proof) =>
              write('deadProved', { circuitId, placeId: supplyId, switchingId: state.switchingId, ...proof })
            }
          />
        </div>
      )}
      {isOff && state.tagged && state.guard !== null && !bellSide && proofs.length === 0 && (
        <div className="block-top">
          <p>{isolateWords.coverOffIsTheProof}</p>
          <Button onClick={() => go('wire')}>{isolateWords.goOnAtWire}</Button>
        </div>
      )}
      {isOff && <OnAgain circuit={circuit} />}
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

/** The school of the live bell side: what is read there before a step. */
function LiveBellSide({ circuit }: { readonly circuit: Circuit }) {
  const { keptJob, kept, write } = useJob();
  const { ground } = useTerms();
  const bellRead = keptJob.isolation.bellReadOf(circuit.id);
  const { supplyId } = kept.hangs;
  return (
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
          about={`${circuit.id}/read`}
          asksBellVoltage
          onProof={(proof) =>
            write('deadProved', {
              circuitId: circuit.id,
              ...(supplyId === null ? {} : { placeId: supplyId }),
              ...proof,
            })
          }
        />
      )}
      <p className="caution">{isolateWords.twoLeadsThatTouch}</p>
    </div>
  );
}

/** It went on again: a fact that is always written. Whoever has hands in what hangs on it is named. */
function OnAgain({ circuit }: { readonly circuit: Circuit }) {
  const say = useSay();
  const { keptJob, kept, asker, write } = useJob();
  const beside = openBeside(keptJob, kept, asker);
  return (
    <div className="block-top">
      {beside.map(({ placeId, words }) => (
        <p key={placeId} className="caution">
          {isolateWords.beforeItGoesOn({ words: say(words) })}
        </p>
      ))}
      <div className="row-of">
        <Button variant="secondary" onClick={() => write('circuitSwitched', { circuitId: circuit.id, to: 'on' })}>
          {isolateWords.itIsOnAgain}
        </Button>
        <Button variant="link" onClick={() => write('cameBack', {})}>
          {isolateWords.iWasAwayAnd}
        </Button>
      </div>
    </div>
  );
}

const SWITCHED_OFF = [
  { name: 'tagged', words: isolateWords.taggedSoThatNobody },
  { name: 'locked', words: isolateWords.lockedOffKeyKept },
  { name: 'houseTold', words: isolateWords.everybodyInTheHouse },
] as const;

function SwitchOff({ circuit }: { readonly circuit: Circuit }) {
  const { write } = useJob();
  const [met, setMet] = useState<Readonly<Partial<Record<'tagged' | 'locked' | 'houseTold', boolean>>>>({});
  const name = circuit.way ?? circuit.name ?? isolateWords.theCircuit;
  const switchedOff = ({ tagged = false, locked = false, houseTold = false }: typeof met) =>
    write('circuitSwitched', {
      circuitId: circuit.id,
      to: 'off',
      tagged,
      houseTold,
      ...(locked ? { guard: 'locked' as const } : {}),
    });
  return (
    <div className="block-top">
      <p className="soft">{isolateWords.saveWorkOnComputers}</p>
      {SWITCHED_OFF.map(({ name: what, words }) => (
        <Yes key={what} words={words} yes={met[what] ?? false} onTurn={(yes) => setMet({ ...met, [what]: yes })} />
      ))}
      <div className="row-of">
        <Button onClick={() => switchedOff({ tagged: true, locked: true, houseTold: true })}>
          {isolateWords.allSoItIsOff({ name })}
        </Button>
        <Button variant="secondary" onClick={() => switchedOff(met)}>
          {met.tagged ? isolateWords.isOffAndTagged({ name }) : isolateWords.isOffNotTagged({ name })}
        </Button>
      </div>
    </div>
  );
}

/** What was read here, by whom. */
function Proofs({ proofs }: { readonly proofs: readonly StandingProof[] }) {
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
  if (proofs.length === 0) return null;
  return (
    <ul className="plain-list block-top">
      {proofs.map(({ entryId, proof, mark }) => (
        <li key={entryId}>
          <b>{proof.weight === 'bell' ? isolateWords.bellSide : isolateWords.mainsSide}</b>, {mark.byName}:{' '}
          {proof.weight === 'bell' ? bell(proof) : mains(proof)}
          {proof.simulated && <span className="simulated"> {isolateWords.simulated}</span>}.{' '}
          <span className="soft">
            {proof.weight === 'bell' ? isolateWords.itStandsUntilSomething : isolateWords.itEndsWithAny}
          </span>
        </li>
      ))}
    </ul>
  );
}

/** Where else it is proved: a test of another box is none of this one. */
function Elsewhere({ circuit }: { readonly circuit: Circuit }) {
  const { keptJob, kept } = useJob();
  if (stateAt(kept, circuit).state === 'provedDead') return null;
  const places = circuit.proofs.flatMap(({ stands, placeId }) => (stands && placeId !== null ? [placeId] : []));
  const names = [...new Set(places.flatMap((id) => pointsAt(keptJob, id)))];
  return names.length === 0 ? null : (
    <p className="soft block-top">{isolateWords.provedElsewhere({ points: names.join(', ') })}</p>
  );
}
