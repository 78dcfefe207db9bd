import type { TroubleCase } from '../faults';
import type { BenchKind } from './benchKind';
import { doorBench } from './door/doorBench';
import { fixtureBench } from './fixture/fixtureBench';

/** What the house of a case gives the bench. */
export const benchKindOf = (asked: TroubleCase): BenchKind =>
  asked.of === 'door' ? doorBench(asked) : fixtureBench(asked);
