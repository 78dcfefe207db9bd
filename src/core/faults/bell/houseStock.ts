import { evenly, type Random } from '../../random';
import { HOUSE_NUMBERS, houseDraws, type DrawnHouse } from './drawnHouse';
import { degreesOf, faultyHouse, isFine, shows, type FaultyHouse } from './faultyHouse';
import type { BellFaultKind, TroubledBell } from './troubledBell';

/** Houses are drawn in lots of so many that work as they should. */
const LOT = 3_000;
/** So many are drawn at most, whether they work as they should or not. */
const MOST_DRAWS = 150_000;

/**
 * Houses as a bell may be, with each fault that it may have: such as worked before the fault came, and show with it what is
 * complained of. They depend on nothing that was found: whoever asks again about the same bell draws nothing anew. Nothing
 * of it is by chance: the same bell has the same houses.
 */
export class HouseStock {
  private readonly draw: () => DrawnHouse;
  private draws = 0;
  private readonly fine: (readonly DrawnHouse[])[] = [];
  private readonly degrees = new Map<BellFaultKind, Random>();
  private readonly faulty = new Map<BellFaultKind, (readonly FaultyHouse[])[]>();

  constructor(readonly bell: TroubledBell) {
    this.draw = houseDraws(bell, evenly(HOUSE_NUMBERS));
  }

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
  lotOf(kind: BellFaultKind, lot: number): readonly FaultyHouse[] {
    const lots = this.faulty.get(kind) ?? [];
    this.faulty.set(kind, lots);
    const degree = this.degrees.get(kind) ?? evenly(degreesOf(kind));
    this.degrees.set(kind, degree);
    while (lots.length <= lot) {
      const fine = this.fineLot(lots.length);
      lots.push(
        fine.flatMap((house) => {
          const one = faultyHouse(this.bell, house, kind, degree);
          return shows(this.bell, one) ? [one] : [];
        }),
      );
    }
    return lots[lot] ?? [];
  }
}
