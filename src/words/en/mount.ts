import type { MountSayings } from '@/core/mount';
import type { Sentences } from '../sentence';

export const mount: Sentences<MountSayings> = {
  // mount/doorView
  tallestCloseUp: 'the tallest close up',
  tallestStepBack: 'the tallest a step back',
  shortestCloseUp: 'the shortest close up',
  shortestStepBack: 'the shortest a step back',
};
