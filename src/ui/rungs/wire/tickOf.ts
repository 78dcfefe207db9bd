import type { EntryData } from '@/core/kinds';
import type { StepStanding } from '@/core/points';

/** What a tick says of its step, however it was done. */
export const tickOf = (
  pointId: string,
  { step, placeId }: Pick<StepStanding, 'step' | 'placeId'>,
): Omit<EntryData<'stepTicked'>, 'how' | 'differs'> => ({
  pointId,
  stepId: step.id,
  touches: step.touches,
  role: step.role,
  placeId,
  ...(step.energises ? { energises: true } : {}),
  ...(step.closes ? { closes: true } : {}),
});
