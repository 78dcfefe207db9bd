import { houseWords } from '@/words/screens';
import type { Say } from '@/words';
import type { KeyboardEvent } from 'react';
import type { HouseGraph, HouseNode } from '@/core/house';
import { HOUSE, WIDTH, houseLayout, type PlacedCable, type PlacedNode } from './houseLayout';

interface Props {
  readonly graph: HouseGraph;
  readonly cellar: boolean;
  /** The point that is looked at; null on paper. */
  readonly here: string | null;
  readonly say: Say;
  /** Opens what is tapped; null where it is only looked at. */
  readonly onOpen: ((node: HouseNode) => void) | null;
}

const lineOf = (points: PlacedCable['points']): string =>
  points.map(([x, y], i) => `${i ? 'L' : 'M'}${x} ${y}`).join('');

/** Mains thick, bell double, what is still to be made dashed: told by the line, not by its colour. */
function Cable({ line: { cable, points } }: { readonly line: PlacedCable }) {
  const path = lineOf(points);
  const dash = cable.proposed ? '8 5' : undefined;
  if (cable.carries === 'mains') return <path d={path} fill="none" stroke="var(--ink)" strokeWidth="4" />;
  return (
    <g fill="none" strokeDasharray={dash}>
      <path d={path} stroke={cable.proposed ? 'var(--fox)' : 'var(--slate)'} strokeWidth="5" />
      <path d={path} stroke="var(--paper)" strokeWidth="2" strokeDasharray="none" />
    </g>
  );
}

/** Length and gauge of a cable inside the house, beside its rise; those to a point stand under the point’s name. */
function CableWords({ line: { cable, points }, say }: { readonly line: PlacedCable; readonly say: Say }) {
  const [, , third, last] = points;
  if (say(cable.words) === '' || cable.carries === 'mains' || points.length !== 4 || !third || !last) return null;
  return (
    <text x={third[0] + 10} y={(third[1] + last[1]) / 2 + 10} className="m soft small">
      {say(cable.words)}
    </text>
  );
}

/** As much of a text as there is room for. */
const fitted = (text: string, width: number): string => {
  const most = Math.floor((width - 14) / 7.2);
  return text.length > most ? `${text.slice(0, most - 1)}…` : text;
};

const label = ({ name, words }: HouseNode, say: Say): string =>
  [name, words].flatMap((text) => say(text) || []).join(': ');

function openProps(node: HouseNode, onOpen: Props['onOpen'], say: Say) {
  if (!onOpen) return {};
  return {
    role: 'button',
    tabIndex: 0,
    'aria-label': houseWords.open({ label: label(node, say) }),
    className: 'opens',
    onClick: () => onOpen(node),
    onKeyDown: (event: KeyboardEvent) => {
      if (event.key !== 'Enter' && event.key !== ' ') return;
      event.preventDefault();
      onOpen(node);
    },
  };
}

/** A box in the wall is told by its place and its name for readers alone. */
const LEAST_FOR_WORDS = 60;

/** A board, its ways, a supply, a chime or a box. */
function Thing({
  at: { node, x, y, width, height },
  say,
  onOpen,
}: Pick<Props, 'say' | 'onOpen'> & { readonly at: PlacedNode }) {
  const way = node.kind === 'circuit';
  return (
    <g {...openProps(node, onOpen, say)}>
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        className={way ? 'way' : 'box'}
        strokeDasharray={node.proposed ? '8 5' : undefined}
      />
      {width < LEAST_FOR_WORDS ? null : way ? (
        <text x={x + 8} y={y + 16} className="small">
          {fitted(say(node.name), width)}
        </text>
      ) : (
        <>
          <text x={x + 8} y={y + 17} className="strong small">
            {fitted(say(node.name), width)}
          </text>
          <text x={x + 8} y={y + 36} className="soft small">
            {fitted(say(node.words), width)}
          </text>
        </>
      )}
    </g>
  );
}

/** A door on its wall or a floodlight under the eaves, with its name in the margin. */
function PointMark({
  at: { node, x, y, width, height, side },
  cable,
  here,
  say,
  onOpen,
}: Pick<Props, 'say' | 'onOpen'> & {
  readonly at: PlacedNode;
  /** Words of the cable that ends here. */
  readonly cable: string;
  readonly here: boolean;
}) {
  const right = side === 'right';
  const margin = right ? x + width + 10 : x - 10;
  return (
    <g {...openProps(node, onOpen, say)}>
      {node.kind === 'door' ? (
        <>
          <rect x={x} y={y} width={width} height={height} rx="3" className={here ? 'box here' : 'box'} />
          <circle cx={x + width / 2} cy={y + height - 10} r="5" className="dot" />
        </>
      ) : (
        <>
          <rect x={x} y={y} width={width} height={18} className={here ? 'box here' : 'box'} />
          <path
            d={right ? `M${x + width} ${y + 18}l18 16h-24z` : `M${x} ${y + 18}l-18 16h24z`}
            className={here ? 'box here' : 'box'}
          />
        </>
      )}
      <rect x={right ? margin : margin - 22} y={y - 4} width="22" height="22" className="badge" />
      <text x={(right ? margin : margin - 22) + 11} y={y + 12} textAnchor="middle" className="badge-letter strong">
        {node.letter}
      </text>
      <text x={right ? margin + 30 : margin - 30} y={y + 12} textAnchor={right ? 'start' : 'end'} className="strong">
        {fitted(say(node.name), 150)}
      </text>
      {cable.split(' · ').map((words, i) => (
        <text
          key={words}
          x={right ? margin + 30 : margin - 30}
          y={y + 30 + 16 * i}
          textAnchor={right ? 'start' : 'end'}
          className="m soft small"
        >
          {words}
        </text>
      ))}
    </g>
  );
}

/** The house with what stands in it and what hangs on what; on a screen everything opens where its facts are asked. */
export function HouseDrawing({ graph, cellar, here, say, onOpen }: Props) {
  const { placed, lines, height } = houseLayout(graph, cellar);
  const { left, right, apex, eaves, ground } = HOUSE;
  const middle = (left + right) / 2;
  const things = placed.filter(({ side }) => side === null);
  return (
    <svg
      className="drawing house-drawing"
      viewBox={`0 0 ${WIDTH} ${height}`}
      role={onOpen ? 'group' : 'img'}
      aria-label={houseWords.theHouseWhatIs}
    >
      <path d={`M${left - 26} ${eaves + 8}L${middle} ${apex}L${right + 26} ${eaves + 8}`} className="line thick" />
      <path d={`M${left} ${eaves - 6}V${ground}M${right} ${eaves - 6}V${ground}`} className="line" />
      <path d={`M20 ${ground}H${WIDTH - 20}`} className="line" />
      {cellar && <path d={`M${left + 10} ${ground}V${HOUSE.cellar}H${right - 10}V${ground}`} className="line" />}
      {cellar && (
        <text x={right - 20} y={HOUSE.cellar - 8} textAnchor="end" className="soft small">
          {houseWords.cellar}
        </text>
      )}
      {lines.map((line) => (
        <Cable key={`${line.cable.from} ${line.cable.to}`} line={line} />
      ))}
      {lines.map((line) => (
        <CableWords key={`${line.cable.from} ${line.cable.to}`} line={line} say={say} />
      ))}
      {things.map((at) => (
        <Thing key={at.node.id} at={at} say={say} onOpen={onOpen} />
      ))}
      {placed
        .filter(({ side }) => side !== null)
        .map((at) => (
          <PointMark
            key={at.node.id}
            at={at}
            cable={say(graph.cables.find(({ to, carries }) => to === at.node.id && carries === 'bell')?.words ?? '')}
            here={here !== null && at.node.pointId === here}
            say={say}
            onOpen={onOpen}
          />
        ))}
      <text x="20" y={apex + 8} className="small soft">
        <tspan className="strong">{houseWords.thick}</tspan> {houseWords.mains}{' '}
        <tspan className="strong">{houseWords.double}</tspan> {houseWords.bell}{' '}
        <tspan className="strong">{houseWords.dashed}</tspan> {houseWords.toBeMade}
      </text>
    </svg>
  );
}
