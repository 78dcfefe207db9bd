'use client';
import { measureWords } from '@/words/screens';
import { Filled } from '../../../figures/Filled';
import type { ReactNode } from 'react';
import { resistorSeconds } from '@/core/circuit';
import { drawnAmps, testOhms } from '@/core/points';
import { useDoorbell } from '../useDoorbell';

/** Ratings of resistors that are carried, W. */
const RATINGS = [5, 10, 25, 50] as const;

/** Which resistor to take, what it pulls and burns, and how long it may stay on. */
export function ResistorAdvice() {
  const { assessment } = useDoorbell();
  const { known } = assessment;
  const ohms = testOhms(known);
  const amps = drawnAmps(known, ohms);
  const watts = amps * amps * ohms;
  const time = (rated: number): string => {
    const seconds = resistorSeconds(watts, rated);
    if (seconds === Infinity) return measureWords.wForAsLong({ rated });
    return seconds === 0
      ? measureWords.wNotAtAll({ rated })
      : measureWords.wForS({ rated, seconds: Math.floor(seconds) });
  };
  return (
    <p>
      <Filled
        parts={measureWords.takeItPullsA<ReactNode>({
          ohms: <b className="figure">{ohms} Ω</b>,
          amps: amps.toFixed(1),
          watts: <b className="figure">{watts.toFixed(0)} W</b>,
          ratings: RATINGS.map(time).join(', '),
        })}
      />
    </p>
  );
}
