import { shareWords, sheetWords } from '@/words/screens';
import type { Job } from '@/core/job';
import { MarkedPicture } from '../photo/MarkedPhoto';
import { CustomerPage } from './CustomerPage';

interface Props {
  readonly job: Job;
  readonly printedAt: string;
  /** Address under which the photos lie. */
  readonly photos: string;
}

/** What a customer sees by a link: their page, and the photos of the job, trial pictures left out. */
export function SharedPage({ job, printedAt, photos }: Props) {
  const shown = job.photos.filter(({ trial }) => !trial);
  return (
    <>
      <CustomerPage job={job} printedAt={printedAt} root={null} />
      {shown.length > 0 && (
        <section>
          <h2>{sheetWords.photos}</h2>
          <div className="sheet-photos">
            {shown.map((photo) => (
              <figure key={photo.id}>
                <a href={`${photos}/${photo.sha256}`}>
                  <MarkedPicture photo={photo} src={`${photos}/${photo.sha256}?size=thumb`} />
                </a>
                <figcaption className="small">{photo.caption ?? sheetWords.photo}</figcaption>
              </figure>
            ))}
          </div>
        </section>
      )}
      <p className="soft small">{shareWords.readOnly}</p>
    </>
  );
}
