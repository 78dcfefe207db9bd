import { checksFor, type Check } from '../prove';
import type { Point } from './job';

/** What is checked at a point after power-on: a new transformer has checks of its own. */
export const checksOf = ({ choice }: Point): readonly Check[] => checksFor(choice?.data.transformer != null);
