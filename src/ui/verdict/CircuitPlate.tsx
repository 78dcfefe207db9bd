import { verdictWords } from '@/words/screens';
import type { Circuit } from '@/core/house';
import { NOT_KNOWN } from '@/core/isolation';
import type { Job } from '@/core/job';
import { circuitsOfPoint, proofsAt, stateAt, type Point } from '@/core/points';
import { format, parseISO } from 'date-fns';
import { PlugPlate } from './PlugPlate';

const WORDS = {
  unknown: verdictWords.nOTKNOWN,
  live: verdictWords.lIVE,
  off: verdictWords.oFF,
  provedDead: verdictWords.pROVEDDEAD,
} as const;

/** The plates of every circuit that feeds a point; one that says “not known” where none is named. */
export function CircuitPlates({ job, point }: { readonly job: Job; readonly point: Point }) {
  const circuits = circuitsOfPoint(job, point);
  return (
    <>
      <PlugPlate job={job} point={point} />
      {circuits.length === 0 && point.fed.breaker && <CircuitPlate point={point} circuit={null} />}
      {circuits.map((circuit) => (
        <CircuitPlate key={circuit.id} point={point} circuit={circuit} />
      ))}
    </>
  );
}

interface Props {
  readonly point: Point;
  readonly circuit: Circuit | null;
}

/** Live or dead at a point: pattern, word, way and who. Stands on every screen of a job. */
export function CircuitPlate({ point, circuit }: Props) {
  const state = circuit ? stateAt(point, circuit) : NOT_KNOWN;
  const where = circuit
    ? [circuit.way, circuit.name && `“${circuit.name}”`].filter(Boolean).join(' ')
    : verdictWords.noCircuitNamed;
  const who = 'since' in state ? ` · ${format(parseISO(state.since.at), 'HH:mm')} · ${state.since.byName}` : '';
  const read = circuit ? proofsAt(point, circuit) : [];
  const simulated = read.some(({ proof }) => proof.simulated) ? verdictWords.simulatedMeter : '';
  const more =
    state.state === 'off'
      ? state.tagged
        ? state.guard === 'locked'
          ? verdictWords.lockedNotProved
          : verdictWords.taggedNotProved
        : verdictWords.notTagged
      : '';
  return (
    <div className={`plate ${state.state}`} role="status" data-testid="circuit-state">
      <i />
      <span>
        {WORDS[state.state]}
        <small>
          {where}
          {more}
          {who}
          {simulated && <b className="simulated">{simulated}</b>}
        </small>
      </span>
    </div>
  );
}
