import type { Circuit } from '@/core/job';
import { format, parseISO } from 'date-fns';

const WORDS = { unknown: 'NOT KNOWN', live: 'LIVE', off: 'OFF', provedDead: 'PROVED DEAD' } as const;

/** Live or dead: pattern, word, way and who. Stands on every screen of a job. */
export function CircuitPlate({ circuit }: { readonly circuit: Circuit | null }) {
  const state = circuit?.state ?? { state: 'unknown' as const };
  const where = circuit
    ? [circuit.way, circuit.name && `“${circuit.name}”`].filter(Boolean).join(' ')
    : 'no circuit named';
  const who = 'since' in state ? ` · ${format(parseISO(state.since.at), 'HH:mm')} · ${state.since.byName}` : '';
  const more = state.state === 'off' ? (state.tagged ? ' · tagged, not proved' : ' · not tagged') : '';
  return (
    <div className={`plate ${state.state}`} role="status" data-testid="circuit-state">
      <i />
      <span>
        {WORDS[state.state]}
        <small>
          {where}
          {more}
          {who}
        </small>
      </span>
    </div>
  );
}
