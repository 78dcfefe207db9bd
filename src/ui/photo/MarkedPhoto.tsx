import { photoWords } from '@/words/screens';
import type { Photo, PhotoMark } from '@/core/job';

interface Props {
  readonly jobId: string;
  readonly photo: Photo;
  readonly size: 'whole' | 'thumb';
}

export const photoAddress = (jobId: string, sha256: string, size: 'whole' | 'thumb'): string =>
  `/api/v1/jobs/${jobId}/photos/${sha256}${size === 'thumb' ? '?size=thumb' : ''}`;

/** Length of an arrow's head and of half a stroke, as shares of the picture's width. */
const HEAD = 0.045;

function Mark({ mark, width, height }: { readonly mark: PhotoMark; readonly width: number; readonly height: number }) {
  const [x1, y1, x2, y2] = [mark.fromX * width, mark.fromY * height, mark.toX * width, mark.toY * height];
  if (mark.shape === 'circle')
    return <circle cx={x1} cy={y1} r={Math.max(width * 0.015, Math.hypot(x2 - x1, y2 - y1))} />;
  if (mark.shape === 'label')
    return (
      <text x={x1} y={y1} fontSize={width * 0.05}>
        {mark.text}
      </text>
    );
  const angle = Math.atan2(y2 - y1, x2 - x1);
  const head = [angle - 0.5, angle + 0.5].map(
    (side) => `${x2 - HEAD * width * Math.cos(side)},${y2 - HEAD * width * Math.sin(side)}`,
  );
  return <path d={`M${x1},${y1} L${x2},${y2} M${head[0] ?? ''} L${x2},${y2} L${head[1] ?? ''}`} />;
}

/** A picture of a job with what was drawn on it. */
export function MarkedPhoto({ jobId, photo, size }: Props) {
  return <MarkedPicture photo={photo} src={photoAddress(jobId, photo.sha256, size)} />;
}

/** A picture with what was drawn on it, from wherever it lies. */
export function MarkedPicture({ photo, src }: Pick<Props, 'photo'> & { readonly src: string }) {
  const { widthPx: width, heightPx: height, marks, caption } = photo;
  const words = caption ?? (photo.trial ? photoWords.trialPicture : photoWords.photo2);
  return (
    <span className="marked-photo">
      {/* Pictures of the job come from this server in the size that is shown */}
      {/* oxlint-disable-next-line nextjs/no-img-element */}
      <img src={src} alt={words} width={width} height={height} loading="lazy" />
      <svg viewBox={`0 0 ${width} ${height}`} aria-hidden="true">
        {marks.map((mark, i) => (
          <g key={i} className="under" strokeWidth={width * 0.016}>
            <Mark mark={mark} width={width} height={height} />
          </g>
        ))}
        {marks.map((mark, i) => (
          <g key={i} className="over" strokeWidth={width * 0.008}>
            <Mark mark={mark} width={width} height={height} />
          </g>
        ))}
      </svg>
    </span>
  );
}
