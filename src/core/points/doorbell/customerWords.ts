import { said, type Text } from '../../said';
import { treatmentById } from '../../chime';
import { lowerFirst } from '../../units';
import { pointSteps } from '../planOf';
import type { Doorbell } from './doorbell';
import { hasWiredChime } from './survey';

/** How it rings once what was chosen stands. */
function ringWords(point: Doorbell, treatmentId: string): Text {
  if (treatmentById(treatmentId)?.sounds) return said('chimeHouseRings');
  return said('ringsThroughPlug', { oldChimeStays: hasWiredChime(point) });
}

/** What stays with the customer of a door: what stands there, how it rings, what feeds it. Nothing that was not done. */
export function customerWords(point: Doorbell): Text {
  const { choice, fed } = point;
  const at = lowerFirst(point.name);
  if (!choice) return said('nothingFittedYet', { at });
  const done = pointSteps(point).every(({ id }) => point.ticks[id]);
  const sentences = [
    said('videoDoorbell', {
      done: done ? said('wasFitted') : said('isToBe'),
      at,
      ring: ringWords(point, choice.data.treatmentId),
    }),
    fed.breaker ? said('keepCircuitSwitched') : said('leaveAdapterOutlet'),
    said('cameraSeesStands'),
  ];
  return said('together', { sentences });
}
