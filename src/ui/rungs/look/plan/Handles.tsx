'use client';
import { planWords } from '@/words/screens';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { Corner, Shape } from '@/core/site';
import type { PlanScale } from '../../../drawing/PlanDrawing';
import { placeIn } from './placeIn';

const STEP_M = 0.1;

interface HandlesProps {
  readonly draw: PlanScale;
  readonly shape: Shape;
  readonly onMove: (corners: readonly Corner[], done: boolean) => void;
}

/** The corners of the shape in hand, to be dragged or stepped. */
export function Handles({ draw, shape, onMove }: HandlesProps) {
  const grabbed = useRef(false);
  const moved = (i: number, place: Corner): readonly Corner[] =>
    shape.corners.map((corner, at) => (at === i ? place : corner));
  const placeOf = (event: PointerEvent<SVGCircleElement>): Corner | null => {
    const place = placeIn(draw, event);
    return place && [Math.round(place[0] / STEP_M) * STEP_M, Math.round(place[1] / STEP_M) * STEP_M];
  };
  const keyed = (i: number, [a, b]: Corner, event: KeyboardEvent) => {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (!by) return;
    event.preventDefault();
    const step = event.shiftKey ? 1 : STEP_M;
    onMove(moved(i, [a + (by[0] ?? 0) * step, b + (by[1] ?? 0) * step]), true);
  };
  return shape.corners.map((corner, i) => (
    <circle
      key={i}
      className="corner"
      role="button"
      tabIndex={0}
      aria-label={planWords.corner({ number: i + 1 })}
      cx={draw.x(corner[0])}
      cy={draw.y(corner[1])}
      r="11"
      onPointerDown={(event) => {
        grabbed.current = true;
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={(event) => {
        const place = grabbed.current && placeOf(event);
        if (place) onMove(moved(i, place), false);
      }}
      onPointerUp={(event) => {
        const place = grabbed.current && placeOf(event);
        grabbed.current = false;
        if (place) onMove(moved(i, place), true);
      }}
      onKeyDown={(event) => keyed(i, corner, event)}
    />
  ));
}
