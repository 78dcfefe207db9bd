import type { Random } from '../../random';
import { houseDraws } from './drawnHouse';
import { faultyHouse, isFine, shows, type FaultyHouse } from './faultyHouse';
import { drawnAnswer, type Found } from '../diagnosis';
import { showing } from './showings';
import { faultsIn, testShape, type DoorTest, type DoorTrouble, type TroubledBell } from './troubledBell';

/** So many houses are drawn at most for one that shows the complaint. */
const MOST_DRAWS = 20_000;

/**
 * A house with one fault in it, such as the complaint leaves: which fault is drawn by how likely each is, and the house by
 * what is known of the bell.
 * @returns null where no such house turns up
 */
export function hiddenHouse(
  bell: TroubledBell,
  faults: readonly { readonly kind: DoorTrouble; readonly probability: number }[],
  random: Random,
): FaultyHouse | null {
  const sum = faults.reduce((total, { probability }) => total + probability, 0);
  let left = random() * sum;
  const kind = faults.find(({ probability }) => (left -= probability) < 0)?.kind ?? faults.at(-1)?.kind;
  if (!kind) return null;
  const draw = houseDraws(bell, random);
  for (let i = 0; i < MOST_DRAWS; i++) {
    const house = draw();
    if (!isFine(bell, house)) continue;
    const faulty = faultyHouse(bell, house, faultsIn(kind), random);
    if (shows(bell, faulty)) return faulty;
  }
  return null;
}

/** What a test comes to at a house, once. */
export function answerAt(bell: TroubledBell, faulty: FaultyHouse, test: DoorTest, random: Random): Found {
  return drawnAnswer(showing(bell, faulty, test), testShape(test.kind), random);
}
