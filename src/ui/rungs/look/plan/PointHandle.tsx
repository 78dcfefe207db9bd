'use client';
import { planWords } from '@/words/screens';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { alongNearest, alongSide, lengthBetween, type OnWall, type Shape } from '@/core/site';
import { lengthText, type LengthSystem } from '@/core/units';
import type { PlanScale } from '../../../drawing/PlanDrawing';
import { placeIn } from './placeIn';

interface Props {
  readonly draw: PlanScale;
  readonly house: Shape;
  readonly on: OnWall;
  readonly name: string;
  readonly lengths: LengthSystem;
  readonly onMove: (alongM: number, done: boolean) => void;
}

const STEP_M = 0.05;
const rounded = (metres: number): number => Number((Math.round(metres / STEP_M) * STEP_M).toFixed(2));

/** The point at hand on its wall: dragged along it, or stepped by the arrow keys. */
export function PointHandle({ draw, house: { corners }, on: { side, alongM }, name, lengths, onMove }: Props) {
  const grabbed = useRef(false);
  const [x, y] = alongSide(corners, side, alongM);
  const [from, to] = [corners[side], corners[(side + 1) % corners.length]];
  const most = from && to ? lengthBetween(from, to) : 0;
  const dragged = (event: PointerEvent<SVGCircleElement>, done: boolean) => {
    const place = grabbed.current && placeIn(draw, event);
    if (done) grabbed.current = false;
    if (place) onMove(rounded(alongNearest(corners, side, place)), done);
  };
  const keyed = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onMove(rounded(Math.min(most, Math.max(0, alongM + by * (event.shiftKey ? 10 : 1) * STEP_M))), true);
  };
  return (
    <circle
      className="corner on-wall"
      role="slider"
      tabIndex={0}
      aria-label={planWords.alongItsWall({ point: name })}
      aria-valuemin={0}
      aria-valuemax={Number(most.toFixed(2))}
      aria-valuenow={alongM}
      aria-valuetext={lengthText(alongM, lengths)}
      cx={draw.x(x)}
      cy={draw.y(y)}
      r="13"
      onPointerDown={(event) => {
        grabbed.current = true;
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={(event) => dragged(event, false)}
      onPointerUp={(event) => dragged(event, true)}
      onKeyDown={keyed}
    />
  );
}
