import { TRANSFORMERS } from '../catalogue';
import { treatmentById } from '../chime';
import { WALL_FIXINGS, platePlace, screwFor } from '../mount';
import { supplyRoute } from '../supply';
import type { Job, Point } from './job';
import { bringForBag } from './bagList';
import { wifiOf } from './finding';
import { routeOf } from './route';
import { deviceOf, lengthsOf, plateSurveyOf } from './survey';
import { lengthText } from '../units';

/** What has to be in the bag for this point: it follows from the choice, the wall and the plate. */
export function partsOf(job: Job, point: Point): readonly string[] {
  const extender = wifiOf(job, point)?.word === 'extender' ? ['Wi-Fi extender'] : [];
  if (point.kind === 'floodlight') return extender;
  const parts: string[] = [];
  const { choice, look, mount } = point;
  if (choice) {
    const transformer = TRANSFORMERS.find(({ id }) => id === choice.data.transformer?.id);
    parts.push(`${choice.data.device.name} doorbell`);
    if (choice.data.transformer) parts.push(...(transformer?.parts ?? [choice.data.transformer.name]));
    parts.push(...(treatmentById(choice.data.treatmentId)?.parts ?? []));
    if (choice.data.joinPairs) parts.push('4 connectors for the pairs');
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
