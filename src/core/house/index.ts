export { wayId, wayNumber, type Board, type Way } from './boards';
export { mayBeOneWay } from './breakers';
export type { Circuit, SeenHint } from './circuits';
export { branchesOf, type HouseBranch, type HouseCable, type HouseGraph, type HouseNode } from './houseGraph';
export {
  HANGS_ON,
  type Box,
  type Chime,
  type Hangs,
  type House,
  type ListedCable,
  type Supply,
  type TakenTest,
} from './things';
