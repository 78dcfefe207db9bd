import { said } from '../../said';
import type { Job } from '../../job/job';
import { stillOpen, wifiAsked, type Asked } from '../asked';
import type { AreaStanding, Missing } from '../climb';
import { SHARED_AREA_NAMES, inOrder, known, sharedAreas } from '../sharedAreas';
import type { PlugFloodlight } from './plugFloodlight';

/** What Look needs where a camera with a plug is to hang. */
const askedAtSpot = ({ look, ...point }: PlugFloodlight): readonly Asked[] => [
  {
    id: 'mountedOn',
    area: 'spot',
    there: look.mountedOn !== undefined,
    words: said('wallEavePost'),
    why: said('headSensorTurn'),
  },
  {
    id: 'wall',
    area: 'spot',
    there: look.wall !== undefined,
    words: said('nameFixed'),
    why: said('bitAnchorsScrews'),
  },
  {
    id: 'fixtureHeightM',
    area: 'spot',
    there: look.fixtureHeightM !== undefined,
    words: said('measureHeightOver'),
    why: said('usualHeight'),
  },
  wifiAsked({ ...point, look }),
];

export const missingAtPlugSpot = (_job: Job, point: PlugFloodlight): readonly Missing[] =>
  stillOpen(askedAtSpot(point));

export const isUntouchedPlugSpot = ({ look, outlet }: PlugFloodlight): boolean =>
  Object.keys(look).length + Object.keys(outlet).length === 0;

/** Areas of its survey; their forms are in `ui/points/plugFloodlight`. No breaker is hunted. */
const { board: _board, ...SHARED } = SHARED_AREA_NAMES;
export const PLUG_SPOT_AREA_NAMES = { ...SHARED, spot: 'Spot' } as const;
export type PlugSpotArea = keyof typeof PLUG_SPOT_AREA_NAMES;
const ORDER = ['before', 'spot', 'view', 'wifi', 'house', 'plan', 'photos'] as const satisfies readonly PlugSpotArea[];

export function plugSpotAreas(job: Job, point: PlugFloodlight): readonly AreaStanding[] {
  const { mountedOn, wall, fixtureHeightM } = point.look;
  const { board: _none, ...shared } = sharedAreas(job, point);
  return inOrder(PLUG_SPOT_AREA_NAMES, { ...shared, spot: known(mountedOn, wall, fixtureHeightM) }, ORDER);
}
