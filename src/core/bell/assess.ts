import type { LastingState } from '../catalogue';
import { asFound, drawOf, expectedFigure, readingSigma } from './likelihood';
import { circuitOf, worstSwings, type Change } from './conditions';
import type { House } from './house';
import { judge, plateOf, type Judgement } from './judge';
import { STATIONS, doorVolts, stationVolts, type Station } from './loopVolts';
import { bandOf, type Band } from './percentiles';
import { DRAWS_WHILE_TYPING, likelyHouses } from './posterior';
import { LENGTH, METER } from './priors';
import { lengthText } from '../units';
import { sourceIsKnown, type BellSurvey, type Reading } from './survey';

/** The volts along the loop, from the winding's inside to the door. */
export type FallingVolts = readonly { readonly station: Station; readonly band: Band }[];

/** One reading beside what the estimate makes of it. */
export interface ReadingFit {
  readonly id: string;
  readonly expected: number;
  /** Reading less expectation, volts or ohms. */
  readonly offBy: number;
  /** Farther off than its own accuracy allows (over 2.5 σ): named as a contradiction. */
  readonly contradicts: boolean;
}

/** What one survey says of its circuit. */
export interface Estimate {
  readonly survey: BellSurvey;
  readonly houses: readonly House[];
  /** False: not a single word about the source; every figure is a guess of the region. */
  readonly sourceKnown: boolean;
  readonly openVolts: Band;
  readonly sourceOhms: Band;
  /** Volts at the screws at the rated current, cold, nominal mains; null without a nameplate. */
  readonly voltsAtRated: Band | null;
  readonly toChimeOhms: Band;
  readonly toDoorOhms: Band;
  readonly fits: readonly ReadingFit[];
  /** What was guessed because nobody said it, in words. */
  readonly guesses: readonly string[];
}

const CONTRADICTION_SIGMAS = 2.5;

function fitOf(survey: BellSurvey, houses: readonly House[], reading: Reading): ReadingFit | null {
  if (reading.what === 'report') return null;
  const expected = bandOf(houses.map((house) => expectedFigure(survey, house, reading) ?? 0)).likely;
  const middle = (reading.value.low + reading.value.high) / 2;
  const gain = reading.what === 'volts' || reading.what === 'mainsVolts' ? (METER.percent / 100 / 2) * expected : 0;
  const sigma = Math.hypot(readingSigma(reading, expected), gain);
  const offBy = middle - expected;
  return { id: reading.id, expected, offBy, contradicts: Math.abs(offBy) > CONTRADICTION_SIGMAS * sigma };
}

function guessesOf(survey: BellSurvey): readonly string[] {
  const { region, nameplate, runs, chime } = survey;
  const guess = region.bellGuess;
  const said = (what: 'loopOhms', run: 'toChime' | 'toDoor'): boolean =>
    survey.readings.some((reading) => reading.what === what && reading.run === run);
  const list: string[] = [];
  if (nameplate.volts === null) list.push(`transformer likely ${guess.volts} V`);
  if (nameplate.va === null) list.push(`${guess.va[0]} to ${guess.va[2]} VA, likely ${guess.va[1]}`);
  for (const run of ['toChime', 'toDoor'] as const) {
    if (said('loopOhms', run)) continue;
    const where = run === 'toChime' ? 'to the chime' : 'to the door';
    if (runs[run].lengthM === null)
      list.push(`run ${where} ${lengthText(LENGTH.guessM[run], region.lengths)} ± ${LENGTH.guessPercent} %`);
    if (runs[run].gauge === null) list.push(`wire ${where} ${region.gauge === 'awg' ? '20 AWG' : '0.75 mm²'}`);
  }
  const coilRead = survey.readings.some((reading) => reading.what === 'coilOhms') || chime.rating !== null;
  const coil = region.coilGuess;
  if (!coilRead && (chime.kind ?? 'mechanical') === 'mechanical')
    list.push(`chime coil ${coil.ohms} + j${coil.reactanceOhms} Ω`);
  return list;
}

/**
 * Works out everything that a survey says of its circuit, with how sure that is.
 * @param draws number of likely houses; more for a choice than while typing
 */
export function estimate(survey: BellSurvey, draws: number = DRAWS_WHILE_TYPING): Estimate {
  const houses = likelyHouses(survey, draws);
  const plate = plateOf(survey, asFound(survey));
  return {
    survey,
    houses,
    sourceKnown: sourceIsKnown(survey),
    openVolts: bandOf(houses.map((house) => house.openVolts)),
    sourceOhms: bandOf(houses.map((house) => house.sourceOhms)),
    voltsAtRated: plate
      ? bandOf(houses.map((house) => house.openVolts - (house.sourceOhms * plate.va) / plate.volts))
      : null,
    toChimeOhms: bandOf(houses.map((house) => house.toChimeOhms + house.toChimeSpliceOhms)),
    toDoorOhms: bandOf(houses.map((house) => house.toDoorOhms + house.toDoorSpliceOhms)),
    fits: survey.readings.flatMap((reading) => fitOf(survey, houses, reading) ?? []),
    guesses: guessesOf(survey),
  };
}

/** The verdict on the point as it is wired now. */
export const judgeAsFound = (known: Estimate): Judgement => judge(known.survey, known.houses, asFound(known.survey));

/** Volts on their way to the door in one state at the worst swing, for the drawing. */
export function fallingVolts(known: Estimate, change: Change, state: LastingState): FallingVolts {
  const { low } = worstSwings(known.survey.region);
  const all = known.houses.map((house) =>
    stationVolts(circuitOf(house, change, low), drawOf(known.survey, house, state)),
  );
  return STATIONS.map((station, i) => ({ station, band: bandOf(all.map((volts) => volts[i] ?? 0)) }));
}

/**
 * Band of door volts that a meter should find in a state once the change is built, to hold a reading against.
 * @param mainsVolts the mains read beside it; null takes the region's whole swing
 */
export function predictedDoorVolts(
  known: Estimate,
  change: Change,
  state: LastingState,
  mainsVolts: number | null,
): Band {
  const nominal = known.survey.region.mains.nominalVolts;
  const band = bandOf(
    known.houses.map((house) =>
      doorVolts(
        circuitOf(house, change, {
          mains: mainsVolts === null ? house.mainsLater : mainsVolts / nominal,
          winding: house.winding,
          toChimeCelsius: house.toChimeCelsius,
          toDoorCelsius: house.toDoorCelsius,
        }),
        drawOf(known.survey, house, state),
      ),
    ),
  );
  const meter = (volts: number): number => (METER.percent / 100) * volts + METER.counts * METER.resolutionVolts;
  return { low: band.low - meter(band.low), likely: band.likely, high: band.high + meter(band.high) };
}
