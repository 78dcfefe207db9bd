import { drawingWords } from '@/words/screens';
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import type { FallingVolts, Station } from '@/core/bell';
import type { DeviceProfile } from '@/core/catalogue';
import { PlotFrame, type PlotRoom } from './PlotFrame';
import { volts } from '../figures/words';

interface Props {
  readonly falling: FallingVolts;
  readonly device: Pick<DeviceProfile, 'doorFullVolts' | 'doorMinVolts' | 'doorMaxVolts'>;
  /** What the line is drawn for, for those who don’t see it. */
  readonly words: string;
}

const ROOM: PlotRoom = { width: 424, height: 236, left: 40, right: 408, top: 12, bottom: 206 };
const { left: LEFT, right: RIGHT, top: TOP, bottom: BOTTOM } = ROOM;
/** Where each station stands: the wire to the door takes most of the way. */
const PLACES: Readonly<Record<Station, number>> = { inside: 0, screws: 0.25, Trans: 0.45, Front: 0.65, door: 1 };

/** Volts from the winding's inside to the door, low, likely and high, with what the device asks at the door. */
export function FallingLine({ falling, device, words }: Props) {
  const { doorFullVolts, doorMinVolts } = device;
  const highest = Math.max(doorFullVolts + 2, ...falling.map(({ band }) => band.high));
  const live = falling.flatMap(({ band }) => [band.low, band.likely]).filter((value) => value > 0);
  const lowest = Math.max(0, Math.min(doorMinVolts - 3, ...live));
  const x = scaleLinear([0, 1], [LEFT, RIGHT]);
  const y = scaleLinear([lowest, highest], [BOTTOM, TOP]).nice().clamp(true);
  const [floor = 0] = y.domain();
  const at = ({ station }: FallingVolts[number]): number => x(PLACES[station]);
  const spread = area<FallingVolts[number]>()
    .x(at)
    .y0(({ band }) => y(band.low))
    .y1(({ band }) => y(band.high));
  const likely = line<FallingVolts[number]>()
    .x(at)
    .y(({ band }) => y(band.likely));
  const door = falling.at(-1)?.band;
  const collapses = door !== undefined && door.likely === 0;
  const mayCollapse = door !== undefined && door.low === 0 && !collapses;
  const figure = collapses ? drawingWords.collapses : volts(door?.likely ?? 0);
  return (
    <PlotFrame
      room={ROOM}
      role="img"
      label={drawingWords.atTheDoorDrops({ words, figure, doorMinVolts: volts(doorMinVolts) })}
      across={null}
      up={{ scale: y, figures: 7 }}
      under={
        <>
          <rect
            x={LEFT}
            y={y(doorMinVolts)}
            width={RIGHT - LEFT}
            height={y(floor) - y(doorMinVolts)}
            className="zone-out"
          />
          <rect
            x={LEFT}
            y={y(doorFullVolts)}
            width={RIGHT - LEFT}
            height={y(doorMinVolts) - y(doorFullVolts)}
            className="zone-weak"
          />
        </>
      }
    >
      <path d={spread(falling) ?? ''} className="spread" />
      <path d={likely(falling) ?? ''} className="line thick" />
      {falling.map((stop, i) => (
        <g key={stop.station}>
          <circle cx={at(stop)} cy={y(stop.band.likely)} r="4.5" className="stop" />
          <text
            x={at(stop)}
            y={BOTTOM + 20}
            textAnchor={i === 0 ? 'start' : i === falling.length - 1 ? 'end' : 'middle'}
          >
            {stop.station}
          </text>
        </g>
      ))}
      <text x={LEFT + 8} y={y(doorMinVolts) + 15} className="says-out">
        {drawingWords.dropsOutUnder({ doorMinVolts: volts(doorMinVolts) })}
      </text>
      <text x={LEFT + 8} y={y(doorFullVolts) + 14} className="says-weak">
        {drawingWords.weakUnder({ doorFullVolts: volts(doorFullVolts) })}
      </text>
      <text
        x={RIGHT - 6}
        y={collapses ? BOTTOM - 24 : Math.max(y(door?.likely ?? 0) - 10, TOP + 12)}
        textAnchor="end"
        className="m big halo"
      >
        {figure}
      </text>
      {mayCollapse && (
        <text x={RIGHT - 6} y={BOTTOM - 8} textAnchor="end" className="says-out">
          {drawingWords.mayNotHoldAt}
        </text>
      )}
    </PlotFrame>
  );
}
