'use client';
import { mountWords } from '@/words/screens';
import type { KeyboardEvent } from 'react';
import {
  PARCEL_ASKED,
  PARCEL_M,
  sidesAt,
  visitorsOf,
  type DoorHangs,
  type DoorScene,
  type DoorSeen,
} from '@/core/mount';

interface Props {
  readonly scene: DoorScene;
  readonly hangs: DoorHangs;
  readonly seen: DoorSeen;
  /** A side wedge was tapped: to the right positive, looking out. */
  readonly onSide: (sideDeg: number) => void;
}

const METRE = 118;
const [WIDTH, HEIGHT] = [300, 300];
const WALL = 270;
const RAY_M = 6;
/** Wedges stand on an arc of this radius, in pixels. */
const ARC = 196;
const x = (metres: number): number => WIDTH / 2 + metres * METRE;
const y = (metres: number): number => WALL - metres * METRE;

/** The door from above, looking out of the wall: how wide it sees, what stands out beside it, and its side wedges to be tapped. */
export function DoorAbove({ scene, hangs, seen, onSide }: Props) {
  const half = scene.device.viewDeg.horizontal / 2;
  const edge = (deg: number): string => {
    const angle = ((hangs.sideDeg + deg) * Math.PI) / 180;
    return `${x(RAY_M * Math.sin(angle))} ${y(RAY_M * Math.cos(angle))}`;
  };
  // Past a right angle the cone goes round by the corners of the drawing
  const middle = edge(0);
  const { reveal, matRightM } = scene;
  const { outM, sizeM } = PARCEL_M;
  const [, tallFar, shortNear] = visitorsOf(scene);
  return (
    <svg
      className="drawing side above"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="group"
      aria-label={mountWords.theDoorFromAbove}
    >
      <clipPath id="above-clip">
        <rect x="0" y="0" width={WIDTH} height={WALL} />
      </clipPath>
      <path
        d={`M${x(0)} ${y(0)}L${edge(-half)}L${edge(-half / 2)}L${middle}L${edge(half / 2)}L${edge(half)}Z`}
        className="cone"
        clipPath="url(#above-clip)"
      />
      <rect className="wall" x="0" y={WALL} width={WIDTH} height={HEIGHT - WALL} />
      <rect className="door" x={x(matRightM) - 0.42 * METRE} y={WALL + 4} width={0.84 * METRE} height="9" />
      {reveal && (
        <rect
          className="wall"
          x={reveal.side === 'right' ? x(reveal.clearM) : x(-reveal.clearM) - 300}
          y={y(reveal.outM)}
          width="300"
          height={reveal.outM * METRE}
          clipPath="url(#above-clip)"
        />
      )}
      <rect className="mat" x={x(matRightM) - 0.45 * METRE} y={y(0.75)} width={0.9 * METRE} height={0.6 * METRE} />
      <rect
        className={seen.parcel >= PARCEL_ASKED ? 'seen' : 'unseen'}
        x={x(matRightM - sizeM / 2)}
        y={y(outM + sizeM / 2)}
        width={sizeM * METRE}
        height={sizeM * METRE}
      />
      {[tallFar, shortNear].map(
        (one) =>
          one && (
            <g key={one.id} className="visitor">
              <ellipse
                cx={x(matRightM)}
                cy={y(one.outM)}
                rx="15"
                ry="9"
                className={seen.cut.includes(one.id) ? 'unseen' : 'seen'}
              />
            </g>
          ),
      )}
      {[...new Set([...sidesAt(scene), hangs.sideDeg])].map((deg) => {
        const angle = (deg * Math.PI) / 180;
        const isOn = Math.round(hangs.sideDeg) === deg;
        return (
          <g
            key={deg}
            className={isOn ? 'wedge on' : 'wedge'}
            role="button"
            tabIndex={0}
            aria-pressed={isOn}
            aria-label={mountWords.sideWedgeNamed({ deg: Math.abs(deg), right: deg > 0 })}
            transform={`translate(${x(0) + ARC * Math.sin(angle)} ${y(0) - ARC * Math.cos(angle)})`}
            onClick={() => onSide(deg)}
            onKeyDown={(event: KeyboardEvent) => {
              if (event.key !== 'Enter' && event.key !== ' ') return;
              event.preventDefault();
              onSide(deg);
            }}
          >
            <circle className="grip" r="22" />
            <circle className="mark" r="17" />
            <text textAnchor="middle" y="4" className="small-text m">
              {Math.abs(deg)}°
            </text>
          </g>
        );
      })}
      <g className="device" transform={`translate(${x(0)} ${y(0)}) rotate(${hangs.sideDeg})`}>
        <rect className="body" x="-9" y="-9" width="18" height="9" />
        <circle className="lens" cy="-9" r="3.4" />
      </g>
    </svg>
  );
}
