import type { LastingState } from '../catalogue';
import { copperWarmth, magnitude } from '../circuit';
import { Z95, normalShare } from '../random';
import { AS_FOUND_PAIRS, circuitOf, type Change, type Conditions } from './conditions';
import type { House } from './house';
import { doorVolts, voltsAt, type Draw } from './loopVolts';
import { METER, OHMS_READING, REPORT, WANDER } from './priors';
import type { BellSurvey, Reading } from './survey';

/** The survey's device in a state, in this house. */
export const drawOf = (survey: BellSurvey, house: House, state: LastingState): Draw => ({
  watts: survey.device.watts[state] * house.watts,
  powerFactor: survey.device.powerFactor,
  displacementFactor: survey.device.displacementFactor,
});

/** Nothing is changed yet: how the point is wired while it is read. */
export const asFound = (survey: BellSurvey): Change => ({
  transformer: null,
  treatment: survey.present,
  pairFactor: AS_FOUND_PAIRS,
});

/** Conditions of the visit on which the readings were taken. */
const visit = (house: House, winding: number): Conditions => ({
  mains: house.mains,
  winding,
  toChimeCelsius: house.toChimeCelsius,
  toDoorCelsius: house.toDoorCelsius,
});

/** Volts across a known resistor at a place; the winding is cold, the resistor is on for seconds. */
function resistorVolts(survey: BellSurvey, house: House, at: 'transformer' | 'door', ohms: number): number {
  const cold = circuitOf(house, asFound(survey), visit(house, 1));
  if (at === 'transformer') return (cold.emf * ohms) / (ohms + cold.sourceOhms);
  const re = cold.sourceOhms + cold.toChimeOhms + cold.toDoorOhms + cold.chime.re + ohms;
  return (cold.emf * ohms) / magnitude({ re, im: cold.chime.im });
}

/**
 * What a reading would show in a house, before the meter's counts and the wandering.
 * @returns volts or ohms; null for a report, which is no figure
 */
export function expectedFigure(survey: BellSurvey, house: House, reading: Reading): number | null {
  switch (reading.what) {
    case 'mainsVolts':
      return house.mains * survey.region.mains.nominalVolts * house.gain;
    case 'loopOhms':
      return reading.run === 'toChime'
        ? house.toChimeOhms * copperWarmth(house.toChimeCelsius) + house.toChimeSpliceOhms
        : house.toDoorOhms * copperWarmth(house.toDoorCelsius) + house.toDoorSpliceOhms;
    case 'coilOhms':
      return house.coilOhms;
    case 'report':
      return null;
    case 'volts': {
      if (reading.state === 'open') return reading.at === 'chime' ? 0 : house.openVolts * house.mains * house.gain;
      if (reading.state === 'resistor') return house.gain * resistorVolts(survey, house, reading.at, reading.ohms);
      const running = circuitOf(house, asFound(survey), visit(house, house.winding));
      return house.gain * voltsAt(running, drawOf(survey, house, reading.state), reading.at);
    }
  }
}

/** A limit of ±b, evenly likely within, has a standard deviation of b/√3. */
const EVEN = 1 / Math.sqrt(3);
const VOLT_COUNTS = METER.counts * METER.resolutionVolts * EVEN;
/** On mains the meter stands a range higher: its last digit is ten times as coarse. */
const MAINS_COUNTS = VOLT_COUNTS * 10;

/** Standard deviation of a reading that should show `figure`, the meter's common gain apart. */
export function readingSigma(reading: Reading, figure: number): number {
  if (reading.what === 'report') return 0;
  const range = (reading.value.high - reading.value.low) / 2 / Z95;
  if (reading.what === 'volts' || reading.what === 'mainsVolts') {
    const counts = reading.what === 'volts' ? VOLT_COUNTS : MAINS_COUNTS;
    const wander = WANDER * figure;
    return Math.sqrt(counts * counts + wander * wander + range * range);
  }
  const own = ((OHMS_READING.percent / 100) * figure + OHMS_READING.ohms) / Z95;
  return Math.sqrt(own * own + range * range);
}

/** Chance that the device reports what it did, with soft edges between the bands. */
function reportChance(survey: BellSurvey, house: House, reading: Extract<Reading, { what: 'report' }>): number {
  const circuit = circuitOf(house, asFound(survey), visit(house, house.winding));
  const volts = doorVolts(circuit, drawOf(survey, house, reading.state));
  const full = survey.device.doorFullVolts;
  const under = (limit: number): number => normalShare((limit - volts) / REPORT.edgeVolts);
  const weak = under(full);
  const good = 1 - under(full * REPORT.fairUpTo);
  const clear = reading.report === 'weak' ? weak : reading.report === 'good' ? good : Math.max(0, 1 - weak - good);
  return REPORT.oddShare + (1 - REPORT.oddShare) * clear;
}

/** Logarithm of how likely all readings are in a house, up to a constant. */
export function logLikelihood(survey: BellSurvey, house: House): number {
  let sum = 0;
  for (const reading of survey.readings) {
    if (reading.what === 'report') {
      sum += Math.log(reportChance(survey, house, reading));
      continue;
    }
    const figure = expectedFigure(survey, house, reading) ?? 0;
    const sigma = readingSigma(reading, figure);
    const off = ((reading.value.low + reading.value.high) / 2 - figure) / sigma;
    sum -= (off * off) / 2 + Math.log(sigma);
  }
  return sum;
}
