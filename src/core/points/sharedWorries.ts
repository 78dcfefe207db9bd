import { said } from '../said';
import { GATE_WORDS } from '../isolation';
import { missingFromCustomer } from '../job/before';
import type { Job } from '../job/job';
import type { Rung } from '../kinds/rungs';
import { jointById, leadById, type Finding } from '../wiring';
import { builtOf, standingMoves } from './asBuilt';
import type { Worry } from './climb';
import { sameFinding } from '../wiring';
import { findingsOf } from './findings';
import { pointSteps } from './planOf';
import type { Point } from './point';
import { fedNames, toCompareAt, unnamedFeed } from './supplyOf';
import { complaintOf, openTrouble } from './trouble';
import { wifiOf } from './wifi';

/** From this many on they are told in one line. */
const MANY = 3;

export function customerWorries(job: Job): readonly Worry[] {
  const missing = missingFromCustomer(job);
  if (missing.length < MANY)
    return missing.map(({ id, words }) => ({
      id,
      rung: 'look',
      words: said('sentence', { words }),
      whose: 'customer',
    }));
  const known = missing.filter(({ state }) => state === 'missing');
  const first = known.map(({ words }) => words);
  return [
    {
      id: 'customer',
      rung: 'look',
      words: said('thingsOpenCustomer', { missingCount: missing.length, first }),
      whose: 'customer',
    },
  ];
}

export function wifiWorries(job: Job, point: Point): readonly Worry[] {
  const wifi = wifiOf(job, point);
  if (wifi?.word !== 'extender') return [];
  return [{ id: 'wifi', rung: 'look', words: said('wiFiPlan', { reason: wifi.reason }) }];
}

/** A second feed that was seen while only one circuit is named. */
export function feedWorries(job: Job, point: Point): readonly Worry[] {
  const unnamed = unnamedFeed(job, point);
  return unnamed
    ? [{ id: `feed-${unnamed}`, rung: 'isolate', words: said('sentence', { words: GATE_WORDS[unnamed] }) }]
    : [];
}

/** What does not work, until it does again or is let be. */
export function troubleWorries(point: Point): readonly Worry[] {
  const trouble = openTrouble(point);
  return trouble
    ? [
        {
          id: `trouble-${trouble.data.troubleId}`,
          rung: 'prove',
          area: 'fault',
          words: said('faultLookedFor', { complaint: complaintOf(trouble) }),
        },
      ]
    : [];
}

export const ruleWorry =
  (rung: Rung) =>
  ({ rule, words, leads }: Finding): Worry => ({ id: `rule-${rule}-${leads.join('+')}`, rung, words });

/** What is open of the work itself: where it differs from the plan, and what was done without a proof. */
export function workWorries(job: Job, point: Point): readonly Worry[] {
  const { built, byDeviation } = findingsOf(job, point);
  const asBuilt = [...built, ...byDeviation.filter((one) => !built.some((other) => sameFinding(other, one)))];
  const found: Worry[] = [
    ...asBuilt.filter(({ severity }) => severity !== 'remark').map(ruleWorry('wire')),
    ...standingMoves(point).map(({ entryId, lead, to }): Worry => {
      const wiring = builtOf(point);
      const where = to === null ? 'loose' : said('at', { jointById: jointById(wiring, to)?.name ?? to });
      return {
        id: `moved-${entryId}`,
        rung: 'wire',
        words: said('asBuiltIs', { leadById: leadById(wiring, lead)?.name ?? lead, where }),
      };
    }),
  ];
  const compare = toCompareAt(job, point);
  if (compare) {
    const [one, other] = compare;
    found.push({
      id: `compare-${one.id}-${other.id}`,
      rung: 'isolate',
      words: said('hereMayOne', { way: one.way ?? '', way2: other.way ?? '', fedNames: fedNames(job, other) }),
    });
  }
  for (const step of pointSteps(point)) {
    const tick = point.ticks[step.id];
    if (!tick) continue;
    if (!tick.proofStood && tick.how !== 'bySomebodyElse')
      found.push({ id: `unproved-${step.id}`, rung: 'wire', words: said('doneWithoutProof', { step: step.words }) });
    if (tick.differs)
      found.push({ id: `differs-${step.id}`, rung: 'wire', words: said('builtDiffers', { differs: tick.differs }) });
  }
  return found;
}
