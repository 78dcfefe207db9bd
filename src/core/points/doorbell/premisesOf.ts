import { said } from '../../said';
import type { Premises } from '../../advice';
import type { Houses, RunName } from '../../bell';
import { transformersIn, type Catalogue } from '../../catalogue';
import { supplyRoute, type SupplyFrom } from '../../supply';
import type { TransformerFit } from '../../wiring';
import type { Job } from '../../job/job';
import { regionOf } from '../../job/region';
import type { Doorbell, Feed } from './doorbell';
import { RUN_NAMES } from '../../kinds/chime';
import { routeOf } from './route';
import { isCableLeft, sparePairsOf } from './survey';

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

/** What fits where a new supply comes from: what was said at Look is the supply. */
const FITS_FROM: Readonly<Record<SupplyFrom, readonly TransformerFit[]>> = {
  board: ['dinRail', 'onBox'],
  spur: ['dinRail', 'onBox'],
  lighting: ['onBox', 'dinRail'],
  adapter: ['plugIn'],
  battery: [],
};

/** What was chosen at another door of the supply; null where this door’s own choice has the steps of it, or none is made. */
function decidedFeed(job: Job, point: Doorbell, catalogue: Catalogue): Premises['decided'] {
  if (!point.feed || point.feed.pointId === point.id) return null;
  const { pointId, transformer, tap } = point.feed;
  const at = job.points.find(({ id }) => id === pointId)?.name ?? said('anotherDoor');
  if (!transformer) return { at, transformer: null, tap: tap ?? null };
  const item = transformersIn(catalogue, regionOf(job).id).find(({ id }) => id === transformer.id);
  // Its minutes and money are counted where it is put in
  return {
    at,
    transformer: item ? { ...item, ...transformerValues(transformer), minutes: 0, cost: 0 } : null,
    tap: null,
  };
}

const transformerValues = ({
  id,
  name,
  ratedVolts,
  ratedVa,
  openVolts,
  mainsWork,
}: NonNullable<Feed['transformer']>) => ({
  id,
  name,
  ratedVolts,
  ratedVa,
  ...(openVolts ? { openVolts } : {}),
  mainsWork,
});

/** The catalogue without what can’t be bought now. */
function toBeHad({ look: { cantHave } }: Doorbell, catalogue: Catalogue): Catalogue {
  if (!cantHave || cantHave.length === 0) return catalogue;
  const gone = new Set(cantHave.map(({ id }) => id));
  return { ...catalogue, transformer: catalogue.transformer.filter(({ values }) => !gone.has(String(values.id))) };
}

/** The transformer of the way that was taken, where it turned out that it can’t be bought; its name. */
export const notToBeHad = ({ choice, look: { cantHave } }: Doorbell): string | null => {
  const taken = choice?.data.transformer;
  return taken && cantHave?.some(({ id }) => id === taken.id) ? taken.name : null;
};

/** What decides at a point which ways there are, beside its circuit. */
export function premisesOf(job: Job, point: Doorbell, houses: Houses, catalogue: Catalogue): Premises {
  const { taps, pair, freeWays, foundAt, toldApart, givenUp, outletNear, plugged } = point.transformer;
  const none = point.toBeMade;
  const route = none ? routeOf(job, point) : null;
  const sum = route && route.from !== 'battery' ? supplyRoute(route) : null;
  return {
    spare: sparePairsOf(point),
    // Without the pair in use it is not known what another one would change
    taps: pair === undefined ? [] : (taps ?? []).filter(({ screws }) => screws !== pair),
    badSplices: badSplicesOf(houses),
    freeRailWays: freeWays ?? null,
    cableLeft: isCableLeft(point),
    heatingDoubt: foundAt === 'boilerRoom' && toldApart === undefined && givenUp === undefined,
    newSupply: none
      ? {
          minutes: Math.round(sum?.minutes ?? 0),
          cost: Math.round(COST_PER_METRE * (sum?.lengthM ?? 0)),
          fits: route ? FITS_FROM[route.from] : [],
        }
      : null,
    // What plugs in now has its outlet
    outletNear:
      plugged === 'yes' || point.supply.from === 'adapter'
        ? true
        : outletNear === undefined
          ? null
          : outletNear === 'yes',
    decided: decidedFeed(job, point, catalogue),
    catalogue: toBeHad(point, catalogue),
  };
}
