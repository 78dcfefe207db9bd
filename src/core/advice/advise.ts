import {
  asFound,
  bandOf,
  doorVoltsOf,
  likelyHouses,
  seenFromDoor,
  type Band,
  type BellCase,
  type Conditions,
  type Houses,
} from '../bell';
import { contradictionsOf, type Contradiction } from './contradictions';
import { holdWays, type TimeDomain } from './holding';
import { counts, nextReadings, type ReadingWorth, type Takeable } from './nextReadings';
import type { SupplyPolicy } from '../policy';
import { proposer } from './propose';
import { effortOf, type Standing, type Way } from './way';

/** All that advice is made from. */
export interface AdviceQuestion {
  readonly bell: BellCase;
  /** Where the device gives its capacitor: counted too. */
  readonly timeDomain: TimeDomain | null;
  readonly ways: readonly Way[];
  readonly takeable: readonly Takeable[];
  readonly policy: SupplyPolicy;
  readonly chimeVolts: number | null;
}

export interface JudgedWay {
  readonly way: Way;
  readonly standing: Standing;
  /** Another way is nowhere worse and somewhere better. */
  readonly dominated: boolean;
}

/** The whole judgement of one doorbell. */
export interface Advice {
  readonly houses: Houses;
  readonly estimate: {
    readonly openCircuitVolts: Band;
    readonly seriesOhms: Band;
    /** As wired now, at nominal mains, cold, the middle of the temperatures; null where nothing can be computed. */
    readonly doorVolts: Readonly<Record<string, Band>> | null;
  };
  readonly contradictions: readonly Contradiction[];
  readonly ways: readonly JudgedWay[];
  readonly proposed: Way | null;
  /** Readings that could change the proposal, best first. */
  readonly next: readonly ReadingWorth[];
  readonly enough: boolean;
}

/** Draws for a choice, and solves that are not passed over, so that a long list of ways is answered in time too. */
const DRAWS = { most: 3000, least: 300, solves: 12_000_000 } as const;

const drawsFor = ({ ways, bell }: AdviceQuestion): number =>
  Math.round(
    Math.max(DRAWS.least, Math.min(DRAWS.most, DRAWS.solves / Math.max(1, ways.length * bell.device.states.length))),
  );

const middle = ({ low, high }: { low: number; high: number }): number => (low + high) / 2;

/** Nominal mains, cold winding, the middle of the temperatures. */
const ordinaryDay = ({ runs }: BellCase): Conditions => ({
  mains: 1,
  winding: 1,
  toChimeCelsius: middle(runs.toChime.yearCelsius),
  toDoorCelsius: middle(runs.toDoor.yearCelsius),
});

function estimateOf(bell: BellCase, houses: Houses): Advice['estimate'] {
  const dead = bell.present.path === 'series' && bell.chime.kind === 'electronic';
  const seen = seenFromDoor(bell, houses, asFound(bell), ordinaryDay(bell));
  return {
    openCircuitVolts: bandOf(houses.openVolts),
    seriesOhms: bandOf(houses.sourceOhms),
    doorVolts: dead
      ? null
      : Object.fromEntries(bell.device.states.map((state) => [state.name, bandOf(doorVoltsOf(seen, houses, state))])),
  };
}

/** What counts when one way is held against another; less is better in each. */
const measures = (way: Way, standing: Standing): readonly number[] => [
  effortOf(way),
  -standing.belief,
  -standing.marginVolts,
  Number(way.silent),
  Number(way.licensed),
  1 - (standing.conditionChance ?? 1),
];

/** Ways that another one beats: nowhere worse, somewhere better. */
export function dominatedOf(ways: readonly Way[], standings: readonly Standing[]): readonly boolean[] {
  const all = ways.map((way, i) => {
    const standing = standings[i];
    return standing ? measures(way, standing) : [];
  });
  return all.map((mine) =>
    all.some(
      (other) =>
        other !== mine &&
        other.every((value, k) => value <= (mine[k] ?? 0)) &&
        other.some((value, k) => value < (mine[k] ?? 0)),
    ),
  );
}

/**
 * Judges one doorbell: what the readings make of it, which contradict each other, what each way would do, which one the
 * policy takes, and which reading could still change that. Seeded: the same question has the same answer.
 */
export function advise(question: AdviceQuestion): Advice {
  const { bell, ways, policy, chimeVolts, takeable } = question;
  const houses = likelyHouses(bell, drawsFor(question));
  const held = holdWays(bell, houses, ways, question.timeDomain);
  const propose = proposer(ways, policy, chimeVolts, (way) => held[way]?.within != null);
  const at = propose((way) => held[way]?.standing.belief ?? 0);
  const standings = held.map(({ standing }) => standing);
  const dominated = dominatedOf(ways, standings);
  const next = nextReadings(bell, houses, held, propose, takeable).filter(counts);
  return {
    houses,
    estimate: estimateOf(bell, houses),
    contradictions: contradictionsOf(bell, houses),
    ways: ways.flatMap((way, i) => {
      const standing = standings[i];
      return standing ? [{ way, standing, dominated: dominated[i] ?? false }] : [];
    }),
    proposed: ways[at] ?? null,
    next,
    enough: next.length === 0,
  };
}
