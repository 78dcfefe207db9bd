import { AxisBottom, AxisLeft } from '@visx/axis';
import type { ScaleLinear } from 'd3-scale';
import type { ReactNode } from 'react';

/** Where a plot stands in its drawing, in units of the drawing: room is left for the figures of the axes. */
export interface PlotRoom {
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

type Scale = ScaleLinear<number, number>;

interface AxisOf {
  readonly scale: Scale;
  /** About how many figures stand along it. */
  readonly figures: number;
  readonly words?: string;
  readonly shown?: (value: number) => string;
}

interface Props {
  readonly room: PlotRoom;
  /** For those who don’t see it. */
  readonly label: string;
  /** A picture, or a group of things that can be picked. */
  readonly role: 'img' | 'group';
  /** Null where what stands across has names of its own. */
  readonly across: AxisOf | null;
  readonly up: AxisOf;
  /** Zones, which lie under the grid. */
  readonly under?: ReactNode;
  readonly children: ReactNode;
}

/** Typed figures stand this far from what they belong to. */
const GAP = 8;
const UNDER = 20;

/** The frame of every plot: its axes with their figures and a grid behind them; what is plotted is drawn over it. */
export function PlotFrame({ room, label, role, across, up, under, children }: Props) {
  const { width, height, left, right, top, bottom } = room;
  const shown = ({ shown: own = String }: AxisOf) => ({ tickFormat: (value: unknown) => own(Number(value)) });
  return (
    <svg className="drawing" viewBox={`0 0 ${width} ${height}`} role={role} aria-label={label}>
      {under}
      <AxisLeft
        scale={up.scale}
        left={left}
        numTicks={up.figures}
        hideAxisLine
        // To the right, over the whole width: the ticks are the grid
        tickLength={left - right}
        tickLineProps={{ className: 'grid', stroke: undefined }}
        tickComponent={({ y, formattedValue }) => (
          <text x={-GAP} y={y + 5} textAnchor="end" className="m">
            {formattedValue}
          </text>
        )}
        {...shown(up)}
      />
      {across && (
        <AxisBottom
          scale={across.scale}
          top={bottom}
          numTicks={across.figures}
          hideAxisLine
          hideTicks
          tickComponent={({ x, formattedValue }) => (
            <text x={x} y={UNDER} textAnchor="middle" className="m">
              {formattedValue}
            </text>
          )}
          {...shown(across)}
        />
      )}
      {across?.words && (
        <text x={right} y={height - GAP} textAnchor="end">
          {across.words}
        </text>
      )}
      {up.words && (
        <text x={left} y={across ? height - GAP : top}>
          {up.words}
        </text>
      )}
      {children}
    </svg>
  );
}
