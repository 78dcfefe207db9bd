import { said, type Text } from '../../said';
import { screwFor, WALL_FIXINGS, type Wall } from '../../mount';
import { type LengthSystem } from '../../units';
import { EMPTY_WIRING, lookTask, planWiring, type Task, type WiringPlan } from '../../wiring';
import type { PlugFixtureChoice, PlugFloodlight } from './plugFloodlight';

/** Clips of a lead on a wall, m apart. Engineering default. */
const CLIP_EVERY_M = 0.3;

/** Clips that the lead’s way takes. */
export const clipsFor = (wayM: number): number => Math.max(2, Math.ceil(wayM / CLIP_EVERY_M - 1e-9));

/** Screws of the plate in words: it lies flat, no wedge under it. */
export function plateScrew(wall: Wall, lengths: LengthSystem): Text {
  const { stockM } = screwFor(wall, { height: 0, width: 0 }, [], lengths);
  return stockM === null ? said('longerStocked') : said('tapeLength', { metres: stockM });
}

/** Everything from the van to the plug: no conductor is bared, so no proof is asked for; the plug goes in last. */
export function plugPlan({ look, outlet, setting }: PlugFloodlight, { data }: PlugFixtureChoice): WiringPlan {
  const { lengths } = setting;
  const { fixture } = data;
  const fixing = look.wall ? WALL_FIXINGS[look.wall] : null;
  const screw = look.wall ? plateScrew(look.wall, lengths) : '';
  const held = fixing
    ? said('bitScrews', { bit: fixing.bit, anchor: fixing.anchorM > 0 ? fixing.anchor : '', screw })
    : said('screwsBears');
  const clips = outlet.wayM === undefined ? 0 : clipsFor(outlet.wayM);
  const tasks: readonly Task[] = [
    lookTask('van', 'plug-unpack', said('unpackCountLead'), said('platesScrewsGasket')),
    {
      ...lookTask('spot', 'plug-photo', said('photographSpotOutlet'), said('ladderFirm')),
      photo: true,
    },
    lookTask('spot', 'plug-out', said('plugStaysOut'), said('nobodyPlugsMeanwhile')),
    lookTask('spot', 'plug-plate', said('plateLevelMark'), held),
    lookTask('spot', 'plug-hang', said('hangPlate', { fixture: fixture.name }), said('neverLeadGasket')),
    {
      ...lookTask(
        'cable',
        'plug-lead',
        said('clipLeadDown'),
        said('apartAwayTrodden', { clips, clipEveryM: CLIP_EVERY_M }),
      ),
      photo: true,
    },
    lookTask('outlet', 'plug-test', said('pressOutletsTest'), said('beforePlugGoes')),
    {
      ...lookTask('outlet', 'plug-in', said('plugCloseCover'), said('lampsLightCamera')),
      plugsIn: true,
    },
  ];
  return planWiring(EMPTY_WIRING, tasks);
}
