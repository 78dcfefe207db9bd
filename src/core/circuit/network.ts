import { complex, type Complex } from './complex';
import { type DistortedPhasor } from './distortedPhasor';
import { factorSystem } from './linearSystem';
import { settlePorts, type PortLoad, type Ports } from './portLoads';

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
const isLink = ({ ohms, reactanceOhms = 0 }: Branch): boolean =>
  ohms * ohms + reactanceOhms * reactanceOhms < LINK_OHMS * LINK_OHMS;

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
function islands({ nodes, branches, sources }: Network): readonly number[] {
  const root: number[] = [];
  for (let node = 0; node < nodes; node++) root.push(node);
  const find = (node: number): number => {
    let at = node;
    while (root[at] !== at) at = root[at] ?? 0;
    return at;
  };
  const join = ({ from, to }: Branch): void => {
    const a = find(from);
    const b = find(to);
    root[Math.max(a, b)] = Math.min(a, b);
  };
  for (const branch of branches) join(branch);
  for (const source of sources) join(source);
  const alone: number[] = [];
  for (let node = 1; node < nodes; node++) if (root[node] === node) alone.push(node);
  return alone;
}

interface Columns {
  readonly re: Float64Array;
  readonly im: Float64Array;
}

/** A network's linear part, solved for its sources alone and for an ampere drawn at each load in turn. */
function prepare(network: Network) {
  const { nodes, sources, branches, loads } = network;
  // What gets a current of its own among the unknowns: sources first, then bare links
  const bare: Branch[] = [...sources];
  /** Place of a branch's current among the unknowns; −1 where its admittance serves. */
  const ownOf: number[] = [];
  for (const branch of branches) {
    if (isLink(branch)) ownOf.push(nodes - 2 + bare.push(branch));
    else ownOf.push(-1);
  }
  const held = islands(network);
  const size = nodes - 1 + bare.length + held.length;
  const re = new Float64Array(size * size);
  const im = new Float64Array(size * size);
  const put = (row: number, column: number, a: number, b: number): void => {
    if (row < 0 || column < 0) return;
    const at = row * size + column;
    re[at] = (re[at] ?? 0) + a;
    im[at] = (im[at] ?? 0) + b;
  };
  const conductance = new Float64Array(branches.length);
  const susceptance = new Float64Array(branches.length);
  branches.forEach(({ from, to, ohms, reactanceOhms = 0 }, i) => {
    if (ownOf[i] !== -1) return;
    const square = ohms * ohms + reactanceOhms * reactanceOhms;
    const a = ohms / square;
    const b = -reactanceOhms / square;
    conductance[i] = a;
    susceptance[i] = b;
    put(from - 1, from - 1, a, b);
    put(to - 1, to - 1, a, b);
    put(from - 1, to - 1, -a, -b);
    put(to - 1, from - 1, -a, -b);
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

  const solved = (fill: (right: Float64Array) => void): Columns => {
    const right = { re: new Float64Array(size), im: new Float64Array(size) };
    fill(right.re);
    solve(right.re, right.im);
    return right;
  };
  const open = solved((right) => sources.forEach(({ volts }, i) => (right[nodes - 1 + i] = -volts)));
  // One ampere drawn at each load in turn
  const drawn = loads.map(({ from, to }) =>
    solved((right) => {
      if (from > 0) right[from - 1] = (right[from - 1] ?? 0) - 1;
      if (to > 0) right[to - 1] = (right[to - 1] ?? 0) + 1;
    }),
  );
  const across = (of: Columns, { from, to }: NetworkLoad): Complex =>
    complex((of.re[from - 1] ?? 0) - (of.re[to - 1] ?? 0), (of.im[from - 1] ?? 0) - (of.im[to - 1] ?? 0));
  return { size, ownOf, conductance, susceptance, open, drawn, across };
}

/**
 * A network seen from its loads: volts at each with none on, and what an ampere at one takes from each, Ω.
 */
export function networkPorts(network: Network): Ports {
  return portsFrom(network, prepare(network));
}

function portsFrom({ loads }: Network, { open, drawn, across }: ReturnType<typeof prepare>): Ports {
  return {
    loads,
    emf: loads.map((load) => across(open, load)),
    // Volts at port k for an ampere at port j, counted as a loss
    impedance: loads.map((load) => drawn.map((one) => across(one, load)).map(({ re: a, im: b }) => complex(-a, -b))),
  };
}

/**
 * Solves a network: complex nodal analysis, bare links and ideal sources with a current of their own (modified nodal
 * analysis, Ho et al. 1975), and constant-power loads brought to the upper solution.
 * In a single loop it is the closed form of {@link operatingPoint}, distortion included.
 * @returns the phasors, or `collapse` where the loads ask for more than the sources can feed at any volts
 */
export function solveNetwork(network: Network): NetworkSolution | { readonly status: 'collapse' } {
  const { nodes, sources, branches } = network;
  const prepared = prepare(network);
  const { size, ownOf, conductance, susceptance, open, drawn } = prepared;
  const amps = settlePorts(portsFrom(network, prepared));
  if (!amps) return { status: 'collapse' };

  // Every unknown by superposition: what the sources make, and what each load’s current takes
  const wholeRe = open.re.slice();
  const wholeIm = open.im.slice();
  const bentRe = new Float64Array(size);
  const bentIm = new Float64Array(size);
  amps.forEach(({ fundamental: f, distortion: d }, k) => {
    const one = drawn[k];
    if (!one) return;
    for (let at = 0; at < size; at++) {
      const a = one.re[at] ?? 0;
      const b = one.im[at] ?? 0;
      wholeRe[at] = (wholeRe[at] ?? 0) + a * f.re - b * f.im;
      wholeIm[at] = (wholeIm[at] ?? 0) + a * f.im + b * f.re;
      bentRe[at] = (bentRe[at] ?? 0) + a * d.re - b * d.im;
      bentIm[at] = (bentIm[at] ?? 0) + a * d.im + b * d.re;
    }
  });
  const told = (at: number): DistortedPhasor => ({
    fundamental: { re: wholeRe[at] ?? 0, im: wholeIm[at] ?? 0 },
    distortion: { re: bentRe[at] ?? 0, im: bentIm[at] ?? 0 },
  });
  const nodeVolts: DistortedPhasor[] = [];
  // Node 0 has no unknown: it is told as 0 V
  for (let node = 0; node < nodes; node++) nodeVolts.push(told(node - 1));
  const between = (values: Float64Array, { from, to }: Branch): number =>
    (values[from - 1] ?? 0) - (values[to - 1] ?? 0);
  const branchAmps = branches.map((branch, i): DistortedPhasor => {
    const own = ownOf[i] ?? -1;
    if (own >= 0) return told(own);
    const g = conductance[i] ?? 0;
    const b = susceptance[i] ?? 0;
    const part = (re: number, im: number): Complex => ({ re: g * re - b * im, im: g * im + b * re });
    return {
      fundamental: part(between(wholeRe, branch), between(wholeIm, branch)),
      distortion: part(between(bentRe, branch), between(bentIm, branch)),
    };
  });
  return {
    status: 'ok',
    nodeVolts,
    sourceAmps: sources.map((_, i) => told(nodes - 1 + i)),
    branchAmps,
    loadAmps: amps,
  };
}
