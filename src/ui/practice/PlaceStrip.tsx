'use client';
import { practiceWords } from '@/words/screens';
import { minutesBetween } from '@/core/faults';
import { benchKindOf, type BenchPlace, type Round } from '@/core/practice';
import { PLACE_NAMES, TO_PLACES } from './benchText';

interface Props {
  readonly round: Round;
  readonly place: BenchPlace;
  readonly onWalk: (to: BenchPlace) => void;
}

/** The places of the house along its wires, and the minutes to each from here. */
export function PlaceStrip({ round, place, onWalk }: Props) {
  const { places, walks } = benchKindOf(round.asked);
  return (
    <ol className="bench-strip" aria-label={practiceWords.where}>
      {places.map((one) => {
        const minutes = minutesBetween(walks, place, one);
        const isHere = one === place;
        return (
          <li key={one}>
            <button
              type="button"
              aria-current={isHere ? 'location' : undefined}
              aria-label={isHere ? undefined : practiceWords.goTo({ place: TO_PLACES[one], minutes })}
              disabled={isHere}
              onClick={() => onWalk(one)}
            >
              <b>{PLACE_NAMES[one]}</b>
              <span className="m">{isHere ? practiceWords.here : practiceWords.walk({ minutes })}</span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
