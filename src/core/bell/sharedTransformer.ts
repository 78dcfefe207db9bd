import {
  copperWarmth,
  magnitude,
  networkPorts,
  rms,
  settlePorts,
  solveNetwork,
  voltsBetween,
  type Complex,
  type Network,
  type Ports,
} from '../circuit';
import {
  applyMoves,
  bellNetwork,
  doorPart,
  doorTasks,
  foundBell,
  ORDINARY_BELL,
  RETURN_SPLICE,
  leadById,
  type Move,
  type Wiring,
} from '../wiring';
import type { BellCase, CaseState } from './bellCase';
import { circuitOf, type Change, type Conditions } from './conditions';
import { houseAt, type House, type Houses } from './houses';
import { seenFromDoor, type SeenFromDoor } from './seenFromDoor';

/** Door volts of every house where more than one door hangs on the transformer. */
export interface Doors {
  /** What stands behind the front door’s leads in a state, with what the other door takes away. */
  readonly front: (state: CaseState) => SeenFromDoor;
  /** Volts at the rear door in the state of that name; null where no doorbell hangs there. */
  readonly rear: ((state: CaseState) => Float64Array) | null;
}

/** A second chime’s wires are taken for as long as the door’s. */
const TO_SECOND_SHARE = 1;

/** The point’s wiring once a change is made to it: a treatment between Trans and Front, doorbells at the doors. */
function changedWiring(shared: NonNullable<BellCase['shared']>, change: Change): Wiring {
  const found = foundBell({
    ...ORDINARY_BELL,
    present: change.treatment,
    secondChime: shared.secondChime,
    rear: shared.rear ? 'device' : 'none',
  });
  // Out of the loop the chime’s Rear gives nothing: the plan joins the rear door’s wire to the transformer’s
  const follows: readonly Move[] =
    shared.rear && change.treatment.path === 'link' && change.treatment.coilOut
      ? [
          { do: 'off', lead: 'toRear.a', joint: 'chime.Rear' },
          { do: 'on', lead: 'toRear.a', joint: 'chime.Trans' },
        ]
      : [];
  const joined = applyMoves(found, follows);
  return applyMoves(
    joined,
    doorTasks(joined, { do: 'add', part: doorPart('device', 'doorbell', 'door', 'load') }).flatMap(
      ({ moves }) => moves,
    ),
  );
}

/** Loads are told apart by what the wiring calls them. */
const FRONT = 'device.load';

/**
 * Solves every house as one network that follows from the wiring: second chime, rear door with a doorbell of its own.
 * Both doorbells are taken to be in the same state: at night both have their infrared on.
 * An ordinary point needs no network: its loop is the closed form.
 */
export function doorsOf(bell: BellCase, houses: Houses, change: Change, day: Conditions): Doors {
  const { shared } = bell;
  if (!shared) {
    const seen = seenFromDoor(bell, houses, change, day);
    return { front: () => seen, rear: null };
  }
  const network = houseNetwork(bell, shared, change);
  const ports = Array.from({ length: houses.count }, (_, i) => networkPorts(network.of(houseAt(houses, i), day)));
  const { rear } = shared;
  const known = new Map<string, { front: SeenFromDoor; rear: Float64Array }>();
  const solved = (state: CaseState) => {
    const done = known.get(state.name) ?? solveState(ports, houses, state, shared);
    known.set(state.name, done);
    return done;
  };
  return {
    front: (state) => solved(state).front,
    rear: rear ? (state) => solved(state).rear : null,
  };
}

/** The network of a house on a day, its two loads still of 1 W: the front door’s first. */
interface HouseNetwork {
  readonly of: (house: House, day: Conditions) => Network;
  readonly nodeOf: (joint: string) => number;
  readonly stations: readonly (readonly [string, string])[];
}

function houseNetwork(bell: BellCase, shared: NonNullable<BellCase['shared']>, change: Change): HouseNetwork {
  const wiring = changedWiring(shared, change);
  const runOf = new Map(wiring.leads.map(({ id, run }) => [id, run]));
  const coils = new Set(
    wiring.parts.flatMap(({ elements }) => elements.flatMap(({ id, kind }) => (kind === 'coil' ? [id] : []))),
  );
  // Its shape is that of any house: only ohms and volts differ from one to the next
  const shape = bellNetwork(wiring, {
    source: { volts: 1, ohms: 1 },
    leadOhms: () => 1,
    coil: () => ({ re: 1, im: 0 }),
    load: ({ kind }) => (kind === 'load' ? { watts: 1, powerFactor: 1 } : null),
  });
  const loads = shape.loadIds
    .map((id, i) => ({ id, load: shape.network.loads[i] }))
    .flatMap(({ id, load }) => (load ? [{ id, load }] : []))
    .sort((a, b) => Number(b.id === FRONT) - Number(a.id === FRONT))
    .map(({ load }) => load);
  const noChime = bell.chime.kind === 'none';
  const of = (house: House, day: Conditions): Network => {
    const { emf, sourceOhms, toChimeOhms, toDoorOhms } = circuitOf(house, change, day);
    const plainDoor = house.toDoorOhms * copperWarmth(day.toDoorCelsius);
    const perConductor: Readonly<Record<string, number>> = {
      toChime: toChimeOhms / 2,
      toDoor: toDoorOhms / 2,
      toRear: (plainDoor * (shared.rear?.runShare ?? 1)) / 2,
      toSecond: (plainDoor * TO_SECOND_SHARE) / 2,
    };
    const coil: Complex = noChime ? { re: 0, im: 0 } : { re: house.coilOhms, im: house.coilReactanceOhms };
    return {
      nodes: shape.network.nodes,
      sources: shape.network.sources.map((source) => ({ ...source, volts: emf, ohms: sourceOhms })),
      branches: shape.network.branches.map((branch, i) => {
        const id = shape.branchIds[i] ?? '';
        if (coils.has(id)) return { ...branch, ohms: coil.re, reactanceOhms: coil.im };
        const run = runOf.get(id);
        return run === undefined ? branch : { ...branch, ohms: perConductor[run] ?? 0 };
      }),
      loads,
    };
  };
  return { of, nodeOf: (joint) => shape.nodeOf(joint) ?? 0, stations: stationJoints(wiring) };
}

/** Where volts are told along the loop, as pairs of joints: screws, Trans and Front against the way back, door. */
function stationJoints(wiring: Wiring): readonly (readonly [string, string])[] {
  const trans = leadById(wiring, 'toChime.a')?.to ?? '';
  const front = leadById(wiring, 'toDoor.a')?.from ?? '';
  return [
    ['old.S1', 'old.S2'],
    [trans, RETURN_SPLICE],
    [front, RETURN_SPLICE],
    ['device.D1', 'device.D2'],
  ];
}

/**
 * Volts of one house at each station from the winding’s inside to the front door, while both doorbells are in a state.
 * @returns a function of house, day and the front device’s state; all but the first are 0 on collapse
 */
export function sharedStations(
  bell: BellCase,
  shared: NonNullable<BellCase['shared']>,
  change: Change,
): (house: House, day: Conditions, state: CaseState) => readonly number[] {
  const network = houseNetwork(bell, shared, change);
  return (house, day, state) => {
    const plain = network.of(house, day);
    const drawn = drawing(state, shared, house.watts);
    const solve = (count: number) =>
      solveNetwork({
        ...plain,
        loads: plain.loads.map((load, i) => ({ ...load, ...((i < count && drawn[i]) || { watts: 0 }) })),
      });
    const both = solve(drawn.length);
    // As in doorsOf: where both can’t be fed the front door is left to itself
    const solution = both.status === 'collapse' ? solve(1) : both;
    const inside = plain.sources[0]?.volts ?? 0;
    if (solution.status === 'collapse') return [inside, 0, 0, 0, 0];
    return [inside, ...network.stations.map(([a, b]) => voltsBetween(solution, network.nodeOf(a), network.nodeOf(b)))];
  };
}

/** What the doorbells draw in a state: the front one, then the rear one. */
const drawing = (
  state: CaseState,
  { rear }: NonNullable<BellCase['shared']>,
  factor: number,
): readonly { readonly watts: number; readonly powerFactor: number; readonly displacementFactor: number }[] => {
  const beside = rear?.states.find(({ name }) => name === state.name);
  return [state, ...(beside ? [beside] : [])].map(({ watts, powerFactor, displacementFactor }) => ({
    watts: watts * factor,
    powerFactor,
    displacementFactor,
  }));
};

function solveState(
  ports: readonly Ports[],
  houses: Houses,
  state: CaseState,
  shared: NonNullable<BellCase['shared']>,
): { readonly front: SeenFromDoor; readonly rear: Float64Array } {
  const { count } = houses;
  const front = {
    emf: new Float64Array(count),
    ohms: new Float64Array(count),
    reactanceOhms: new Float64Array(count),
  };
  const rear = new Float64Array(count);
  ports.forEach(({ emf, impedance }, i) => {
    const loads = drawing(state, shared, houses.watts[i] ?? 1);
    const own = impedance[0]?.[0];
    front.ohms[i] = own?.re ?? 0;
    front.reactanceOhms[i] = own?.im ?? 0;
    const amps = settlePorts({ loads, emf, impedance });
    const open = emf[0];
    if (!open) return;
    // Where both can’t be fed the one behind a coil of its own gives up first, and leaves the front door to itself
    if (!amps) {
      front.emf[i] = magnitude(open);
      return;
    }
    const taken = amps[1];
    const through = impedance[0]?.[1];
    // The other door’s current takes its part of the volts before the front door takes its own
    const left =
      taken && through
        ? [taken.fundamental, taken.distortion].map(({ re, im }) => ({
            re: through.re * re - through.im * im,
            im: through.re * im + through.im * re,
          }))
        : [];
    front.emf[i] = rms({
      fundamental: { re: open.re - (left[0]?.re ?? 0), im: open.im - (left[0]?.im ?? 0) },
      distortion: { re: -(left[1]?.re ?? 0), im: -(left[1]?.im ?? 0) },
    });
    const need = loads[1];
    if (taken && need) rear[i] = need.watts / need.powerFactor / rms(taken);
  });
  return { front, rear };
}
