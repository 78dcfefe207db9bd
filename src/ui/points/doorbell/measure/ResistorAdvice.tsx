'use client';
import { resistorSeconds } from '@/core/circuit';
import { testOhms } from '@/core/points';
import { useDoorbell } from '../useDoorbell';

/** Ratings of resistors that are carried, W. */
const RATINGS = [5, 10, 25, 50] as const;

/** Which resistor to take, what it pulls and burns, and how long it may stay on. */
export function ResistorAdvice() {
  const { assessment } = useDoorbell();
  const { known, survey } = assessment;
  const { volts, va } = survey.nameplate;
  const ohms = testOhms(volts, va);
  const amps = known.openVolts.likely / (ohms + known.sourceOhms.likely);
  const watts = amps * amps * ohms;
  const time = (rated: number): string => {
    const seconds = resistorSeconds(watts, rated);
    if (seconds === Infinity) return `${rated} W for as long as it takes`;
    return seconds === 0 ? `${rated} W not at all` : `${rated} W for ${Math.floor(seconds)} s`;
  };
  return (
    <p>
      Take <b className="figure">{ohms} Ω</b>: it pulls {amps.toFixed(1)} A and burns{' '}
      <b className="figure">{watts.toFixed(0)} W</b>. A resistor of {RATINGS.map(time).join(', ')}.
    </p>
  );
}
