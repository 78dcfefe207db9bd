import { distinct, said, saidKey, type Text } from '../../said';
import { fittedTreatments } from '../../advice';
import { SHIPPED_CATALOGUE, TRANSFORMERS, textOf } from '../../catalogue';
import { CHIME_KINDS } from '../../chime';
import type { Job } from '../../job/job';
import { lengthsOf, regionOf } from '../../job/region';
import { WALL_FIXINGS, platePlace, screwFor, stackOf } from '../../mount';
import { supplyRoute } from '../../supply';
import { lowerFirst } from '../../units';
import { bringForBag } from './bagList';
import { wedgesHeld } from './doorMount';
import type { Choice, Doorbell } from './doorbell';
import { routeOf } from './route';
import { deviceOf, plateSurveyOf } from './survey';

/** What a taken way takes. A choice carries its parts; one of before they were carried has those that ship. */
function partsOfWay(job: Job, { transformer, treatmentId, parts }: Choice['data']): readonly Text[] {
  const shipped = TRANSFORMERS.find(({ id }) => id === transformer?.id);
  const [enclosure] = SHIPPED_CATALOGUE.enclosure;
  const fitted = CHIME_KINDS.flatMap((kind) => fittedTreatments(SHIPPED_CATALOGUE, kind, regionOf(job).id));
  return [
    ...(transformer ? (transformer.parts ?? shipped?.parts ?? [transformer.name]) : []),
    ...(transformer && !transformer.parts && shipped?.fit === 'dinRail' && enclosure
      ? [lowerFirst(textOf(enclosure.values, 'name'))]
      : []),
    ...(parts ?? fitted.find(({ id }) => id === treatmentId)?.parts ?? []),
  ];
}

/** What has to be in the bag for a door: it follows from the choice, the wall and the plate. */
export function doorbellParts(job: Job, point: Doorbell): readonly Text[] {
  const parts: Text[] = [];
  const { choice, look, mount } = point;
  if (choice) {
    parts.push(said('theDoorbell', { device: choice.data.device.name }));
    // What feeds the supply is brought for the door whose plan has the steps of it
    const elsewhere = point.feed !== null && point.feed.pointId !== point.id;
    parts.push(...partsOfWay(job, elsewhere ? { ...choice.data, transformer: null } : choice.data));
    if (choice.data.joinPairs) parts.push(said('connectorsForPairs'));
    if (choice.data.mended?.length) parts.push(said('connectorsSplices'));
  }
  const { plateM } = deviceOf(point);
  const stack = stackOf(wedgesHeld(point), { tiltDeg: mount.tiltDeg ?? 0, sideDeg: mount.sideDeg ?? 0 });
  if (look.wall) {
    const fixing = WALL_FIXINGS[look.wall];
    const screw = screwFor(look.wall, plateM, stack, lengthsOf(job));
    // By the other school they come in the bag, and the bag is checked for them
    const own = job.policy.fixings === 'own';
    if (own && fixing.anchorM > 0) parts.push(fixing.anchor);
    const text = screw.stockM === null ? said('longerStocked') : said('tapeLength', { metres: screw.stockM });
    if (own) parts.push(said('screwsOfPlate', { text }));
    parts.push(said('bit', { bit: fixing.bit }));
  }
  for (const { axis, deg } of stack)
    parts.push(axis === 'tilt' ? said('tiltWedge', { tiltDeg: deg }) : said('sideWedge', { sideDeg: deg }));
  const place = platePlace(plateSurveyOf(point));
  if (place && (!place.coversMarks || place.onLip)) parts.push(said('backingPlate'));
  if (place && place.spacerM > 0) parts.push(said('spacerMore', { spacerM: place.spacerM }));
  if (place?.leadShort) parts.push(said('connectorsToLengthen'));
  const route = routeOf(job, point);
  // Once what feeds it is chosen its own parts are listed: of the route remains the cable and its way
  if (route) {
    const { parts: all, sourceParts } = supplyRoute(route);
    const ofSource = new Set(sourceParts.map(saidKey));
    parts.push(...(choice ? all.filter((part) => !ofSource.has(saidKey(part))) : all));
  }
  parts.push(...bringForBag(job, point));
  return distinct(parts);
}
