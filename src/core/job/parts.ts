import { fittedTreatments } from '../advice';
import { SHIPPED_CATALOGUE, TRANSFORMERS, textOf } from '../catalogue';
import { CHIME_KINDS } from '../chime';
import { WALL_FIXINGS, platePlace, screwFor } from '../mount';
import { supplyRoute } from '../supply';
import type { Choice, Job, Point } from './job';
import { bringForBag } from './bagList';
import { wifiOf } from './finding';
import { connectorCounts } from './fixtureOf';
import { fixtureOf } from './planOf';
import { feedRemedy, groundRemedy } from '../junction';
import { routeOf } from './route';
import { deviceOf, lengthsOf, plateSurveyOf, regionOf } from './survey';
import { lengthText } from '../units';

/** What a taken way takes. A choice carries its parts; one of before they were carried has those that ship. */
function partsOfWay(job: Job, { transformer, treatmentId, parts }: Choice['data']): readonly string[] {
  const shipped = TRANSFORMERS.find(({ id }) => id === transformer?.id);
  const [enclosure] = SHIPPED_CATALOGUE.enclosure;
  const fitted = CHIME_KINDS.flatMap((kind) => fittedTreatments(SHIPPED_CATALOGUE, kind, regionOf(job).id));
  return [
    ...(transformer ? (transformer.parts ?? shipped?.parts ?? [transformer.name]) : []),
    ...(transformer && !transformer.parts && shipped?.fit === 'dinRail' && enclosure
      ? [textOf(enclosure.values, 'name').toLowerCase()]
      : []),
    ...(parts ?? fitted.find(({ id }) => id === treatmentId)?.parts ?? []),
  ];
}

/** What a floodlight takes: the fixture, what its remedies take, connectors, screws, tape for colours that lie. */
function fixtureParts(point: Point): readonly string[] {
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

/** What has to be in the bag for this point: it follows from the choice, the wall and the plate. */
export function partsOf(job: Job, point: Point): readonly string[] {
  const extender = wifiOf(job, point)?.word === 'extender' ? ['Wi-Fi extender'] : [];
  if (point.kind === 'floodlight') return [...fixtureParts(point), ...extender];
  const parts: string[] = [];
  const { choice, look, mount } = point;
  if (choice) {
    parts.push(`${choice.data.device.name} doorbell`);
    parts.push(...partsOfWay(job, choice.data));
    if (choice.data.joinPairs) parts.push('4 connectors for the pairs');
    if (choice.data.mended?.length) parts.push('connectors for the splices');
  }
  const { plateM } = deviceOf(point);
  if (look.wall) {
    const fixing = WALL_FIXINGS[look.wall];
    const screw = screwFor(look.wall, plateM, mount.tiltDeg ?? 0, mount.sideDeg ?? 0, lengthsOf(job));
    // By the other school they come in the bag, and the bag is checked for them
    const own = job.policy.fixings === 'own';
    if (own && fixing.anchorM > 0) parts.push(fixing.anchor);
    const text = screw.stockM === null ? 'longer than stocked' : lengthText(screw.stockM, lengthsOf(job), 'small');
    if (own) parts.push(`2 screws ${text}`);
    parts.push(`bit: ${fixing.bit}`);
  }
  if (mount.tiltDeg) parts.push(`tilt wedge ${mount.tiltDeg}°`);
  if (mount.sideDeg) parts.push(`side wedge ${mount.sideDeg}°`);
  const place = platePlace(plateSurveyOf(point));
  if (place && (!place.coversMarks || place.onLip)) parts.push('backing plate');
  if (place && place.spacerM > 0) parts.push(`spacer, ${lengthText(place.spacerM, lengthsOf(job), 'small')} or more`);
  if (place?.leadShort) parts.push('2 connectors to lengthen the lead');
  const route = routeOf(job, point);
  if (route) parts.push(...supplyRoute(route).parts);
  parts.push(...extender);
  parts.push(...bringForBag(job, point));
  return [...new Set(parts)];
}
