export {
  EXPLANATIONS,
  type AfterRepair,
  type AnswerAhead,
  type Explanation,
  type Finding,
  type Likely,
} from './finding';
export { findFault, likelyFaults, type FinderCase, type RepairableModel } from './findFault';
