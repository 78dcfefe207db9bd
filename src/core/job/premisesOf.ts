import type { Premises } from '../advice';
import type { Houses, RunName } from '../bell';
import type { Catalogue } from '../catalogue';
import { supplyRoute } from '../supply';
import type { Job, Point } from './job';
import { RUN_NAMES } from './kinds/point';
import { routeOf } from './route';
import { sparePairsOf } from './survey';

/** A splice over these ohms is a corroded one; offered to be mended from this share of likely houses on. */
const BAD_SPLICE_OHMS = 0.4;
const LIKELY_SHARE = 0.2;

/** Runs in which the readings make a corroded splice likely. */
function badSplicesOf(houses: Houses): readonly RunName[] {
  const column = { toChime: houses.toChimeSpliceOhms, toDoor: houses.toDoorSpliceOhms } as const;
  return RUN_NAMES.filter(
    (run) => column[run].reduce((sum, ohms) => sum + (ohms > BAD_SPLICE_OHMS ? 1 : 0), 0) > LIKELY_SHARE * houses.count,
  );
}

/** Money for the parts of a cable route, by the metre: an engineering default. */
const COST_PER_METRE = 2;

/** What decides at a point which ways there are, beside its circuit. */
export function premisesOf(job: Job, point: Point, houses: Houses, catalogue: Catalogue): Premises {
  const { taps, pair, freeWays, foundAt, toldApart, givenUp } = point.transformer;
  const none = point.look.wasThere === 'nothing';
  const route = none ? routeOf(job, point) : null;
  const sum = route && route.from !== 'battery' ? supplyRoute(route) : null;
  return {
    spare: sparePairsOf(point),
    // Without the pair in use it is not known what another one would change
    taps: pair === undefined ? [] : (taps ?? []).filter(({ screws }) => screws !== pair),
    badSplices: badSplicesOf(houses),
    freeRailWays: freeWays ?? null,
    heatingDoubt: foundAt === 'boilerRoom' && toldApart === undefined && givenUp === undefined,
    newSupply: none
      ? { minutes: Math.round(sum?.minutes ?? 0), cost: Math.round(COST_PER_METRE * (sum?.lengthM ?? 0)) }
      : null,
    catalogue,
  };
}
