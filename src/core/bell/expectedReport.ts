import { REPORT } from './priors';
import type { DeviceReport } from './bellCase';

/**
 * What a device should say of its own supply at some volts: weak below what it wants, fair up to a tenth more, then good.
 * @param doorVolts volts at its screws  @param doorFullVolts what it wants there
 */
export function expectedReport(doorVolts: number, doorFullVolts: number): DeviceReport {
  if (doorVolts < doorFullVolts) return 'weak';
  return doorVolts <= doorFullVolts * REPORT.fairUpTo ? 'fair' : 'good';
}
