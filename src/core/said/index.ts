export {
  distinct,
  isSaid,
  said,
  saidKey,
  type Figure,
  type None,
  type Said,
  type SaidCode,
  type Sayings,
  type Text,
} from './said';
export type { SharedSayings } from './sayings';
