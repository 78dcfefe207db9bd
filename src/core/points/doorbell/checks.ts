import { doorbellChecks, type Check } from '../../prove';
import type { Doorbell } from './doorbell';

/** The checks that this door needs, in their order. */
export const checksAtDoor = ({ choice }: Doorbell): readonly Check[] =>
  doorbellChecks(choice?.data.transformer != null);
