import { said } from '../../said';
import type { SparePairs } from '../../advice';
import {
  METER,
  UNKNOWN_RUN,
  type BellSurvey,
  type OtherDoor,
  type Reading,
  type RunName,
  type RunSurvey,
} from '../../bell';
import { DEFAULT_DEVICE_ID, DEVICES, TREATMENT_IDS, deviceById, type DeviceProfile } from '../../catalogue';
import { treatmentById, type ChimeKind, type TreatmentPath } from '../../chime';
import type { PlateSurvey } from '../../mount';
import { regionOf } from '../../job/region';
import type { Facts } from '../../kinds/said';
import type { Job } from '../../job/job';
import type { Doorbell, TakenReading } from './doorbell';
import { wasThereOf } from './wasThere/register';
import type { EntryData } from '../../kinds/register';

/** The device that is to be fitted: as chosen at Look, else the default class. */
export function deviceOf(point: Doorbell): DeviceProfile {
  const { deviceId = DEFAULT_DEVICE_ID, device: asked } = point.look;
  if (asked && asked.id === deviceId) return profileOf(asked);
  const device = deviceById(deviceId) ?? DEVICES[0];
  if (!device) throw new Error('the catalogue holds no device');
  return device;
}

type CarriedProfile = NonNullable<EntryData<'pointDescribed'>['device']>;

/** A profile as an entry carries it: reasons stand in a list there. */
const profileOf = ({ forbids, ...profile }: CarriedProfile): DeviceProfile => ({
  ...profile,
  forbids: Object.fromEntries(forbids.map(({ treatment, why }) => [treatment, why])),
});

/** A profile of the catalogue as an entry’s data. */
export const carriedProfile = ({ forbids, ...profile }: DeviceProfile): CarriedProfile => ({
  ...profile,
  battery: profile.battery && { ...profile.battery },
  inBag: [...profile.inBag],
  forbids: TREATMENT_IDS.flatMap((treatment) => {
    const why = forbids[treatment];
    return why === undefined ? [] : [{ treatment, why }];
  }),
});

const PRESENT: Readonly<Record<'series' | 'shunt' | 'link' | 'none', TreatmentPath>> = {
  series: { path: 'series' },
  shunt: { path: 'shunt', shuntOhms: 1 },
  link: { path: 'link', linkOhms: 0.3 },
  none: { path: 'none' },
};

/** Where there was no bell, or a handset in its place, there is no chime, until somebody says so. */
export const chimeKindOf = (point: Doorbell): ChimeKind | null =>
  point.chime.chimeKind ?? (point.toBeMade || wasThereOf(point.look).inside ? 'none' : null);

/** Whether a chime with wires stands in the loop; one that nobody has looked at may. */
export const hasWiredChime = (point: Doorbell): boolean => !['none', 'wireless'].includes(chimeKindOf(point) ?? '');

/** What the supply's wires come to first on their way to the door. */
export const midwayWords = (point: Doorbell): string =>
  wasThereOf(point.look).inside?.short ?? (hasWiredChime(point) ? 'chime' : 'joint');

/** Whether the old cable stays in the wall, out of use. */
export const isCableLeft = ({ look }: Doorbell): boolean => wasThereOf(look).asksOwnCable && look.ownCable === 'left';

/** The path through the chime as it is now: as seen, else what its kind makes likely. */
export function presentOf(point: Doorbell): TreatmentPath {
  if (point.chime.present) return PRESENT[point.chime.present];
  const kind = chimeKindOf(point);
  return kind === 'none' || kind === 'wireless' ? PRESENT.none : PRESENT.series;
}

/** A run that is not there. */
const NO_RUN: RunSurvey = { ...UNKNOWN_RUN, lengthM: { low: 0, high: 0 }, gauge: { mm2: 1 } };

/** Chime and transformer in one housing: they are one choice, and no run lies between them. */
export const isBoxed = (point: Doorbell): boolean => chimeKindOf(point) === 'boxedMains';

/** Where a supply is newly laid, its route is the way to the door, and no run leads to a chime. */
function plannedRun(point: Doorbell, run: RunName): RunSurvey | null {
  const { from, mm2, segments } = point.supply;
  if (run === 'toChime' && (point.toBeMade || isBoxed(point))) return NO_RUN;
  // The route of a supply is the way to the door at which it was chosen
  const elsewhere = point.feed !== null && point.feed.pointId !== point.id;
  if (elsewhere || run === 'toChime' || from === undefined || from === 'battery' || !segments?.length) return null;
  const length = segments.reduce((sum, { lengthM }) => sum + lengthM, 0);
  return { ...UNKNOWN_RUN, lengthM: { low: length, high: length }, gauge: mm2 === undefined ? null : { mm2 } };
}

function runOf(point: Doorbell, run: RunName): RunSurvey {
  const facts = point.runs[run];
  const planned = Object.keys(facts).length === 0 ? plannedRun(point, run) : null;
  if (planned) return planned;
  const { lengthLowM: low, lengthHighM: high, awg, mm2 } = facts;
  const only = low ?? high;
  const { straightM } = point.runs.toDoor;
  // The way back is counted with the run to the door: in a loop the order of ohms changes nothing at its ends
  const back = run === 'toDoor' ? (straightM ?? 0) : 0;
  return {
    lengthM: only === undefined ? null : { low: (low ?? only) + back, high: (high ?? only) + back },
    gauge: awg !== undefined ? { awg } : mm2 !== undefined ? { mm2 } : null,
    pairs: facts.pairs ?? UNKNOWN_RUN.pairs,
    material: facts.material ?? UNKNOWN_RUN.material,
    conductors: straightM === undefined ? (facts.conductors ?? UNKNOWN_RUN.conductors) : 1,
  };
}

/** An entry's reading as the solver takes it; undefined where parts are missing. */
export function readingOf({ entryId, data }: TakenReading): Reading | undefined {
  const { what, at, state, low, high, ohms, run, report, meter } = data;
  const id = { id: entryId, ...(meter ? { instrument: { ...METER, ...meter } } : {}) };
  if (what === 'report')
    return report && state && state !== 'open' && state !== 'resistor' ? { ...id, what, state, report } : undefined;
  if (low === undefined || high === undefined) return undefined;
  const value = { low, high };
  switch (what) {
    case 'mainsVolts':
    case 'coilOhms':
      return { ...id, what, value };
    case 'loopOhms':
      return run ? { ...id, what, run, value } : undefined;
    case 'volts':
      if (!at || !state) return undefined;
      if (state !== 'resistor') return { ...id, what, at, state, value };
      return ohms !== undefined && at !== 'chime' ? { ...id, what, at, state, ohms, value } : undefined;
  }
}

/** The meter as a reading keeps it; nothing where nobody described it. */
export function meterOf({ meter }: Job): Pick<EntryData<'readingTaken'>, 'meter'> {
  const { percent, counts, trueRms } = meter;
  if (percent === undefined && counts === undefined && trueRms === undefined) return {};
  return {
    meter: { percent: percent ?? METER.percent, counts: counts ?? METER.counts, trueRms: (trueRms ?? 'yes') === 'yes' },
  };
}

/** The device of a door as it stands now: chosen, else asked for, with the values that were carried. */
export function fittedDevice(point: Doorbell): DeviceProfile {
  const device = deviceOf(point);
  const { choice } = point;
  return choice && choice.data.device.id === device.id ? { ...device, ...choice.data.device } : device;
}

const middleM = ({ lengthLowM, lengthHighM }: Facts<'runDescribed'>): number | null =>
  lengthLowM === undefined && lengthHighM === undefined
    ? null
    : ((lengthLowM ?? lengthHighM ?? 0) + (lengthHighM ?? lengthLowM ?? 0)) / 2;

/** Where the wire of another door leaves what it shares with this one. */
const joinsOf = ({ hangs }: Doorbell, other: Doorbell): OtherDoor['joins'] =>
  hangs.chimeId !== other.hangs.chimeId ? 'supply' : hangs.terminal === other.hangs.terminal ? 'terminal' : 'chime';

/** What stands in another door’s own way: what was chosen for it, else the same as here. */
function pathOf(other: Doorbell): OtherDoor['path'] {
  const kind = chimeKindOf(other);
  if (kind === 'none' || kind === 'wireless') return PRESENT.none;
  return (other.choice && treatmentById(other.choice.data.treatmentId)?.standing) ?? 'asHere';
}

const otherDoor = (point: Doorbell, other: Doorbell): OtherDoor => ({
  id: other.id,
  name: other.name,
  joins: joinsOf(point, other),
  chimeId: other.hangs.chimeId,
  path: pathOf(other),
  device: fittedDevice(other),
  runM: middleM(other.runs.toDoor),
  chimeRunM: middleM(other.runs.toChime),
});

/** Other doorbells on the supply of this one, each a point of its own. */
export const doorsBeside = (job: Job, { beside }: Doorbell): readonly Doorbell[] =>
  job.points.filter((one): one is Doorbell => one.kind === 'doorbell' && beside.includes(one.id));

/** A doorbell that is told only as what hangs on the chime’s Rear: its coil stays in series. */
function rearFact(point: Doorbell, others: readonly Doorbell[]): readonly OtherDoor[] {
  const { rear, rearDeviceId, rearDevice, rearRunM } = point.chime;
  if (rear !== 'device' || others.some((other) => joinsOf(point, other) === 'chime')) return [];
  const device =
    rearDevice && rearDevice.id === rearDeviceId
      ? profileOf(rearDevice)
      : (deviceById(rearDeviceId ?? DEFAULT_DEVICE_ID) ?? deviceOf(point));
  const { chimeId } = point.hangs;
  const runM = rearRunM ?? null;
  return [
    { id: 'rear', name: said('rearDoorbell'), joins: 'chime', chimeId, path: 'coil', device, runM, chimeRunM: null },
  ];
}

/** A second chime, and what else hangs on the supply; nothing at an ordinary point. */
function sharedOf(job: Job, point: Doorbell): Pick<BellSurvey, 'shared'> {
  const beside = doorsBeside(job, point);
  const others = [...beside.map((other) => otherDoor(point, other)), ...rearFact(point, beside)];
  const secondChime = point.chime.secondChime === 'yes';
  return secondChime || others.length > 0 ? { shared: { secondChime, others } } : {};
}

/** The plate of the pair of screws in use: of three or four screws what the label says of that pair. */
function plateInUse({ transformer: { ratedVolts, ratedVa, taps, pair } }: Doorbell): BellSurvey['nameplate'] {
  const tap = taps?.find(({ screws }) => screws === pair);
  return { volts: tap?.ratedVolts ?? ratedVolts ?? null, va: tap?.ratedVa ?? ratedVa ?? null };
}

/** All that a point's entries say of its bell circuit, in the solver's terms. */
export function surveyOf(job: Job, point: Doorbell): BellSurvey {
  const { ratedVolts, ratedVa, coilOhms } = point.chime;
  return {
    region: regionOf(job),
    nameplate: plateInUse(point),
    runs: { toChime: runOf(point, 'toChime'), toDoor: runOf(point, 'toDoor') },
    chime: {
      kind: chimeKindOf(point),
      rating: ratedVolts !== undefined && ratedVa !== undefined ? { volts: ratedVolts, va: ratedVa } : null,
      ratedVolts: ratedVolts ?? null,
      ...(coilOhms === undefined ? {} : { coilOhms }),
    },
    present: presentOf(point),
    ...sharedOf(job, point),
    device: deviceOf(point),
    readings: point.readings.flatMap((reading) => readingOf(reading) ?? []),
  };
}

/** What was seen at the hole, for the plate of the device that is to be fitted. */
export const plateSurveyOf = (point: Doorbell): PlateSurvey => ({
  leadReachM: point.look.leadReachM ?? null,
  oldMarksM: point.look.oldMarksM ?? null,
  holeHeightM: point.look.holeHeightM ?? null,
  sideClearM: point.look.sideClearM ?? null,
  lipAboveM: point.look.lipAboveM ?? null,
  lipBelowM: point.look.lipBelowM ?? null,
  proudM: point.look.proudM ?? null,
  revealM: point.look.revealM ?? null,
  plateM: deviceOf(point).plateM,
});

/** Pairs that lie unused in each run's cable. */
export const sparePairsOf = (point: Doorbell): SparePairs => ({
  toChime: point.runs.toChime.sparePairs ?? 0,
  toDoor: point.runs.toDoor.sparePairs ?? 0,
});
