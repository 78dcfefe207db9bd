import { fundamentalVars, magnitude, upperRootVolts } from '../circuit';
import type { Circuit } from './conditions';
import type { Place } from './bellCase';

/** A device in one state, as the solver sees it. */
export interface Draw {
  readonly watts: number;
  readonly powerFactor: number;
  readonly displacementFactor: number;
}

/** Door volts of a circuit under a device; 0 where it collapses. */
export function doorVolts(circuit: Circuit, draw: Draw): number {
  const ohms = circuit.sourceOhms + circuit.toChimeOhms + circuit.toDoorOhms + circuit.chime.re;
  const volts = upperRootVolts(
    circuit.emf,
    ohms,
    circuit.chime.im,
    draw.watts,
    fundamentalVars(draw.watts, draw.displacementFactor),
    draw.watts / draw.powerFactor,
  );
  return Number.isNaN(volts) ? 0 : volts;
}

/** Where volts are told along the loop. */
export const STATIONS = ['inside', 'screws', 'Trans', 'Front', 'door'] as const;
export type Station = (typeof STATIONS)[number];

/**
 * Volts that are left at each station from the winding's inside to the door.
 * @returns five volts in the order of {@link STATIONS}; on collapse all but the first are 0
 */
export function stationVolts(circuit: Circuit, draw: Draw): readonly number[] {
  const door = doorVolts(circuit, draw);
  if (door === 0) return [circuit.emf, 0, 0, 0, 0];
  const amps = draw.watts / draw.powerFactor / door;
  const vars = fundamentalVars(draw.watts, draw.displacementFactor);
  // Volts before an impedance, by the same law as at the door
  const before = (ohms: number, reactance: number): number =>
    Math.sqrt(
      door * door + 2 * (ohms * draw.watts + reactance * vars) + (ohms * ohms + reactance * reactance) * amps * amps,
    );
  const { chime, toChimeOhms, toDoorOhms } = circuit;
  return [
    circuit.emf,
    before(toDoorOhms + chime.re + toChimeOhms, chime.im),
    before(toDoorOhms + chime.re, chime.im),
    before(toDoorOhms, 0),
    door,
  ];
}

/** Volts that a meter would find at a place under a device; 0 on collapse. */
export function voltsAt(circuit: Circuit, draw: Draw, place: Place): number {
  if (place === 'door') return doorVolts(circuit, draw);
  const volts = stationVolts(circuit, draw);
  if (place === 'transformer') return volts[1] ?? 0;
  const door = volts[4] ?? 0;
  return door === 0 ? 0 : (draw.watts / draw.powerFactor / door) * magnitude(circuit.chime);
}
