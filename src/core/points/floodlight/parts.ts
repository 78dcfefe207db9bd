import { said, type Text } from '../../said';
import { feedRemedy, groundRemedy } from '../../junction';
import { connectorCounts, fixtureOf } from './fixtureOf';
import type { Floodlight } from './floodlight';

/** What a floodlight takes: the fixture, what its remedies take, connectors, screws, tape for colours that lie. */
export function floodlightParts(point: Floodlight): readonly Text[] {
  const standing = fixtureOf(point);
  const data = point.fixture?.data;
  if (!standing || !data) return [];
  const screws = [
    [said('forTheBar'), data.barScrew],
    [said('forThePlate'), data.plateScrew],
  ] as const;
  return [
    data.fixture.name,
    ...(feedRemedy(data.feedId)?.parts ?? []),
    ...(groundRemedy(data.groundId)?.parts ?? []),
    ...(data.cure ? [data.cure.name] : []),
    ...connectorCounts(standing.splices.filter(({ connector }) => connector?.id !== data.fixture.bagConnector)),
    ...screws.map(([what, screw]) => said('screwsFor', { what, screw: screw ? screw.name : said('toBeBought') })),
    ...(standing.plan.steps.some(({ id }) => id === 'box-mark') ? [said('markingTape')] : []),
  ];
}
