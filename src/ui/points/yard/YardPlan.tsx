'use client';
import { yardWords } from '@/words/screens';
import { contours } from 'd3-contour';
import { useMemo, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { LIMITS } from '@/core/kinds';
import {
  cameraAt,
  classReachM,
  coverageOf,
  firedArc,
  luxMap,
  placeAt,
  sensorLobe,
  sensorReach,
  walkPieces,
  type Aim,
  type Scene,
  type SeenTarget,
  type Where,
} from '@/core/yard';
import { NIGHT_LUX } from '@/core/light';
import { lengthText, type LengthSystem } from '@/core/units';
import { turnText } from './yardText';

interface Props {
  readonly scene: Scene;
  readonly aim: Aim;
  readonly seen: readonly SeenTarget[];
  readonly lengths: LengthSystem;
  readonly name: (what: string) => string;
  /** How fine a class of pixels per metre is, in words. */
  readonly fineness: (seenAs: string) => string;
  /** How far off the sensor fired when it was walked; null where nobody walked it. */
  readonly firedM: number | null;
  /** The target whose taping would settle most. */
  readonly tape: string | null;
  /** Called while a pin is moved, and once more, `done`, when it is let go. Left out on paper: nothing moves there. */
  readonly onMove?: (id: string, where: Pick<Where, 'distanceM' | 'turnDeg'>, done: boolean) => void;
}

const METRE = 22;
const WALL = 14;
/** A face is looked for in cells of this size; the yard is drawn this much wider and deeper than what stands in it. */
const CELL_M = 0.1;
const ROOM_M = 2.5;
/** Nearer to the side of the plan a name stands inwards of its pin. */
const EDGE_M = 3;
const LEAST_M = { across: 7, away: 9 } as const;
const STEP = { metres: 0.1, degrees: 1 } as const;

const within = (value: number, { least, most }: { readonly least: number; readonly most: number }): number =>
  Math.min(most, Math.max(least, value));
const round = (value: number, to: number): number => Number((Math.round(value / to) * to).toFixed(2));

/** Lux that are drawn as lines: colours are seen from the first, steps are safe from the second. */
const LUX_LINES = [NIGHT_LUX.colour, NIGHT_LUX.steps] as const;

interface LuxLine {
  readonly lux: number;
  readonly path: string;
}

/** Where the ground is so light, as lines of the drawing. */
function luxLines(scene: Scene, aim: Aim, acrossM: number, awayM: number): readonly LuxLine[] {
  const map = luxMap(scene, aim, { acrossM, awayM, cellM: 2 * CELL_M });
  const place = ([i = 0, j = 0]: readonly number[]): string =>
    `${(i * map.cellM * METRE).toFixed(1)} ${((awayM - j * map.cellM) * METRE).toFixed(1)}`;
  return contours()
    .size([map.columns, map.rows])
    .thresholds([...LUX_LINES])([...map.lux])
    .map(({ value, coordinates }) => ({
      lux: value,
      path: coordinates
        .flat()
        .map((ring) => `M${ring.map(place).join('L')}Z`)
        .join(''),
    }));
}

/** The yard from above, looking out of the wall: what is seen how finely, sensed, and in the way; its pins can be moved. */
export function YardPlan({ scene, aim, seen, lengths, name, fineness, firedM, tape, onMove }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const places = [...scene.targets, ...scene.obstacles].map((one) => placeAt(one));
  const across = Math.max(LEAST_M.across, ...places.map(([x]) => Math.abs(x) + ROOM_M));
  const away = Math.max(LEAST_M.away, ...places.map(([, y]) => y + ROOM_M));
  const width = 2 * across * METRE;
  const height = away * METRE + WALL;
  const x = (metres: number): number => (across + metres) * METRE;
  // Away from the wall is up
  const y = (metres: number): number => (away - metres) * METRE;
  const { reachM } = sensorReach(scene.camera, aim, scene.fallShare);
  const lobe = sensorLobe(scene, aim);
  // Where each class ends straight ahead of the head
  const { bearingDeg } = cameraAt(scene, aim);
  const bands = (['recognise', 'observe', 'detect'] as const).flatMap((id) => {
    const place = placeAt({ distanceM: classReachM(scene, aim, id), turnDeg: bearingDeg });
    return Math.abs(place[0]) < across - 1 && place[1] > 1.5 && place[1] < away - 0.5 ? [{ id, place }] : [];
  });
  const night = useMemo(() => luxLines(scene, aim, across, away), [scene, aim, across, away]);
  const whereOf = (event: PointerEvent): Pick<Where, 'distanceM' | 'turnDeg'> | null => {
    const box = svg.current?.getBoundingClientRect();
    if (!box) return null;
    const right = ((event.clientX - box.left) / box.width) * 2 * across - across;
    const out = Math.max(0.1, away - (((event.clientY - box.top) / box.height) * height) / METRE);
    return {
      distanceM: within(round(Math.hypot(right, out), STEP.metres), LIMITS.yardM),
      turnDeg: round((Math.atan2(right, out) * 180) / Math.PI, STEP.degrees),
    };
  };
  const moving = (id: string, event: PointerEvent, done: boolean) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const where = whereOf(event);
    if (where) onMove?.(id, where, done);
  };
  const keyed = (one: Where & { readonly id: string }, event: KeyboardEvent) => {
    const by = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [1, 0], ArrowDown: [-1, 0] }[event.key];
    if (!by) return;
    event.preventDefault();
    const [farther = 0, turned = 0] = by;
    onMove?.(
      one.id,
      {
        distanceM: within(round(one.distanceM + farther * STEP.metres, STEP.metres), LIMITS.yardM),
        turnDeg: within(one.turnDeg + turned * STEP.degrees, LIMITS.turnDeg),
      },
      true,
    );
  };
  const pin = (one: Where & { readonly id: string }, what: string) =>
    onMove && {
      role: 'button',
      tabIndex: 0,
      'aria-label': yardWords.pinName({
        what,
        distance: lengthText(one.distanceM, lengths),
        turn: turnText(one.turnDeg),
      }),
      className: 'pin',
      onPointerDown: (event: PointerEvent) => event.currentTarget.setPointerCapture(event.pointerId),
      onPointerMove: (event: PointerEvent) => moving(one.id, event, false),
      onPointerUp: (event: PointerEvent) => moving(one.id, event, true),
      onKeyDown: (event: KeyboardEvent) => keyed(one, event),
    };
  return (
    <svg
      ref={svg}
      className="drawing yard-plan"
      viewBox={`0 0 ${width} ${height}`}
      role={onMove ? 'group' : 'img'}
      aria-label={yardWords.planName}
    >
      {coverageOf(scene, aim, { acrossM: across, awayM: away, cellM: CELL_M }).map((one) => (
        <rect
          key={`${one.y} ${one.fromX}`}
          className={`seen-${one.class}`}
          x={x(one.fromX)}
          y={y(one.y + CELL_M / 2)}
          width={(one.toX - one.fromX) * METRE}
          height={CELL_M * METRE}
        />
      ))}
      {scene.around?.areas.map(({ id, what, corners }) => (
        <path
          key={id}
          className={what === 'window' ? 'private-window' : 'private-area'}
          d={`${corners.map(([a, b], i) => `${i ? 'L' : 'M'}${x(a)} ${y(b)}`).join('')}Z`}
        />
      ))}
      {night.map(({ lux, path }) => (
        <path key={lux} className={`lux lux-${lux}`} d={path}>
          <title>{yardWords.luxLine({ lux })}</title>
        </path>
      ))}
      {scene.around?.solids.map(({ id, shape, prism: { footprint } }) => (
        <path
          key={id}
          className={id !== shape.id ? 'eave' : shape.what === 'house' ? 'hole' : 'box'}
          d={`${footprint.map(([a, b], i) => `${i ? 'L' : 'M'}${x(a)} ${y(b)}`).join('')}Z`}
        />
      ))}
      {walkPieces(scene, aim).map(({ from, to, crossing }, i) => (
        <path key={i} className={`walk ${crossing}`} d={`M${x(from[0])} ${y(from[1])}L${x(to[0])} ${y(to[1])}`} />
      ))}
      <polyline
        className="lobe"
        points={[[0, 0], ...lobe, [0, 0]].map(([a, b]) => `${x(a ?? 0)},${y(b ?? 0)}`).join(' ')}
      />
      <text className="small-text soft halo" x={x(0)} y={Math.max(12, y(reachM) - 4)} textAnchor="middle">
        {yardWords.sensorEdge({ reach: lengthText(reachM, lengths) })}
      </text>
      {firedM !== null && (
        <>
          <polyline
            className="fired"
            points={firedArc(scene, firedM)
              .map(([a, b]) => `${x(a)},${y(b)}`)
              .join(' ')}
          />
          <text className="small-text strong halo" x={x(0)} y={y(firedM) + 14} textAnchor="middle">
            {yardWords.firedAt({ metres: lengthText(firedM, lengths) })}
          </text>
        </>
      )}
      {bands.map(({ id, place: [right, out] }) => (
        <text key={id} className="small-text band-name" x={x(right) - 4} y={y(out) + 12} textAnchor="end">
          {yardWords.bandTo({ band: fineness(id), to: lengthText(Math.hypot(right, out), lengths) })}
        </text>
      ))}
      <rect className="hole" x="0" y={y(0)} width={width} height={WALL} />
      {scene.obstacles.map((one) => {
        const [right, out] = placeAt(one);
        return (
          <g key={one.id} {...pin(one, name(one.stands))}>
            <rect
              className="box"
              x={x(right - one.widthM / 2)}
              y={y(out + one.depthM / 2)}
              width={one.widthM * METRE}
              height={one.depthM * METRE}
            />
            <text className="small-text" x={x(right)} y={y(out) + 4} textAnchor="middle">
              {name(one.stands)}
            </text>
          </g>
        );
      })}
      <path
        className="fox-fill"
        d="M0 -16L9 6H-9Z"
        transform={`translate(${x(0)} ${y(0)}) rotate(${bearingDeg})`}
        aria-hidden="true"
      />
      {seen.map(({ target, miss }) => {
        const [right, out] = placeAt(target);
        return (
          <g key={target.id} {...pin(target, name(target.what))} data-miss={miss ?? 'none'}>
            <circle className="grip" cx={x(right)} cy={y(out)} r="22" />
            <circle className={miss === null ? 'met' : 'missed'} cx={x(right)} cy={y(out)} r="9" />
            <path
              className="sign"
              d={miss === null ? 'M-4 0L-1 3L4 -4' : 'M-5 5L5 -5'}
              transform={`translate(${x(right)} ${y(out)})`}
            />
            {tape === target.id && <circle className="ringed" cx={x(right)} cy={y(out)} r="14" />}
            <text
              className="strong small-text halo"
              x={x(right)}
              y={y(out) - 14}
              textAnchor={right < EDGE_M - across ? 'start' : right > across - EDGE_M ? 'end' : 'middle'}
            >
              {name(target.what)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
