import type { Say } from '@/words';
import type { Job } from '@/core/job';
import { circuitsOfPoint, type Point } from '@/core/points';
import { CIRCUIT_STATE_WORDS } from '@/core/isolation';

/** Which circuits a point hangs on, and how each stands now. */
export function SwitchOff({ say, job, point }: { readonly say: Say; readonly job: Job; readonly point: Point }) {
  const circuits = circuitsOfPoint(job, point);
  return (
    <section>
      <h3>How to switch it off</h3>
      {circuits.length === 0 && <p>{point.fed.plug ? 'By its plug: pulled, it is off.' : 'No circuit was named.'}</p>}
      {circuits.map((circuit) => (
        <p key={circuit.id}>
          {[circuit.way, circuit.name && `“${circuit.name}”`].filter(Boolean).join(' ')}
          {job.site.boardPlace ? `, ${job.site.boardPlace}` : ''}. State now:{' '}
          {say(CIRCUIT_STATE_WORDS[circuit.state.state])}
          {circuit.state.state === 'provedDead' && (circuit.state.bell?.simulated || circuit.state.mains?.simulated)
            ? ' (read on the simulated meter)'
            : ''}
          .{circuits.length > 1 ? ' Both are switched off.' : ''}
        </p>
      ))}
    </section>
  );
}
