import { screwFor, WALL_FIXINGS, type Wall } from '../../mount';
import { regionPack } from '../../region';
import { lowerFirst, lengthText, type LengthSystem } from '../../units';
import { EMPTY_WIRING, lookTask, planWiring, type Task, type WiringPlan } from '../../wiring';
import { inWordsOfPlace } from '../inWordsOfPlace';
import type { PlugFixtureChoice, PlugFloodlight } from './plugFloodlight';

/** Clips of a lead on a wall, m apart. Engineering default. */
const CLIP_EVERY_M = 0.3;

/** Clips that the lead’s way takes. */
export const clipsFor = (wayM: number): number => Math.max(2, Math.ceil(wayM / CLIP_EVERY_M - 1e-9));

/** Screws of the plate in words: it lies flat, no wedge under it. */
export function plateScrew(wall: Wall, lengths: LengthSystem): string {
  const { stockM } = screwFor(wall, { height: 0, width: 0 }, 0, 0, lengths);
  return stockM === null ? 'longer than stocked' : lengthText(stockM, lengths, 'small');
}

/** Everything from the van to the plug: no conductor is bared, so no proof is asked for; the plug goes in last. */
export function plugPlan({ look, outlet, setting }: PlugFloodlight, { data }: PlugFixtureChoice): WiringPlan {
  const pack = regionPack(setting.region);
  const { lengths } = setting;
  const { fixture } = data;
  const fixing = look.wall ? WALL_FIXINGS[look.wall] : null;
  const screw = look.wall ? plateScrew(look.wall, lengths) : '';
  const held = fixing
    ? `Bit: ${fixing.bit}; ${fixing.anchorM > 0 ? `${fixing.anchor}, ` : ''}screws ${screw}.`
    : 'Screws into what bears.';
  const clips = outlet.wayM === undefined ? '' : `${clipsFor(outlet.wayM)} clips, `;
  const tasks: readonly Task[] = [
    lookTask(
      'van',
      'plug-unpack',
      'Unpack and count; the lead and its plug whole, no cut, no crack',
      'Plates, screws, gasket and clips against the list.',
    ),
    {
      ...lookTask(
        'spot',
        'plug-photo',
        'Photograph the spot and the outlet',
        'Ladder at 1:4, its feet firm and dry; a platform for work that lasts.',
      ),
      photo: true,
    },
    lookTask(
      'spot',
      'plug-out',
      'The plug stays out of the outlet until all hangs',
      'Nobody plugs it in meanwhile: its end up here, taped.',
    ),
    lookTask('spot', 'plug-plate', 'Plate on, level, its mark the right way', held),
    lookTask(
      'spot',
      'plug-hang',
      `Hang the ${lowerFirst(fixture.name)} on its plate`,
      'Never by its lead. Gasket all round; top and sides sealed, the bottom open.',
    ),
    {
      ...lookTask(
        'cable',
        'plug-lead',
        'Clip the lead down to the outlet, a drip loop below it',
        `${clips}${lengthText(CLIP_EVERY_M, lengths, 'small')} apart; away from where it is trodden or pinched; the loop hangs lower than the outlet.`,
      ),
      photo: true,
    },
    lookTask(
      'outlet',
      'plug-test',
      'Press the outlet’s test button: it goes dead; reset it',
      'Before the plug goes in. If it stays live, nothing is plugged in.',
    ),
    {
      ...lookTask(
        'outlet',
        'plug-in',
        'Plug in, close the cover over it',
        'Lamps light, the camera speaks. The cover shuts over plug and lead without force.',
      ),
      plugsIn: true,
    },
  ];
  return inWordsOfPlace(planWiring(EMPTY_WIRING, tasks), pack);
}
