import { said, type Text } from '../said';
import type { LastingState } from '../catalogue';
import { asFound, drawOf } from './asFound';
import type { Evidence, Place } from './bellCase';
import { circuitOf, worstSwings, type Change, type Conditions } from './conditions';
import { houseAt, overHouses, type Houses } from './houses';
import { middleOf, readingSigma, shownFigures, type ShownFigures } from './likelihood';
import { judge, plateOf, type Judgement } from './judge';
import { STATIONS, stationVolts, type Station } from './loopVolts';
import { newSourceOf, type RatedTransformer } from './housePrior';
import { bandOf, type Band } from './percentiles';
import { DRAWS_WHILE_TYPING, likelyHouses } from './posterior';
import { LENGTH, METER } from './priors';
import { sharedStations } from './doors';
import { caseOf } from './surveyedCase';
import { sourceIsKnown, type BellSurvey } from './survey';

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
  readonly houses: Houses;
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
  readonly guesses: readonly Text[];
}

const CONTRADICTION_SIGMAS = 2.5;

function fitOf(shown: ShownFigures, evidence: Evidence): ReadingFit | null {
  if (evidence.what === 'report') return null;
  const expected = bandOf(shown(evidence)).likely;
  if (Number.isNaN(expected)) return null;
  const { low, high } = evidence.value;
  // The houses have fitted the meter's gain to its readings: what of it is unlikely counts as part of the doubt
  const gain = 'instrument' in evidence ? (evidence.instrument.percent / 100 / 2) * expected : 0;
  const sigma = Math.hypot(readingSigma(evidence, expected, high - low), gain);
  const offBy = middleOf(evidence.value) - expected;
  return { id: evidence.id, expected, offBy, contradicts: Math.abs(offBy) > CONTRADICTION_SIGMAS * sigma };
}

function guessesOf(survey: BellSurvey): readonly Text[] {
  const { region, nameplate, runs, chime } = survey;
  const guess = region.bellGuess;
  const wasRead = (what: 'loopOhms', run: 'toChime' | 'toDoor'): boolean =>
    survey.readings.some((reading) => reading.what === what && reading.run === run);
  const list: Text[] = [];
  if (nameplate.volts === null) list.push(said('transformerLikelyV', { volts: guess.volts }));
  if (nameplate.va === null)
    list.push(said('vaLikely', { figure: guess.va[0], figure2: guess.va[2], figure3: guess.va[1] }));
  for (const run of ['toChime', 'toDoor'] as const) {
    if (wasRead('loopOhms', run)) continue;
    // Where there is no chime the first run ends at a joint, or at something that goes
    const where = run === 'toDoor' ? said('toTheDoor') : chime.kind === 'none' ? 'inside' : said('toTheChime');
    if (runs[run].lengthM === null)
      list.push(said('run', { where, run: LENGTH.guessM[run], guessPercent: LENGTH.guessPercent }));
    if (runs[run].gauge === null)
      list.push(said('wire', { where, gauge: region.gauge === 'awg' ? '20 AWG' : '0.75 mm²' }));
  }
  const coilRead =
    survey.readings.some((reading) => reading.what === 'coilOhms') ||
    chime.rating !== null ||
    chime.coilOhms !== undefined;
  const coil = region.coilGuess;
  if (!coilRead && (chime.kind ?? 'mechanical') === 'mechanical')
    list.push(said('chimeCoilJ', { ohms: coil.ohms, reactanceOhms: coil.reactanceOhms }));
  return list;
}

/**
 * Works out everything that a survey says of its circuit, with how sure that is.
 * @param draws number of likely houses; more for a choice than while typing
 */
export function estimate(survey: BellSurvey, draws: number = DRAWS_WHILE_TYPING): Estimate {
  const bell = caseOf(survey);
  const houses = likelyHouses(bell, draws);
  const shown = shownFigures(bell, houses);
  const plate = plateOf(survey, asFound(survey));
  return {
    survey,
    houses,
    sourceKnown: sourceIsKnown(survey),
    openVolts: bandOf(houses.openVolts),
    sourceOhms: bandOf(houses.sourceOhms),
    voltsAtRated: plate
      ? bandOf(overHouses(houses, (house) => house.openVolts - (house.sourceOhms * plate.va) / plate.volts))
      : null,
    toChimeOhms: bandOf(overHouses(houses, (house) => house.toChimeOhms + house.toChimeSpliceOhms)),
    toDoorOhms: bandOf(overHouses(houses, (house) => house.toDoorOhms + house.toDoorSpliceOhms)),
    fits: bell.evidence.flatMap((evidence) => fitOf(shown, evidence) ?? []),
    guesses: guessesOf(survey),
  };
}

/** The verdict on the point as it is wired now. */
export const judgeAsFound = (known: Estimate): Judgement => judge(known.survey, known.houses, asFound(known.survey));

/** Volts at each station of house `i` on a day: the closed form of the loop, or all doors of the supply together. */
function stationsOf(
  { survey, houses }: Estimate,
  change: Change,
  name: LastingState,
): (i: number, day: Conditions) => readonly number[] {
  const bell = caseOf(survey);
  const state = bell.device.states.find((one) => one.name === name);
  if (!bell.shared || !state)
    return (i, day) => {
      const house = houseAt(houses, i);
      return stationVolts(circuitOf(house, change, day), drawOf(survey, house, name));
    };
  const solve = sharedStations(bell, houses, change);
  return (i, day) => solve(i, day, state);
}

/** Volts on their way to the door in one state at the worst swing, for the drawing. */
export function fallingVolts(known: Estimate, change: Change, state: LastingState): FallingVolts {
  const { low } = worstSwings(caseOf(known.survey));
  const stations = stationsOf(known, change, state);
  const all = Array.from({ length: known.houses.count }, (_, i) => stations(i, low));
  return STATIONS.map((station, i) => ({ station, band: bandOf(all.map((volts) => volts[i] ?? 0)) }));
}

/** Band of open volts at the screws of a new transformer, over the mains' whole swing, V. */
export function newOpenVolts(
  { houses, survey }: Estimate,
  transformer: RatedTransformer,
  mainsVolts: number | null = null,
): Band {
  const source = newSourceOf(transformer);
  const nominal = survey.region.mains.nominalVolts;
  return asShown(
    bandOf(
      houses.newRegulation.map(
        (z, i) => source(z).openVolts * (mainsVolts === null ? (houses.mainsLater[i] ?? 1) : mainsVolts / nominal),
      ),
    ),
  );
}

/** What a meter may be off, V. */
const meterHalf = (volts: number): number => (METER.percent / 100) * volts + METER.counts * METER.resolutionVolts;

/** A band as a meter may show it. */
const asShown = ({ low, likely, high }: Band): Band => ({
  low: low - meterHalf(low),
  likely,
  high: high + meterHalf(high),
});

const STATION_OF = { transformer: 'screws', chime: 'Trans', door: 'door' } as const satisfies Record<Place, Station>;

/**
 * Band of volts that a meter should find at a place in a state once the change is built, to hold a reading against.
 * @param mainsVolts the mains read beside it; null takes the region's whole swing
 */
export function predictedVolts(
  known: Estimate,
  change: Change,
  state: LastingState,
  mainsVolts: number | null,
  at: Place = 'door',
): Band {
  const station = STATIONS.indexOf(STATION_OF[at]);
  const nominal = known.survey.region.mains.nominalVolts;
  const stations = stationsOf(known, change, state);
  const band = bandOf(
    Float64Array.from({ length: known.houses.count }, (_, i) => {
      const house = houseAt(known.houses, i);
      const day = {
        mains: mainsVolts === null ? house.mainsLater : mainsVolts / nominal,
        winding: house.winding,
        toChimeCelsius: house.toChimeCelsius,
        toDoorCelsius: house.toDoorCelsius,
      };
      return stations(i, day)[station] ?? 0;
    }),
  );
  return asShown(band);
}
