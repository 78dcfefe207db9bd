import { said, type Text } from '../said';
import type { Check } from './checks';

/** Volts that were predicted for a reading, 5 to 95 %. */
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
 * Holds the figure of a check against its limit, or volts against what the device takes and against their predicted band.
 * Volts that were predicted too low for the device fail all the same.
 * @param band predicted volts; null where nothing could be predicted
 */
export function judgeFigure(
  check: Check,
  figure: number,
  band: PredictedBand | null,
  door: DoorLimits,
): FigureJudgement {
  if (check.answer.kind === 'seconds')
    return figure <= check.answer.most ? ok : off(said('sLongerS', { figure, most: check.answer.most }));
  if (check.answer.kind !== 'volts') return ok;
  const volts = figure.toFixed(1);
  if (figure < door.doorMinVolts) return off(said('vDeviceDrops', { volts, doorMinVolts: door.doorMinVolts }));
  if (figure > door.doorMaxVolts) return off(said('vDeviceTakes', { volts, doorMaxVolts: door.doorMaxVolts }));
  if (!band || (figure >= band.low && figure <= band.high)) return ok;
  const side = figure < band.low ? 'under' : 'over';
  return off(said('vPredictedV', { volts, side, low: band.low, high: band.high }));
}
