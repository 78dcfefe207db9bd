import { said } from '../../said';
import type { Job } from '../../job/job';
import { stillOpen, wifiAsked, type Asked } from '../asked';
import type { AreaStanding, Missing } from '../climb';
import { SHARED_AREA_NAMES, inOrder, known, sharedAreas } from '../sharedAreas';
import type { Floodlight } from './floodlight';

/** What Look needs at a floodlight point. */
const askedAtSpot = (point: Floodlight): readonly Asked[] => [
  {
    id: 'oldFixture',
    area: 'fixture',
    there: point.look.oldFixture !== undefined,
    words: said('sayHangsNow'),
    why: said('oldLightBox'),
  },
  {
    id: 'mountedOn',
    area: 'fixture',
    there: point.look.mountedOn !== undefined,
    words: said('wallEavePost'),
    why: said('headSensorTurn'),
  },
  {
    id: 'fixtureHeightM',
    area: 'fixture',
    there: point.look.fixtureHeightM !== undefined,
    words: said('measureHeightOver'),
    why: said('usualHeight'),
  },
  wifiAsked(point),
];

export const isUntouchedSpot = ({ look }: Floodlight): boolean => Object.keys(look).length === 0;

/** What Look still needs at a floodlight’s spot, most telling first. */
export const missingAtSpot = (_job: Job, point: Floodlight): readonly Missing[] => stillOpen(askedAtSpot(point));

/** Areas of its survey; their forms are in `ui/points/floodlight`. */
export const SPOT_AREA_NAMES = { ...SHARED_AREA_NAMES, fixture: 'Fixture' } as const;
export type SpotArea = keyof typeof SPOT_AREA_NAMES;
const ORDER = [
  'before',
  'fixture',
  'view',
  'wifi',
  'house',
  'plan',
  'board',
  'photos',
] as const satisfies readonly SpotArea[];

/** How every area of a floodlight’s survey stands. */
export function spotAreas(job: Job, point: Floodlight): readonly AreaStanding[] {
  const { oldFixture, mountedOn, fixtureHeightM, wall } = point.look;
  const states = { ...sharedAreas(job, point), fixture: known(oldFixture, mountedOn, fixtureHeightM, wall) };
  return inOrder(SPOT_AREA_NAMES, states, ORDER);
}
