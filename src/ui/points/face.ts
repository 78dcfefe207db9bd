import type { ComponentType, LazyExoticComponent } from 'react';
import type { Rung } from '@/core/kinds';

/** What stands on the screens of a job for a kind of point. */
export interface PointFace {
  /** What stands in the middle at each rung, in code of its own. */
  readonly benches: Readonly<Record<Rung, Bench>>;
  /** What each rung is for. */
  readonly whatFor: Readonly<Record<Rung, string>>;
  /** Its verdict and the figures behind it, on the carry sheet. */
  readonly Carried: ComponentType;
  /** The same in a word, for the foot of a phone. */
  readonly FootWord: ComponentType;
}

/** A bench, and how its code is fetched before it is shown. */
export interface Bench {
  readonly Shown: LazyExoticComponent<ComponentType>;
  readonly load: () => Promise<unknown>;
}
