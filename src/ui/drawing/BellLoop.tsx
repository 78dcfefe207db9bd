'use client';
import { drawingWords } from '@/words/screens';
import { useNarrow } from '../frame/useNarrow';

/** A figure on the drawing: solid where somebody read it, dashed where it was worked out, fox where it is asked for. */
export interface LoopPlate {
  readonly label: string;
  readonly figure: string;
  /** Its spread, or when and by whom it was read. */
  readonly more: string;
  readonly kind: 'read' | 'worked' | 'asked';
  /** Id of the field that takes it. */
  readonly field: string;
}

interface Stretch {
  readonly words: string;
  readonly ohms: string;
}

export interface LoopWords {
  readonly nameplate: string;
  readonly chime: string;
  readonly door: string;
  readonly draw: string;
  readonly toChime: Stretch;
  readonly toDoor: Stretch;
  readonly trans: string;
  readonly front: string;
  /** Without one the wires are joined where it would be. */
  readonly hasChime: boolean;
  /** A second chime hangs beside the first one. */
  readonly twoChimes: boolean;
  /** What hangs on the chime’s Rear, with its volts at worst where a doorbell does. */
  readonly rear: { readonly name: string; readonly volts: string } | null;
  /** What the figures hold for, in pieces: a line each where there is no room for one. */
  readonly conditions: readonly string[];
  readonly plates: { readonly open: LoopPlate; readonly screws: LoopPlate; readonly door: LoopPlate };
}

interface Spot {
  readonly x: number;
  readonly y: number;
}

interface Layout {
  readonly size: readonly [number, number];
  readonly source: Spot;
  readonly chime: Spot;
  readonly door: Spot;
  readonly wires: string;
  readonly toChime: Spot;
  readonly toDoor: Spot;
  readonly trans: Spot;
  readonly front: Spot;
  readonly open: Spot;
  readonly screws: Spot;
  readonly doorPlate: Spot;
  readonly plateWidth: number;
  readonly conditions: Spot;
  readonly rear: { readonly box: Spot; readonly x: number; readonly down: number; readonly back: number };
}

const BOX = { width: 116, height: 84 } as const;
const CHIME = { width: 160, height: 56 } as const;
const PLATE_HEIGHT = 42;
const LINE_HEIGHT = 18;
const REAR = { width: 122, height: 44 } as const;

const WIDE: Layout = {
  size: [750, 286],
  source: { x: 30, y: 108 },
  chime: { x: 295, y: 24 },
  door: { x: 604, y: 108 },
  wires: 'M88 108V52H295M455 52H662V108M662 192V248H88V192',
  toChime: { x: 192, y: 40 },
  toDoor: { x: 558, y: 40 },
  trans: { x: 287, y: 92 },
  front: { x: 463, y: 92 },
  open: { x: 160, y: 106 },
  screws: { x: 160, y: 152 },
  doorPlate: { x: 420, y: 128 },
  plateWidth: 172,
  conditions: { x: 375, y: 272 },
  rear: { box: { x: 315, y: 196 }, x: 376, down: 80, back: 248 },
};
const NARROW: Layout = {
  size: [360, 394],
  source: { x: 2, y: 150 },
  chime: { x: 100, y: 16 },
  door: { x: 242, y: 150 },
  wires: 'M40 150V44H100M260 44H320V150M320 234V338H40V234',
  toChime: { x: 96, y: 106 },
  toDoor: { x: 264, y: 106 },
  trans: { x: 94, y: 30 },
  front: { x: 266, y: 30 },
  open: { x: 52, y: 242 },
  screws: { x: 52, y: 286 },
  doorPlate: { x: 182, y: 242 },
  plateWidth: 126,
  conditions: { x: 180, y: 364 },
  rear: { box: { x: 119, y: 166 }, x: 180, down: 72, back: 338 },
};

/**
 * The bell circuit as a loop: what it is made of, what was read, and the volts that come to each terminal.
 * On screen a plate leads to the field that takes its figure; on paper it is a figure.
 */
export function BellLoop({ words, printed = false }: { readonly words: LoopWords; readonly printed?: boolean }) {
  const narrow = useNarrow();
  const layout = narrow ? NARROW : WIDE;
  const { source, chime, door, plateWidth } = layout;
  const middle = (spot: Spot, width: number): number => spot.x + width / 2;
  return (
    <svg
      className="drawing loop"
      viewBox={`0 0 ${layout.size.join(' ')}`}
      role="group"
      aria-label={drawingWords.bellCircuit}
    >
      <path d={layout.wires} className="line" />
      {words.rear && <RearDoor place={layout.rear} rear={words.rear} />}
      {words.twoChimes && <rect x={chime.x + 9} y={chime.y - 9} {...CHIME} className="box" />}
      <g>
        <rect x={source.x} y={source.y} {...BOX} className="box" />
        <path d={`M${source.x + 26} ${source.y + 26}q8 -10 16 0t16 0 16 0 16 0`} className="line" />
        <text x={middle(source, BOX.width)} y={source.y + 54} textAnchor="middle" className="m strong">
          {words.nameplate}
        </text>
        <text x={middle(source, BOX.width)} y={source.y + 73} textAnchor="middle" className="soft">
          {drawingWords.nameplate}
        </text>
      </g>
      {words.hasChime ? (
        <g>
          <rect x={chime.x} y={chime.y} {...CHIME} className="box" />
          <path d={`M${chime.x + 10} ${chime.y + 19}h18M${chime.x + 10} ${chime.y + 36}h18`} className="bars" />
          <text x={chime.x + 94} y={chime.y + 24} textAnchor="middle" className="strong">
            {words.twoChimes ? drawingWords.twoChimes : drawingWords.chime}
          </text>
          <text x={chime.x + 94} y={chime.y + 43} textAnchor="middle" className="soft">
            {words.chime}
          </text>
        </g>
      ) : (
        <g>
          <path d={`M${chime.x} ${chime.y + CHIME.height / 2}h${CHIME.width}`} className="line" />
          <circle cx={chime.x + CHIME.width / 2} cy={chime.y + CHIME.height / 2} r="6" className="dot" />
          <text x={chime.x + CHIME.width / 2} y={chime.y + 14} textAnchor="middle" className="soft">
            {words.chime}
          </text>
        </g>
      )}
      <g>
        <rect x={door.x} y={door.y} rx="8" {...BOX} className="box" />
        <circle cx={middle(door, BOX.width)} cy={door.y + 24} r="11" className="line" />
        <text x={middle(door, BOX.width)} y={door.y + 55} textAnchor="middle" className="strong">
          {words.door}
        </text>
        <text x={middle(door, BOX.width)} y={door.y + 73} textAnchor="middle" className="soft">
          {words.draw}
        </text>
      </g>
      <Run spot={layout.toChime} narrow={narrow} stretch={words.toChime} />
      <Run spot={layout.toDoor} narrow={narrow} stretch={words.toDoor} />
      {words.hasChime && (
        <>
          <text x={layout.trans.x} y={layout.trans.y} textAnchor="end">
            {drawingWords.trans} <tspan className="m">{words.trans}</tspan>
          </text>
          <text x={layout.front.x} y={layout.front.y}>
            {drawingWords.front} <tspan className="m">{words.front}</tspan>
          </text>
        </>
      )}
      <Plate spot={layout.open} width={plateWidth} plate={words.plates.open} printed={printed} />
      <Plate spot={layout.screws} width={plateWidth} plate={words.plates.screws} printed={printed} />
      <Plate spot={layout.doorPlate} width={plateWidth} plate={words.plates.door} printed={printed} />
      {(narrow ? words.conditions : [words.conditions.join(' · ')]).map((line, i) => (
        <text
          key={line}
          x={layout.conditions.x}
          y={layout.conditions.y + i * LINE_HEIGHT}
          textAnchor="middle"
          className="soft"
        >
          {line}
        </text>
      ))}
    </svg>
  );
}

/** The rear door, fed through its own coil: from the chime’s Rear to the way back. */
function RearDoor({
  place: { box, x, down, back },
  rear,
}: {
  readonly place: Layout['rear'];
  readonly rear: NonNullable<LoopWords['rear']>;
}) {
  return (
    <g>
      <path d={`M${x} ${down}V${box.y}M${x} ${box.y + REAR.height}V${back}`} className="line" />
      <rect x={box.x} y={box.y} rx="8" {...REAR} className="box" />
      <text x={x} y={box.y + 19} textAnchor="middle" className="strong small-text">
        {rear.name}
      </text>
      <text x={x} y={box.y + 36} textAnchor="middle" className="m small-text">
        {rear.volts}
      </text>
    </g>
  );
}

function Run({ spot, narrow, stretch }: { readonly spot: Spot; readonly narrow: boolean; readonly stretch: Stretch }) {
  return (
    <g textAnchor="middle">
      <text x={spot.x} y={spot.y}>
        {stretch.words}
      </text>
      <text x={spot.x} y={spot.y + (narrow ? 18 : 30)} className="m soft">
        {stretch.ohms}
      </text>
    </g>
  );
}

interface PlateProps {
  readonly spot: Spot;
  readonly width: number;
  readonly plate: LoopPlate;
  readonly printed: boolean;
}

function Plate({ spot, width, plate, printed }: PlateProps) {
  const drawn = (
    <>
      <rect x={spot.x} y={spot.y} width={width} height={PLATE_HEIGHT} className={plate.kind} />
      <text x={spot.x + 8} y={spot.y + 16} className={plate.kind === 'asked' ? 'fox strong' : 'soft'}>
        {plate.label}
      </text>
      <text x={spot.x + 8} y={spot.y + 35} className="m strong">
        {plate.figure}
      </text>
      {width > 140 && (
        <text x={spot.x + width - 8} y={spot.y + 35} textAnchor="end" className="m soft small-text">
          {plate.more}
        </text>
      )}
    </>
  );
  return printed ? (
    <g>{drawn}</g>
  ) : (
    <a href={`#${plate.field}`} aria-label={`${plate.label}: ${plate.figure} ${plate.more}`}>
      {drawn}
    </a>
  );
}
