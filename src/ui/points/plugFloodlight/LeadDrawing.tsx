import { plugFloodlightWords } from '@/words/screens';
import { leadNeededM } from '@/core/points';
import { lengthText, type LengthSystem } from '@/core/units';

interface Props {
  readonly wayM: number | undefined;
  /** Of the camera at hand; null before one is. */
  readonly plugLeadM: number | null;
  readonly lengths: LengthSystem;
  /** What an outlet is called here. */
  readonly outlet: string;
}

const WIDTH = 640;
const HEIGHT = 190;
const CAMERA = { x: 110, y: 30 } as const;
const OUTLET = { x: 490, y: 92 } as const;
/** From the camera down its wall, along it, and up into the outlet out of the loop that water drips from. */
const WAY = `M${CAMERA.x} ${CAMERA.y + 16}V132Q${CAMERA.x} 150 ${CAMERA.x + 18} 150H${OUTLET.x - 18}Q${OUTLET.x} 150 ${OUTLET.x} 134V${OUTLET.y + 18}`;
/** The path’s length as the dashes count it. */
const WHOLE = 100;

/** The lead on its way from the camera to its outlet: how long it has to be, how long it is, what is left over or missing. */
export function LeadDrawing({ wayM, plugLeadM, lengths, outlet }: Props) {
  const long = (metres: number): string => lengthText(metres, lengths);
  const needed = wayM === undefined ? null : leadNeededM(wayM);
  const left = needed === null || plugLeadM === null ? null : plugLeadM - needed;
  const share = left === null || needed === null ? 1 : Math.min(1, (plugLeadM ?? 0) / needed);
  const words =
    left === null
      ? needed === null
        ? plugFloodlightWords.itsWayWasNot
        : plugFloodlightWords.theLeadHasTo({ long: long(needed) })
      : left >= 0
        ? plugFloodlightWords.ofLeadLeftOver({ long: long(plugLeadM ?? 0), long2: long(left) })
        : plugFloodlightWords.ofLeadShort({ long: long(plugLeadM ?? 0), long2: long(-left) });
  return (
    <svg
      className="drawing"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={plugFloodlightWords.theLeadFromThe({ outlet, words })}
      data-testid="lead"
    >
      <rect x={CAMERA.x - 16} y={CAMERA.y} width="32" height="16" className="box" />
      <path d={`M${CAMERA.x - 16} ${CAMERA.y + 16}l-18 14h20z`} className="box" />
      <rect x={OUTLET.x - 14} y={OUTLET.y - 18} width="28" height="36" rx="3" className="box" />
      <circle cx={OUTLET.x - 5} cy={OUTLET.y} r="2.5" className="dot" />
      <circle cx={OUTLET.x + 5} cy={OUTLET.y} r="2.5" className="dot" />
      {share < 1 && <path d={WAY} fill="none" stroke="var(--brick)" strokeWidth="2" strokeDasharray="3 5" />}
      <path
        d={WAY}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="4"
        pathLength={WHOLE}
        strokeDasharray={share < 1 ? `${share * WHOLE} ${WHOLE}` : undefined}
      />
      <text x={CAMERA.x + 26} y={CAMERA.y + 13} className="strong small">
        {plugFloodlightWords.camera}
      </text>
      <text x={OUTLET.x + 22} y={OUTLET.y + 5} className="strong small">
        {outlet}
      </text>
      <text x={(CAMERA.x + OUTLET.x) / 2} y="140" textAnchor="middle" className="m small">
        {wayM === undefined ? plugFloodlightWords.way : plugFloodlightWords.way2({ long: long(wayM) })}
      </text>
      <text
        x={(CAMERA.x + OUTLET.x) / 2}
        y="178"
        textAnchor="middle"
        className={left !== null && left < 0 ? 'strong small brick' : 'soft small'}
      >
        {words}
      </text>
    </svg>
  );
}
