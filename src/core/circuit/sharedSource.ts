import { rms } from './distortedPhasor';
import { solveNetwork, voltsBetween, type NetworkSolution } from './network';
import { COLLAPSED, chimeImpedance, type ChimePath, type Load, type Loop, type OperatingPoint } from './operatingPoint';

/** A further load on the same transformer. */
export interface SecondLoad {
  /** `chime`: from the chime’s Trans, behind what is between it and Rear. `transformer`: from the screws. */
  readonly from: 'chime' | 'transformer';
  readonly chime: ChimePath;
  readonly runOhms: number;
  readonly load: Load;
}

/** What a further load gets; null on collapse. */
export interface SecondFigures {
  readonly doorVolts: number | null;
  readonly amps: number | null;
  readonly chimeVolts: number | null;
}

/** Nodes of the loop: return, screws, Trans, Front, door; each further load adds two. */
const NODE = { back: 0, screws: 1, trans: 2, front: 3, door: 4, further: 5 } as const;
/** Places of the branches: run to the chime, chime, run to the door; each further load adds two. */
const BRANCH = { toChime: 0, chime: 1, toDoor: 2, further: 3 } as const;

const ampsOf = (amps: NetworkSolution['branchAmps'], at: number): number => {
  const one = amps[at];
  return one ? rms(one) : 0;
};

/**
 * One operating point of a loop whose transformer feeds further loads: a rear door, a second device. All of it is one
 * network ({@link solveNetwork}); `amps` is the front door's, the source's figures are of all together.
 * @returns null for `maxWatts`: no one limit belongs to several loads
 */
export function sharedSourcePoint(
  loop: Loop,
  second: readonly SecondLoad[],
): OperatingPoint & { readonly second: readonly SecondFigures[] } {
  const { source } = loop;
  const front = chimeImpedance(loop.chime);
  const further = second.map((one, i) => ({
    ...one,
    coil: chimeImpedance(one.chime),
    start: one.from === 'chime' ? NODE.trans : NODE.screws,
    rear: NODE.further + 2 * i,
    door: NODE.further + 2 * i + 1,
    branch: BRANCH.further + 2 * i,
  }));
  const hung = [{ door: NODE.door as number, load: loop.load }, ...further];
  const solution = solveNetwork({
    nodes: NODE.further + 2 * second.length,
    sources: [
      {
        from: NODE.back,
        to: NODE.screws,
        volts: source.openCircuitVolts,
        ohms: source.seriesOhms,
        reactanceOhms: source.seriesReactanceOhms ?? 0,
      },
    ],
    branches: [
      { from: NODE.screws, to: NODE.trans, ohms: loop.toChimeOhms },
      { from: NODE.trans, to: NODE.front, ohms: front.re, reactanceOhms: front.im },
      { from: NODE.front, to: NODE.door, ohms: loop.toDoorOhms },
      ...further.flatMap(({ start, rear, door, coil, runOhms }) => [
        { from: start, to: rear, ohms: coil.re, reactanceOhms: coil.im },
        { from: rear, to: door, ohms: runOhms },
      ]),
      ...hung.flatMap(({ door, load }) =>
        load.kind === 'resistor' ? [{ from: door, to: NODE.back, ohms: load.ohms }] : [],
      ),
    ],
    loads: hung.flatMap(({ door, load }) => (load.kind === 'power' ? [{ ...load, from: door, to: NODE.back }] : [])),
  });
  if (solution.status === 'collapse') {
    const nothing = { doorVolts: null, amps: null, chimeVolts: null };
    return { ...COLLAPSED, maxWatts: null, second: second.map(() => nothing) };
  }
  const { branchAmps } = solution;
  const [given] = solution.sourceAmps;
  const amps = given ? rms(given) : 0;
  const sourceVolts = voltsBetween(solution, NODE.screws, NODE.back);
  const rated = source.ratedVolts && source.ratedVa ? source.ratedVa / source.ratedVolts : null;
  return {
    status: 'ok',
    doorVolts: voltsBetween(solution, NODE.door, NODE.back),
    amps: ampsOf(branchAmps, BRANCH.toDoor),
    chimeVolts: voltsBetween(solution, NODE.trans, NODE.front),
    sourceVolts,
    sourceVa: sourceVolts * amps,
    // The source's own volts are undistorted: only the current of their shape carries watts
    sourceWatts: source.openCircuitVolts * (given?.fundamental.re ?? 0) - amps * amps * source.seriesOhms,
    utilisation: rated === null ? null : amps / rated,
    wireWatts:
      ampsOf(branchAmps, BRANCH.toChime) ** 2 * loop.toChimeOhms +
      ampsOf(branchAmps, BRANCH.toDoor) ** 2 * loop.toDoorOhms +
      further.reduce((sum, { branch, runOhms }) => sum + ampsOf(branchAmps, branch + 1) ** 2 * runOhms, 0),
    maxWatts: null,
    second: further.map(({ start, rear, door, branch }) => ({
      doorVolts: voltsBetween(solution, door, NODE.back),
      amps: ampsOf(branchAmps, branch),
      chimeVolts: voltsBetween(solution, start, rear),
    })),
  };
}
