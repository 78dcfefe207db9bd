import type { BoardPoint, BoardPoints } from '@/core/board';
import { regionPack } from '@/core/region';
import { inWords, sayIn } from './say';

/** Points of a row in words, as their place says them. @throws Error where they say what there are no words for */
export const pointsInWords = ({ place: { region, lengths }, points }: BoardPoints): readonly BoardPoint[] =>
  inWords(points, sayIn({ region: regionPack(region), lengths }));
