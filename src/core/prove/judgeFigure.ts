import { said, type Text } from '../said';
import type { Check } from './checks';

/** What was predicted for a reading: volts, 5 to 95 %, or metres. */
export interface PredictedBand {
  readonly low: number;
  readonly high: number;
}

export type FigureJudgement = { readonly fits: true } | { readonly fits: false; readonly why: Text };

/** What a device takes at its screws. */
export interface DoorLimits {
  readonly doorMinVolts: number;
  readonly doorMaxVolts: number;
}

const ok: FigureJudgement = { fits: true };
const off = (why: Text): FigureJudgement => ({ fits: false, why });

/**
 * Holds the figure of a check against its limit or its predicted band, or volts against what the device takes too.
 * Volts that were predicted too low for the device fail all the same.
 * @param band predicted; null where nothing could be predicted
 */
export function judgeFigure(
  check: Check,
  figure: number,
  band: PredictedBand | null,
  door: DoorLimits | null,
): FigureJudgement {
  if (check.answer.kind === 'ring')
    return figure <= check.answer.most ? ok : off(said('sLongerS', { figure, most: check.answer.most }));
  if (check.answer.kind === 'metres') {
    if (!band || (figure >= band.low && figure <= band.high)) return ok;
    return off(said('sensorFiredAt', { metres: figure, low: band.low, high: band.high }));
  }
  if (check.answer.kind !== 'volts') return ok;
  const volts = figure.toFixed(1);
  if (door && figure < door.doorMinVolts) return off(said('vDeviceDrops', { volts, doorMinVolts: door.doorMinVolts }));
  if (door && figure > door.doorMaxVolts) return off(said('vDeviceTakes', { volts, doorMaxVolts: door.doorMaxVolts }));
  if (!band || (figure >= band.low && figure <= band.high)) return ok;
  const side = figure < band.low ? 'under' : 'over';
  return off(said('vPredictedV', { volts, side, low: band.low, high: band.high }));
}

/** What a new transformer is held against while nothing hangs on it. */
export interface OpenLimits {
  readonly ratedVolts: number;
  /** At nominal mains; either end may be open. Null: whatever it reads will do. */
  readonly condition: { readonly mostVolts: number | null; readonly leastVolts: number | null } | null;
  /** Over the mains of the moment where they were read, else over their whole swing. */
  readonly band: PredictedBand;
  /** Mains at the least and at the most they may stand at now, over nominal. */
  readonly mains: { readonly low: number; readonly high: number };
}

/**
 * Holds the open volts of a new transformer against its label, its condition and what its sheet says.
 * @returns `open` where the mains that were not read decide
 */
export function judgeOpenVolts(
  figure: number,
  { ratedVolts, condition, band, mains }: OpenLimits,
): FigureJudgement | { readonly fits: 'open'; readonly why: Text } {
  const { mostVolts, leastVolts } = condition ?? { mostVolts: null, leastVolts: null };
  // Brought to nominal mains, at either end of what they may be
  const least = figure / mains.high;
  const most = figure / mains.low;
  if (most <= ratedVolts) return off(said('openUnderLabel', { figure, ratedVolts }));
  const isOver = (volts: number): boolean => mostVolts !== null && volts > mostVolts;
  const isUnder = (volts: number): boolean => leastVolts !== null && volts < leastVolts;
  if (isOver(least) || isUnder(most))
    return off(said('openOffCondition', { figure, range: said('openRange', { mostVolts, leastVolts }) }));
  if (isOver(most) || isUnder(least)) return { fits: 'open', why: said('readMainsBeside') };
  if (figure >= band.low && figure <= band.high) return ok;
  const side = figure < band.low ? 'under' : 'over';
  return off(said('vPredictedV', { volts: figure.toFixed(1), side, low: band.low, high: band.high }));
}
