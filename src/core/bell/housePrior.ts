import { regulationSpread, type SheetVolts } from '../circuit';
import { Z95, between, clip, drawFrom, normalAt, normalShare, triangular, widths, type Widths } from '../random';
import { instrumentsOf, type BellCase, type Instrument, type RunCase } from './bellCase';
import type { Houses } from './houses';
import {
  COIL_FACTOR,
  COIL_RATIO_FACTOR,
  LENGTH,
  NOT_AS_NAMEPLATE,
  OTHER_SECONDARY_SHARE,
  SPLICE,
  WARM_WINDING,
} from './priors';
import type { RunName } from './bellCase';

/** The unknowns of a house that a reading may tell of, each a standard normal number: their order in a draw. */
const UNKNOWN = {
  nameplate: 0,
  nameplateHow: 1,
  regulation: 2,
  va: 3,
  volts: 4,
  lengthChime: 5,
  lengthDoor: 6,
  farOffChime: 7,
  farOffDoor: 8,
  spliceChime: 9,
  spliceDoor: 10,
  gauge: 11,
  coil: 12,
  coilRatio: 13,
  watts: 14,
  mains: 15,
  winding: 16,
  dayChime: 17,
  dayDoor: 18,
} as const;
const FIRST_GAIN = Object.keys(UNKNOWN).length;

const pick = (list: readonly number[], share: number): number =>
  list[Math.min(list.length - 1, Math.floor(share * list.length))] ?? 0;

const regulationWidths = new Map<number, Widths>();
/** Widths of the regulation by VA, worked out once for each size. */
function regulationOf(va: number): Widths {
  const spread = regulationSpread(va);
  const known = regulationWidths.get(spread[1]);
  if (known) return known;
  const made = widths(spread);
  regulationWidths.set(spread[1], made);
  return made;
}

/** Regulation of a transformer of a size. @param z deviation from the likely one, in σ */
export const regulationAt = (va: number, z: number): number => drawFrom(regulationOf(va), z);

/**
 * Source of a transformer that is as its nameplate says: open volts at nominal mains, ohms of a cold winding.
 * @param z deviation of its regulation from the likely one, in σ
 */
export function sourceFromNameplate(
  volts: number,
  va: number,
  z: number,
): { readonly openVolts: number; readonly ohms: number } {
  const regulation = regulationAt(va, z);
  return { openVolts: volts * (1 + regulation), ohms: (regulation * volts * volts) / va };
}

/** A transformer to be fitted: what its nameplate will say, and its open volts at nominal mains where its sheet has them. */
export interface RatedTransformer {
  readonly id: string;
  readonly ratedVolts: number;
  readonly ratedVa: number;
  readonly openVolts?: SheetVolts | undefined;
}

/** Source of a new transformer: open volts at nominal mains, ohms of a cold winding. */
interface NewSource {
  readonly openVolts: number;
  readonly ohms: number;
}

/** Sources of a new transformer by the deviation of its regulation, in σ: by its sheet, else by its nameplate. */
export function newSourceOf({ ratedVolts, ratedVa, openVolts }: RatedTransformer): (z: number) => NewSource {
  if (openVolts === undefined) return (z) => sourceFromNameplate(ratedVolts, ratedVa, z);
  const sheet = widths([openVolts.low, openVolts.likely, openVolts.high]);
  return (z) => {
    const open = drawFrom(sheet, z);
    // A sheet whose volts begin at the nameplate’s is of a stiff winding, not of one that gives more than it takes
    return { openVolts: open, ohms: (Math.max(0, open - ratedVolts) * ratedVolts) / ratedVa };
  };
}

/** Steps of an evenly spread sequence in two dimensions (Kronecker sequence of the plastic number). */
const EVEN_STEPS = { regulation: 0.7548776662466927, mains: 0.5698402909980532 } as const;
/** A share of what belongs to no reading, between 0 and 1. */
const evenShare = (i: number, step: number): number => ((i + 0.5) * step) % 1 || 0.5;

/** Turns draws of standard normal numbers into possible houses, by the priors of domain/power. */
export interface HousePrior {
  readonly instruments: readonly Instrument[];
  /** Numbers in a draw. */
  readonly unknowns: number;
  /** Writes the house that a draw makes into a place of a table; `at` is where the draw begins in `z`. */
  readonly write: (z: Float64Array, at: number, into: Houses, i: number) => void;
  /** Writes what no reading tells of: the regulation of a new transformer, and the mains of a later day. */
  readonly writeLater: (into: Houses) => void;
}

export function housePrior(bell: BellCase): HousePrior {
  const { source, chime, runs, mains } = bell;
  const instruments = instrumentsOf(bell.evidence);
  const vaGuess = widths(source.guess.va);
  const gauges = {
    toChime: runs.toChime.gaugeMm2 && widths(runs.toChime.gaugeMm2),
    toDoor: runs.toDoor.gaugeMm2 && widths(runs.toDoor.gaugeMm2),
  };
  const coilFactor = widths(COIL_FACTOR);
  const coilRatioFactor = widths(COIL_RATIO_FACTOR);
  const { tired, otherVa, otherVolts, higherRegulation } = NOT_AS_NAMEPLATE;
  const odds = tired.share + otherVa.share + otherVolts.share + higherRegulation.share;
  const share = (z: Float64Array, at: number): number => normalShare(z[at] ?? 0);

  function writeSource(z: Float64Array, at: number, into: Houses, i: number): void {
    let volts = source.ratedVolts;
    if (volts === null) {
      const one = share(z, at + UNKNOWN.volts);
      const others = source.guess.otherVolts.length * OTHER_SECONDARY_SHARE;
      volts = one < 1 - others ? source.guess.volts : pick(source.guess.otherVolts, (one - 1 + others) / others);
    }
    let va = source.ratedVa ?? drawFrom(vaGuess, z[at + UNKNOWN.va] ?? 0);
    let odd = share(z, at + UNKNOWN.nameplate);
    let openFactor = 1;
    let ohmsFactor = 1;
    let regulationFactor = 1;
    if (odd <= odds) {
      const how = share(z, at + UNKNOWN.nameplateHow);
      if (odd < tired.share) {
        openFactor = between(1, tired.openVoltsDownTo, odd / tired.share);
        ohmsFactor = between(1, tired.ohmsUpTo, how);
      } else if ((odd -= tired.share) < otherVa.share) va = pick(otherVa.va, how);
      else if ((odd -= otherVa.share) < otherVolts.share) volts = pick(otherVolts.volts, how);
      else regulationFactor = between(higherRegulation.factor[0], higherRegulation.factor[1], how);
    }
    const regulation = regulationFactor * regulationAt(va, z[at + UNKNOWN.regulation] ?? 0);
    into.openVolts[i] = openFactor * volts * (1 + regulation);
    into.sourceOhms[i] = (ohmsFactor * regulation * volts * volts) / va;
  }

  function runOhms(run: RunName, { lengthM, halfM, ohmsPerMetre }: RunCase, z: Float64Array, at: number): number {
    const chimeSide = run === 'toChime';
    const farOff = share(z, at + (chimeSide ? UNKNOWN.farOffChime : UNKNOWN.farOffDoor));
    const [least, most] = LENGTH.farOffFactor;
    const length =
      farOff < LENGTH.farOffShare
        ? lengthM * least * (most / least) ** (farOff / LENGTH.farOffShare)
        : lengthM + (halfM * clip(z[at + (chimeSide ? UNKNOWN.lengthChime : UNKNOWN.lengthDoor)] ?? 0)) / Z95;
    const gauge = gauges[run];
    const mm2 = gauge ? drawFrom(gauge, z[at + UNKNOWN.gauge] ?? 0) : 1;
    return (Math.max(0, length) * ohmsPerMetre) / mm2;
  }

  const { badShare, badOhms, goodUpToOhms } = SPLICE;
  /** A run that is not there hides no splice. */
  const isThere = ({ lengthM, halfM }: RunCase): boolean => lengthM + halfM > 0;
  function spliceOhms(one: number): number {
    if (one > 1 - badShare) return badOhms[0] * (badOhms[1] / badOhms[0]) ** ((one - 1 + badShare) / badShare);
    return (goodUpToOhms * one) / (1 - badShare);
  }

  return {
    instruments,
    unknowns: FIRST_GAIN + instruments.length,
    write: (z, at, into, i) => {
      writeSource(z, at, into, i);
      into.toChimeOhms[i] = runOhms('toChime', runs.toChime, z, at);
      into.toDoorOhms[i] = runOhms('toDoor', runs.toDoor, z, at);
      into.toChimeSpliceOhms[i] = isThere(runs.toChime) ? spliceOhms(share(z, at + UNKNOWN.spliceChime)) : 0;
      into.toDoorSpliceOhms[i] = isThere(runs.toDoor) ? spliceOhms(share(z, at + UNKNOWN.spliceDoor)) : 0;
      const coil = chime.likelyOhms * drawFrom(coilFactor, z[at + UNKNOWN.coil] ?? 0);
      into.coilOhms[i] = coil;
      into.coilReactanceOhms[i] =
        chime.likelyRatio === 0
          ? 0
          : coil * chime.likelyRatio * drawFrom(coilRatioFactor, z[at + UNKNOWN.coilRatio] ?? 0);
      into.watts[i] = 1 + ((bell.device.wattsPercent / 100) * clip(z[at + UNKNOWN.watts] ?? 0)) / Z95;
      into.mains[i] = 1 + triangular(mains.lowPercent, mains.highPercent, share(z, at + UNKNOWN.mains)) / 100;
      into.winding[i] = between(1, WARM_WINDING, share(z, at + UNKNOWN.winding));
      const { toChime, toDoor } = runs;
      into.toChimeCelsius[i] = between(
        toChime.dayCelsius.low,
        toChime.dayCelsius.high,
        share(z, at + UNKNOWN.dayChime),
      );
      into.toDoorCelsius[i] = between(toDoor.dayCelsius.low, toDoor.dayCelsius.high, share(z, at + UNKNOWN.dayDoor));
      for (let g = 0; g < instruments.length; g++) {
        const column = into.gains[g];
        const percent = instruments[g]?.percent ?? 0;
        if (column) column[i] = 1 + (percent / 100) * (2 * share(z, at + FIRST_GAIN + g) - 1);
      }
    },
    writeLater: (into) => {
      for (let i = 0; i < into.count; i++) {
        into.newRegulation[i] = normalAt(evenShare(i, EVEN_STEPS.regulation));
        into.mainsLater[i] = 1 + triangular(mains.lowPercent, mains.highPercent, evenShare(i, EVEN_STEPS.mains)) / 100;
      }
    },
  };
}
