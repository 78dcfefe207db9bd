import {
  answerAt,
  bellDrawsOf,
  DOOR_FAULT_KINDS,
  faultyHouse,
  isFine,
  shows,
  testShape,
  type DoorCase,
  type DoorFault,
  type DoorTestKind,
  type FaultyHouse,
  type KnownHouses,
} from '../../faults';
import { DOOR_TEST_FACTS, DOOR_WALKS, doorFinder } from '../../points';
import type { Random } from '../../random';
import type { BenchKind, Faulty } from '../benchKind';
import { ForeignHouse } from '../foreign';
import type { Terminal } from '../wiring';
import { readDoor } from './doorProbes';

const PLACES = ['board', 'transformer', 'hall', 'chime', 'door'] as const;
const TERMINALS: readonly Terminal[] = [
  'outletHot',
  'outletNeutral',
  'screw1',
  'screw2',
  'run1A',
  'run1B',
  'trans',
  'front',
  'run2A',
  'run2B',
  'door1',
  'door2',
];

/** What a look comes to while its circuit is off. */
const WHILE_OFF: Partial<Record<string, string>> = {
  lightSwitch: 'off',
  mainsPresent: 'no',
  bridge: 'off',
  pressLeads: 'silent',
  goodDevice: 'off',
  report: 'offline',
  chimeSetting: 'offline',
  otherDoor: 'dead',
  deviceLight: 'dark',
  otherPhone: 'silent',
} satisfies Partial<Record<DoorTestKind, string>>;
/** Looks that are the same however the bell’s wires are put. */
const FREE_OF_WIRING: readonly string[] = [
  'mainsPresent',
  'branch',
  'dbm',
  'othersOnWifi',
  'bandLook',
  'otherDoor',
] satisfies readonly DoorTestKind[];

/** So many houses are drawn at most for one that shows the complaint. */
const MOST_DRAWS = 40_000;

const isTest = (kind: string): kind is DoorTestKind => Object.hasOwn(DOOR_TEST_FACTS, kind);
const isFault = (kind: string): kind is DoorFault => DOOR_FAULT_KINDS.some((one) => one === kind);

const own = (faulty: Faulty): FaultyHouse => {
  if ('house' in faulty) return faulty;
  throw new ForeignHouse('no house of a doorbell');
};

/** What is known of houses, begun at another one of them: each is as likely as the next. */
function begunAt(known: KnownHouses | null, random: Random): KnownHouses | null {
  const count = known?.openVolts.length ?? 0;
  if (!known || count === 0) return known;
  const start = Math.floor(random() * count);
  const turned = (column: readonly number[]): readonly number[] => [...column.slice(start), ...column.slice(0, start)];
  return {
    openVolts: turned(known.openVolts),
    sourceOhms: turned(known.sourceOhms),
    toChimeCold: turned(known.toChimeCold),
    toChimeWarm: turned(known.toChimeWarm),
    toDoorCold: turned(known.toDoorCold),
    toDoorWarm: turned(known.toDoorWarm),
    coilOhms: turned(known.coilOhms),
    coilReactance: turned(known.coilReactance),
    wattsFactor: turned(known.wattsFactor),
  };
}

/** The house of a wired doorbell. */
export function doorBench({ bell, known, tests }: DoorCase): BenchKind {
  const hasModule = bell.chime.intended === 'shunt';
  return {
    places: PLACES,
    walks: DOOR_WALKS,
    terminals: TERMINALS,
    parts: ['screws', 'run1', 'run2', ...(hasModule ? (['module'] as const) : []), 'leads'],
    provedAt: 'transformer',
    cover: null,
    test: (kind) => doorFinder.test(kind),
    repair: (kind) => doorFinder.repair(kind),
    looks: tests.flatMap(({ kind }) => {
      const { figure } = testShape(kind);
      return kind !== 'link' && (figure === null || figure === 'dbm') ? [kind] : [];
    }),
    whileOff: (test) => WHILE_OFF[test],
    isFreeOfWiring: (test) => FREE_OF_WIRING.includes(test),
    hasLiveBell: (faulty) => own(faulty).isFed,
    answer: (faulty, test, random) => {
      const asked = tests.find(({ kind }) => kind === test) ?? (isTest(test) ? { kind: test, minutes: 0 } : null);
      return asked ? answerAt(bell, own(faulty), asked, random) : { word: '' };
    },
    read: (probing, { faulty, wiring, isOn }, random) =>
      readDoor(probing, { bell, faulty: own(faulty), wiring, isOn, wander: 1 }, random),
    without: (faulty, faults, random) => {
      const house = own(faulty);
      const left = house.faults.filter((kind) => !faults.includes(kind));
      if (left.length === house.faults.length) return faulty;
      return faultyHouse(bell, house.house, left, left.length === 0 ? () => 0 : random);
    },
    shows: (faulty) => shows(bell, own(faulty)),
    hide: (faultsOf, random, most = MOST_DRAWS) => {
      const draw = bellDrawsOf(bell, begunAt(known, random), () => random);
      for (let i = 0; i < most; i++) {
        const house = draw();
        if (!isFine(bell, house)) continue;
        const faulty = faultyHouse(bell, house, faultsOf().filter(isFault), random);
        if (faulty.faults.length === 0 || shows(bell, faulty)) return faulty;
      }
      return null;
    },
  };
}
