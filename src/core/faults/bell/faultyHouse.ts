import { between, logBetween, type Random } from '../../random';
import { lets, networkWith, tellsPhone, type Network } from '../network';
import { isHeard, type DoorFault, type TroubledBell } from './troubledBell';
import type { DrawnHouse } from './drawnHouse';

/** How far each fault goes, where it is one of degree. */
const DEGREE = {
  mainsLow: [0.82, 0.88],
  tiredOhms: [1.8, 3.5],
  tiredVolts: [0.93, 1],
  lowTap: 0.5,
  sharedWatts: [2, 8],
  jointOhms: [5, 40],
  shortOhms: [0.05, 2],
  wifiDb: [10, 25],
} as const;
/** Module beside the coil, fuse link or jumper in its place, Ω. */
const MODULE_OHMS = 1;
const LINK_OHMS = 0.3;

/** What lies between Trans and Front, Ω; not closed: nothing goes through. */
export interface Path {
  readonly ohms: number;
  readonly reactance: number;
  readonly isClosed: boolean;
}

/** One of the things that lie side by side between Trans and Front. */
export interface PathPart {
  readonly what: 'coil' | 'module' | 'link' | 'join';
  readonly ohms: number;
  readonly reactance: number;
}

/** A house with its faults, or none: all that a test can meet. */
export interface FaultyHouse {
  readonly house: DrawnHouse;
  readonly faults: readonly DoorFault[];
  /** Mains of the visit over nominal. */
  readonly mains: number;
  readonly isFed: boolean;
  readonly openVolts: number;
  readonly sourceOhms: number;
  /** Across the screws beside the bell, Ω; null: nothing. Gone while the wires are lifted. */
  readonly sharedOhms: number | null;
  readonly toChime: number;
  readonly chimeBroken: boolean;
  readonly toDoor: number;
  readonly doorBroken: boolean;
  /** Where the pair touches, as a share of the run’s Ω, and through what; null: nowhere. */
  readonly short: { readonly share: number; readonly ohms: number } | null;
  readonly path: Path;
  readonly draws: boolean;
  readonly wakes: boolean;
  readonly dbm: number;
  readonly network: Network;
  /** How the device fares, kept where many tests are asked of one house; null: it is worked out each time, and takes no room. */
  readonly fares: Fares[] | null;
}

const closed = (ohms: number, reactance = 0): Path => ({ ohms, reactance, isClosed: true });
const OPEN: Path = { ohms: 0, reactance: 0, isClosed: false };
export const JOINED: Path = closed(0);

/** What lies between Trans and Front with some faults: what is open there leaves nothing, whatever else is amiss. */
function partsWith(
  { chime: { intended } }: TroubledBell,
  house: DrawnHouse,
  has: (kind: DoorFault) => boolean,
): readonly PathPart[] {
  const coil = has('coilOpen') ? [] : [{ what: 'coil' as const, ohms: house.coilOhms, reactance: house.coilReactance }];
  if (has('fuseOpen')) return [];
  if (intended === 'series' || has('noModule')) return coil;
  if (intended === 'shunt') return [...coil, { what: 'module', ohms: MODULE_OHMS, reactance: 0 }];
  return [
    intended === 'link' ? { what: 'link', ohms: LINK_OHMS, reactance: 0 } : { what: 'join', ohms: 0, reactance: 0 },
  ];
}

/** Parts side by side as one: a coil, R + jX, in parallel with a module where both are there. */
function together([one, other]: readonly PathPart[]): Path {
  if (!one) return OPEN;
  if (!other) return closed(one.ohms, one.reactance);
  const { ohms: r, reactance: x } = one;
  const below = (r + other.ohms) ** 2 + x * x;
  return closed((other.ohms * (r * (r + other.ohms) + x * x)) / below, (other.ohms ** 2 * x) / below);
}

/** What lies side by side between Trans and Front of a house; none: it is open. */
export const partsOf = (
  bell: TroubledBell,
  { house, faults }: Pick<FaultyHouse, 'house' | 'faults'>,
): readonly PathPart[] => partsWith(bell, house, (kind) => faults.includes(kind));

/** Ω from Trans to Front by a meter, whose current does not alternate; null: open. */
export function pathOhms(bell: TroubledBell, faulty: FaultyHouse): number | null {
  const parts = partsOf(bell, faulty);
  return parts.length === 0 ? null : 1 / parts.reduce((sum, { ohms }) => sum + 1 / ohms, 0);
}

/** How many numbers say how far a fault goes. */
export const degreesOf = (kind: DoorFault): number => (kind === 'transformerTired' || kind === 'shortToDoor' ? 2 : 1);

/** A house that is being made. */
type Standing = { -readonly [K in keyof FaultyHouse]: FaultyHouse[K] };

/** Puts one more fault of degree into a house: tens of thousands are made, so none is copied for it. */
function worsen(bell: TroubledBell, faulty: Standing, kind: DoorFault, random: Random): void {
  switch (kind) {
    case 'mainsLow':
      faulty.mains = between(...DEGREE.mainsLow, random());
      break;
    case 'transformerTired':
      faulty.sourceOhms *= between(...DEGREE.tiredOhms, random());
      faulty.openVolts *= between(...DEGREE.tiredVolts, random());
      break;
    case 'lowTap':
      faulty.openVolts *= DEGREE.lowTap;
      faulty.sourceOhms *= DEGREE.lowTap;
      break;
    case 'sharedLoad':
      faulty.sharedOhms = bell.source.ratedVolts ** 2 / between(...DEGREE.sharedWatts, random());
      break;
    case 'badJointToChime':
      faulty.toChime += logBetween(...DEGREE.jointOhms, random());
      break;
    case 'badJointToDoor':
      faulty.toDoor += logBetween(...DEGREE.jointOhms, random());
      break;
    case 'shortToDoor':
      faulty.short = { share: random(), ohms: logBetween(...DEGREE.shortOhms, random()) };
      break;
    case 'wifiWeak':
      faulty.dbm -= between(...DEGREE.wifiDb, random());
  }
}

/**
 * A house with some faults.
 * @param faults none: the house as it should be
 * @param random how far they go
 */
export function faultyHouse(
  bell: TroubledBell,
  house: DrawnHouse,
  faults: readonly DoorFault[],
  random: Random,
): FaultyHouse {
  const has = (kind: DoorFault): boolean => faults.includes(kind);
  const faulty: Standing = {
    house,
    faults,
    mains: house.mains,
    isFed: !has('feedOff') && !has('switchedFeed') && !has('transformerDead'),
    openVolts: house.openVolts,
    sourceOhms: house.sourceOhms,
    sharedOhms: null,
    toChime: house.toChime,
    chimeBroken: has('openToChime'),
    toDoor: house.toDoor,
    doorBroken: has('openToDoor'),
    short: null,
    path: together(partsWith(bell, house, has)),
    draws: !has('deviceDead'),
    wakes: !has('deviceDead') && !has('firstCharge'),
    dbm: house.dbm,
    network: networkWith(faults),
    fares: null,
  };
  for (const kind of faults) worsen(bell, faulty, kind, random);
  return faulty;
}

/** Volts at the screws before the bell’s wires, and the Ω behind them. @param winding Ω of the winding over cold */
export function sourceAt(
  faulty: FaultyHouse,
  wander: number,
  winding = 1,
): { readonly volts: number; readonly ohms: number } {
  const volts = faulty.isFed ? faulty.openVolts * faulty.mains * wander : 0;
  const ohms = faulty.sourceOhms * winding;
  const { sharedOhms } = faulty;
  if (sharedOhms === null) return { volts, ohms };
  const share = sharedOhms / (sharedOhms + ohms);
  return { volts: volts * share, ohms: ohms * share };
}

const isBroken = ({ chimeBroken, doorBroken }: FaultyHouse, path: Path): boolean =>
  chimeBroken || doorBroken || !path.isClosed;

/** Volts along the loop: at the screws, Trans and Front to the return and to each other, at the door. */
export interface LoopVolts {
  readonly screws: number;
  readonly chime: number;
  readonly front: number;
  readonly across: number;
  readonly door: number;
}

/** The loop with nothing drawn at the door: no drop, nothing behind a break, a divider before a short. */
export function idleVolts(faulty: FaultyHouse, wander: number, path = faulty.path): LoopVolts {
  const { volts, ohms } = sourceAt(faulty, wander);
  const { short, chimeBroken, doorBroken, toChime, toDoor } = faulty;
  if (chimeBroken) return { screws: volts, chime: 0, front: 0, across: 0, door: 0 };
  // Across what is open a meter reads by way of the device, or of what the pair touches: where the run is broken, nothing
  if (!path.isClosed)
    return { screws: volts, chime: volts, front: 0, across: doorBroken && !short ? 0 : volts, door: 0 };
  if (short) {
    const beyond = short.share * toDoor + short.ohms;
    const amps = volts / Math.hypot(ohms + toChime + path.ohms + beyond, path.reactance);
    return {
      screws: amps * Math.hypot(toChime + path.ohms + beyond, path.reactance),
      chime: amps * Math.hypot(path.ohms + beyond, path.reactance),
      front: amps * beyond,
      across: amps * Math.hypot(path.ohms, path.reactance),
      door: amps * short.ohms,
    };
  }
  return { screws: volts, chime: volts, front: volts, across: 0, door: doorBroken ? 0 : volts };
}

/** What a device that runs draws, with what feeds it. */
interface Flow {
  readonly watts: number;
  readonly vars: number;
  /** Squares of the volts at the door and of the amps. */
  readonly door2: number;
  readonly amps2: number;
}

/** How a device at the door fares: it never starts, it runs at some volts, or it drops out. */
export class Fares {
  constructor(
    readonly state: 'idle' | 'runs' | 'dropsOut',
    private readonly faulty: FaultyHouse,
    private readonly wander: number,
    private readonly path: Path,
    private readonly flow: Flow | null,
  ) {}

  /** Volts at the door. */
  get door(): number {
    return this.flow ? Math.sqrt(this.flow.door2) : idleVolts(this.faulty, this.wander, this.path).door;
  }

  /** Volts along the loop. Most who ask how a device fares do not ask for them: worked out when they are. */
  get volts(): LoopVolts {
    const { faulty, flow, path } = this;
    if (!flow) return idleVolts(faulty, this.wander, path);
    const { watts, vars, door2, amps2 } = flow;
    /** @param r Ω and X between here and the door */
    const before = (r: number, x: number): number =>
      Math.sqrt(Math.max(0, door2 + 2 * (r * watts + x * vars) + (r * r + x * x) * amps2));
    return {
      screws: before(faulty.toChime + path.ohms + faulty.toDoor, path.reactance),
      chime: before(path.ohms + faulty.toDoor, path.reactance),
      front: before(faulty.toDoor, 0),
      across: Math.sqrt(amps2) * Math.hypot(path.ohms, path.reactance),
      door: Math.sqrt(door2),
    };
  }
}

/** @param watts what it draws  @param path between Trans and Front */
export function deviceFares(
  { device }: TroubledBell,
  faulty: FaultyHouse,
  wander: number,
  watts = faulty.house.watts,
  path = faulty.path,
  draws = faulty.draws,
): Fares {
  const { doorMinVolts, powerFactor, displacementFactor } = device;
  // With nothing drawn the door has all the volts, or the pair touches and it has next to none
  const starts = draws && !faulty.short && !isBroken(faulty, path) && sourceAt(faulty, wander).volts >= doorMinVolts;
  if (!starts) return new Fares('idle', faulty, wander, path, null);
  const { volts: emf, ohms } = sourceAt(faulty, wander, faulty.house.warm);
  const inLine = ohms + faulty.toChime + path.ohms + faulty.toDoor;
  const vars = displacementFactor >= 1 ? 0 : watts * Math.tan(Math.acos(displacementFactor));
  const voltAmps = watts / powerFactor;
  const half = (emf * emf) / 2 - (inLine * watts + path.reactance * vars);
  const square = half * half - (inLine * inLine + path.reactance * path.reactance) * voltAmps * voltAmps;
  const door2 = half > 0 && square >= 0 ? half + Math.sqrt(square) : 0;
  if (door2 < doorMinVolts * doorMinVolts || door2 <= 0) return new Fares('dropsOut', faulty, wander, path, null);
  return new Fares('runs', faulty, wander, path, { watts, vars, door2, amps2: (voltAmps * voltAmps) / door2 });
}

/** Whether the device is awake, as far as its feed goes. */
export const isAwake = (faulty: FaultyHouse, { state }: Fares): boolean => state === 'runs' && faulty.wakes;

export const isOnline = ({ wifi }: TroubledBell, faulty: FaultyHouse, fares: Fares): boolean =>
  isAwake(faulty, fares) && (wifi === null || faulty.dbm >= wifi.needsDbm) && lets(faulty.network);

/** From this share of its own volts on a coil strikes cleanly, and weakly. */
export const RINGS = { rings: 0.65, weak: 0.4 } as const;

/** Volts over the coil as a share of the chime’s own with the loop closed through some Ω: a module stands aside. */
export function coilShare({ chime }: TroubledBell, faulty: FaultyHouse, wander: number, throughOhms: number): number {
  if (faulty.faults.includes('coilOpen') || faulty.short || faulty.chimeBroken || faulty.doorBroken) return 0;
  const { coilOhms, coilReactance } = faulty.house;
  const { volts, ohms } = sourceAt(faulty, wander);
  const inLine = ohms + faulty.toChime + faulty.toDoor + coilOhms + throughOhms;
  return (
    (volts / Math.hypot(inLine, coilReactance)) * (Math.hypot(coilOhms, coilReactance) / (chime.ratedVolts ?? Infinity))
  );
}

/** The device’s own button closes the loop through this, Ω. */
const BUTTON_OHMS = 1;
/** The report calls its supply good from this many times its full volts on. */
export const GOOD_FROM = 1.1;

/** Whether the button at the door rings the chime. */
export const buttonRings = (bell: TroubledBell, faulty: FaultyHouse): boolean =>
  !faulty.faults.includes('wrongChimeKind') && coilShare(bell, faulty, 1, BUTTON_OHMS) >= RINGS.rings;

/** Whether all is as it should be: on line, its supply not weak, its button rings where it can. */
export function isFine(bell: TroubledBell, house: DrawnHouse): boolean {
  const faulty = faultyHouse(bell, house, [], () => 0);
  const fares = deviceFares(bell, faulty, 1);
  if (!isOnline(bell, faulty, fares) || fares.door < bell.device.doorFullVolts) return false;
  return !isHeard(bell) || buttonRings(bell, faulty);
}

/** What this house’s device draws by day. */
const dayWatts = ({ device }: TroubledBell, { house }: FaultyHouse): number =>
  device.watts > 0 ? (house.watts / device.watts) * (device.dayWatts ?? device.watts) : house.watts;

/** Whether a house shows what the customer complains of. */
export function shows(bell: TroubledBell, faulty: FaultyHouse): boolean {
  const fares = deviceFares(bell, faulty, 1);
  const online = isOnline(bell, faulty, fares);
  switch (bell.symptom) {
    case 'offline':
      return !online;
    case 'weak':
      return online && fares.door < bell.device.doorFullVolts;
    case 'noChime':
      return online && isHeard(bell) && !buttonRings(bell, faulty);
    case 'dropsAtNight':
      return !online && isOnline(bell, faulty, deviceFares(bell, faulty, 1, dayWatts(bell, faulty)));
    case 'notTold':
      return online && !tellsPhone(faulty.network);
  }
}
