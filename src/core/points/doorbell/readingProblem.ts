import { said, type Text } from '../../said';
import type { TakenReading } from './doorbell';
import type { EntryData } from '../../kinds/register';

/** A loaded reading may stand this much over an open one: the mains swings and meters wander. */
const MAINS_MAY_SWING = 1.05;

/**
 * Whether a new reading can't be true beside those that stand.
 * @returns a sentence for the field, or null
 */
export function readingProblem(data: EntryData<'readingTaken'>, standing: readonly TakenReading[]): Text | null {
  if (data.what !== 'volts' || data.low === undefined || data.high === undefined) return null;
  const others = standing.map((reading) => reading.data).filter((other) => other.what === 'volts');
  const open = (other: EntryData<'readingTaken'>): boolean => other.state === 'open';
  if (data.state === 'open') {
    const loaded = others
      .filter((other) => !open(other))
      .find((other) => (other.low ?? 0) > (data.high ?? 0) * MAINS_MAY_SWING);
    return loaded ? said('openUnderRead', { high: data.high, low: loaded.low ?? 0 }) : null;
  }
  const opens = others.filter(open);
  const highest = Math.max(...opens.map((other) => other.high ?? 0));
  return opens.length > 0 && data.low > highest * MAINS_MAY_SWING
    ? said('loadOverRead', { low: data.low, highest })
    : null;
}
