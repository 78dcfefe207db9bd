import { said } from '../../said';
import { stillOpen } from '../asked';
import type { Missing } from '../climb';
import type { PlugFloodlight } from './plugFloodlight';

/** What Measure needs at the outlet of a plug. */
export function missingAtOutlet({ outlet }: PlugFloodlight): readonly Missing[] {
  return stillOpen([
    {
      id: 'wayM',
      area: null,
      there: outlet.wayM !== undefined,
      words: said('tapeLeadsWay'),
      why: said('alongClippedLead'),
    },
    {
      id: 'alwaysOn',
      area: null,
      there: outlet.alwaysOn !== undefined,
      words: said('tryEverySwitchDoes'),
      why: said('switchedOutletTakes'),
    },
    {
      id: 'residual',
      area: null,
      there: outlet.residual !== undefined,
      words: said('pressTestButton'),
      why: said('nothingStaysPlugged'),
    },
    {
      id: 'cover',
      area: null,
      there: outlet.cover !== undefined,
      words: said('coversOutlet'),
      why: said('onlyCoverCloses'),
    },
  ]);
}
