import { saidKey } from '../../said';
import type { Wiring } from '../wiring';
import { alwaysOn } from './alwaysOn';
import { aluminium } from './aluminium';
import { bellLoopOpen, bellLoopShorted } from './bellLoop';
import { boxRoom } from './boxRoom';
import { circuitRoom } from './circuitRoom';
import { colourLies } from './colourLies';
import { conductorAmps } from './conductorAmps';
import { hotsApart } from './hotsApart';
import { liveBare } from './liveBare';
import { voltsFit } from './voltsFit';
import { groundOfOther } from './groundOfOther';
import { conductorState } from './conductorState';
import { aluminiumPasses } from './aluminiumPasses';
import { outletProtection } from './outletProtection';
import { oneDevice } from './oneDevice';
import { bears } from './bears';
import { wetRated } from './wetRated';
import { cureFits } from './cureFits';
import { poseFits } from './poseFits';
import { neutralRead } from './neutralRead';
import { notChecked } from './notChecked';
import { connectorRange } from './connectorRange';
import { deviceAcross } from './deviceAcross';
import { fed } from './fed';
import { graphOf } from './graph';
import { groundInterrupted } from './groundInterrupted';
import { groundWhole } from './groundWhole';
import { leftBare } from './leftBare';
import { loneSplice } from './loneSplice';
import { looseLead } from './looseLead';
import { mixedFunctions } from './mixedFunctions';
import { moduleAcross } from './moduleAcross';
import { neutralSwitched } from './neutralSwitched';
import { outletFit } from './outletFit';
import { ratedForMains } from './ratedForMains';
import type { Finding, Rule, RuleContext, Severity } from './rule';
import { sameNeutral } from './sameNeutral';
import { shorted } from './shorted';
import { transformersParallel } from './transformersParallel';
import { twoCircuits } from './twoCircuits';
import { unknownFunction } from './unknownFunction';

/** Every rule, mains first. A further one is a file and a line here. */
export const RULES: readonly Rule[] = [
  mixedFunctions,
  shorted,
  unknownFunction,
  aluminium,
  fed,
  sameNeutral,
  neutralSwitched,
  groundWhole,
  groundInterrupted,
  alwaysOn,
  twoCircuits,
  looseLead,
  leftBare,
  loneSplice,
  colourLies,
  connectorRange,
  boxRoom,
  circuitRoom,
  ratedForMains,
  outletFit,
  conductorAmps,
  hotsApart,
  neutralRead,
  liveBare,
  voltsFit,
  groundOfOther,
  conductorState,
  aluminiumPasses,
  oneDevice,
  outletProtection,
  bears,
  wetRated,
  cureFits,
  poseFits,
  notChecked,
  moduleAcross,
  deviceAcross,
  bellLoopOpen,
  bellLoopShorted,
  transformersParallel,
];

const ORDER: Readonly<Record<Severity, number>> = { stop: 0, open: 1, worry: 2, remark: 3 };

/** Runs every rule over a wiring: stops first, then what is open, else in the order of the rules. */
export function checkWiring(wiring: Wiring, context: RuleContext): readonly Finding[] {
  const graph = graphOf(wiring);
  return RULES.flatMap(({ id, severity, check }) =>
    check(graph, context).map((found) => ({ severity, ...found, rule: id })),
  ).sort((a, b) => ORDER[a.severity] - ORDER[b.severity]);
}

/** Whether two findings say the same. */
export const sameFinding = (a: Finding, b: Finding): boolean =>
  a.rule === b.rule && saidKey(a.words) === saidKey(b.words);

/** What a later wiring has against an earlier one: findings that are gone, stay, or are new. */
export interface FindingsCompared {
  readonly cured: readonly Finding[];
  readonly left: readonly Finding[];
  readonly fresh: readonly Finding[];
}

/** Holds findings of a wiring against those of another: as found beside as planned, as planned beside as built. */
export const compareFindings = (before: readonly Finding[], after: readonly Finding[]): FindingsCompared => ({
  // Said of fewer or other leads it still stands
  cured: before.filter(({ rule }) => !after.some((other) => other.rule === rule)),
  left: after.filter((one) => before.some((other) => sameFinding(one, other))),
  fresh: after.filter((one) => !before.some((other) => sameFinding(one, other))),
});
