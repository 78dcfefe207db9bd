import { evenly } from '../random';
import { HouseStock, type DoorTest, type DoorTrouble, type TroubledBell } from './bell';
import { bellDrawsOf } from './bell/knownHouses';
import type { KnownHouses } from './bell/knownHouses';
import { findFault, likelyFaults, type FinderCase, type Finding } from './finder';
import { FixtureStock, type FixtureTest, type FixtureTrouble, type TroubledFixture } from './fixture';

/** A doorbell in trouble, with the houses that all that is known of it leaves. */
export interface DoorCase extends FinderCase<DoorTrouble, DoorTest> {
  readonly of: 'door';
  readonly bell: TroubledBell;
  /** Null: no more is known than the bell says. */
  readonly known: KnownHouses | null;
}

export interface FixtureCase extends FinderCase<FixtureTrouble, FixtureTest> {
  readonly of: 'fixture';
  readonly fixture: TroubledFixture;
}

/** A trouble as data, from one thread to another. */
export type TroubleCase = DoorCase | FixtureCase;

/** Who answers about one thing in trouble: what was drawn for it is drawn once. */
export interface Finder {
  /** What it is about: another one needs another finder. */
  readonly key: string;
  /** @param test one that is to be spoken of in place of the next */
  readonly find: (asked: TroubleCase, test: string | null) => Finding;
  readonly likely: (asked: TroubleCase) => Pick<Finding, 'explained' | 'faults'>;
}

export const finderKey = (asked: TroubleCase): string =>
  JSON.stringify(asked.of === 'door' ? [asked.bell, asked.known] : asked.fixture);

/** A finder was asked about something else than it was made for. */
class ForeignCase extends TypeError {}

/** A finder for what a case is about. */
export function finderOf(about: TroubleCase): Finder {
  const key = finderKey(about);
  if (about.of === 'door') {
    const stock = new HouseStock(about.bell, bellDrawsOf(about.bell, about.known, evenly));
    const own = (asked: TroubleCase): DoorCase => {
      if (asked.of !== 'door') throw new ForeignCase(asked.of);
      return asked;
    };
    return {
      key,
      find: (asked, test) => {
        const given = own(asked);
        return findFault(stock, given, given.tests.find(({ kind }) => kind === test)?.kind ?? null);
      },
      likely: (asked) => likelyFaults(stock, own(asked)),
    };
  }
  const stock = new FixtureStock(about.fixture);
  const own = (asked: TroubleCase): FixtureCase => {
    if (asked.of !== 'fixture') throw new ForeignCase(asked.of);
    return asked;
  };
  return {
    key,
    find: (asked, test) => {
      const given = own(asked);
      return findFault(stock, given, given.tests.find(({ kind }) => kind === test)?.kind ?? null);
    },
    likely: (asked) => likelyFaults(stock, own(asked)),
  };
}
