import type { DoorTestKind } from '../../faults';
import type { Random } from '../../random';
import { readBetween, type BenchReading, type Between, type OhmsTest, type Probing } from '../benchMeter';
import { standsBut, TERMINALS, type Terminal } from '../wiring';
import { benchAmps, benchOhms, solveBench, type BenchHouse } from './benchCircuit';

/** Whether two terminals are these, in either order. */
const are = ({ red, black }: Probing, one: Terminal, other: Terminal): boolean =>
  (red === one && black === other) || (red === other && black === one);

/** Which test of the fault finder volts between two terminals are, as the wires are put. */
function voltsTest(probing: Probing, { wiring }: BenchHouse): DoorTestKind | null {
  if (are(probing, 'outletHot', 'outletNeutral')) return 'mainsVolts';
  if (are(probing, 'screw1', 'screw2'))
    return wiring.screws !== 'on' ? 'openVolts' : standsBut(wiring) ? 'runningVolts' : null;
  const isAt = (one: readonly Terminal[], other: readonly Terminal[]): boolean =>
    one.some((a) => other.some((b) => are(probing, a, b)));
  // With the ends under their screws, an end and its screw are the same place
  const [trans, front, back] = [
    ['trans', 'run1A'],
    ['front', 'run2A'],
    ['run1B', 'run2B'],
  ] as const;
  if (standsBut(wiring)) {
    if (isAt(trans, back)) return 'chimeVolts';
    if (isAt(trans, front)) return 'acrossChime';
    if (isAt(front, back)) return 'frontVolts';
    if (are(probing, 'door1', 'door2')) return 'doorVoltsRunning';
  }
  return are(probing, 'door1', 'door2') && wiring.leads === 'apart' && standsBut(wiring, 'leads')
    ? 'doorVoltsOpen'
    : null;
}

const RUNNING: readonly DoorTestKind[] = [
  'runningVolts',
  'chimeVolts',
  'acrossChime',
  'frontVolts',
  'doorVoltsRunning',
];

const figured = (test: DoorTestKind): OhmsTest => ({ test, closed: 'figure', open: 'open' });

/** Which test Ω between two terminals are. */
function ohmsTest(probing: Probing, { wiring, bell }: BenchHouse): OhmsTest | null {
  if (are(probing, 'run1A', 'run1B') && wiring.run1 === 'apart')
    return wiring.screws === 'joined' ? figured('loopToChime') : null;
  if (are(probing, 'run2A', 'run2B') && wiring.run2 === 'apart') {
    if (wiring.leads === 'joined') return figured('loopToDoor');
    return wiring.leads === 'apart' ? { test: 'loopToDoor', closed: 'shorted', open: null } : null;
  }
  if (are(probing, 'trans', 'front') && (wiring.run1 === 'apart' || wiring.run2 === 'apart')) {
    if (bell.chime.intended === 'link') return { test: 'link', closed: 'closed', open: 'open' };
    if (bell.chime.intended === 'shunt') return figured(wiring.module === 'apart' ? 'coilOhms' : 'pathOhms');
    return bell.chime.kind === 'mechanical' ? figured('coilOhms') : null;
  }
  return null;
}

/** What lies between two probes in a house with a wired doorbell. */
function between(probing: Probing, house: BenchHouse): Between {
  const { bell, faulty, isOn } = house;
  const { red, black } = probing;
  const isMains = TERMINALS[red] === 'hall';
  const test = voltsTest(probing, house);
  return {
    isMains,
    isOn: isOn || isMains,
    volts: (wander) => {
      if (isMains) return { volts: bell.mains.nominalVolts * faulty.mains * wander, swings: false };
      const { volts, device } = solveBench({ ...house, wander });
      return { volts: volts(red, black), swings: device === 'dropsOut' };
    },
    ohms: () => benchOhms(house, red, black),
    amps: () => benchAmps(house, red, black),
    voltsTest: test,
    saysSwings: test !== null && RUNNING.includes(test),
    ohmsTest: ohmsTest(probing, house),
  };
}

/** What a meter shows at a house with a wired doorbell. */
export function readDoor(probing: Probing, house: BenchHouse, random: Random): BenchReading {
  const { counts, resolutionVolts } = house.bell.meter;
  return readBetween(
    probing,
    between(probing, house),
    { gain: house.faulty.house.gain, counts, resolutionVolts },
    random,
  );
}
