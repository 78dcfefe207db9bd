import { checksFor, type Check } from '../../prove';
import type { Doorbell } from './doorbell';

/** What is checked at a point after power-on: a new transformer has checks of its own. */
export const checksOf = ({ choice }: Doorbell): readonly Check[] => checksFor(choice?.data.transformer != null);
