import { diagnoseBy, type Diagnosis, type Done, type FaultAsked, type Trouble } from '../diagnosis';
import { HouseStock } from './houseStock';
import type { BellFaultKind, BellTest, BellTestKind, DoorTest, DoorTrouble, TroubledBell } from './troubledBell';

export type BellFault = FaultAsked<BellFaultKind>;
export type BellDone = Done<BellFaultKind, BellTestKind>;
export type BellDiagnosis = Diagnosis<DoorTrouble, DoorTest['kind']>;

/** A bell in trouble, what it may be, what can be tested, and what was done. */
export interface BellTrouble extends Trouble<BellFaultKind, BellTest> {
  readonly bell: TroubledBell;
}

/**
 * Which fault a wired doorbell has after what was found, what each test would show, and what to do next.
 * @param stock houses of the same bell, for who asks about it again and again
 * @returns null where no fault explains what was done
 */
export const diagnose = (trouble: BellTrouble, stock = new HouseStock(trouble.bell)): BellDiagnosis | null =>
  diagnoseBy<Parameters<HouseStock['lasting']>[0], DoorTrouble, DoorTest>(stock, trouble);
