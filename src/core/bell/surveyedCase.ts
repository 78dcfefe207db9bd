import { LASTING_STATES, type DeviceProfile } from '../catalogue';
import { COIL_REACTANCE_RATIO_60HZ, likelyCoil, type ChimeKind } from '../chime';
import { awgToMm2, runOhms } from '../circuit';
import type { BellCase, CaseState, Evidence, RunCase } from './bellCase';
import { LENGTH, METER, RUN_CELSIUS, VISIT_CELSIUS } from './priors';
import type { BellSurvey, Reading } from './survey';
import type { RunName } from './bellCase';

function runCase(survey: BellSurvey, run: RunName): RunCase {
  const { lengthM, gauge, pairs, material, conductors } = survey.runs[run];
  const middle = lengthM ? (lengthM.low + lengthM.high) / 2 : LENGTH.guessM[run];
  const percent = lengthM ? LENGTH.percent : LENGTH.guessPercent;
  const mm2 = gauge ? ('awg' in gauge ? awgToMm2(gauge.awg) : gauge.mm2) : null;
  return {
    lengthM: middle,
    halfM: Math.max((middle * percent) / 100, lengthM ? (lengthM.high - lengthM.low) / 2 : 0),
    ohmsPerMetre: runOhms({ lengthM: 1, pairs, celsius: 20, material, conductors, mm2: mm2 ?? 1 }),
    gaugeMm2: mm2 === null ? survey.region.gaugeGuessMm2 : null,
    yearCelsius: RUN_CELSIUS[run],
    dayCelsius: VISIT_CELSIUS[run],
  };
}

const chimeKind = (kind: ChimeKind): BellCase['chime']['kind'] =>
  kind === 'electronic' ? 'electronic' : kind === 'none' || kind === 'wireless' ? 'none' : 'coil';

/** A reading as evidence: the state by its place in the list of lasting states. */
export function evidenceOf(reading: Reading): Evidence {
  const { id, instrument = METER } = reading;
  switch (reading.what) {
    case 'mainsVolts':
      return { id, what: reading.what, instrument, value: reading.value };
    case 'coilOhms':
      return { id, what: reading.what, value: reading.value };
    case 'loopOhms':
      return { id, what: reading.what, run: reading.run, value: reading.value };
    case 'report':
      return { id, what: reading.what, state: LASTING_STATES.indexOf(reading.state), report: reading.report };
    case 'volts': {
      const { at, value } = reading;
      if (reading.state === 'open') return { id, what: 'volts', at, under: { kind: 'open' }, instrument, value };
      if (reading.state === 'resistor')
        return { id, what: 'volts', at, under: { kind: 'resistor', ohms: reading.ohms }, instrument, value };
      const state = LASTING_STATES.indexOf(reading.state);
      return { id, what: 'volts', at, under: { kind: 'running', state }, instrument, value };
    }
  }
}

const statesOf = (device: DeviceProfile): readonly CaseState[] =>
  LASTING_STATES.map((name) => ({
    name,
    watts: device.watts[name],
    powerFactor: device.powerFactor,
    displacementFactor: device.displacementFactor,
  }));

/** A length over that of this door’s or chime’s run; where nothing is said of it, it is taken for as long. */
function shareOf({ runs }: BellSurvey, run: RunName, lengthM: number | null): number {
  const own = runs[run].lengthM;
  const ownM = own ? (own.low + own.high) / 2 : LENGTH.guessM[run];
  return lengthM === null || ownM === 0 ? 1 : lengthM / ownM;
}

const sharedCase = (survey: BellSurvey): BellCase['shared'] =>
  survey.shared
    ? {
        secondChime: survey.shared.secondChime,
        others: survey.shared.others.map(({ device, joins, chimeId, path, runM, chimeRunM }) => ({
          joins,
          chimeId,
          path,
          states: statesOf(device),
          doorMinVolts: device.doorMinVolts,
          doorMaxVolts: device.doorMaxVolts,
          runShare: shareOf(survey, 'toDoor', runM),
          chimeRunShare: shareOf(survey, 'toChime', chimeRunM),
        })),
      }
    : null;

/** A survey in the solver's terms, with the priors of its region where nothing was said. */
export function caseOf(survey: BellSurvey): BellCase {
  const { region, nameplate, device, chime } = survey;
  const kind = chime.kind ?? 'mechanical';
  const coil = likelyCoil(kind, chime.rating, region, chime.coilOhms ?? null);
  return {
    mains: region.mains,
    source: { ratedVolts: nameplate.volts, ratedVa: nameplate.va, guess: region.bellGuess },
    runs: { toChime: runCase(survey, 'toChime'), toDoor: runCase(survey, 'toDoor') },
    chime: {
      kind: chimeKind(kind),
      likelyOhms: coil.re,
      likelyRatio: kind === 'electronic' ? 0 : (COIL_REACTANCE_RATIO_60HZ * region.mains.frequencyHz) / 60,
    },
    present: survey.present,
    shared: sharedCase(survey),
    device: {
      states: statesOf(device),
      wattsPercent: device.wattsPercent,
      doorMinVolts: device.doorMinVolts,
      doorFullVolts: device.doorFullVolts,
      doorMaxVolts: device.doorMaxVolts,
    },
    evidence: survey.readings.map(evidenceOf),
  };
}
