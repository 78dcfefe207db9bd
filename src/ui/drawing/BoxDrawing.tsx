import { drawingWords } from '@/words/screens';
import type { Say } from '@/words';
import { leadsAt, type Lead, type Wiring, type WiringPlace } from '@/core/wiring';
import { said as says } from '@/core/said';
import { tapped } from './tapped';
import { boxLayout, type BoxJoint, type BoxLead } from './boxLayout';

interface Props {
  readonly say: Say;
  readonly wiring: Wiring;
  readonly place: WiringPlace;
  /** What it shows, for who can’t see it. */
  readonly title: string;
  /** Leads in the accent: what a step moves, or what is new. */
  readonly marked?: ReadonlySet<string>;
  readonly ringed?: string | null;
  readonly picked?: string | null;
  /** A lead was tapped. */
  readonly onLead?: (id: string) => void;
  /** A joint was tapped while a lead is picked: it goes there. */
  readonly onJoint?: (id: string) => void;
  /** Id of the svg, for saving it. */
  readonly id?: string;
}

const NOTHING: ReadonlySet<string> = new Set();
/** Shown so much larger than it is laid out, where there is room; a wide one scrolls on a phone. */
const SCALE = 1.2;
const WIDE = 430;

/** A box with its leads: cables at the top, splices in the middle, parts below, each lead in its colour and by its name. */
export function BoxDrawing({
  say,
  wiring,
  place,
  title,
  marked = NOTHING,
  ringed = null,
  picked = null,
  onLead,
  onJoint,
  id,
}: Props) {
  const { width, height, cables, leads, joints, parts } = boxLayout(wiring, place, say);
  const carried = ({ carries }: Lead): string => (carries === 'unknown' ? '?' : say(says('carries', { carries })));
  const said = joints
    .filter(({ count }) => count > 0)
    .map(
      (joint) =>
        `${say(joint.name)}: ${leadsAt(wiring, joint.id)
          .map(({ name }) => name)
          .map(say)
          .join(', ')}`,
    )
    .join('; ');
  // What is drawn last lies on top
  const ordered = [...leads].sort((a, b) => Number(marked.has(a.lead.id)) - Number(marked.has(b.lead.id)));
  return (
    <div className="scroll-x">
      <svg
        id={id}
        className={`drawing box-drawing${width > WIDE ? ' wide' : ''}`}
        viewBox={`0 0 ${width} ${height}`}
        width={Math.round(width * SCALE)}
        height={Math.round(height * SCALE)}
        role={onLead ? 'group' : 'img'}
        aria-label={`${title}. ${said}`}
      >
        <rect x="8" y="72" width={width - 16} height={height - 80} className="box-rim" />
        {cables.map(({ id: cable, name, fromX, toX }) => (
          <g key={cable}>
            <rect x={fromX + 6} y="20" width={Math.max(12, toX - fromX - 12)} height="10" className="sheath" />
            <text x={(fromX + toX) / 2} y="14" textAnchor="middle" className="small-text strong">
              {name}
            </text>
          </g>
        ))}
        {parts.map(({ part, x, y, width: partWidth }) => (
          <g key={part.id}>
            <rect x={x} y={y - 8} width={partWidth} height="46" className={`box${part.bonds ? ' metal' : ''}`} />
            <text x={x + partWidth / 2} y={y + 30} textAnchor="middle" className="small-text">
              {say(part.name)}
            </text>
          </g>
        ))}
        {ordered.map((drawn) => (
          <LeadLine
            say={say}
            key={drawn.lead.id}
            drawn={drawn}
            name={say(drawn.lead.name)}
            carries={carried(drawn.lead)}
            now={marked.has(drawn.lead.id)}
            picked={picked === drawn.lead.id}
            {...(onLead ? { onPick: () => onLead(drawn.lead.id) } : {})}
          />
        ))}
        {joints.map((joint) => (
          <JointSpot
            key={joint.id}
            joint={joint}
            ringed={joint.id === ringed}
            name={say(joint.name)}
            open={picked !== null && onJoint !== undefined && joint.kind !== 'port'}
            {...(picked !== null && onJoint && joint.kind !== 'port' ? { onPick: () => onJoint(joint.id) } : {})}
          />
        ))}
      </svg>
    </div>
  );
}

interface LeadProps {
  readonly say: Say;
  readonly drawn: BoxLead;
  readonly name: string;
  readonly carries: string;
  readonly now: boolean;
  readonly picked: boolean;
  readonly onPick?: () => void;
}

function LeadLine({ say, drawn: { lead, path, top, loose }, name, carries, now, picked, onPick }: LeadProps) {
  const colour = lead.wire?.colour ?? (lead.carries === 'bell' ? 'cloth' : 'plain');
  const colourWord = lead.wire ? say(says('wireColour', { colour: lead.wire.colour })) : '';
  return (
    <g
      className={`wire ${colour}${now ? ' now' : ''}${picked ? ' picked' : ''}`}
      {...tapped(onPick, `${name}, ${carries}${lead.wire?.marked ? ', marked' : ''}`, picked)}
    >
      <path d={path} className="hit" />
      <path d={path} className="under" />
      <path d={path} className="over" />
      {colour === 'greenYellow' && <path d={path} className="stripe" />}
      {loose && <circle cx={loose.x} cy={loose.y} r="6" className="bare-end" />}
      {top && (
        <>
          <text x={top.x} y={top.y - 24} textAnchor="middle" className="small-text">
            {colourWord === 'green-yellow' ? drawingWords.grYel : colourWord}
          </text>
          <text x={top.x} y={top.y - 8} textAnchor="middle" className="small-text soft">
            {carries}
          </text>
          {lead.wire?.marked && <rect x={top.x - 7} y={top.y + 22} width="14" height="7" className="tape" />}
        </>
      )}
    </g>
  );
}

interface JointProps {
  readonly joint: BoxJoint;
  /** In the words of the place. */
  readonly name: string;
  readonly ringed: boolean;
  readonly open: boolean;
  readonly onPick?: () => void;
}

function JointSpot({ joint: { x, y, kind, count }, name, ringed, open, onPick }: JointProps) {
  return (
    <g className={`joint${open ? ' open' : ''}`} {...tapped(onPick, drawingWords.putItAt({ name }))}>
      {(ringed || open) && <circle cx={x} cy={y} r="19" className={ringed ? 'ring' : 'ring open'} />}
      {kind === 'splice' && (
        <path d={`M${x - 12} ${y + 12}L${x - 7} ${y - 12}H${x + 7}L${x + 12} ${y + 12}Z`} className="connector" />
      )}
      {kind === 'cap' && <path d={`M${x - 8} ${y + 9}V${y - 4}a8 8 0 0 1 16 0V${y + 9}Z`} className="connector" />}
      {kind === 'screw' && (
        <>
          <circle cx={x} cy={y} r="11" className="screw" />
          <path d={`M${x - 7} ${y}h14`} className="slot" />
        </>
      )}
      {kind === 'port' && <rect x={x - 5} y={y - 6} width="10" height="12" className="screw" />}
      {(kind === 'splice' || kind === 'cap') && (
        <text
          x={x + 17}
          y={y + 7}

          className={`small-text halo${ringed ? ' strong' : ''}`}
        >
          {name}
          {kind === 'splice' ? ` ${count}` : ''}
        </text>
      )}
    </g>
  );
}
