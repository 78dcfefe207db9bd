'use client';
import { planWords } from '@/words/screens';
import { useState, type PointerEvent } from 'react';
import { Button } from 'react-bootstrap';
import { LIMITS } from '@/core/kinds';
import { lengthsOf, type Photo } from '@/core/job';
import { AskForm } from '../../../form/AskForm';
import { runField } from '../../../form/fields';
import { useJob } from '../../../log/JobContext';
import { photoAddress } from '../../../photo/MarkedPhoto';

type Tap = readonly [number, number];

/** A picture of a plan, or one from above, under the drawing: scaled by one length that is known. */
export function UnderlayFields() {
  const { keptJob, write } = useJob();
  const { photos, plan } = keptJob;
  const under = photos.find(({ sha256 }) => sha256 === plan.underlay?.sha256);
  return (
    <>
      <h3>{planWords.underlay}</h3>
      {photos.length === 0 && <p className="soft">{planWords.takePhotoFirst}</p>}
      {under ? (
        <>
          <ScaledBy photo={under} />
          <Button variant="link" onClick={() => write('planDescribed', { underlay: null })}>
            {planWords.noUnderlay}
          </Button>
        </>
      ) : (
        <p className="row-of">
          {photos.map((photo) => (
            <Button
              key={photo.id}
              variant="choice"
              onClick={() =>
                write('planDescribed', {
                  underlay: photo.sha256,
                  underlayLeftM: 0,
                  underlayTopM: 15,
                  underlayWidthM: 20,
                })
              }
            >
              {/* Pictures of the job come from this server in the size that is shown */}
              {/* oxlint-disable-next-line nextjs/no-img-element */}
              <img
                src={photoAddress(keptJob.id, photo.sha256, 'thumb')}
                alt={photo.caption ?? planWords.photoUnderneath}
                width="72"
                height="54"
              />
            </Button>
          ))}
        </p>
      )}
    </>
  );
}

/** Two ends of a known length are tapped, and the length is typed: so wide is the picture. */
function ScaledBy({ photo }: { readonly photo: Photo }) {
  const { keptJob, write } = useJob();
  const lengths = lengthsOf(keptJob);
  const [taps, setTaps] = useState<readonly Tap[]>([]);
  const { widthPx, heightPx } = photo;
  const tapped = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const tap: Tap = [
      ((event.clientX - box.left) / box.width) * widthPx,
      ((event.clientY - box.top) / box.height) * heightPx,
    ];
    setTaps(taps.length === 2 ? [tap] : [...taps, tap]);
  };
  const [a, b] = taps;
  const apartPx = a && b ? Math.hypot(a[0] - b[0], a[1] - b[1]) : 0;
  return (
    <>
      <p className="small">{planWords.tapTwoEnds}</p>
      <svg
        className="drawing own-picture"
        viewBox={`0 0 ${widthPx} ${heightPx}`}
        role="img"
        aria-label={planWords.tapTwoEnds}
        onPointerDown={tapped}
      >
        <image href={photoAddress(keptJob.id, photo.sha256, 'whole')} width={widthPx} height={heightPx} />
        {a && b && <path className="aimed" d={`M${a[0]} ${a[1]}L${b[0]} ${b[1]}`} strokeWidth={widthPx / 200} />}
        {taps.map(([x, y], i) => (
          <circle key={i} className="aimed" cx={x} cy={y} r={widthPx / 50} strokeWidth={widthPx / 250} />
        ))}
      </svg>
      {taps.length === 2 && apartPx < widthPx / 100 && (
        <p className="brick" role="alert">
          {planWords.onOneSpot}
        </p>
      )}
      {apartPx >= widthPx / 100 && (
        <AskForm
          about="underlay-scale"
          fields={[runField('lengthM', planWords.howLong, lengths, undefined, LIMITS.runM)]}
          submit={planWords.scaleIt}
          onSubmit={({ lengthM }: { readonly lengthM?: number }) => {
            if (lengthM === undefined) return;
            write('planDescribed', { underlayWidthM: Number(((lengthM * widthPx) / apartPx).toFixed(2)) });
            setTaps([]);
          }}
        />
      )}
    </>
  );
}
