import { inWordsOf, regionPack } from '../../region';
import { stillOpen } from '../asked';
import type { Missing } from '../climb';
import type { PlugFloodlight } from './plugFloodlight';

/** What Measure needs at the outlet of a plug. */
export function missingAtOutlet({ outlet, setting }: PlugFloodlight): readonly Missing[] {
  const pack = regionPack(setting.region);
  const all = stillOpen([
    {
      id: 'wayM',
      area: null,
      there: outlet.wayM !== undefined,
      words: 'Tape the lead’s way from the spot to the outlet',
      why: 'Along what it is clipped to: its lead has to reach, with a drip loop.',
    },
    {
      id: 'alwaysOn',
      area: null,
      there: outlet.alwaysOn !== undefined,
      words: 'Try every switch: does one turn the outlet off?',
      why: 'A switched outlet takes the camera down with it.',
    },
    {
      id: 'residual',
      area: null,
      there: outlet.residual !== undefined,
      words: 'Press the test button of its GFCI or RCD: does the outlet go dead?',
      why: 'Nothing stays plugged in outdoors without one.',
    },
    {
      id: 'cover',
      area: null,
      there: outlet.cover !== undefined,
      words: 'What covers the outlet?',
      why: 'Only a cover that closes over a plug in use keeps rain out of it.',
    },
  ]);
  return all.map((one) => ({ ...one, words: inWordsOf(pack, one.words), why: inWordsOf(pack, one.why) }));
}
