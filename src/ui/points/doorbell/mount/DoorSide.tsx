'use client';
import { mountWords } from '@/words/screens';
import { useRef, type PointerEvent } from 'react';
import { SCENE, faceSeen, seenAt, type DoorView } from '@/core/mount';
import { lengthText, type LengthSystem } from '@/core/units';

interface Props {
  readonly heightM: number;
  readonly tiltDeg: number;
  readonly verticalDeg: number;
  readonly view: DoorView;
  readonly lengths: LengthSystem;
  /** Called while the device is dragged along the wall, and once more, `done`, when it is let go. */
  readonly onDrag: (heightM: number, done: boolean) => void;
}

const METRE = 118;
const WALL = 30;
const GROUND = 286;
/** Longer than the picture, so that the cone’s far side lies outside of it. */
const RAY_M = 20;
const y = (metres: number): number => GROUND - metres * METRE;
const x = (metres: number): number => WALL + metres * METRE;

/** The door from the side: the cone of view, a tall and a short visitor near and far, the parcel on the mat. */
export function DoorSide({ heightM, tiltDeg, verticalDeg, view, lengths, onDrag }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const seen = seenAt(view, tiltDeg);
  const edge = (deg: number): string => {
    const angle = ((deg - tiltDeg) * Math.PI) / 180;
    return `${x(RAY_M * Math.cos(angle))} ${y(heightM + RAY_M * Math.sin(angle))}`;
  };
  const heightAt = (event: PointerEvent): number => {
    const box = svg.current?.getBoundingClientRect();
    if (!box) return heightM;
    const inDrawing = ((event.clientY - box.top) / box.height) * 300;
    return Math.min(2.2, Math.max(0.3, Math.round(((GROUND - inDrawing) / METRE) * 100) / 100));
  };
  const dragging = (event: PointerEvent, done: boolean) => {
    if (event.currentTarget.hasPointerCapture(event.pointerId)) onDrag(heightAt(event), done);
  };
  const visitor = (metres: number, away: number, label: string) => (
    <g key={`${metres}-${away}`} className="visitor">
      <path d={`M${x(away)} ${y(0)}V${y(metres - SCENE.faceM)}`} className="line" />
      <ellipse
        cx={x(away)}
        cy={y(metres - SCENE.faceM / 2)}
        rx="11"
        ry={(SCENE.faceM * METRE) / 2}
        className={faceSeen(heightM, tiltDeg, verticalDeg, metres, away) ? 'seen' : 'unseen'}
      />
      <text x={x(away)} y={y(metres) - 6} textAnchor="middle" className="small-text soft">
        {label}
      </text>
    </g>
  );
  return (
    <svg ref={svg} className="drawing side" viewBox="0 0 370 300" role="group" aria-label={mountWords.theDoorFromThe}>
      <clipPath id="side-clip">
        <rect x={WALL} y="0" width={370 - WALL} height={GROUND} />
      </clipPath>
      <path
        d={`M${x(0)} ${y(heightM)}L${edge(verticalDeg / 2)}L${edge(-verticalDeg / 2)}Z`}
        className="cone"
        clipPath="url(#side-clip)"
      />
      <path d={`M0 ${GROUND}H370`} className="line" />
      <path d={`M${WALL} 0V${GROUND}`} className="line thick" />
      {visitor(SCENE.tallestM, SCENE.nearestM, lengthText(SCENE.tallestM, lengths, 'small'))}
      {visitor(SCENE.shortestM, SCENE.farthestM, lengthText(SCENE.shortestM, lengths, 'small'))}
      {visitor(SCENE.tallestM, SCENE.farthestM + 0.55, lengthText(SCENE.tallestM, lengths, 'small'))}
      <rect
        x={x(SCENE.parcelAtM) - 16}
        y={y(SCENE.parcelHeightM)}
        width="32"
        height={SCENE.parcelHeightM * METRE}
        className={seen.parcel ? 'seen' : 'unseen'}
      />
      <g
        className="device"
        onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
        onPointerMove={(event) => dragging(event, false)}
        onPointerUp={(event) => dragging(event, true)}
        transform={`translate(${WALL} ${y(heightM)}) rotate(${tiltDeg})`}
      >
        <rect x="-22" y="-22" width="44" height="44" className="grip" />
        <rect x="0" y="-9" width="9" height="26" className="body" />
        <circle cx="9" cy="0" r="3.4" className="lens" />
      </g>
      <text x={WALL + 16} y={y(heightM) + 36} className="m strong halo">
        {lengthText(heightM, lengths, 'small')}
      </text>
    </svg>
  );
}
