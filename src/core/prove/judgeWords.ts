import type { DeviceReport } from '../bell';
import { settingName, type ChimeSetting } from '../chime';
import { said } from '../said';
import type { RingHow } from './checks';
import type { FigureJudgement } from './judgeFigure';

const ok: FigureJudgement = { fits: true };

/** How it rang: clean is as it should be. */
export const judgeRing = (how: RingHow): FigureJudgement =>
  how === 'clean' ? ok : { fits: false, why: said('itRang', { how }) };

/** What a device is set to, beside what stands in the wall. */
export const judgeSetting = (set: ChimeSetting, wanted: ChimeSetting): FigureJudgement =>
  set === wanted
    ? ok
    : { fits: false, why: said('setOtherwise', { set: settingName(set), wanted: settingName(wanted) }) };

const REPORTS: readonly DeviceReport[] = ['weak', 'fair', 'good'];

/**
 * What a device says of its own supply.
 * @param predicted the worst that it should say; null where nothing was predicted: only weak is wrong then
 */
export function judgeReport(report: DeviceReport, predicted: DeviceReport | null): FigureJudgement {
  if (REPORTS.indexOf(report) < REPORTS.indexOf(predicted ?? 'fair'))
    return { fits: false, why: said('reportedWorse', { report, predicted: predicted ?? 'fair' }) };
  return ok;
}
