import { drawingWords } from '@/words/screens';
import type { Say } from '@/words';
import { leadsAt, type Wiring, type WiringPlace } from '@/core/wiring';
import { tapped } from './tapped';
import { PLACE_SIZE, placeLayout, type DrawnElement, type DrawnJoint } from './placeLayout';

interface Props {
  readonly say: Say;
  readonly wiring: Wiring;
  readonly place: WiringPlace;
  /** Leads in the accent: what a step moves, or what is new. */
  readonly marked: ReadonlySet<string>;
  /** The joint at hand, ringed. */
  readonly ringed?: string | null;
  /** What it shows, for who can’t see it. */
  readonly title: string;
  readonly picked?: string | null;
  /** A lead was tapped. */
  readonly onLead?: (id: string) => void;
  /** A joint was tapped while a lead is picked: it goes there. */
  readonly onJoint?: (id: string) => void;
  /** Id of the svg, for saving it. */
  readonly id?: string;
}

/** One place of a wiring: screws, parts and splices, and every wire that ends there. */
export function WiringDrawing({
  say,
  wiring,
  place,
  marked,
  ringed = null,
  title,
  picked = null,
  onLead,
  onJoint,
  id,
}: Props) {
  const { joints, leads, parts, elements, exits } = placeLayout(wiring, place, say);
  const said = joints
    .map(
      ({ id, name }) =>
        `${say(name)}: ${
          leadsAt(wiring, id)
            .map((lead) => say(lead.name))
            .join(', ') || drawingWords.nothing
        }`,
    )
    .join('; ');
  return (
    <svg
      id={id}
      className="drawing terminals"
      viewBox={`0 0 ${PLACE_SIZE.width} ${PLACE_SIZE.height}`}
      role={onLead ? 'group' : 'img'}
      aria-label={`${title}. ${said}`}
    >
      {parts.map(({ part, x, y, width, height, name }) => (
        <g key={part.id}>
          <rect x={x} y={y} width={width} height={height} className="box" rx={part.place === 'door' ? 12 : 0} />
          <text x={name.x} y={name.y} className="small-text soft">
            {say(part.name)}
          </text>
        </g>
      ))}
      {elements.map((element) => (
        <path key={element.id} d={elementPath(element)} className="line inside" />
      ))}
      {leads.map(({ lead, path, loose }) => (
        <g
          key={lead.id}
          className="tappable"
          {...tapped(onLead && (() => onLead(lead.id)), say(lead.name), picked === lead.id)}
        >
          {onLead && <path d={path} className="hit" />}
          <path
            d={path}
            className={`lead${lead.run || lead.id.startsWith('house.') ? ' house' : ''}${marked.has(lead.id) ? ' now' : ''}${picked === lead.id ? ' picked' : ''}`}
          />
          {loose && <circle cx={loose.x} cy={loose.y} r="6" className="screw" />}
        </g>
      ))}
      {joints.map((joint) => (
        <g
          key={joint.id}
          className="tappable"
          {...tapped(
            picked !== null && onJoint ? () => onJoint(joint.id) : undefined,
            drawingWords.putItAt({ name: say(joint.name) }),
          )}
        >
          <JointMark joint={joint} name={say(joint.name)} ringed={joint.id === ringed} />
        </g>
      ))}
      {exits.map(({ x, words: to }) => (
        <text key={x} x={x} y={PLACE_SIZE.height - 14} textAnchor="middle" className="small-text soft">
          {to}
        </text>
      ))}
    </svg>
  );
}

interface MarkProps {
  readonly joint: DrawnJoint;
  readonly name: string;
  readonly ringed: boolean;
}

function JointMark({ joint: { x, y, kind }, name, ringed }: MarkProps) {
  const ring = ringed && <circle cx={x} cy={y} r={kind === 'screw' ? 22 : 15} className="ring" />;
  if (kind === 'screw')
    return (
      <g>
        <circle cx={x} cy={y} r="15" className="screw" />
        <path d={`M${x - 9} ${y}h18`} className="slot" />
        {ring}
        <text x={x} y={y - 26} textAnchor="middle" className={ringed ? 'strong' : ''}>
          {name}
        </text>
      </g>
    );
  return (
    <g>
      {kind === 'splice' || kind === 'cap' ? (
        <circle cx={x} cy={y} r="8" className="hole" />
      ) : (
        name !== 'inside' && <rect x={x - 5} y={y - 7} width="10" height="14" className="screw" />
      )}
      {ring}
    </g>
  );
}

/** Turns of wire between two joints for a coil or a winding, a line for all else. */
function elementPath({ kind, from, to }: DrawnElement): string {
  if (kind === 'link') return `M${from.x} ${from.y}H${to.x}`;
  const turns = 5;
  const step = (to.x - from.x) / turns;
  return `M${from.x} ${from.y}${Array.from({ length: turns }, () => `q${(step / 2).toFixed(1)} -18 ${step.toFixed(1)} 0`).join('')}`;
}
