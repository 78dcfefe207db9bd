'use client';
import { mountWords } from '@/words/screens';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { LIMITS } from '@/core/kinds';
import {
  FACE_M,
  PARCEL_M,
  PARCEL_ASKED,
  visitorsOf,
  type DoorHangs,
  type DoorScene,
  type DoorSeen,
} from '@/core/mount';
import { lengthText, type LengthSystem } from '@/core/units';

interface Props {
  readonly scene: DoorScene;
  readonly hangs: DoorHangs;
  readonly seen: DoorSeen;
  readonly lengths: LengthSystem;
  /** A height that would save what is lost; null where nothing is to be saved, or none would. */
  readonly saves: number | null;
  /** Called while the device is dragged along the wall, and once more, `done`, when it is let go; null on paper. */
  readonly onDrag: ((heightM: number, done: boolean) => void) | null;
}

const METRE = 118;
const WALL = 30;
const GROUND = 286;
const HEIGHT = 300;
/** Longer than the picture, so that the cone’s far side lies outside of it. */
const RAY_M = 20;
const y = (metres: number): number => GROUND - metres * METRE;
const x = (metres: number): number => WALL + metres * METRE;
const within = (metres: number): number => Math.min(LIMITS.heightM.most, Math.max(LIMITS.heightM.least, metres));

/** The door from the side: the cone of view, a tall and a short visitor, the parcel on the mat. */
export function DoorSide({ scene, hangs, seen, lengths, saves, onDrag }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const { lensM, tiltDeg } = hangs;
  const half = scene.device.viewDeg.vertical / 2;
  const edge = (deg: number): string => {
    const angle = ((deg - tiltDeg) * Math.PI) / 180;
    return `${x(RAY_M * Math.cos(angle))} ${y(lensM + RAY_M * Math.sin(angle))}`;
  };
  const small = (metres: number): string => lengthText(metres, lengths, 'small');
  const heightAt = (event: PointerEvent): number => {
    const box = svg.current?.getBoundingClientRect();
    if (!box) return lensM;
    const inDrawing = ((event.clientY - box.top) / box.height) * HEIGHT;
    return within(Math.min(2.2, Math.round(((GROUND - inDrawing) / METRE) * 100) / 100));
  };
  const dragging = (event: PointerEvent, done: boolean) => {
    if (event.currentTarget.hasPointerCapture(event.pointerId)) onDrag?.(heightAt(event), done);
  };
  const keyed = (event: KeyboardEvent) => {
    const by = { ArrowUp: 0.01, ArrowDown: -0.01, PageUp: 0.1, PageDown: -0.1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onDrag?.(Number(within(lensM + by).toFixed(2)), true);
  };
  const [tallNear, , , shortFar] = visitorsOf(scene);
  const { outM, sizeM } = PARCEL_M;
  const matEndM = outM + sizeM;
  return (
    <svg
      ref={svg}
      className="drawing side"
      viewBox={`0 0 300 ${HEIGHT}`}
      role={onDrag ? 'group' : 'img'}
      aria-label={mountWords.theDoorFromThe}
    >
      <clipPath id="side-clip">
        <rect x={WALL} y="0" width={300 - WALL} height={GROUND} />
      </clipPath>
      <path d={`M${x(0)} ${y(lensM)}L${edge(half)}L${edge(-half)}Z`} className="cone" clipPath="url(#side-clip)" />
      {scene.stepM > 0 && (
        <rect className="step" x={WALL} y={y(scene.stepM)} width={matEndM * METRE} height={scene.stepM * METRE} />
      )}
      <path d={`M0 ${GROUND}H300`} className="line" />
      <path d={`M${WALL} 0V${GROUND}`} className="line thick" />
      {[tallNear, shortFar].map(
        (one) =>
          one && (
            <g key={one.id} className="visitor">
              <path d={`M${x(one.outM)} ${y(0)}V${y(one.tallM - FACE_M.tall)}`} className="line" />
              <ellipse
                cx={x(one.outM)}
                cy={y(one.tallM - FACE_M.tall / 2)}
                rx="11"
                ry={(FACE_M.tall * METRE) / 2}
                className={seen.cut.includes(one.id) ? 'unseen' : 'seen'}
              />
              <text x={x(one.outM)} y={y(one.tallM) - 6} textAnchor="middle" className="small-text soft">
                {small(one.tallM)}
              </text>
            </g>
          ),
      )}
      <rect
        x={x(outM - sizeM / 2)}
        y={y(scene.stepM + sizeM)}
        width={sizeM * METRE}
        height={sizeM * METRE}
        className={seen.parcel >= PARCEL_ASKED ? 'seen' : 'unseen'}
      />
      <text x={x(outM + sizeM / 2) + 5} y={y(scene.stepM + sizeM / 2)} className="small-text strong halo">
        {mountWords.parcelShare({ percent: Math.round(100 * seen.parcel) })}
      </text>
      {saves !== null && Math.abs(saves - lensM) > 0.015 && (
        <g className="saves">
          <rect x={WALL} y={y(saves) - 9} width="9" height="26" />
          <text x={WALL + 14} y={y(saves) + 8} className="small-text strong halo">
            {mountWords.savesAt({ small: small(saves) })}
          </text>
        </g>
      )}
      <g
        className="device"
        {...(onDrag && {
          role: 'slider',
          tabIndex: 0,
          'aria-label': mountWords.dragItUp,
          'aria-orientation': 'vertical' as const,
          'aria-valuenow': lensM,
          'aria-valuemin': LIMITS.heightM.least,
          'aria-valuemax': LIMITS.heightM.most,
          'aria-valuetext': small(lensM),
          onPointerDown: (event: PointerEvent<SVGGElement>) => event.currentTarget.setPointerCapture(event.pointerId),
          onPointerMove: (event: PointerEvent<SVGGElement>) => dragging(event, false),
          onPointerUp: (event: PointerEvent<SVGGElement>) => dragging(event, true),
          onKeyDown: keyed,
        })}
        transform={`translate(${WALL} ${y(lensM)}) rotate(${tiltDeg})`}
      >
        <rect x="-22" y="-22" width="44" height="44" className="grip" />
        <rect x="0" y="-9" width="9" height="26" className="body" />
        <circle cx="9" cy="0" r="3.4" className="lens" />
      </g>
      <text x={WALL + 16} y={y(lensM) - 14} className="m strong halo">
        {small(lensM)}
      </text>
    </svg>
  );
}
