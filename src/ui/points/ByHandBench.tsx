import { pointsWords } from '@/words/screens';
/** What stands where nothing of a floodlight is planned by the program yet, and nothing is pretended. */
export function ByHandBench() {
  return <p className="soft">{pointsWords.howAFloodlightCamera}</p>;
}
