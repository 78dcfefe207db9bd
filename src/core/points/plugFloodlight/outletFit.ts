import { said } from '../../said';
import type { FixtureProfile } from '../../catalogue';
import type { Sufficiency } from '../../wiring';
import type { Point } from '../point';
import type { PlugFloodlight } from './plugFloodlight';

/** What a lead takes beyond its way: the loop under the outlet that water drips from, and the plug itself, m. Engineering default. */
const DRIP_LOOP_M = 0.3;

/** How long a lead has to be for a way, m. */
export const leadNeededM = (wayM: number): number => wayM + DRIP_LOOP_M;

/** Whether a lead reaches the outlet with its drip loop; null where the way was not measured. */
export const leadReaches = (wayM: number | undefined, plugLeadM: number): boolean | null =>
  wayM === undefined ? null : plugLeadM >= leadNeededM(wayM);

/** What is asked of the outlet, each with whether it suffices; what nobody said does not. @param fixture null before one is taken */
export function outletFit(
  { outlet }: PlugFloodlight,
  fixture: Pick<FixtureProfile, 'plugLeadM'> | null,
): readonly Sufficiency[] {
  const { wayM, residual, cover, alwaysOn } = outlet;
  const all: readonly Sufficiency[] = [
    ...(fixture && wayM === undefined ? [{ suffices: false, words: said('wayLeadOutlet') }] : []),
    ...(fixture && wayM !== undefined
      ? [
          {
            suffices: leadReaches(wayM, fixture.plugLeadM) === true,
            words: said('leadLongWay', { leadM: fixture.plugLeadM, neededM: leadNeededM(wayM) }),
          },
        ]
      : []),
    {
      suffices: residual === 'yes',
      words: residual === undefined ? said('whetherGfciRcd') : said('noGfciRcd'),
    },
    {
      suffices: cover === 'inUse',
      words: cover === undefined ? said('coversOutletNot') : said('outletNoCover'),
    },
    {
      suffices: alwaysOn === 'yes',
      words: alwaysOn === undefined ? said('whetherSwitchTurns') : said('switchTurnsOutlet'),
    },
  ];
  return all;
}

/** How much of a lead is left over beyond its way; null where the point has none, or its way was not measured. */
export function leadLeftM(point: Point): number | null {
  if (point.kind !== 'plugFloodlight' || !point.fixture || point.outlet.wayM === undefined) return null;
  return Math.max(0, (point.fixture.data.fixture.plugLeadM ?? 0) - leadNeededM(point.outlet.wayM));
}
