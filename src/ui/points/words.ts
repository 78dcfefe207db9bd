import { pointsWords } from '@/words/screens';
import type { PointKind } from '@/core/kinds';

/** Kinds of point as somebody picks one; one line per kind. */
export const POINT_KIND_WORDS: Readonly<Record<PointKind, string>> = {
  doorbell: pointsWords.aDoorbell,
  floodlight: pointsWords.aFloodlightCamera,
  plugFloodlight: pointsWords.oneWithAPlug,
};

/** What a new one is called until somebody says another name, and what that name is of. */
export const FIRST_NAMES: Readonly<Record<PointKind, { readonly name: string; readonly of: string }>> = {
  doorbell: { name: pointsWords.frontDoor, of: pointsWords.door },
  floodlight: { name: pointsWords.yard, of: pointsWords.spot },
  plugFloodlight: { name: pointsWords.yard, of: pointsWords.spot },
};
