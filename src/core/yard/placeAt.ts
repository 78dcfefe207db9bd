import { cosDeg, sinDeg } from '../view';

/** Where something is that was paced and turned to: to the right looking out of the wall, and away from it, metres. */
export const placeAt = ({
  distanceM,
  turnDeg,
}: {
  readonly distanceM: number;
  readonly turnDeg: number;
}): readonly [number, number] => [distanceM * sinDeg(turnDeg), distanceM * cosDeg(turnDeg)];
