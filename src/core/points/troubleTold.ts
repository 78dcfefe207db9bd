import { said, type Text } from '../said';
import { finderAt } from './climbs';
import type { Point } from './point';
import type { Trouble, TroubleAct } from './pointView';
import { complaintOf, helped, isTest } from './trouble';

/** An act of a trouble as it is told: what was done, and what it came to; empty where that is said with it. */
export interface ToldAct {
  readonly name: Text;
  readonly found: Text;
}

/** What was tested or repaired, and what it came to. */
export function actTold(point: Point, act: TroubleAct, state: string): ToldAct {
  if (!isTest(act)) {
    const { fault, fixed, part, batch, deadNew } = act.data;
    const name = said('repairTold', { fault, fixed });
    return {
      name,
      found: part || batch || deadNew ? said('partTold', { part, batch, deadNew: deadNew ?? false }) : '',
    };
  }
  const { test, word, value, untested } = act.data;
  const name = said('testName', { test, state });
  if (value !== undefined)
    return { name, found: said('testFigure', { value, of: finderAt(point).test(test)?.figure ?? null }) };
  return {
    name,
    found: word !== undefined ? said('testWord', { test, word }) : said('notTested', { why: untested ?? 'notNow' }),
  };
}

/** A trouble as the record has it. */
export interface ToldTrouble {
  readonly trouble: Trouble;
  readonly complaint: Text;
  readonly acts: readonly ToldAct[];
  /** For the customer, once it was repaired; null before. */
  readonly repaired: Text | null;
}

export const troublesTold = (point: Point): readonly ToldTrouble[] =>
  point.troubles.map((trouble) => {
    const repair = helped(trouble);
    return {
      trouble,
      complaint: complaintOf(trouble),
      acts: trouble.acts.map((act) => actTold(point, act, '')),
      repaired: repair && said('faultRepaired', { fault: repair.data.fault }),
    };
  });
