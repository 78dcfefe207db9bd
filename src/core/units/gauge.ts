import { isAwg } from '../circuit';
import { NUMBER, numberValue, tidy } from './number';
import { parsed, refused, type Parsed } from './parsed';

/** Size of one conductor, in the system it was read in. */
export type Gauge = { readonly awg: number } | { readonly mm2: number };

/** Cross-sections that bell and data cable come in, mm². */
const MM2 = { least: 0.05, most: 35 } as const;

const AWG = new RegExp(`^(?:awg |#)?(${NUMBER}) ?(?:awg|ga|gauge)?$`);
const AREA = new RegExp(`^(${NUMBER}) ?(?:mm2|mm²|mm\\^2|sqmm|sq mm|square mm)$`);

/**
 * Reads a conductor's size: `20`, `20 AWG`, `#22`, `0.75 mm2`.
 * @param bare what a bare number means at this site
 */
export function parseGauge(typed: string, bare: 'awg' | 'mm2'): Parsed<Gauge> {
  const text = tidy(typed);
  if (text === '') return refused({ code: 'empty' });
  const area = AREA.exec(text);
  const plain = /^[\d./ ]+$/.test(text);
  if (area?.[1] ?? (plain && bare === 'mm2')) {
    const mm2 = numberValue(area?.[1] ?? text);
    return mm2 >= MM2.least && mm2 <= MM2.most ? parsed({ mm2 }) : refused({ code: 'noSuchGauge', typed });
  }
  const gauge = AWG.exec(text);
  if (!gauge?.[1]) return refused({ code: 'notANumber', typed });
  const awg = numberValue(gauge[1]);
  return isAwg(awg) && awg <= 30 ? parsed({ awg }) : refused({ code: 'noSuchGauge', typed });
}

export const gaugeText = (gauge: Gauge): string => ('awg' in gauge ? `${gauge.awg} AWG` : `${gauge.mm2} mm²`);
