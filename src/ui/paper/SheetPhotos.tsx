import { sheetWords } from '@/words/screens';
import type { Job } from '@/core/job';
import type { Point } from '@/core/points';
import { MarkedPhoto } from '../photo/MarkedPhoto';

interface Props {
  readonly job: Job;
  readonly point: Point;
  /** The site’s own photos stand with its first point. */
  readonly first: boolean;
}

/** A point’s photos with their marks. */
export function SheetPhotos({ job, point, first }: Props) {
  const photos = job.photos.filter(({ pointId }) => pointId === point.id || (first && pointId === null));
  if (photos.length === 0) return null;
  return (
    <section>
      <h3>{sheetWords.photos}</h3>
      <div className="sheet-photos">
        {photos.map((photo) => (
          <figure key={photo.id}>
            <MarkedPhoto jobId={job.id} photo={photo} size="whole" />
            <figcaption className="small">
              {[photo.trial && sheetWords.trialPicture, photo.caption, photo.terminal].filter(Boolean).join(', ') ||
                sheetWords.photo}
            </figcaption>
          </figure>
        ))}
      </div>
    </section>
  );
}
