import { solveNetwork, voltsBetween, type Branch } from '../circuit';

/** What a meter’s probes lie across while it reads volts, Ω. */
export const METER_OHMS = 10e6;
/** A meter set to amps is a link between its probes, Ω. */
export const SHUNT_OHMS = 0.05;
/** A meter that reads Ω sends a current of its own through this, and calls more than that open. */
const OHMS_SOURCE = { volts: 1, ohms: 1_000 } as const;
const OPEN_OHMS = 40e6;

/** Ω between two nodes of what is dead, by a small direct current, which knows no reactance; null: open. */
export function ohmsAcross(nodes: number, conductors: readonly Branch[], from: number, to: number): number | null {
  if (from === to) return 0;
  const solution = solveNetwork({
    nodes,
    sources: [{ from, to, ...OHMS_SOURCE }],
    branches: conductors.map((branch) => ({ ...branch, reactanceOhms: 0 })),
    loads: [],
  });
  if (solution.status !== 'ok') return null;
  const volts = voltsBetween(solution, from, to);
  const amps = (OHMS_SOURCE.volts - volts) / OHMS_SOURCE.ohms;
  const ohms = amps <= 0 ? Infinity : volts / amps;
  return ohms > OPEN_OHMS ? null : Math.max(0, ohms);
}
