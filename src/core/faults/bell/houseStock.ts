import { evenly, type Random } from '../../random';
import type { TroubleModel } from '../diagnosis';
import { HOUSE_NUMBERS, houseDraws, type DrawnHouse } from './drawnHouse';
import { degreesOf, faultyHouse, isFine, shows, type FaultyHouse } from './faultyHouse';
import { showing } from './showings';
import { DOOR_FAULTS, faultsIn, testShape, type DoorTest, type DoorTrouble, type TroubledBell } from './troubledBell';

/** Houses are drawn in lots of so many that work as they should. */
const LOT = 3_000;
/** So many are drawn at most, whether they work as they should or not. */
const MOST_DRAWS = 150_000;

/**
 * Houses as a bell may be, with each fault that it may have: such as worked before the fault came, and show with it what is
 * complained of. They depend on nothing that was found: whoever asks again about the same bell draws nothing anew. Nothing
 * of it is by chance: the same bell has the same houses.
 */
export class HouseStock implements TroubleModel<FaultyHouse, DoorTrouble, DoorTest> {
  private draws = 0;
  private readonly fine: (readonly DrawnHouse[])[] = [];
  private readonly degrees = new Map<DoorTrouble, Random>();
  private readonly faulty = new Map<DoorTrouble, (readonly FaultyHouse[])[]>();

  /** @param draw where more is known of the house than the bell says: houses as that leaves them, without their fault */
  constructor(
    readonly bell: TroubledBell,
    private readonly draw: () => DrawnHouse = houseDraws(bell, evenly(HOUSE_NUMBERS)),
  ) {}

  readonly shapeOf = testShape;
  /** Two faults are put right one after the other: the first one’s place stands. */
  readonly repairPlace = (trouble: DoorTrouble): string | null => {
    const [first] = faultsIn(trouble);
    return first ? DOOR_FAULTS[first] : null;
  };
  readonly showing = (house: FaultyHouse, test: DoorTest) => showing(this.bell, house, test);
  readonly lasting = (house: FaultyHouse): FaultyHouse => ({ ...house, fares: [] });

  private fineLot(lot: number): readonly DrawnHouse[] {
    while (this.fine.length <= lot) {
      const houses: DrawnHouse[] = [];
      for (; houses.length < LOT && this.draws < MOST_DRAWS; this.draws++) {
        const house = this.draw();
        if (isFine(this.bell, house)) houses.push(house);
      }
      this.fine.push(houses);
    }
    return this.fine[lot] ?? [];
  }

  /** A lot of houses with a fault, each as likely as the next. Lots are asked for in their order. */
  readonly lotOf = (kind: DoorTrouble, lot: number): readonly FaultyHouse[] => {
    const lots = this.faulty.get(kind) ?? [];
    this.faulty.set(kind, lots);
    const faults = faultsIn(kind);
    const numbers = faults.reduce((sum, one) => sum + degreesOf(one), 0);
    const degree = this.degrees.get(kind) ?? evenly(numbers);
    this.degrees.set(kind, degree);
    while (lots.length <= lot) {
      const fine = this.fineLot(lots.length);
      lots.push(
        fine.flatMap((house) => {
          const one = faultyHouse(this.bell, house, faults, degree);
          return shows(this.bell, one) ? [one] : [];
        }),
      );
    }
    return lots[lot] ?? [];
  };
}
