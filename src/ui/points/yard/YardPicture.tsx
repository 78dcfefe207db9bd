'use client';
import { yardWords } from '@/words/screens';
import { pictureOf, type Aim, type Mask, type Scene, type SeenTarget } from '@/core/yard';
import { pathOf as path } from './PicturePaths';
import { maskLetter } from './yardText';

interface Props {
  readonly scene: Scene;
  readonly aim: Aim;
  readonly seen: readonly SeenTarget[];
  readonly name: (what: string) => string;
  /** Where the plan has the targets: a ring each, and a line to where they stand now. */
  readonly beside?: Aim;
  /** What is to be covered. */
  readonly masks?: readonly Mask[];
}

/** Nearer to a side of the picture a name stands inwards of what it names. */
const EDGE = 60;

/** What the camera will show: ground, what stands in the way, a visitor at each target; a missed one is dashed. */
export function YardPicture({ scene, aim, seen, name, beside, masks = [] }: Props) {
  const { widthPx, heightPx } = scene.camera;
  const { ground, horizon, boxes, figures } = pictureOf(scene, aim);
  const rings = beside ? pictureOf(scene, beside).figures : [];
  const missed = new Map(seen.map(({ target, miss }) => [target.id, miss !== null]));
  const [first, last] = [horizon[0], horizon.at(-1)];
  // Figures and words are as large as they would be read in a picture of this width
  const unit = widthPx / 360;
  return (
    <svg
      className="drawing yard-picture"
      viewBox={`0 0 ${widthPx} ${heightPx}`}
      role="img"
      aria-label={yardWords.pictureName}
    >
      <clipPath id="picture-frame">
        <rect width={widthPx} height={heightPx} />
      </clipPath>
      <g clipPath="url(#picture-frame)">
        {first && last && (
          <path className="earth" d={`${path(horizon)}L${last[0]} ${9 * heightPx}L${first[0]} ${9 * heightPx}Z`} />
        )}
        {ground.map((outline, i) => (
          <path key={i} className="tile" d={path(outline)} strokeWidth={unit * 0.6} />
        ))}
        {boxes.flatMap(({ id, faces }) =>
          faces.map((outline, i) => (
            <path key={`${id} ${i}`} className="face" d={`${path(outline)}Z`} strokeWidth={unit * 1.4} />
          )),
        )}
        {figures.flatMap(({ target, foot, head, headPx, child }) =>
          [{ foot, head, headPx }, ...(child ? [child] : [])].map((one, i) => (
            <g
              key={`${target.id} ${i}`}
              className={missed.get(target.id) ? 'figure ghost' : 'figure'}
              strokeWidth={unit * 1.6}
            >
              {one.foot && <path d={`M${one.foot[0]} ${one.foot[1]}L${one.head[0]} ${one.head[1]}`} />}
              <circle cx={one.head[0]} cy={one.head[1]} r={Math.max(one.headPx, unit * 2)} />
            </g>
          )),
        )}
        {masks.map(({ area, left, top, right, foot }, i) => (
          <g key={area.id} className="mask" strokeWidth={unit * 1.6}>
            <rect
              x={(left / 100) * widthPx}
              y={(top / 100) * heightPx}
              width={((right - left) / 100) * widthPx}
              height={((foot - top) / 100) * heightPx}
            />
            <text
              className="strong"
              x={(left / 100) * widthPx + 4 * unit}
              y={(top / 100) * heightPx + 13 * unit}
              style={{ fontSize: 12 * unit }}
            >
              {maskLetter(i)}
            </text>
          </g>
        ))}
        {rings.map(({ target, head }) => {
          const here = figures.find((one) => one.target.id === target.id);
          return (
            <g key={target.id} className="planned-ring" strokeWidth={unit * 2}>
              {here && <path d={`M${head[0]} ${head[1]}L${here.head[0]} ${here.head[1]}`} />}
              <circle cx={head[0]} cy={head[1]} r={unit * 7} />
            </g>
          );
        })}
        {figures
          .filter(({ head: [x, y] }) => x >= 0 && x <= widthPx && y >= 0 && y <= heightPx)
          .map(({ target, head, headPx }) => (
            <text
              key={target.id}
              className="strong halo"
              x={Math.min(widthPx - 4 * unit, Math.max(4 * unit, head[0]))}
              y={Math.max(14 * unit, head[1] - headPx - 5 * unit)}
              textAnchor={head[0] < EDGE * unit ? 'start' : head[0] > widthPx - EDGE * unit ? 'end' : 'middle'}
              style={{ fontSize: 12 * unit, strokeWidth: 4 * unit }}
            >
              {name(target.what)}
            </text>
          ))}
      </g>
      <rect className="frame" width={widthPx} height={heightPx} strokeWidth={unit} />
    </svg>
  );
}
