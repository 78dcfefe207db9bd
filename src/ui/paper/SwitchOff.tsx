import { sheetWords } from '@/words/screens';
import type { Say } from '@/words';
import type { Job } from '@/core/job';
import { circuitsOfPoint, proofsAt, stateAt, type Point } from '@/core/points';
import { CIRCUIT_STATE_WORDS } from '@/core/isolation';

/** Which circuits a point hangs on, and how each stands now. */
export function SwitchOff({ say, job, point }: { readonly say: Say; readonly job: Job; readonly point: Point }) {
  const circuits = circuitsOfPoint(job, point);
  return (
    <section>
      <h3>{sheetWords.howToSwitchIt}</h3>
      {circuits.length === 0 && <p>{!point.fed.breaker ? sheetWords.byItsPlugPulled : sheetWords.noCircuitWasNamed}</p>}
      {circuits.map((circuit) => (
        <p key={circuit.id}>
          {sheetWords.stateNow({
            filter: [circuit.way, circuit.name && `“${circuit.name}”`].filter(Boolean).join(' '),
            boardPlace: job.site.boardPlace ? `, ${job.site.boardPlace}` : '',
            say: say(CIRCUIT_STATE_WORDS[stateAt(point, circuit).state]),
            readOnThe: proofsAt(point, circuit).some(({ proof }) => proof.simulated)
              ? sheetWords.readOnTheSimulated
              : '',
            bothAreSwitched: circuits.length > 1 ? sheetWords.bothAreSwitchedOff : '',
          })}
        </p>
      ))}
    </section>
  );
}
