import type { TreatmentPath } from '../chime';
import { copperWarmth } from '../circuit';
import type { BellCase, OtherCase } from './bellCase';
import { pathImpedance } from './chimePath';
import { spliceOhms, type Change, type Conditions } from './conditions';
import { newSourceOf } from './housePrior';
import type { Houses } from './houses';

/** A second chime’s wires are taken for as long as the door’s. */
const TO_SECOND_SHARE = 1;
type OfHouse = (i: number) => number;
interface Impedance {
  readonly re: OfHouse;
  readonly im: OfHouse;
}
const NONE: Impedance = { re: () => 0, im: () => 0 };

/** What stands between Trans and the screw of this door: with a second chime beside it, both coils share the current. */
function ownPath(bell: BellCase, houses: Houses, path: TreatmentPath, doorWarmth: number): Impedance {
  const plain = pathImpedance(bell.chime.kind, path);
  const own: Impedance = { re: (i) => plain.re(houses, i), im: (i) => plain.im(houses, i) };
  const hasCoil = bell.chime.kind !== 'none' && (path.path === 'series' || path.path === 'shunt');
  if (!bell.shared?.secondChime || !hasCoil) return own;
  // z ∥ (coil + its wires): the first chime with what treats it, beside the second one. Both parts of a house are asked
  // one after the other: they are worked out together
  let last = -1;
  let re = 0;
  let im = 0;
  const beside = (i: number): void => {
    if (i === last) return;
    const a = own.re(i);
    const b = own.im(i);
    const c = (houses.coilOhms[i] ?? 0) + (houses.toDoorOhms[i] ?? 0) * doorWarmth * TO_SECOND_SHARE;
    const d = houses.coilReactanceOhms[i] ?? 0;
    const square = (a + c) * (a + c) + (b + d) * (b + d);
    const top = a * c - b * d;
    const side = a * d + b * c;
    last = i;
    re = (top * (a + c) + side * (b + d)) / square;
    im = (side * (a + c) - top * (b + d)) / square;
  };
  return {
    re: (i) => {
      beside(i);
      return re;
    },
    im: (i) => {
      beside(i);
      return im;
    },
  };
}

/** What stands in another door’s own way, from what it shares to its screw. */
function otherPath(bell: BellCase, houses: Houses, other: OtherCase, change: Change): Impedance {
  if (other.joins === 'terminal') return NONE;
  const { treatment } = change;
  // Out of the loop the chime gives nothing to its other screw: the plan joins that door’s wire to the supply’s
  const past = treatment.path === 'link' && treatment.coilOut === true;
  const path: TreatmentPath =
    other.path === 'asHere' ? treatment : other.path === 'coil' ? { path: past ? 'none' : 'series' } : other.path;
  const plain = pathImpedance(bell.chime.kind, path);
  return { re: (i) => plain.re(houses, i), im: (i) => plain.im(houses, i) };
}

/** What the way of two doors has in common, and what each has for itself: a tree with the winding at its root. */
export interface Tree {
  readonly source: (i: number) => { readonly openVolts: number; readonly ohms: number };
  readonly chimeRun: OfHouse;
  readonly path: Impedance;
  readonly run: OfHouse;
  readonly others: readonly { readonly path: Impedance; readonly chimeRun: OfHouse; readonly run: OfHouse }[];
}

export function treeOf(bell: BellCase, houses: Houses, change: Change, day: Conditions): Tree {
  const { transformer, pairFactor, tap } = change;
  const chimeWarmth = copperWarmth(day.toChimeCelsius);
  const doorWarmth = copperWarmth(day.toDoorCelsius);
  const { voltsFactor = 1, ohmsFactor = 1 } = tap ?? {};
  const fitted = transformer && newSourceOf(transformer);
  const plainChimeRun: OfHouse = (i) => (houses.toChimeOhms[i] ?? 0) * chimeWarmth;
  const plainRun: OfHouse = (i) => (houses.toDoorOhms[i] ?? 0) * doorWarmth;
  return {
    source: (i) => {
      if (!fitted) {
        const openVolts = (houses.openVolts[i] ?? 0) * voltsFactor * day.mains;
        return { openVolts, ohms: (houses.sourceOhms[i] ?? 0) * ohmsFactor * day.winding };
      }
      const { openVolts, ohms } = fitted(houses.newRegulation[i] ?? 0);
      return { openVolts: openVolts * day.mains, ohms: ohms * day.winding };
    },
    chimeRun: (i) =>
      (plainChimeRun(i) + spliceOhms(change, 'toChime', houses.toChimeSpliceOhms[i] ?? 0)) / pairFactor.toChime,
    path: ownPath(bell, houses, change.treatment, doorWarmth),
    run: (i) => (plainRun(i) + spliceOhms(change, 'toDoor', houses.toDoorSpliceOhms[i] ?? 0)) / pairFactor.toDoor,
    others: (bell.shared?.others ?? []).map((other) => ({
      path: otherPath(bell, houses, other, change),
      chimeRun: (i) => (other.joins === 'supply' ? plainChimeRun(i) * other.chimeRunShare : 0),
      run: (i) => plainRun(i) * other.runShare,
    })),
  };
}

/** What every house puts into a system: its volts, and the ohms that its doors share, row by row. */
export interface Columns {
  readonly emf: Float64Array;
  readonly ohms: Float64Array;
  readonly reactanceOhms: Float64Array;
}

/** What two doors have in common: one cell of the table of doors by doors. */
export interface Cell {
  readonly onChime: boolean;
  readonly onScrew: boolean;
  /** The other door, by its place, whose chime’s run both have, where it is another chime. */
  readonly otherChime: number | null;
  /** On the diagonal: the door whose own way it is; this door is −1. */
  readonly own: number | null;
}

/** Cells row by row, this door first. Doors that leave at the supply share the winding alone. */
export function cellsOf(others: readonly OtherCase[]): readonly Cell[] {
  const doors = [null, ...others];
  return doors.flatMap((one, k) =>
    doors.map((two, j): Cell => {
      const joins = [one, two].map((door) => door?.joins ?? 'terminal');
      const otherChime = one?.joins === 'supply' && two?.joins === 'supply' && one.chimeId === two.chimeId;
      return {
        onChime: joins.every((place) => place !== 'supply'),
        onScrew: joins.every((place) => place === 'terminal'),
        otherChime: otherChime ? k - 1 : null,
        own: k === j ? k - 1 : null,
      };
    }),
  );
}

/** Puts one house into columns. @param n where it goes */
export function put(tree: Tree, cells: readonly Cell[], i: number, into: Columns, n: number): void {
  const { openVolts, ohms: source } = tree.source(i);
  const chimeRun = tree.chimeRun(i);
  const re = tree.path.re(i);
  const im = tree.path.im(i);
  into.emf[n] = openVolts;
  let at = n * cells.length;
  for (const { onChime, onScrew, otherChime, own } of cells) {
    let ohms = source;
    let reactance = 0;
    if (onChime) ohms += chimeRun;
    if (otherChime !== null) ohms += tree.others[otherChime]?.chimeRun(i) ?? 0;
    if (onScrew) {
      ohms += re;
      reactance += im;
    }
    if (own === -1) ohms += tree.run(i);
    else if (own !== null) {
      const other = tree.others[own];
      ohms += (other?.path.re(i) ?? 0) + (other?.run(i) ?? 0);
      reactance += other?.path.im(i) ?? 0;
    }
    into.ohms[at] = ohms;
    into.reactanceOhms[at] = reactance;
    at++;
  }
}

export const emptyColumns = (count: number, cells: number): Columns => ({
  emf: new Float64Array(count),
  ohms: new Float64Array(count * cells),
  reactanceOhms: new Float64Array(count * cells),
});

export function columnsOf(tree: Tree, others: readonly OtherCase[], count: number): Columns {
  const cells = cellsOf(others);
  const columns = emptyColumns(count, cells.length);
  for (let i = 0; i < count; i++) put(tree, cells, i, columns, i);
  return columns;
}
