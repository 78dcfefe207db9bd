import { said, type Text } from '../../said';
import { feedRemedy, groundRemedy } from '../../junction';
import { connectorCounts, fixtureOf, plateWords } from './fixtureOf';
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

/** What holds a floodlight at its box: the bar or none, screws, which way up its plate goes, where water leaves. */
export function floodlightHeldBy(point: Floodlight): readonly Text[] {
  const data = point.fixture?.data;
  if (!data) return [];
  const { barM, barScrew, plateScrew, fixture } = data;
  return [
    barM > 0 ? said('onABar', { metres: barM, screw: barScrew?.name ?? null }) : said('straightOnBox'),
    said('screwsFor', { what: said('forThePlate'), screw: plateScrew ? plateScrew.name : said('toBeBought') }),
    plateWords(point, fixture.upMark),
    said('gasketAllRound'),
  ];
}
