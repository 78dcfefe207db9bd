import { inSearchOrder, type Place } from './searchOrder';
import {
  PLACE_FACTS,
  TRANSFORMER_PLACES,
  placeWeight,
  type HouseClues,
  type TransformerPlace,
} from './transformerPlaces';

/** A place still to be looked at, with the share of belief that it is there. */
export interface PlaceLeft extends Place {
  readonly id: TransformerPlace;
  /** Minutes spent when this place has been looked at too. */
  readonly minutesSoFar: number;
  /** Chance that it has been found by then. */
  readonly foundByThen: number;
}

/** A search for the transformer as it stands. */
export interface TransformerSearch {
  readonly left: readonly PlaceLeft[];
  /** Chance that it is in none of the places left. */
  readonly elsewhere: number;
  /** Minutes until it is found, where it is in one of the places left; null when none is. */
  readonly expectedMinutes: number | null;
  /** How many of the places left are worth looking at before supplying from elsewhere; 0: not even the next one. */
  readonly worthLooking: number;
  /** Minutes (with cost in minutes) expected if one stops there, and if one never looks. */
  readonly minutesWithSearch: number;
  readonly minutesWithout: number;
}

/** Weight of “somewhere else altogether” beside all places of an unknown house: an engineering default. */
const ELSEWHERE_WEIGHT = 8;

/**
 * What it costs not to find it: a plug-in adapter and a jumper at the chime, in minutes and in money (labour is counted
 * 1 a minute, so both add), against naming and testing what was found. Engineering defaults.
 */
export const WITHOUT_IT = { minutes: 35, cost: 22 } as const;
const AFTER_FINDING_MINUTES = 8;

/**
 * Order of the places that are left, what the search will take, and where to stop: for every number of places one could
 * still look at, the expected minutes of looking there and then supplying from an adapter if it was in none.
 * @param notThere places that were looked at in vain
 */
export function transformerSearch(house: HouseClues, notThere: readonly TransformerPlace[]): TransformerSearch {
  const places = TRANSFORMER_PLACES.filter((id) => !notThere.includes(id))
    .map((id) => ({ id, probability: placeWeight(id, house), minutes: PLACE_FACTS[id].minutes }))
    .filter(({ probability }) => probability > 0);
  const total = places.reduce((sum, { probability }) => sum + probability, ELSEWHERE_WEIGHT);
  let minutesSoFar = 0;
  let foundByThen = 0;
  let whereFound = 0;
  const minutesWithout = WITHOUT_IT.minutes + WITHOUT_IT.cost;
  let best = { count: 0, minutes: minutesWithout };
  const left = inSearchOrder(places).map((place, index): PlaceLeft => {
    const probability = place.probability / total;
    minutesSoFar += place.minutes;
    foundByThen += probability;
    whereFound += probability * minutesSoFar;
    const minutes =
      whereFound + foundByThen * AFTER_FINDING_MINUTES + (1 - foundByThen) * (minutesSoFar + minutesWithout);
    if (minutes < best.minutes) best = { count: index + 1, minutes };
    return { ...place, probability, minutesSoFar, foundByThen };
  });
  return {
    left,
    elsewhere: 1 - foundByThen,
    expectedMinutes: foundByThen > 0 ? whereFound / foundByThen : null,
    worthLooking: best.count,
    minutesWithSearch: best.minutes,
    minutesWithout,
  };
}
