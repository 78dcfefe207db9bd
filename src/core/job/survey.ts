import type { SparePairs } from '../advice';
import { METER, UNKNOWN_RUN, type BellSurvey, type Reading, type RunName, type RunSurvey } from '../bell';
import { DEFAULT_DEVICE_ID, DEVICES, TREATMENT_IDS, deviceById, type DeviceProfile } from '../catalogue';
import type { ChimeKind, TreatmentPath } from '../chime';
import type { PlateSurvey } from '../mount';
import { regionPack, type RegionPack } from '../region';
import type { Job, Point, TakenReading } from './job';
import type { EntryData } from './kinds';

export const regionOf = (job: Job): RegionPack => regionPack(job.site.region);

/** How this site writes lengths: as it said, else as its region does. */
export const lengthsOf = (job: Job): RegionPack['lengths'] => job.site.lengths ?? regionOf(job).lengths;

/** The device that is to be fitted: as chosen at Look, else the default class. */
export function deviceOf(point: Point): DeviceProfile {
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

/** Where nothing was pressed before, there is no chime either, until somebody says so. */
export const chimeKindOf = (point: Point): ChimeKind | null =>
  point.chime.chimeKind ?? (point.look.wasThere === 'nothing' ? 'none' : null);

/** The path through the chime as it is now: as seen, else what its kind makes likely. */
export function presentOf(point: Point): TreatmentPath {
  if (point.chime.present) return PRESENT[point.chime.present];
  const kind = chimeKindOf(point);
  return kind === 'none' || kind === 'wireless' ? PRESENT.none : PRESENT.series;
}

/** Where a supply is newly laid, its route is the way to the door. */
function plannedRun(point: Point, run: RunName): RunSurvey | null {
  const { from, mm2, segments } = point.supply;
  if (run === 'toChime' || from === undefined || from === 'battery' || !segments?.length) return null;
  const length = segments.reduce((sum, { lengthM }) => sum + lengthM, 0);
  return { ...UNKNOWN_RUN, lengthM: { low: length, high: length }, gauge: mm2 === undefined ? null : { mm2 } };
}

function runOf(point: Point, run: RunName): RunSurvey {
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

/** A second chime, and a doorbell at the rear door; nothing at an ordinary point. */
function sharedOf(point: Point): Pick<BellSurvey, 'shared'> {
  const { secondChime, rear, rearDeviceId, rearDevice, rearRunM } = point.chime;
  if (secondChime !== 'yes' && rear !== 'device') return {};
  const device =
    rearDevice && rearDevice.id === rearDeviceId
      ? profileOf(rearDevice)
      : (deviceById(rearDeviceId ?? DEFAULT_DEVICE_ID) ?? deviceOf(point));
  return {
    shared: { secondChime: secondChime === 'yes', rear: rear === 'device' ? { device, runM: rearRunM ?? null } : null },
  };
}

/** The plate of the pair of screws in use: of three or four screws what the label says of that pair. */
function plateInUse({ transformer: { ratedVolts, ratedVa, taps, pair } }: Point): BellSurvey['nameplate'] {
  const tap = taps?.find(({ screws }) => screws === pair);
  return { volts: tap?.ratedVolts ?? ratedVolts ?? null, va: tap?.ratedVa ?? ratedVa ?? null };
}

/** All that a point's entries say of its bell circuit, in the solver's terms. */
export function surveyOf(job: Job, point: Point): BellSurvey {
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
    ...sharedOf(point),
    device: deviceOf(point),
    readings: point.readings.flatMap((reading) => readingOf(reading) ?? []),
  };
}

/** What was seen at the hole, for the plate of the device that is to be fitted. */
export const plateSurveyOf = (point: Point): PlateSurvey => ({
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
export const sparePairsOf = (point: Point): SparePairs => ({
  toChime: point.runs.toChime.sparePairs ?? 0,
  toDoor: point.runs.toDoor.sparePairs ?? 0,
});
