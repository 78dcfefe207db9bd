import { complex, type Complex } from './complex';
import { type DistortedPhasor } from './distortedPhasor';
import { factorSystem, zeros } from './linearSystem';
import { settlePorts, type PortLoad } from './portLoads';

/** An impedance between two nodes; 0 Ω is a bare link. Node 0 is the reference. */
export interface Branch {
  readonly from: number;
  readonly to: number;
  readonly ohms: number;
  readonly reactanceOhms?: number;
}

/** A source behind its impedance, which lifts `to` over `from`. */
export interface NetworkSource extends Branch {
  readonly volts: number;
}

/** A load of constant power between two nodes, as in the closed form of the loop. */
export interface NetworkLoad extends PortLoad {
  readonly from: number;
  readonly to: number;
}

/** A network at one frequency. Nodes are numbered from 0 (the reference) to `nodes − 1`. */
export interface Network {
  readonly nodes: number;
  readonly sources: readonly NetworkSource[];
  readonly branches: readonly Branch[];
  readonly loads: readonly NetworkLoad[];
}

export interface NetworkSolution {
  readonly status: 'ok';
  readonly nodeVolts: readonly DistortedPhasor[];
  /** From `from` to `to`, in the order of the network’s lists. */
  readonly sourceAmps: readonly DistortedPhasor[];
  readonly branchAmps: readonly DistortedPhasor[];
  readonly loadAmps: readonly DistortedPhasor[];
}

/** Under this a branch gets a current of its own: its admittance would drown the others. */
const LINK_OHMS = 1e-3;
const isLink = ({ ohms, reactanceOhms = 0 }: Branch): boolean => Math.hypot(ohms, reactanceOhms) < LINK_OHMS;

/** Rms volts between two nodes. */
export function voltsBetween(solution: NetworkSolution, from: number, to: number): number {
  const a = solution.nodeVolts[from];
  const b = solution.nodeVolts[to];
  if (!a || !b) return NaN;
  return Math.hypot(
    a.fundamental.re - b.fundamental.re,
    a.fundamental.im - b.fundamental.im,
    a.distortion.re - b.distortion.re,
    a.distortion.im - b.distortion.im,
  );
}

/** Groups of nodes that nothing joins to the reference: one of each is held at 0 V. */
function islands(network: Network): readonly number[] {
  const root = zeros(network.nodes).map((_, i) => i);
  const find = (node: number): number => {
    let at = node;
    while (root[at] !== at) at = root[at] ?? 0;
    return at;
  };
  for (const { from, to } of [...network.branches, ...network.sources])
    root[Math.max(find(from), find(to))] = Math.min(find(from), find(to));
  return [...root.keys()].filter((node) => node > 0 && root[node] === node);
}

/**
 * Solves a network: complex nodal analysis, bare links and ideal sources with a current of their own (modified nodal
 * analysis, Ho et al. 1975), and constant-power loads brought to the upper solution.
 * In a single loop it is the closed form of {@link operatingPoint}, distortion included.
 * @returns the phasors, or `collapse` where the loads ask for more than the sources can feed at any volts
 */
export function solveNetwork(network: Network): NetworkSolution | { readonly status: 'collapse' } {
  const { nodes, sources, branches, loads } = network;
  const bare = [
    ...sources.map((source, i) => ({ ...source, emf: source.volts, source: i, branch: -1 })),
    ...branches.map((branch, i) => ({ ...branch, emf: 0, source: -1, branch: i })),
  ].filter((branch) => branch.source >= 0 || isLink(branch));
  const held = islands(network);
  const size = nodes - 1 + bare.length + held.length;
  const re = zeros(size * size);
  const im = zeros(size * size);
  const put = (row: number, column: number, a: number, b: number): void => {
    if (row < 0 || column < 0) return;
    const at = row * size + column;
    re[at] = (re[at] ?? 0) + a;
    im[at] = (im[at] ?? 0) + b;
  };
  const admittances = branches.map((branch) => {
    const { ohms, reactanceOhms = 0 } = branch;
    const square = ohms * ohms + reactanceOhms * reactanceOhms;
    return isLink(branch) ? null : complex(ohms / square, -reactanceOhms / square);
  });
  branches.forEach(({ from, to }, i) => {
    const y = admittances[i];
    if (!y) return;
    put(from - 1, from - 1, y.re, y.im);
    put(to - 1, to - 1, y.re, y.im);
    put(from - 1, to - 1, -y.re, -y.im);
    put(to - 1, from - 1, -y.re, -y.im);
  });
  // Current of a bare link or a source, from → to: V(from) + emf − Z·I − V(to) = 0
  bare.forEach(({ from, to, ohms, reactanceOhms = 0 }, i) => {
    const own = nodes - 1 + i;
    put(from - 1, own, 1, 0);
    put(to - 1, own, -1, 0);
    put(own, from - 1, 1, 0);
    put(own, to - 1, -1, 0);
    put(own, own, -ohms, -reactanceOhms);
  });
  held.forEach((node, i) => {
    const own = nodes - 1 + bare.length + i;
    put(own, node - 1, 1, 0);
    put(node - 1, own, 1, 0);
  });
  const { solve } = factorSystem(size, re, im);

  const solved = (fill: (right: number[]) => void): { re: number[]; im: number[] } => {
    const right = { re: zeros(size), im: zeros(size) };
    fill(right.re);
    solve(right.re, right.im);
    return right;
  };
  const open = solved((right) => bare.forEach(({ emf }, i) => (right[nodes - 1 + i] = -emf)));
  // One ampere drawn at each load in turn
  const drawn = loads.map(({ from, to }) =>
    solved((right) => {
      if (from > 0) right[from - 1] = (right[from - 1] ?? 0) - 1;
      if (to > 0) right[to - 1] = (right[to - 1] ?? 0) + 1;
    }),
  );
  const across = (of: { re: number[]; im: number[] }, { from, to }: NetworkLoad): Complex =>
    complex((of.re[from - 1] ?? 0) - (of.re[to - 1] ?? 0), (of.im[from - 1] ?? 0) - (of.im[to - 1] ?? 0));
  const amps = settlePorts({
    loads,
    emf: loads.map((load) => across(open, load)),
    // Volts at port k for an ampere at port j, counted as a loss
    impedance: loads.map((load) => drawn.map((one) => across(one, load)).map(({ re: a, im: b }) => complex(-a, -b))),
  });
  if (!amps) return { status: 'collapse' };

  /** An unknown by superposition: what the sources make, and what each load’s current takes. */
  const unknown = (at: number): DistortedPhasor => {
    const fundamental = { re: open.re[at] ?? 0, im: open.im[at] ?? 0 };
    const distortion = { re: 0, im: 0 };
    amps.forEach((amp, k) => {
      const a = drawn[k]?.re[at] ?? 0;
      const b = drawn[k]?.im[at] ?? 0;
      fundamental.re += a * amp.fundamental.re - b * amp.fundamental.im;
      fundamental.im += a * amp.fundamental.im + b * amp.fundamental.re;
      distortion.re += a * amp.distortion.re - b * amp.distortion.im;
      distortion.im += a * amp.distortion.im + b * amp.distortion.re;
    });
    return { fundamental, distortion };
  };
  const zero = { fundamental: complex(0), distortion: complex(0) };
  const nodeVolts = Array.from({ length: nodes }, (_, node) => (node === 0 ? zero : unknown(node - 1)));
  const through = (y: Complex, from: number, to: number): DistortedPhasor => {
    const part = (of: 'fundamental' | 'distortion'): Complex => {
      const a = (nodeVolts[from]?.[of].re ?? 0) - (nodeVolts[to]?.[of].re ?? 0);
      const b = (nodeVolts[from]?.[of].im ?? 0) - (nodeVolts[to]?.[of].im ?? 0);
      return complex(y.re * a - y.im * b, y.re * b + y.im * a);
    };
    return { fundamental: part('fundamental'), distortion: part('distortion') };
  };
  const ownAmps = (test: (one: (typeof bare)[number]) => boolean): DistortedPhasor =>
    unknown(nodes - 1 + bare.findIndex(test));
  return {
    status: 'ok',
    nodeVolts,
    sourceAmps: sources.map((_, i) => ownAmps(({ source }) => source === i)),
    branchAmps: branches.map(({ from, to }, i) => {
      const y = admittances[i];
      return y ? through(y, from, to) : ownAmps(({ branch }) => branch === i);
    }),
    loadAmps: amps,
  };
}
