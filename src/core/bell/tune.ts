import { CHIME_LIMITS, type Treatment } from '../chime';
import { halfWaveVolts, wattsPastDiode, type DiodeLoop } from '../circuit';
import { NOMINAL_DAY, circuitOf, type Change } from './conditions';
import { houseAt, type Houses } from './houses';
import { bandOf, type Band } from './percentiles';
import { plateOf } from './judge';
import type { BellSurvey } from './survey';

/** What becomes of an electronic chime’s tune, and of the device’s battery, with a diode across the device. */
export interface TuneFigures {
  /** Over the chime while it plays on half waves, V rms at nominal mains. */
  readonly playingVolts: Band;
  readonly ratedVolts: number;
  /** Whether that rating was read or is a guess. */
  readonly ratingRead: boolean;
  readonly playsOn: boolean;
  /** What the device can draw through the idle chime, W. */
  readonly idleWatts: Band;
  /** What an ordinary day takes on the mean, W. */
  readonly dayWatts: number;
}

/** An electronic chime that stands by, Ω: most of them, low and high (domain/power). */
const IDLE_OHMS = { low: 200, high: 1000 } as const;
/** An electronic chime’s VA where nobody read them, engineering default (domain/power). */
const USUAL_VA = 10;
/** A small rectifier diode. */
const DIODE_DROP_VOLTS = 0.8;
const HOURS_A_DAY = 24;
/** So many houses tell the bands. */
const HOUSES = 200;

/**
 * The waves of diode, electronic chime (its rating as a resistance while it plays, a high one idle) and device together.
 * @returns null for every other treatment, and for a device without a battery
 */
export function tuneFigures(
  survey: BellSurvey,
  houses: Houses,
  change: Change,
  { onlyWithBattery }: Pick<Treatment, 'onlyWithBattery'>,
): TuneFigures | null {
  const { chime, device, region } = survey;
  const { battery } = device;
  if (!onlyWithBattery || !battery || chime.kind !== 'electronic') return null;
  const ratedVolts =
    chime.ratedVolts ?? chime.rating?.volts ?? plateOf(survey, change)?.volts ?? region.coilGuess.volts;
  const ratedVa = chime.rating?.va ?? USUAL_VA;
  const playingOhms = (ratedVolts * ratedVolts) / ratedVa;
  const playing = new Float64Array(HOUSES);
  const idle = new Float64Array(HOUSES);
  for (let n = 0; n < HOUSES; n++) {
    const share = (n + 0.5) / HOUSES;
    const circuit = circuitOf(houseAt(houses, Math.floor(share * houses.count)), change, NOMINAL_DAY);
    const loop: Omit<DiodeLoop, 'chimeOhms'> = {
      openCircuitVolts: circuit.emf,
      seriesOhms: circuit.sourceOhms + circuit.toChimeOhms + circuit.toDoorOhms,
      diodeDropVolts: DIODE_DROP_VOLTS,
      bridgeDropVolts: device.dropVolts,
    };
    // The device lives from its battery while the tune plays
    playing[n] = halfWaveVolts({ ...loop, chimeOhms: playingOhms });
    // Houses come in no order: neighbouring ones get idle chimes far from one another
    const turned = (share * 77) % 1;
    const chimeOhms = IDLE_OHMS.low * (IDLE_OHMS.high / IDLE_OHMS.low) ** turned;
    idle[n] = wattsPastDiode({ ...loop, chimeOhms }, device.lockOutVolts, battery.trickleWatts);
  }
  const playingVolts = bandOf(playing);
  return {
    playingVolts,
    ratedVolts,
    ratingRead: chime.ratedVolts !== null || chime.rating !== null,
    playsOn: playingVolts.likely >= CHIME_LIMITS.strikes * ratedVolts,
    idleWatts: bandOf(idle),
    dayWatts: battery.dailyWh / HOURS_A_DAY,
  };
}
