import { mountWords } from '@/words/screens';
import { useMemo } from 'react';
import { doorPicture, type DoorHangs, type DoorScene } from '@/core/mount';

interface Props {
  readonly scene: DoorScene;
  readonly hangs: DoorHangs;
}

const pathOf = (outline: readonly (readonly [number, number])[]): string =>
  outline.map(([x, y], i) => `${i ? 'L' : 'M'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');

/** What the doorbell will show: ground, visitors, the parcel, and dark what is only wall. */
export function DoorPicture({ scene, hangs }: Props) {
  const picture = useMemo(() => doorPicture(scene, hangs), [scene, hangs]);
  const { widthPx, heightPx } = picture;
  const unit = widthPx / 240;
  return (
    <svg
      className="drawing door-picture"
      viewBox={`0 0 ${widthPx} ${heightPx}`}
      role="img"
      aria-label={mountWords.whatItWillShow}
    >
      <clipPath id="door-picture-frame">
        <rect width={widthPx} height={heightPx} />
      </clipPath>
      <g clipPath="url(#door-picture-frame)">
        {picture.ground.map((outline, i) => (
          <path key={i} className="tile" d={pathOf(outline)} strokeWidth={unit * 0.6} />
        ))}
        {picture.lost.map(({ x, y, width, height }) => (
          <rect key={`${x} ${y}`} className="lost" x={x} y={y} width={width + 1} height={height + 1} />
        ))}
        {picture.parcel.map((outline, i) => (
          <path
            key={i}
            className={picture.isParcelCut ? 'parcel cut' : 'parcel'}
            d={pathOf(outline)}
            strokeWidth={unit * 1.6}
          />
        ))}
        {picture.figures.map(({ visitor, foot, chin, crown, isCut }) => (
          <g key={visitor.id} className={isCut ? 'figure ghost' : 'figure'} strokeWidth={unit * 1.6}>
            {foot && <path d={`M${foot[0]} ${foot[1]}L${chin[0]} ${chin[1]}`} />}
            <circle
              cx={(chin[0] + crown[0]) / 2}
              cy={(chin[1] + crown[1]) / 2}
              r={Math.max(unit * 3, Math.hypot(crown[0] - chin[0], crown[1] - chin[1]) / 2)}
            />
          </g>
        ))}
      </g>
      <rect className="frame" width={widthPx} height={heightPx} strokeWidth={unit} />
    </svg>
  );
}
