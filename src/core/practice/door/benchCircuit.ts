import { solveNetwork, voltsBetween, type Branch, type Network } from '../../circuit';
import { partsOf, type FaultyHouse, type TroubledBell } from '../../faults';
import { METER_OHMS, ohmsAcross, SHUNT_OHMS } from '../probes';
import { TERMINALS, type Terminal, type Wiring } from '../wiring';

/** What a device that draws nothing still lets through, Ω. */
const IDLE_OHMS = 100e3;
/** What stands on the house’s conductors at one moment. */
export interface BenchHouse {
  readonly bell: TroubledBell;
  readonly faulty: FaultyHouse;
  readonly wiring: Wiring;
  /** Its circuit is on. */
  readonly isOn: boolean;
  /** The mains of the moment, over those of the visit. */
  readonly wander: number;
}

const NODES = [
  'screw2',
  'screw1',
  'run1StartA',
  'run1StartB',
  'run1A',
  'run1B',
  'trans',
  'front',
  'return',
  'run2A',
  'run2B',
  'shortA',
  'shortB',
  'door1',
  'door2',
] as const;
type Node = (typeof NODES)[number];
const at = (node: Node): number => NODES.indexOf(node);

/** What is none of the bell’s own conductors has no node of its own. */
const nodeOf = (terminal: Terminal): number =>
  Math.max(
    0,
    NODES.findIndex((node) => node === terminal),
  );

const link = (from: Node, to: Node, ohms = 0, reactanceOhms = 0): Branch => ({
  from: at(from),
  to: at(to),
  ohms,
  reactanceOhms,
});

/** The bell’s conductors as they are put, without source and device. */
function conductors({ bell, faulty, wiring }: BenchHouse): readonly Branch[] {
  const { toChime, toDoor, chimeBroken, doorBroken, short } = faulty;
  const parts = partsOf(bell, faulty);
  const [half1, half2] = [toChime / 2, toDoor / 2];
  const touch = short?.share ?? 0.5;
  return [
    ...(wiring.screws === 'on' ? [link('screw1', 'run1StartA'), link('screw2', 'run1StartB')] : []),
    ...(wiring.screws === 'joined' ? [link('run1StartA', 'run1StartB')] : []),
    // A broken run is broken in the conductor to the screws
    ...(chimeBroken ? [] : [link('run1StartA', 'run1A', half1)]),
    link('run1StartB', 'run1B', half1),
    ...(wiring.run1 === 'on' ? [link('run1A', 'trans'), link('run1B', 'return')] : []),
    ...parts
      .filter(({ what }) => what !== 'module' || wiring.module === 'on')
      .map(({ ohms, reactance }) => link('trans', 'front', ohms, reactance)),
    ...(wiring.run2 === 'on' ? [link('front', 'run2A'), link('return', 'run2B')] : []),
    link('run2A', 'shortA', half2 * touch),
    link('run2B', 'shortB', half2 * touch),
    ...(short ? [link('shortA', 'shortB', short.ohms)] : []),
    ...(doorBroken ? [] : [link('shortA', 'door1', half2 * (1 - touch))]),
    link('shortB', 'door2', half2 * (1 - touch)),
    ...(wiring.leads === 'joined' ? [link('door1', 'door2')] : []),
    // What else hangs on the transformer hangs there by wires of its own, lifted with the others
    ...(faulty.sharedOhms !== null && wiring.screws === 'on' ? [link('screw1', 'screw2', faulty.sharedOhms)] : []),
    ...(bell.chime.kind === 'none' && parts.length === 0 ? [link('trans', 'front')] : []),
  ];
}

/** What the device does: nothing, it runs, or it tries to and drops out. */
export type DeviceDoes = 'idle' | 'runs' | 'dropsOut';

/** The house solved: volts between any two terminals, and what the device does. */
export interface BenchSolved {
  readonly device: DeviceDoes;
  readonly volts: (one: Terminal, other: Terminal) => number;
}

/**
 * Volts all over the house, by nodal analysis: no closed form of the fault finder is used.
 * @param probes a link of a meter set to amps
 */
export function solveBench(house: BenchHouse, probes: readonly Branch[] = []): BenchSolved {
  const { bell, faulty, wiring, isOn, wander } = house;
  const isFed = isOn && faulty.isFed;
  const emf = isFed ? faulty.openVolts * faulty.mains * wander : 0;
  const branches = [...conductors(house), ...probes];
  const idle: Branch[] = wiring.leads === 'on' ? [link('door1', 'door2', IDLE_OHMS)] : [];
  const withSource = (winding: number, more: readonly Branch[], loads: Network['loads']): Network => ({
    nodes: NODES.length,
    sources: [{ from: at('screw2'), to: at('screw1'), ohms: faulty.sourceOhms * winding, volts: emf }],
    branches: [...branches, ...more],
    loads,
  });
  const across = (solution: ReturnType<typeof solveNetwork>, one: number, other: number): number =>
    solution.status === 'ok' ? voltsBetween(solution, one, other) : 0;
  const resting = withSource(1, idle, []);
  const restingVolts = across(solveNetwork(resting), at('door1'), at('door2'));
  const read =
    (network: Network) =>
    (one: Terminal, other: Terminal): number => {
      const [a, b] = [nodeOf(one), nodeOf(other)];
      // The meter’s own Ω bring what floats together, as they do in earnest
      const meter: Branch = { from: a, to: b, ohms: METER_OHMS };
      return a === b ? 0 : across(solveNetwork({ ...network, branches: [...network.branches, meter] }), a, b);
    };
  const { doorMinVolts, powerFactor, displacementFactor } = bell.device;
  if (wiring.leads !== 'on' || !faulty.draws || restingVolts < doorMinVolts)
    return { device: 'idle', volts: read(resting) };
  const load = {
    from: at('door1'),
    to: at('door2'),
    watts: faulty.house.watts,
    powerFactor,
    displacementFactor,
  };
  const running = withSource(faulty.house.warm, [], [load]);
  const solution = solveNetwork(running);
  const doorVolts = across(solution, at('door1'), at('door2'));
  return solution.status === 'ok' && doorVolts >= doorMinVolts
    ? { device: 'runs', volts: read(running) }
    : { device: 'dropsOut', volts: read(resting) };
}

/** Ω between two terminals with the circuit off; null: open. */
export function benchOhms(house: BenchHouse, one: Terminal, other: Terminal): number | null {
  // A rectifier lets none of so few volts through
  const winding = { from: at('screw1'), to: at('screw2'), ohms: house.faulty.sourceOhms };
  return ohmsAcross(NODES.length, [...conductors(house), winding], nodeOf(one), nodeOf(other));
}

/** Amperes through a meter that is set to amps and laid across two terminals: a short through its shunt. */
export function benchAmps(house: BenchHouse, one: Terminal, other: Terminal): number {
  const [a, b] = [nodeOf(one), nodeOf(other)];
  if (a === b) return 0;
  return solveBench(house, [{ from: a, to: b, ohms: SHUNT_OHMS }]).volts(one, other) / SHUNT_OHMS;
}

/** Whether two terminals are of the mains. */
export const isMains = (terminal: Terminal): boolean => TERMINALS[terminal] === 'hall';
