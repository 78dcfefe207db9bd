import { planWords } from '@/words/screens';
import { Fragment, type ReactNode } from 'react';
import { isArea, lengthBetween, sidesOf, type Corner, type Shape, type SitePlan } from '@/core/site';
import { lengthText, type LengthSystem } from '@/core/units';

/** Something of a point on the plan: where it hangs and which way it looks, or what it is to see. */
export interface PlanMark {
  readonly id: string;
  readonly name: string;
  readonly place: Corner;
  /** Of a point: clockwise from the plan’s up. Null of a target. */
  readonly outDeg: number | null;
}

/** What is seen how finely, in rows. */
export interface SeenOnPlan {
  readonly stretches: readonly {
    readonly y: number;
    readonly fromX: number;
    readonly toX: number;
    readonly class: string;
  }[];
  readonly cellM: number;
}

interface Props {
  readonly plan: SitePlan;
  readonly marks: readonly PlanMark[];
  readonly name: (shape: Shape) => string;
  readonly lengths: LengthSystem;
  /** The shape whose sides are written out. */
  readonly picked?: string | null;
  /** Address of the picture that lies under it. */
  readonly underlay?: { readonly href: string; readonly shape: number } | null;
  /** What the cameras see, under all that stands there. */
  readonly seen?: SeenOnPlan | null;
  readonly id?: string;
  readonly onPick?: (shapeId: string) => void;
  /** What is drawn over it: handles. */
  readonly children?: (draw: PlanScale) => ReactNode;
  readonly svgProps?: React.SVGProps<SVGSVGElement>;
}

/** How a plan lies on the paper. */
export interface PlanScale {
  /** A metre, in units of the drawing. */
  readonly metre: number;
  readonly x: (metres: number) => number;
  readonly y: (metres: number) => number;
  /** Back from the drawing, of `width` × `height`. */
  readonly at: (x: number, y: number) => Corner;
  readonly width: number;
  readonly height: number;
}

/** Width of the drawing, whatever the site is: words stay as large. */
const WIDTH = 520;
const MARGIN_M = 2;
const LEAST_M = 14;

/** The paper that holds all of a plan. */
export function planScale(plan: SitePlan, marks: readonly PlanMark[]): PlanScale {
  const { underlay } = plan;
  const places = [
    ...plan.shapes.flatMap(({ corners }) => corners),
    ...marks.map(({ place }) => place),
    ...(underlay
      ? [
          [underlay.leftM, underlay.topM] as const,
          [underlay.leftM + underlay.widthM, underlay.topM - underlay.widthM] as const,
        ]
      : []),
  ];
  const span = (of: readonly number[]): readonly [number, number] => {
    const [low, high] = of.length === 0 ? [0, LEAST_M] : [Math.min(...of), Math.max(...of)];
    const more = Math.max(MARGIN_M, (LEAST_M - (high - low)) / 2);
    return [low - more, high + more];
  };
  const [left, right] = span(places.map(([x]) => x));
  const [low, high] = span(places.map(([, y]) => y));
  const metre = WIDTH / (right - left);
  return {
    metre,
    x: (metres) => (metres - left) * metre,
    y: (metres) => (high - metres) * metre,
    at: (x, y) => [x / metre + left, high - y / metre],
    width: WIDTH,
    height: (high - low) * metre,
  };
}

/** About as wide as a letter of a small word: what has no room for its name goes without. */
const LETTER = 6;
const widthOf = (corners: readonly Corner[]): number => {
  const xs = corners.map(([x]) => x);
  return Math.max(...xs) - Math.min(...xs);
};

const SCALE_BAR_M = 5;

/** The plan of a site from above: the house, what stands about it, streets, ways, points on their walls, north. */
export function PlanDrawing({
  plan,
  marks,
  name,
  lengths,
  picked = null,
  underlay = null,
  seen = null,
  id,
  onPick,
  children,
  svgProps,
}: Props) {
  const draw = planScale(plan, marks);
  const { x, y, width, height, metre } = draw;
  const outline = (corners: readonly Corner[]): string =>
    corners.map(([a, b], i) => `${i ? 'L' : 'M'}${x(a).toFixed(1)} ${y(b).toFixed(1)}`).join('');
  const middle = (corners: readonly Corner[]): Corner => [
    corners.reduce((sum, [a]) => sum + a, 0) / corners.length,
    corners.reduce((sum, [, b]) => sum + b, 0) / corners.length,
  ];
  return (
    <svg
      id={id}
      className="drawing site-plan"
      viewBox={`0 0 ${width.toFixed(1)} ${height.toFixed(1)}`}
      role={onPick ? 'group' : 'img'}
      aria-label={planWords.planName}
      {...svgProps}
    >
      <defs>
        <pattern id="private-ground" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V8" className="hatch" />
        </pattern>
      </defs>
      {underlay && plan.underlay && (
        <image
          href={underlay.href}
          x={x(plan.underlay.leftM)}
          y={y(plan.underlay.topM)}
          width={plan.underlay.widthM * metre}
          height={(plan.underlay.widthM * metre) / underlay.shape}
          opacity="0.55"
          preserveAspectRatio="none"
        />
      )}
      {seen?.stretches.map((one) => (
        <rect
          key={`${one.y} ${one.fromX}`}
          className={`seen-${one.class}`}
          x={x(one.fromX)}
          y={y(one.y + seen.cellM / 2)}
          width={(one.toX - one.fromX) * metre}
          height={seen.cellM * metre}
        />
      ))}
      {plan.shapes.map((shape) => {
        const [mx, my] = middle(shape.corners);
        const closed = isArea(shape);
        return (
          <g
            key={shape.id}
            className={`shape ${shape.what}${picked === shape.id ? ' picked' : ''}`}
            {...(onPick && {
              role: 'button',
              tabIndex: 0,
              'aria-label': planWords.pickShape({ what: name(shape) }),
              'aria-pressed': picked === shape.id,
              onClick: () => onPick(shape.id),
              onKeyDown: (event: React.KeyboardEvent) => {
                if (event.key !== 'Enter' && event.key !== ' ') return;
                event.preventDefault();
                onPick(shape.id);
              },
            })}
          >
            {shape.eaveM > 0 && closed && (
              <path className="eave" d={`${outline(shape.corners)}Z`} strokeWidth={2 * shape.eaveM * metre} />
            )}
            <path className="hit" d={outline(shape.corners) + (closed ? 'Z' : '')} />
            <path className="outline" d={outline(shape.corners) + (closed ? 'Z' : '')} />
            {(!closed || picked === shape.id || widthOf(shape.corners) * metre > LETTER * name(shape).length) && (
              <text x={x(mx)} y={y(my) + 4} textAnchor="middle" className="small-text halo">
                {name(shape)}
              </text>
            )}
            {picked === shape.id &&
              closed &&
              sidesOf(shape.corners).map(({ lengthM }, i) => {
                const [a, b] = [shape.corners[i], shape.corners[(i + 1) % shape.corners.length]];
                if (!a || !b || lengthBetween(a, b) * metre < LETTER * lengthText(lengthM, lengths).length) return null;
                return (
                  <text
                    key={i}
                    x={x((a[0] + b[0]) / 2)}
                    y={y((a[1] + b[1]) / 2) - 4}
                    textAnchor="middle"
                    className="small-text m halo"
                  >
                    {lengthText(lengthM, lengths)}
                  </text>
                );
              })}
          </g>
        );
      })}
      {marks.map(({ id: markId, name: words, place: [a, b], outDeg }) => (
        <Fragment key={markId}>
          {outDeg === null ? (
            <circle className="target" cx={x(a)} cy={y(b)} r="5" />
          ) : (
            <path className="fox-fill" d="M0 -14L8 5H-8Z" transform={`translate(${x(a)} ${y(b)}) rotate(${outDeg})`} />
          )}
          <text x={x(a) + 9} y={y(b) - 6} className="small-text strong halo">
            {words}
          </text>
        </Fragment>
      ))}
      <g className="scale-bar" transform={`translate(10 ${height - 12})`}>
        <path d={`M0 -5V0H${SCALE_BAR_M * metre}V-5`} />
        <text x={SCALE_BAR_M * metre + 6} y="0" className="small-text">
          {lengthText(SCALE_BAR_M, lengths)}
        </text>
      </g>
      {plan.northDeg !== null && (
        <g transform={`translate(${width - 24} 30) rotate(${-plan.northDeg})`} className="north">
          <path d="M0 -20L7 8L0 3L-7 8Z" />
          <text y="22" textAnchor="middle" className="small-text strong">
            {planWords.north}
          </text>
        </g>
      )}
      {children?.(draw)}
    </svg>
  );
}
