import type { Choosing, Premises } from '@/core/advice';
import type { BellSurvey } from '@/core/bell';
import type { ModulePolicy, SupplyPolicy } from '@/core/policy';

/** What the worker of Choose is asked. */
export interface ChoosingQuestion {
  readonly survey: BellSurvey;
  readonly premises: Premises;
  readonly policy: SupplyPolicy;
  readonly module: ModulePolicy;
}

/** What it tells, in this order: the first rows, how far it is, the whole. */
export type ChoosingTold =
  | { readonly kind: 'first'; readonly choosing: Choosing }
  | { readonly kind: 'progress'; readonly done: number; readonly of: number }
  | { readonly kind: 'full'; readonly choosing: Choosing };
