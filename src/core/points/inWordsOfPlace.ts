import { inWordsOf, type RegionPack } from '../region';
import type { WiringPlan } from '../wiring';

/** The steps of a plan in the words of the place. */
export const inWordsOfPlace = (plan: WiringPlan, pack: RegionPack): WiringPlan => ({
  ...plan,
  steps: plan.steps.map((step) => ({
    ...step,
    words: inWordsOf(pack, step.words),
    how: inWordsOf(pack, step.how),
  })),
});
