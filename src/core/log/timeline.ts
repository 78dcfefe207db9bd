import { byTime, type Moment } from './moment';

interface Dated {
  readonly moment: Moment;
}

/** The first index from which a sorted list fulfils a condition. */
function firstIndex<T>(list: readonly T[], fulfils: (one: T) => boolean): number {
  let low = 0;
  let high = list.length;
  while (low < high) {
    const middle = (low + high) >>> 1;
    const one = list[middle];
    if (one !== undefined && fulfils(one)) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** For every place of a list the least of what stands from there on. */
function leastFrom<T>(list: readonly T[], less: (one: T, other: T) => boolean): readonly T[] {
  const least: T[] = [];
  for (let i = list.length - 1; i >= 0; i--) {
    const one = list[i] as T;
    const after = least[i + 1];
    least[i] = after !== undefined && less(after, one) ? after : one;
  }
  return least;
}

/** Things that happened, by time and by number at once; each question costs the logarithm of their count. */
export class Timeline<T extends Dated> {
  private readonly inTime: readonly T[];
  private readonly inNumber: readonly T[];
  private readonly leastNumberFrom: readonly T[];
  private readonly leastTimeFrom: readonly T[];

  constructor(things: readonly T[]) {
    this.inTime = things.toSorted((a, b) => byTime(a.moment, b.moment));
    this.inNumber = things.toSorted((a, b) => a.moment.seq - b.moment.seq);
    this.leastNumberFrom = leastFrom(this.inTime, (a, b) => a.moment.seq < b.moment.seq);
    this.leastTimeFrom = leastFrom(this.inNumber, (a, b) => byTime(a.moment, b.moment) < 0);
  }

  /**
   * What came after a moment, by time or by number; of several the one with the least number.
   * @param until only what is before this moment, by time or by number, counts; null: all of it
   */
  after(moment: Moment, until: Moment | null = null): T | null {
    const later = firstIndex(this.inTime, (one) => byTime(one.moment, moment) > 0);
    const further = firstIndex(this.inNumber, (one) => one.moment.seq > moment.seq);
    const isIn = (one: T | undefined): one is T =>
      one !== undefined && (until === null || byTime(one.moment, until) < 0 || one.moment.seq < until.seq);
    const found = [
      this.leastNumberFrom[later],
      this.inNumber[further],
      // Where those came after the end, one that is earlier by the other order may not have
      this.inTime[later],
      this.leastTimeFrom[further],
    ].filter(isIn);
    return found.toSorted((a, b) => a.moment.seq - b.moment.seq)[0] ?? null;
  }

  /** How many are before a moment by time. */
  countBefore(moment: Moment | null): number {
    return moment === null ? this.inTime.length : firstIndex(this.inTime, (one) => byTime(one.moment, moment) >= 0);
  }

  /** The last by time that is before a moment by time. */
  lastBefore(moment: Moment | null): T | null {
    return this.inTime[this.countBefore(moment) - 1] ?? null;
  }

  /** Those with a number above one and below another. */
  numbered(above: number, below: number): readonly T[] {
    const from = firstIndex(this.inNumber, (one) => one.moment.seq > above);
    const to = firstIndex(this.inNumber, (one) => one.moment.seq >= below);
    return this.inNumber.slice(from, to);
  }

  /** By time. */
  get all(): readonly T[] {
    return this.inTime;
  }
}
