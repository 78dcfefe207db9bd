import { CHIME_LIMITS, type Treatment } from '../chime';
import { magnitude, operatingPoint } from '../circuit';
import { NOMINAL_DAY, chimePath, circuitOf, type Change } from './conditions';
import { drawOf } from './asFound';
import { houseAt, type House, type Houses } from './houses';
import { doorVolts } from './loopVolts';
import { bandOf, type Band } from './percentiles';
import { plateOf } from './judge';
import type { BellSurvey } from './survey';

/** What the chime in the wall gets. */
export interface ChimeFigures {
  /** Volts across the coil while the button is pressed, at nominal mains. */
  readonly pressedVolts: Band;
  /** Volts across it in standby. */
  readonly standbyVolts: Band;
  /** The rating that these are held against, V. */
  readonly ratedVolts: number;
  /** Whether that rating was read or is a guess. */
  readonly ratingRead: boolean;
  readonly rings: 'rings' | 'weak' | 'hammers';
  readonly hums: boolean;
}

/** The volts that the usual coil is made for. */
const COIL_VOLTS = 16;

/** Chimes side by side share the current: alike ones have half the impedance of one. */
const withCoils = (house: House, chimes: number): House => ({
  ...house,
  coilOhms: house.coilOhms / chimes,
  coilReactanceOhms: house.coilReactanceOhms / chimes,
});

/**
 * Volts over a mechanical chime when pressed and in standby. The device closes the loop through about 1 Ω for a moment
 * and lives from its reserve; a module opens while ringing, so the coil stands alone.
 * @returns null where the treatment silences the chime, or where it is no mechanical one
 */
export function chimeFigures(
  survey: BellSurvey,
  houses: Houses,
  change: Change,
  treatment: Treatment,
): ChimeFigures | null {
  const kind = survey.chime.kind ?? 'mechanical';
  if (!treatment.sounds || (kind !== 'mechanical' && !treatment.isNewChime)) return null;
  // A coil for other volts has as much more of ohms as the square of them
  const coil = treatment.isNewChime ? (plateOf(survey, change)?.volts ?? COIL_VOLTS) / COIL_VOLTS : 1;
  const pressed = new Float64Array(houses.count);
  const standby = new Float64Array(houses.count);
  for (let i = 0; i < houses.count; i++) {
    const house = withCoils(houseAt(houses, i), (survey.shared?.secondChime ? 2 : 1) / (coil * coil));
    const circuit = circuitOf(house, change, NOMINAL_DAY);
    const point = operatingPoint({
      source: { openCircuitVolts: circuit.emf, seriesOhms: circuit.sourceOhms },
      toChimeOhms: circuit.toChimeOhms,
      toDoorOhms: circuit.toDoorOhms,
      chime: chimePath(house, { path: 'series' }),
      load: { kind: 'resistor', ohms: survey.device.pressOhms },
    });
    pressed[i] = point.chimeVolts ?? 0;
    const draw = drawOf(survey, house, 'standby');
    const door = doorVolts(circuit, draw);
    standby[i] = door === 0 ? 0 : (draw.watts / draw.powerFactor / door) * magnitude(circuit.chime);
  }
  const old = survey.chime.ratedVolts ?? plateOf(survey, { ...change, transformer: null })?.volts;
  const rated = (treatment.isNewChime ? plateOf(survey, change)?.volts : old) ?? survey.region.coilGuess.volts;
  const band = bandOf(pressed);
  const share = band.likely / rated;
  return {
    pressedVolts: band,
    standbyVolts: bandOf(standby),
    ratedVolts: rated,
    ratingRead: survey.chime.ratedVolts !== null || treatment.isNewChime === true,
    rings: share < CHIME_LIMITS.strikes ? 'weak' : share > CHIME_LIMITS.hammers ? 'hammers' : 'rings',
    hums: bandOf(standby).likely > CHIME_LIMITS.hums * rated,
  };
}
