import { evenly, type Random } from '../../random';
import type { RepairableModel } from '../finder';
import { HOUSE_NUMBERS, houseDraws, type DrawnHouse } from './drawnHouse';
import { degreesOf, faultyHouse, isFine, shows, type FaultyHouse } from './faultyHouse';
import { showing } from './showings';
import { DOOR_FAULTS, faultsIn, testShape, type DoorTest, type DoorTrouble, type TroubledBell } from './troubledBell';

/** Houses are drawn in lots of so many that work as they should. */
const LOT = 3_000;
/** Of two faults at once fewer are looked at: there are many pairs. */
const PAIR_LOT = 500;
/** So many are drawn at most, whether they work as they should or not. */
const MOST_DRAWS = 150_000;

const sizeOf = (trouble: DoorTrouble): number => (faultsIn(trouble).length > 1 ? PAIR_LOT : LOT);

/**
 * Houses as a bell may be, with each fault that it may have: such as worked before the fault came, and show with it what is
 * complained of. They depend on nothing that was found: whoever asks again about the same bell draws nothing anew. Nothing
 * of it is by chance: the same bell has the same houses.
 */
export class HouseStock implements RepairableModel<FaultyHouse, DoorTrouble, DoorTest> {
  private draws = 0;
  /** Of all houses that are drawn. */
  private fineShare = 0;
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
  readonly repaired = ({ house }: FaultyHouse): FaultyHouse => faultyHouse(this.bell, house, [], () => 0);
  readonly lasting = (house: FaultyHouse): FaultyHouse => ({ ...house, fares: [] });

  private fineLot(lot: number): readonly DrawnHouse[] {
    while (this.fine.length <= lot) {
      const houses: DrawnHouse[] = [];
      const before = this.draws;
      for (; houses.length < LOT && this.draws < MOST_DRAWS; this.draws++) {
        const house = this.draw();
        if (isFine(this.bell, house)) houses.push(house);
      }
      if (this.fine.length === 0) this.fineShare = houses.length / (this.draws - before);
      this.fine.push(houses);
    }
    return this.fine[lot] ?? [];
  }

  readonly shownBy = (trouble: DoorTrouble): number => {
    const shown = this.lotOf(trouble, 0).length;
    if (faultsIn(trouble).includes('notEnough')) return shown / LOT;
    const fine = Math.min(this.fineLot(0).length, sizeOf(trouble));
    // A house that never was enough had no time to break
    return fine === 0 ? 0 : (shown / fine) * this.fineShare;
  };

  /** A lot of houses with a fault, each as likely as the next. Lots are asked for in their order. */
  readonly lotOf = (trouble: DoorTrouble, lot: number): readonly FaultyHouse[] => {
    const lots = this.faulty.get(trouble) ?? [];
    this.faulty.set(trouble, lots);
    const faults = faultsIn(trouble);
    const numbers = faults.reduce((sum, one) => sum + degreesOf(one), 0);
    const degree = this.degrees.get(trouble) ?? evenly(numbers);
    this.degrees.set(trouble, degree);
    // What never was enough worked at no time
    const never = faults.includes('notEnough');
    while (lots.length <= lot) {
      const fine = never ? Array.from({ length: LOT }, this.draw) : this.fineLot(lots.length).slice(0, sizeOf(trouble));
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
