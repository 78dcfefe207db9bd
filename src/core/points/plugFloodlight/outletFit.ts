import type { FixtureProfile } from '../../catalogue';
import { inWordsOf, regionPack } from '../../region';
import { lengthText } from '../../units';
import type { Sufficiency } from '../../wiring';
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
  { outlet, setting }: PlugFloodlight,
  fixture: Pick<FixtureProfile, 'plugLeadM'> | null,
): readonly Sufficiency[] {
  const { wayM, residual, cover, alwaysOn } = outlet;
  const pack = regionPack(setting.region);
  const { lengths } = setting;
  const { words } = pack;
  const long = (metres: number): string => lengthText(metres, lengths);
  const all: readonly Sufficiency[] = [
    ...(fixture && wayM === undefined
      ? [{ suffices: false, words: 'The way of its lead to the outlet was not measured.' }]
      : []),
    ...(fixture && wayM !== undefined
      ? [
          {
            suffices: leadReaches(wayM, fixture.plugLeadM) === true,
            words: `Its lead is ${long(fixture.plugLeadM)} long; the way to the outlet with a drip loop takes ${long(leadNeededM(wayM))}. No extension lead outdoors: another camera, spot or outlet.`,
          },
        ]
      : []),
    {
      suffices: residual === 'yes',
      words:
        residual === undefined
          ? 'Whether a GFCI or RCD protects the outlet was not tried.'
          : `No GFCI or RCD protects the outlet: a licensed electrician’s, at the ${words.board} or the outlet, before anything stays in it outdoors.`,
    },
    {
      suffices: cover === 'inUse',
      words:
        cover === undefined
          ? 'What covers the outlet was not looked at.'
          : 'The outlet has no cover that closes over a plug in use: fitted first, and that opens the outlet, mains work.',
    },
    {
      suffices: alwaysOn === 'yes',
      words:
        alwaysOn === undefined
          ? 'Whether a switch turns the outlet off was not tried.'
          : 'A switch turns the outlet off: the camera would go with it. Another outlet, or its feed put right first.',
    },
  ];
  return all.map((one) => ({ ...one, words: inWordsOf(pack, one.words) }));
}
