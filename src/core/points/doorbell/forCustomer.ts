import { said } from '../../said';
import { leavesNoChime, treatmentById } from '../../chime';
import { lowerFirst } from '../../units';
import type { ForCustomer } from '../climb';
import { pointSteps } from '../planOf';
import type { Doorbell } from './doorbell';
import { hasWiredChime } from './survey';

/** What the customer of a door keeps: what stands there, how it rings, what feeds it, what to do. Nothing that was not done. */
export function doorForCustomer(point: Doorbell): ForCustomer {
  const { choice, fed, mount, ticks } = point;
  const at = lowerFirst(point.name);
  if (!choice) return { stands: [said('nothingFittedYet', { at })], fails: [], yours: [] };
  const isDone = pointSteps(point).every(({ id }) => id in ticks);
  const { treatmentId, transformer } = choice.data;
  const treatment = treatmentById(treatmentId);
  const path = treatment?.standing.path;
  const place = point.chime.place ?? null;
  return {
    stands: [
      said('doorbellStands', { at, isDone, heightM: mount.heightM ?? null }),
      ...(treatment?.sounds
        ? [said('chimeStillRings', { place, isNew: treatment.isNewChime === true, small: path === 'shunt' })]
        : [said('ringsThroughPlug', { oldChimeStays: hasWiredChime(point) && !leavesNoChime(treatmentId) })]),
      ...(transformer
        ? [
            said('newTransformerStands', {
              isAdapter: transformer.mainsWork === false,
              place: point.transformer.place ?? null,
              isDone,
            }),
          ]
        : []),
    ],
    fails: [
      ...(treatment?.sounds
        ? [{ seen: said('noRingInside'), does: said('pictureThenChime') }]
        : [{ seen: said('noRingFromSounder'), does: said('sounderInItsOutlet') }]),
      { seen: said('noPicture'), does: fed.breaker ? said('internetThenWay') : said('internetThenPlug') },
      { seen: said('goesOffAtNight'), does: said('noteTheTime') },
    ],
    yours: [said('cameraSeesStands')],
  };
}
