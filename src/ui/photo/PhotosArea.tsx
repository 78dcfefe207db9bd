'use client';
import { photoWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { Camera } from 'lucide-react';
import { Suspense, lazy, useRef, useState } from 'react';
import { photosOfPoint, type Photo } from '@/core/job';
import { PHOTO_TERMINALS, RUNGS, type EntryData } from '@/core/kinds';
import { FieldGroup } from '../form/FieldGroup';
import { useFacts } from '../form/useFacts';
import { Pick } from '../form/Pick';
import { Yes } from '../form/Yes';
import { useJob } from '../log/JobContext';
import { MarkedPhoto } from './MarkedPhoto';
import { usePhotos } from './usePhotos';

const PhotoMarker = lazy(() => import('./PhotoMarker').then(({ PhotoMarker: Marker }) => ({ default: Marker })));
const NO_TERMINAL = { value: 'none', words: photoWords.none } as const;

/** Pictures of the point and of the site: taken, pinned to where they belong, drawn on. */
export function PhotosArea() {
  const { keptJob, kept } = useJob();
  const { waiting, fault, add, drop } = usePhotos();
  const input = useRef<HTMLInputElement>(null);
  const [marking, setMarking] = useState<string | null>(null);
  const photos = photosOfPoint(keptJob.photos, kept.id);
  const marked = photos.find(({ id }) => id === marking);
  return (
    <section>
      <div className="head-row">
        <p className="soft">{photoWords.boardWithItsLabels}</p>
        <Button onClick={() => input.current?.click()}>
          <Camera size={18} aria-hidden="true" /> {photoWords.takeOrPickA}
        </Button>
        <input
          ref={input}
          type="file"
          accept="image/*"
          multiple
          hidden
          data-testid="photo-input"
          onChange={(event) => {
            add(event.target.files ?? []);
            event.target.value = '';
          }}
        />
      </div>
      {fault && (
        <p className="brick" role="alert">
          {fault}
        </p>
      )}
      {waiting.length > 0 && (
        <ul className="plain-list" role="status">
          {waiting.map(({ id, name, refused }) => (
            <li key={id} className={refused ? 'brick' : ''}>
              {name}: {refused ?? photoWords.keptHereOnIts}{' '}
              {refused && (
                <Button variant="link" onClick={() => drop(id)}>
                  {photoWords.dropIt}
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
      {photos.length === 0 && waiting.length === 0 && <p>{photoWords.noPhotoYet}</p>}
      <div className="photos">
        {photos.map((photo) => (
          <PhotoCard key={photo.id} photo={photo} onMark={() => setMarking(photo.id)} />
        ))}
      </div>
      {marked && (
        <Suspense>
          <PhotoMarker photo={marked} onClose={() => setMarking(null)} />
        </Suspense>
      )}
    </section>
  );
}

function PhotoCard({ photo, onMark }: { readonly photo: Photo; readonly onMark: () => void }) {
  const { keptJob, write } = useJob();
  const { id: photoId, caption, rung, terminal, trial } = photo;
  const { typed, words, called } = useFacts('photoDescribed', { photoId }, { caption: caption ?? undefined });
  const say = (data: Omit<EntryData<'photoDescribed'>, 'photoId'>) => write('photoDescribed', { photoId, ...data });
  return (
    <figure className="photo" data-testid="photo">
      <Button
        variant="bare"
        className="photo-open"
        onClick={onMark}
        aria-label={photoWords.drawOn({ caption: caption ?? photoWords.thePhoto })}
      >
        <MarkedPhoto jobId={keptJob.id} photo={photo} size="thumb" />
      </Button>
      <figcaption>
        <FieldGroup kind="photoDescribed" scope={{ photoId }} fields={[typed('caption')]} />
        <div className="fields">
          <Pick
            label={called('rung')}
            options={RUNGS.map((value) => ({ value, words: words('rung', value) }))}
            chosen={rung ?? 'look'}
            onPick={(next) => say({ rung: next })}
          />
          <Pick
            label={called('terminal')}
            options={[NO_TERMINAL, ...PHOTO_TERMINALS.map((value) => ({ value, words: value }))]}
            chosen={PHOTO_TERMINALS.find((one) => one === terminal) ?? 'none'}
            onPick={(next) => say({ terminal: next === 'none' ? null : next })}
          />
        </div>
        <Yes words={called('trial')} yes={trial} onTurn={(yes) => say({ trial: yes })} />
        <div className="row-of">
          <Button variant="secondary" onClick={onMark}>
            {photoWords.drawOnIt}
          </Button>
          <Button variant="link" onClick={() => say({ gone: true })}>
            {photoWords.takeAway}
          </Button>
        </div>
      </figcaption>
    </figure>
  );
}
