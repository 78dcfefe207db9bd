import { transformerSearch, type HouseClues, type TransformerPlace, type TransformerSearch } from '../../search';
import type { Job } from '../../job/job';
import { regionOf } from '../../job/region';
import type { Doorbell } from './doorbell';

/** Whether there is an old transformer to be found at all. */
export const needsTransformer = (point: Doorbell): boolean =>
  point.look.wasThere !== undefined &&
  !point.toBeMade &&
  point.chime.chimeKind !== 'wireless' &&
  point.chime.chimeKind !== 'boxedMains';

/** Whether a bell that dies with a switch was seen. */
export const diesWithLight = ({ switches, transformer }: Doorbell): boolean =>
  transformer.alwaysFed === 'no' || switches.some(({ bellDies }) => bellDies);

/** The house as the search sees it. */
export function cluesOf(job: Job, point: Doorbell): HouseClues {
  const { site } = job;
  return {
    mainsVolts: regionOf(job).mains.nominalVolts,
    yearBuilt: site.yearBuilt,
    basement: site.basement,
    attic: site.attic,
    heating: site.heating,
    droppedCeiling: site.droppedCeiling,
    garage: site.garage,
    boardArea: site.boardArea,
    chimeKind: point.chime.chimeKind,
    cableLeaves: point.transformer.cableLeaves,
    diesWithLight: diesWithLight(point) || undefined,
    humAt: point.transformer.humAt,
  };
}

/** The search for a point's transformer as it stands. */
export const searchOf = (job: Job, point: Doorbell): TransformerSearch =>
  // Keys of `looked` come from the entries, whose schema lets places through and nothing else
  transformerSearch(cluesOf(job, point), Object.keys(point.looked) as TransformerPlace[]);
