import { chooseWords } from '@/words/screens';
import { scaleLinear } from 'd3-scale';
import type { JudgedOption } from '@/core/advice';
import { STATE_WORDS } from '@/core/catalogue';

const WIDTH = 132;
const ROW = 7;
const PAD = 3;

/** Door volts of each lasting state at the worst, low to high with the likely one, against what the device needs. */
export function DoorSpread({ way, most }: { readonly way: JudgedOption; readonly most: number }) {
  const { states } = way.judgement;
  const { doorMinVolts, doorFullVolts } = way.device;
  const height = states.length * ROW + 2 * PAD;
  const x = scaleLinear([Math.min(doorMinVolts - 5, 8), most], [2, WIDTH - 2]).clamp(true);
  return (
    <svg
      className="drawing spread-row"
      viewBox={`0 0 ${WIDTH} ${height}`}
      role="img"
      aria-label={states
        .map(({ state, low }) =>
          chooseWords.toV2({ state: STATE_WORDS[state], low: low.low.toFixed(1), high: low.high.toFixed(1) }),
        )
        .join(', ')}
    >
      <rect x="0" y="0" width={x(doorMinVolts)} height={height} className="zone-out" />
      <rect
        x={x(doorMinVolts)}
        y="0"
        width={x(doorFullVolts) - x(doorMinVolts)}
        height={height}
        className="zone-weak"
      />
      {states.map(({ state, low }, i) => {
        const y = PAD + (i + 0.5) * ROW;
        return (
          <g key={state}>
            <path d={`M${x(low.low)} ${y}H${x(low.high)}`} className="line spread-line" />
            <circle cx={x(low.likely)} cy={y} r="2.6" className="stop" />
          </g>
        );
      })}
    </svg>
  );
}
