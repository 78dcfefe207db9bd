import {
  coilShare,
  deviceFares,
  faultyHouse,
  GOOD_FROM,
  idleVolts,
  isAwake,
  isOnline,
  JOINED,
  pathOhms,
  RINGS,
  type Fares,
  type LoopVolts,
  type FaultyHouse,
} from './faultyHouse';
import { FIGURE, type Showing, type ShownFigure } from '../diagnosis';
import { networkWord } from '../network';
import { DOOR_TEST_KINDS, doorOutcomes, type DoorTest, type DoorTestKind, type TroubledBell } from './troubledBell';

/** The mains wander by this share of themselves, one σ, while somebody reads. */
export const METER_WANDER = 0.003;
/** Where the wander is looked at: three places that stand for a normal spread (Gauss and Hermite). */
const SPOTS = [
  { wander: 1, weight: 2 / 3 },
  { wander: 1 + METER_WANDER * Math.sqrt(3), weight: 1 / 6 },
  { wander: 1 - METER_WANDER * Math.sqrt(3), weight: 1 / 6 },
] as const;

const PRESENCE_WRONG = 0.02;
const BRANCH = { foundWhereIs: 0.9, noneWhereIsNot: 0.97 } as const;
const OHMS = { percent: 1, ohms: 0.2, step: 0.1 } as const;
const DBM = { half: 2, step: 1 } as const;

/** What is certain is the same at every house: made once, as it is asked for hundreds of thousands of times. */
const CERTAIN: ReadonlyMap<DoorTestKind, ReadonlyMap<string, Showing>> = new Map(
  DOOR_TEST_KINDS.map((kind) => {
    const words = doorOutcomes(kind);
    const certain = (word: string): Showing => ({ chances: words.map((one) => (one === word ? 1 : 0)), figure: null });
    return [kind, new Map(words.map((word) => [word, certain(word)]))];
  }),
);
const NOTHING: Showing = { chances: [], figure: null };
const only = (kind: DoorTestKind, outcome: string): Showing => CERTAIN.get(kind)?.get(outcome) ?? NOTHING;
/** It shows a figure, certainly. */
const figured = (kind: DoorTestKind, figure: ShownFigure): Showing => ({ chances: only(kind, FIGURE).chances, figure });

/** A word with its chance, else the other one. */
const either = (kind: DoorTestKind, word: string, chance: number): Showing => ({
  chances: doorOutcomes(kind).map((one) => (one === word ? chance : 1 - chance)),
  figure: null,
});

function ohmsShown(kind: DoorTestKind, ohms: number): Showing {
  const half = (OHMS.percent / 100) * ohms + OHMS.ohms;
  return figured(kind, { mean: ohms, sigma: 0, half, step: OHMS.step });
}

/** Volts that follow the mains alone. */
function steadyVolts({ meter }: TroubledBell, { house }: FaultyHouse, kind: DoorTestKind, volts: number): Showing {
  const mean = volts * house.gain;
  return figured(kind, { mean, sigma: METER_WANDER * mean, half: halfOf(meter), step: meter.resolutionVolts });
}

const halfOf = ({ counts, resolutionVolts }: TroubledBell['meter']): number =>
  Math.max(0, counts - 0.5) * resolutionVolts;

/** Volts while all stands as it is, or that the device drops out. */
function runningVolts(bell: TroubledBell, faulty: FaultyHouse, kind: DoorTestKind, where: keyof LoopVolts): Showing {
  let [sum, squares, share, drops] = [0, 0, 0, 0];
  for (let spot = 0; spot < SPOTS.length; spot++) {
    const weight = SPOTS[spot]?.weight ?? 0;
    const fares = standing(bell, faulty, spot);
    if (fares.state === 'dropsOut') {
      drops += weight;
      continue;
    }
    const shown = fares.volts[where] * faulty.house.gain;
    sum += weight * shown;
    squares += weight * shown * shown;
    share += weight;
  }
  if (share === 0) return only(kind, 'dropsOut');
  const mean = sum / share;
  const sigma = Math.sqrt(Math.max(0, squares / share - mean * mean));
  const chances =
    drops === 0
      ? only(kind, FIGURE).chances
      : doorOutcomes(kind).map((one) => (one === FIGURE ? share : one === 'dropsOut' ? drops : 0));
  const { meter } = bell;
  return { chances, figure: { mean, sigma, half: halfOf(meter), step: meter.resolutionVolts } };
}

/** A word at each of the spots. More volts never make less of it: where the outer spots say the same, the middle one does. */
function wordsShown(kind: DoorTestKind, at: (spot: number) => string): Showing {
  const [second, third] = [at(1), at(2)];
  if (second === third) return only(kind, second);
  const first = at(0);
  const weightOf = (word: string): number =>
    [first, second, third].reduce((sum, one, spot) => sum + (one === word ? (SPOTS[spot]?.weight ?? 0) : 0), 0);
  return { chances: doorOutcomes(kind).map(weightOf), figure: null };
}

const wanderAt = (spot: number): number => SPOTS[spot]?.wander ?? 1;

/** How the device fares as all stands, at a spot: asked for by many tests. */
const standing = (bell: TroubledBell, faulty: FaultyHouse, spot: number): Fares =>
  faulty.fares
    ? (faulty.fares[spot] ??= deviceFares(bell, faulty, wanderAt(spot)))
    : deviceFares(bell, faulty, wanderAt(spot));

function reportAt(bell: TroubledBell, faulty: FaultyHouse, spot: number): string {
  const fares = standing(bell, faulty, spot);
  if (!isOnline(bell, faulty, fares)) return 'offline';
  const { doorFullVolts } = bell.device;
  if (fares.door < doorFullVolts) return 'weak';
  return fares.door < GOOD_FROM * doorFullVolts ? 'fair' : 'good';
}

function ringAt(bell: TroubledBell, faulty: FaultyHouse, spot: number): string {
  const share = coilShare(bell, faulty, wanderAt(spot), 0);
  return share >= RINGS.rings ? 'rings' : share >= RINGS.weak ? 'weak' : 'silent';
}

/** Whether another device of the kind runs on the same screws, by a run and a way of its own that are as they should be. */
function otherRuns(bell: TroubledBell, faulty: FaultyHouse, wander: number): boolean {
  const { house, mains, isFed, openVolts, sourceOhms, sharedOhms } = faulty;
  const other = { ...faultyHouse(bell, house, [], () => 0), mains, isFed, openVolts, sourceOhms, sharedOhms };
  return deviceFares(bell, other, wander, house.otherWatts).state === 'runs';
}

const awakeAt = (bell: TroubledBell, faulty: FaultyHouse, spot: number): boolean =>
  isAwake(faulty, standing(bell, faulty, spot));

const onOff = (kind: DoorTestKind, isOn: (spot: number) => boolean): Showing =>
  wordsShown(kind, (spot) => (isOn(spot) ? 'on' : 'off'));

/** Volts at the screws with the bell’s wires lifted. */
const liftedVolts = ({ isFed, openVolts, mains }: FaultyHouse): number => (isFed ? openVolts * mains : 0);

/** What a test shows at a house: from the circuit that gives the verdicts, with the meter’s own spread. */
export function showing(bell: TroubledBell, faulty: FaultyHouse, { kind, ohms }: DoorTest): Showing {
  const { house } = faulty;
  switch (kind) {
    case 'mainsVolts':
      return steadyVolts(bell, faulty, kind, bell.mains.nominalVolts * faulty.mains);
    case 'lightSwitch':
      return faulty.faults.includes('switchedFeed')
        ? only(kind, 'on')
        : onOff(kind, (spot) => awakeAt(bell, faulty, spot));
    case 'mainsPresent': {
      const isDead = faulty.faults.includes('feedOff') || faulty.faults.includes('switchedFeed');
      return either(kind, 'no', isDead ? 1 - PRESENCE_WRONG : PRESENCE_WRONG);
    }
    case 'openVolts':
      return steadyVolts(bell, faulty, kind, liftedVolts(faulty));
    case 'loadVolts': {
      const load = ohms ?? 0;
      return steadyVolts(bell, faulty, kind, (liftedVolts(faulty) * load) / (load + faulty.sourceOhms));
    }
    case 'runningVolts':
      return runningVolts(bell, faulty, kind, 'screws');
    case 'chimeVolts':
      return runningVolts(bell, faulty, kind, 'chime');
    case 'acrossChime':
      return runningVolts(bell, faulty, kind, 'across');
    case 'frontVolts':
      return runningVolts(bell, faulty, kind, 'front');
    case 'doorVoltsRunning':
      return runningVolts(bell, faulty, kind, 'door');
    case 'doorVoltsOpen':
      return steadyVolts(bell, faulty, kind, idleVolts(faulty, 1).door);
    case 'branch':
      return either(kind, 'found', faulty.sharedOhms === null ? 1 - BRANCH.noneWhereIsNot : BRANCH.foundWhereIs);
    case 'loopToChime':
      return faulty.chimeBroken ? only(kind, 'open') : ohmsShown(kind, faulty.toChime);
    case 'loopToDoor':
      if (faulty.short) return only(kind, 'shorted');
      return faulty.doorBroken ? only(kind, 'open') : ohmsShown(kind, faulty.toDoor);
    case 'link':
      return only(kind, faulty.faults.includes('fuseOpen') ? 'open' : 'closed');
    case 'pathOhms': {
      const through = pathOhms(bell, faulty);
      return through === null ? only(kind, 'open') : ohmsShown(kind, through);
    }
    case 'coilOhms':
      return faulty.faults.includes('coilOpen') ? only(kind, 'open') : ohmsShown(kind, house.coilOhms);
    case 'bridge':
      return onOff(kind, (spot) => isAwake(faulty, deviceFares(bell, faulty, wanderAt(spot), house.watts, JOINED)));
    case 'pressLeads':
      return wordsShown(kind, (spot) => ringAt(bell, faulty, spot));
    case 'goodDevice':
      return onOff(
        kind,
        (spot) => deviceFares(bell, faulty, wanderAt(spot), house.otherWatts, faulty.path, true).state === 'runs',
      );
    case 'dbm':
      return figured(kind, { mean: faulty.dbm, sigma: 0, half: DBM.half, step: DBM.step });
    case 'report':
      return wordsShown(kind, (spot) => reportAt(bell, faulty, spot));
    case 'chimeSetting': {
      const said = faulty.faults.includes('wrongChimeKind') ? 'wrong' : 'right';
      return wordsShown(kind, (spot) => (isOnline(bell, faulty, standing(bell, faulty, spot)) ? said : 'offline'));
    }
    case 'otherDoor':
      return wordsShown(kind, (spot) => (otherRuns(bell, faulty, wanderAt(spot)) ? 'works' : 'dead'));
    default:
      return wordsShown(kind, (spot) => {
        const fares = standing(bell, faulty, spot);
        return networkWord(kind, faulty.network, {
          isAwake: isAwake(faulty, fares),
          isOnline: isOnline(bell, faulty, fares),
        });
      });
  }
}
