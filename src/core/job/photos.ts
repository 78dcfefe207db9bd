import { counts, type Effect } from '../log/effective';
import type { Photo } from './job';
import type { Entry } from '../kinds/register';

/** The pictures of a job that were not taken away again, in the order in which they came. */
export function photosOf(entries: readonly Entry[], effect: Effect): readonly Photo[] {
  const photos = new Map<string, Photo>();
  const gone = new Set<string>();
  for (const entry of entries) {
    if (!counts(effect, entry)) continue;
    if (entry.kind === 'photoAttached') {
      const { photoId: id, sha256, widthPx, heightPx } = entry.data;
      const empty = { rung: null, pointId: null, terminal: null, caption: null, trial: false, marks: [] };
      if (!photos.has(id))
        photos.set(id, { id, sha256, widthPx, heightPx, entryId: entry.id, by: entry.by, at: entry.at, ...empty });
    }
    if (entry.kind === 'photoDescribed') {
      const { photoId, rung, pointOf, terminal, caption, trial, marks, gone: away } = entry.data;
      const photo = photos.get(photoId);
      if (!photo) continue;
      photos.set(photoId, {
        ...photo,
        ...(rung === undefined ? {} : { rung }),
        ...(pointOf === undefined ? {} : { pointId: pointOf }),
        ...(terminal === undefined ? {} : { terminal }),
        ...(caption === undefined ? {} : { caption }),
        ...(trial === undefined ? {} : { trial: trial ?? false }),
        ...(marks === undefined ? {} : { marks: marks ?? [] }),
      });
      if (away) gone.add(photoId);
      if (away === false || away === null) gone.delete(photoId);
    }
  }
  return [...photos.values()].filter(({ id }) => !gone.has(id));
}

/** Pictures that belong to a point, or to the whole site where none is named. */
export const photosOfPoint = (photos: readonly Photo[], pointId: string): readonly Photo[] =>
  photos.filter((photo) => photo.pointId === null || photo.pointId === pointId);
