import { feedRemedy, groundRemedy } from '../../junction';
import { connectorCounts, fixtureOf } from './fixtureOf';
import type { Floodlight } from './floodlight';

/** What a floodlight takes: the fixture, what its remedies take, connectors, screws, tape for colours that lie. */
export function floodlightParts(point: Floodlight): readonly string[] {
  const standing = fixtureOf(point);
  const data = point.fixture?.data;
  if (!standing || !data) return [];
  const screws = [
    ['for the bar', data.barScrew],
    ['for the plate', data.plateScrew],
  ] as const;
  return [
    data.fixture.name,
    ...(feedRemedy(data.feedId)?.parts ?? []),
    ...(groundRemedy(data.groundId)?.parts ?? []),
    ...(data.cure ? [data.cure.name] : []),
    ...connectorCounts(standing.splices.filter(({ connector }) => connector?.id !== data.fixture.bagConnector)),
    ...screws.map(([what, screw]) => `2 screws ${what}: ${screw ? screw.name : 'to be bought'}`),
    ...(standing.plan.steps.some(({ id }) => id === 'box-mark') ? ['marking tape'] : []),
  ];
}
