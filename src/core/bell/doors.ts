import { emptyPorts, fundamentalVars, loadVolts, settleCurrents, upperRootVolts, type PortSystem } from '../circuit';
import type { BellCase, CaseState, OtherCase } from './bellCase';
import type { Change, Conditions } from './conditions';
import { cellsOf, columnsOf, emptyColumns, put, treeOf, type Columns } from './doorTree';
import type { Houses } from './houses';
import { doorVoltsAt, seenFromDoor, type SeenFromDoor } from './seenFromDoor';

/** Door volts of every house where more than one door hangs on the supply. */
export interface Doors {
  /** What stands behind this door’s leads in a state, with what the other doors take away. */
  readonly front: (state: CaseState) => SeenFromDoor;
  /**
   * Volts at this door and at each other one (in the order of the case) while all are in the state of that name; 0 where
   * it collapses or gives up. @param every tells house 0, `every`, twice `every` … alone: enough for a band
   */
  readonly volts: (state: CaseState, every?: number) => DoorVolts;
}

export interface DoorVolts {
  readonly here: Float64Array;
  readonly others: readonly Float64Array[];
}

/** Share of the largest current that may still move: a millivolt at the door, a hundredth of a volt next to collapse. */
const STILL = 1e-4;

interface Solved {
  readonly front: SeenFromDoor;
  readonly volts: DoorVolts;
}

/** Puts house `i` into a system. */
function fill(system: PortSystem, { emf, ohms, reactanceOhms }: Columns, i: number): void {
  const cells = system.ohms.length;
  for (let c = 0; c < cells; c++) {
    system.ohms[c] = ohms[i * cells + c] ?? 0;
    system.reactanceOhms[c] = reactanceOhms[i * cells + c] ?? 0;
  }
  for (let k = 0; k < system.count; k++) system.emfRe[k] = emf[i] ?? 0;
}

/** What every door draws in a state; one without that state draws nothing. */
const drawsOf = (state: CaseState, others: readonly OtherCase[]): readonly (CaseState | undefined)[] => [
  state,
  ...others.map(({ states }) => states.find(({ name }) => name === state.name)),
];

/** What the doors draw where every device draws as its sheet says: watts, vars and VA of each. */
interface Draw {
  readonly watts: Float64Array;
  readonly vars: Float64Array;
  readonly voltAmps: Float64Array;
}

const drawOfAll = (draws: readonly (CaseState | undefined)[]): Draw => ({
  watts: Float64Array.from(draws, (one) => one?.watts ?? 0),
  vars: Float64Array.from(draws, (one) => (one ? fundamentalVars(one.watts, one.displacementFactor) : 0)),
  voltAmps: Float64Array.from(draws, (one) => (one ? one.watts / one.powerFactor : 0)),
});

/** Puts what the doors draw into a system. @param factor by which the devices of a house draw more or less than that */
function draw(system: PortSystem, { watts, vars, voltAmps }: Draw, factor: number): void {
  for (let k = 0; k < system.count; k++) {
    system.watts[k] = (watts[k] ?? 0) * factor;
    system.vars[k] = (vars[k] ?? 0) * factor;
    system.voltAmps[k] = (voltAmps[k] ?? 0) * factor;
  }
}

/** What all other doors leave of this door’s volts, with its own current out of the sum: rms of both parts. */
function leftForFront({ count, emfRe, ohms, reactanceOhms, amps }: PortSystem): number {
  let a = emfRe[0] ?? 0;
  let b = 0;
  let c = 0;
  let d = 0;
  for (let j = 1; j < count; j++) {
    const re = ohms[j] ?? 0;
    const im = reactanceOhms[j] ?? 0;
    const at = 4 * j;
    a -= re * (amps[at] ?? 0) - im * (amps[at + 1] ?? 0);
    b -= re * (amps[at + 1] ?? 0) + im * (amps[at] ?? 0);
    c -= re * (amps[at + 2] ?? 0) - im * (amps[at + 3] ?? 0);
    d -= re * (amps[at + 3] ?? 0) + im * (amps[at + 2] ?? 0);
  }
  return Math.sqrt(a * a + b * b + c * c + d * d);
}

/**
 * Every house as one network: this door, and all others on the same supply, each with its own device. All are taken to be
 * in the same state: at night each has its infrared on. Where they can’t all be fed the others give up first and leave
 * this door to itself. A door that is alone is the closed form.
 */
export function doorsOf(bell: BellCase, houses: Houses, change: Change, day: Conditions): Doors {
  const others = bell.shared?.others ?? [];
  if (!bell.shared) {
    const seen = seenFromDoor(bell, houses, change, day);
    const alone = (state: CaseState, every = 1): Float64Array => {
      const volts = new Float64Array(Math.ceil(houses.count / every));
      for (let n = 0; n < volts.length; n++) volts[n] = doorVoltsAt(seen, houses, state, n * every);
      return volts;
    };
    return { front: () => seen, volts: (state, every) => ({ here: alone(state, every), others: [] }) };
  }
  const { count } = houses;
  const columns = columnsOf(treeOf(bell, houses, change, day), others, count);
  const system = emptyPorts(1 + others.length);
  const known = new Map<string, Solved>();
  const solve = (state: CaseState, every: number): Solved => {
    const length = Math.ceil(count / every);
    const front = {
      emf: new Float64Array(length),
      ohms: new Float64Array(length),
      reactanceOhms: new Float64Array(length),
    };
    const here = new Float64Array(length);
    const beside = others.map(() => new Float64Array(length));
    const draws = drawOfAll(drawsOf(state, others));
    for (let n = 0; n < length; n++) {
      const i = n * every;
      fill(system, columns, i);
      draw(system, draws, houses.watts[i] ?? 1);
      front.ohms[n] = system.ohms[0] ?? 0;
      front.reactanceOhms[n] = system.reactanceOhms[0] ?? 0;
      if (settleCurrents(system, STILL)) {
        front.emf[n] = leftForFront(system);
        here[n] = loadVolts(system, 0);
        for (let k = 0; k < beside.length; k++) {
          const column = beside[k];
          if (column) column[n] = loadVolts(system, k + 1);
        }
      } else {
        front.emf[n] = system.emfRe[0] ?? 0;
        system.watts.fill(0, 1);
        here[n] = settleCurrents(system, STILL) ? loadVolts(system, 0) : 0;
      }
    }
    return { front, volts: { here, others: beside } };
  };
  const solved = (state: CaseState, every = 1): Solved => {
    const key = `${state.name} ${every}`;
    const done = known.get(key) ?? solve(state, every);
    known.set(key, done);
    return done;
  };
  return { front: (state) => solved(state).front, volts: (state, every) => solved(state, every).volts };
}

/**
 * States that decide whether doors hold: those that no other state outdoes at every door. The rest leave more volts
 * everywhere, and need no further look.
 */
export function decidingStates({ device, shared }: BellCase): readonly CaseState[] {
  const others = shared?.others ?? [];
  const watts = (state: CaseState): readonly number[] => drawsOf(state, others).map((one) => one?.watts ?? 0);
  const alike = (one: CaseState, other: CaseState): boolean =>
    one.powerFactor === other.powerFactor && one.displacementFactor === other.displacementFactor;
  const outdone = (state: CaseState, by: CaseState, byPlace: boolean): boolean => {
    const [less, more] = [watts(state), watts(by)];
    if (!alike(state, by) || less.some((one, k) => one > (more[k] ?? 0))) return false;
    // Of two alike the first one stays
    return byPlace || less.some((one, k) => one < (more[k] ?? 0));
  };
  return device.states.filter((state, n) => !device.states.some((by, m) => by !== state && outdone(state, by, m < n)));
}

/**
 * Highest volts of every other door with nothing else drawing, house by house, over its states. Where nothing is open
 * above `leastVolts` (no load at all), no more than the open volts are told: they are a bound.
 */
export function othersAlone(
  bell: BellCase,
  houses: Houses,
  change: Change,
  day: Conditions,
  leastVolts: readonly number[] = [],
): readonly Float64Array[] {
  const others = bell.shared?.others ?? [];
  if (others.length === 0) return [];
  const tree = treeOf(bell, houses, change, day);
  const size = 1 + others.length;
  const cells = cellsOf(others);
  const one = emptyColumns(1, cells.length);
  return others.map(({ states }, k) => {
    const at = (k + 1) * size + k + 1;
    const highest = new Float64Array(houses.count);
    for (let i = 0; i < highest.length; i++) {
      const emf = tree.source(i).openVolts;
      highest[i] = emf;
      if (emf <= (leastVolts[k] ?? 0)) continue;
      put(tree, cells, i, one, 0);
      const [ohms = 0, reactance = 0] = [one.ohms[at], one.reactanceOhms[at]];
      highest[i] = states.reduce((most, { watts: plain, powerFactor, displacementFactor }) => {
        const watts = plain * (houses.watts[i] ?? 1);
        const vars = fundamentalVars(watts, displacementFactor);
        const volts = upperRootVolts(emf, ohms, reactance, watts, vars, watts / powerFactor);
        return volts > most ? volts : most;
      }, 0);
    }
    return highest;
  });
}

/**
 * Volts of one house at each station from the winding’s inside to this door, while all doors are in a state.
 * @returns a function of the house’s number, the day and this device’s state; all but the first are 0 on collapse
 */
export function sharedStations(
  bell: BellCase,
  houses: Houses,
  change: Change,
): (i: number, day: Conditions, state: CaseState) => readonly number[] {
  const others = bell.shared?.others ?? [];
  const system = emptyPorts(1 + others.length);
  const { amps, count } = system;
  const cells = cellsOf(others);
  const one = emptyColumns(1, cells.length);
  return (i, day, state) => {
    const tree = treeOf(bell, houses, change, day);
    put(tree, cells, i, one, 0);
    fill(system, one, 0);
    draw(system, drawOfAll(drawsOf(state, others)), houses.watts[i] ?? 1);
    const inside = system.emfRe[0] ?? 0;
    if (!settleCurrents(system, STILL)) {
      // As in doorsOf: where all can’t be fed this door is left to itself
      system.watts.fill(0, 1);
      if (!settleCurrents(system, STILL)) return [inside, 0, 0, 0, 0];
    }
    const sum = [inside, 0, 0, 0];
    /** Takes from the volts what the currents of some doors drop over an impedance. */
    const drop = (takes: (k: number) => boolean, re: number, im: number): number => {
      for (let k = 0; k < count; k++) {
        if (!takes(k)) continue;
        const [fr = 0, fi = 0, hr = 0, hi = 0] = amps.subarray(4 * k, 4 * k + 4);
        sum[0] = (sum[0] ?? 0) - (re * fr - im * fi);
        sum[1] = (sum[1] ?? 0) - (re * fi + im * fr);
        sum[2] = (sum[2] ?? 0) - (re * hr - im * hi);
        sum[3] = (sum[3] ?? 0) - (re * hi + im * hr);
      }
      return Math.hypot(...sum);
    };
    const joins = (k: number): OtherCase['joins'] | 'here' => others[k - 1]?.joins ?? 'here';
    return [
      inside,
      drop(() => true, tree.source(i).ohms, 0),
      drop((k) => joins(k) !== 'supply', tree.chimeRun(i), 0),
      drop((k) => k === 0 || joins(k) === 'terminal', tree.path.re(i), tree.path.im(i)),
      drop((k) => k === 0, tree.run(i), 0),
    ];
  };
}
