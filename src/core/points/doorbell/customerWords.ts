import { treatmentById } from '../../chime';
import { lowerFirst } from '../../units';
import { pointSteps } from '../planOf';
import type { Doorbell } from './doorbell';
import { hasWiredChime } from './survey';

/** How it rings once what was chosen stands. */
function ringWords(point: Doorbell, treatmentId: string): string {
  if (treatmentById(treatmentId)?.sounds) return 'the chime in the house rings';
  return `it rings through a plug-in sounder${hasWiredChime(point) ? ', the old chime is silent' : ''}`;
}

/** What stays with the customer of a door: what stands there, how it rings, what feeds it. Nothing that was not done. */
export function customerWords(point: Doorbell): string {
  const { choice, fed } = point;
  const at = lowerFirst(point.name);
  if (!choice) return `Nothing was fitted at the ${at} yet.`;
  const done = pointSteps(point).every(({ id }) => point.ticks[id]);
  return [
    `A video doorbell ${done ? 'was fitted' : 'is to be fitted'} at the ${at}; ${ringWords(point, choice.data.treatmentId)}.`,
    fed.plug
      ? 'Leave its adapter in the outlet: without power there is no bell. When it fails, look at the adapter first, then at the Wi-Fi.'
      : 'Keep its circuit switched on: without power there is no bell. When it fails, look at the breaker first, then at the Wi-Fi.',
    'The camera sees whoever stands at the door, and voice is recorded: tell visitors where the place asks for it.',
  ].join(' ');
}
