'use client';
import { practiceWords } from '@/words/screens';
import type { ReactNode } from 'react';
import {
  benchKindOf,
  TERMINALS,
  type BenchPlace,
  type BenchState,
  type DoorRound,
  type FixtureRound,
  type Round,
  type Terminal,
} from '@/core/practice';
import { tapped } from '../drawing/tapped';
import { PLACE_NAMES, terminalName } from './benchText';
import type { Hand } from './hand';
import { useSpeaks } from './useSpeaks';

interface Spot {
  readonly x: number;
  readonly y: number;
}

const SIZE = { width: 400, height: 250 } as const;
/** What a thumb finds of a terminal, and what is drawn of it. */
const REACH = 25;
const SCREW = 13;
const LABEL = 31;

/** Where a terminal is, as the wires are put. */
function spotOf(terminal: Terminal, { wiring }: BenchState): Spot {
  switch (terminal) {
    case 'outletHot':
      return { x: 165, y: 120 };
    case 'outletNeutral':
      return { x: 235, y: 120 };
    case 'screw1':
      return { x: 150, y: 140 };
    case 'screw2':
      return { x: 250, y: 140 };
    case 'run1A':
      return { x: wiring.run1 === 'on' ? 52 : 40, y: wiring.run1 === 'on' ? 92 : 66 };
    case 'run1B':
      return { x: wiring.run1 === 'on' ? 52 : 40, y: wiring.run1 === 'on' ? 205 : 178 };
    case 'trans':
      return { x: 142, y: 92 };
    case 'front':
      return { x: 258, y: 92 };
    case 'run2A':
      return { x: wiring.run2 === 'on' ? 348 : 360, y: wiring.run2 === 'on' ? 92 : 66 };
    case 'run2B':
      return { x: wiring.run2 === 'on' ? 348 : 360, y: wiring.run2 === 'on' ? 205 : 178 };
    case 'door1':
      return wiring.leads === 'on' ? { x: 165, y: 140 } : { x: wiring.leads === 'joined' ? 168 : 120, y: 206 };
    case 'door2':
      return wiring.leads === 'on' ? { x: 235, y: 140 } : { x: wiring.leads === 'joined' ? 232 : 280, y: 206 };
    case 'hot':
      return { x: 110, y: 150 };
    case 'neutral':
      return { x: 200, y: 150 };
    case 'ground':
      return { x: 290, y: 150 };
  }
}

interface Props {
  readonly round: Round;
  readonly state: BenchState;
  readonly hand: Hand;
  readonly onTap: (terminal: Terminal) => void;
}

/** The place where one stands, as one sees it facing it: what is there, how its wires are put, and where leads can go. */
export function PlaceDrawing({ round, state, hand, onTap }: Props) {
  const { terms } = useSpeaks(round);
  const { place } = state;
  const leads = [
    { name: practiceWords.red, short: practiceWords.redShort, at: hand.red, className: 'lead-red' },
    { name: practiceWords.black, short: practiceWords.blackShort, at: hand.black, className: 'lead-black' },
  ];
  const { terminals, cover, provedAt } = benchKindOf(round.asked);
  const isCovered = cover !== null && place === provedAt && state.wiring[cover] === 'on';
  const here = isCovered ? [] : terminals.filter((terminal) => TERMINALS[terminal] === place);
  const next = hand.red ? practiceWords.black : practiceWords.red;
  return (
    <svg
      className="drawing bench-drawing"
      viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
      role="group"
      aria-label={PLACE_NAMES[place]}
      data-place={place}
    >
      <Scene round={round} state={state} place={place} />
      {leads.map(({ at, className }, i) => {
        if (!at) return null;
        const { x, y } = spotOf(at, state);
        const foot = SIZE.width / 2 + (i === 0 ? -14 : 14);
        return (
          <path
            key={className}
            className={`lead ${className}`}
            d={`M${x} ${y}C${x} ${y + 70} ${foot} ${SIZE.height - 70} ${foot} ${SIZE.height}`}
          />
        );
      })}
      {here.map((terminal) => {
        const { x, y } = spotOf(terminal, state);
        const lead = leads.find(({ at }) => at === terminal);
        const name = terminalName(terminal, terms);
        const said = lead
          ? practiceWords.takeLead({ lead: lead.name, terminal: name })
          : practiceWords.putLead({ lead: next, terminal: name });
        const isLow = y > 170;
        return (
          <g
            key={terminal}
            className={`terminal ${lead?.className ?? ''}`}
            data-terminal={terminal}
            {...tapped(() => onTap(terminal), said, lead !== undefined)}
          >
            <circle className="reach" cx={x} cy={y} r={REACH} />
            <circle className="screw" cx={x} cy={y} r={SCREW} />
            {lead ? (
              <text className="m strong" x={x} y={y + 5} textAnchor="middle">
                {lead.short}
              </text>
            ) : (
              <path className="slot" d={`M${x - 7} ${y + 4}L${x + 7} ${y - 4}`} />
            )}
            <text
              className="small-text halo"
              x={Math.min(SIZE.width - 4, Math.max(4, x))}
              y={isLow ? y + LABEL : y - LABEL + 10}
              textAnchor={x < 70 ? 'start' : x > SIZE.width - 70 ? 'end' : 'middle'}
            >
              {shortName(terminal, name)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

/** On the drawing the ends of runs are told by where they lead: their numbers do. */
const shortName = (terminal: Terminal, name: string): string => (terminal.startsWith('run') ? name.slice(-1) : name);

interface SceneProps<R extends Round = Round> {
  readonly round: R;
  readonly state: BenchState;
}

function Scene({ place, ...props }: SceneProps & { readonly place: BenchPlace }): ReactNode {
  const { round, state } = props;
  switch (place) {
    case 'board':
      return <BoardScene {...props} />;
    case 'transformer':
      return round.of === 'door' && <TransformerScene round={round} state={state} />;
    case 'hall':
      return <HallScene />;
    case 'chime':
      return round.of === 'door' && <ChimeScene round={round} state={state} />;
    case 'door':
      return <DoorScene {...props} />;
    case 'fixture':
      return round.of === 'fixture' && <FixtureScene round={round} state={state} />;
  }
}

const WAYS = 6;
const BELL_WAY = 3;

function BoardScene({ round, state }: SceneProps) {
  const isOff = state.off !== 'nothing';
  return (
    <g>
      <rect className="box" x="110" y="14" width="180" height="222" />
      {Array.from({ length: WAYS }, (_, i) => {
        const y = 30 + 34 * i;
        const isBell = i === BELL_WAY;
        const isDown = isBell && isOff;
        return (
          <g key={i}>
            <rect className={isBell ? 'asked' : 'read'} x="126" y={y} width="60" height="24" />
            <rect className="hole" x={isDown ? 130 : 160} y={y + 4} width="22" height="16" />
            {isBell && (
              <text x="196" y={y + 17}>
                {round.of === 'door' ? practiceWords.wayOfBell : practiceWords.wayOfFloodlight}
              </text>
            )}
          </g>
        );
      })}
      {isOff && (
        <g>
          <path className="line" d={`M118 ${42 + 34 * BELL_WAY}L64 ${42 + 34 * BELL_WAY}`} />
          <path className="asked" d={`M14 ${24 + 34 * BELL_WAY}h42l10 18l-10 18h-42z`} />
          <text className="small-text strong" x="20" y={46 + 34 * BELL_WAY}>
            {practiceWords.tag}
          </text>
        </g>
      )}
    </g>
  );
}

function TransformerScene({ round, state }: SceneProps<DoorRound>) {
  const { ratedVolts, ratedVa } = round.asked.bell.source;
  const { screws } = state.wiring;
  return (
    <g>
      <path className="line thick" d="M0 62H110" />
      <text className="soft small-text" x="6" y="52">
        {practiceWords.mains}
      </text>
      <rect className="box" x="110" y="16" width="180" height="88" />
      <text className="strong" x="200" y="54" textAnchor="middle">
        {practiceWords.nameplate({ volts: ratedVolts, va: ratedVa })}
      </text>
      <text className="soft small-text" x="200" y="76" textAnchor="middle">
        {practiceWords.transformer}
      </text>
      <rect className="read" x="120" y="104" width="160" height="66" />
      {screws === 'on' && <path className="line" d="M150 153V250M250 153V250" />}
      {screws === 'apart' && <path className="line" d="M96 200V250M304 200V250" />}
      {screws === 'joined' && <path className="line" d="M150 250V214L200 196L250 214V250" />}
      {screws === 'joined' && <circle className="hole" cx="200" cy="196" r="6" />}
    </g>
  );
}

function HallScene() {
  return (
    <g>
      <rect className="box" x="120" y="64" width="160" height="112" rx="8" />
      <text className="soft small-text" x="200" y="196" textAnchor="middle">
        {practiceWords.outletHere}
      </text>
      <rect className="read" x="20" y="84" width="44" height="72" />
      <rect className="hole" x="35" y="100" width="14" height="22" />
      <text className="soft small-text" x="42" y="176" textAnchor="middle">
        {practiceWords.lightSwitch}
      </text>
      <path className="line" d="M322 120V92M382 120V92" />
      <rect className="box" x="312" y="120" width="80" height="26" />
      <text className="soft small-text" x="352" y="168" textAnchor="middle">
        {practiceWords.router}
      </text>
    </g>
  );
}

function ChimeScene({ round, state }: SceneProps<DoorRound>) {
  const { chime } = round.asked.bell;
  const { run1, run2, module } = state.wiring;
  const isThere = chime.kind !== 'none' || chime.intended !== 'none';
  return (
    <g>
      <text className="soft small-text" x="4" y="20">
        {practiceWords.fromTransformer}
      </text>
      <text className="soft small-text" x="396" y="20" textAnchor="end">
        {practiceWords.toTheDoorWires}
      </text>
      {isThere && <rect className="box" x="112" y="30" width="176" height="128" />}
      <text className="soft small-text" x="200" y="48" textAnchor="middle">
        {isThere ? practiceWords.chime : practiceWords.noChime}
      </text>
      {chime.intended === 'none' && <path className="line" d="M142 92H258" />}
      {(chime.intended === 'shunt' || chime.intended === 'series') && (
        <path className="line" d="M142 92H168q4 -16 10 0t10 0t10 0t10 0t10 0t10 0H258" />
      )}
      {chime.intended === 'link' && (
        <g>
          <path className="line" d="M142 92H258" />
          <rect className="read" x="178" y="84" width="44" height="16" />
          <text className="small-text" x="200" y="118" textAnchor="middle">
            {practiceWords.link}
          </text>
        </g>
      )}
      {chime.intended === 'shunt' && (
        <g className={module === 'on' ? undefined : 'apart'}>
          <path
            className="line"
            d={module === 'on' ? 'M142 104V136H166M234 136H258V104' : 'M150 136H166M234 136H250'}
          />
          <rect className="read" x="166" y="122" width="68" height="28" />
          <text className="small-text" x="200" y="141" textAnchor="middle">
            {practiceWords.module}
          </text>
        </g>
      )}
      <path className="line" d={run1 === 'on' ? 'M0 92H142M0 205H200' : 'M0 66H40M0 178H40'} />
      <path className="line" d={run2 === 'on' ? 'M400 92H258M400 205H200' : 'M400 66H360M400 178H360'} />
      {run1 === 'on' && run2 === 'on' && <circle className="hole" cx="200" cy="205" r="7" />}
      {run1 === 'on' && run2 === 'on' && (
        <text className="soft small-text" x="200" y="188" textAnchor="middle">
          {practiceWords.splice}
        </text>
      )}
    </g>
  );
}

function DoorScene({ state }: SceneProps) {
  const { leads } = state.wiring;
  return (
    <g>
      <rect className="box" x="135" y="12" width="130" height="158" rx="10" />
      <circle className="line" cx="200" cy="52" r="20" />
      <circle className="hole" cx="200" cy="52" r="8" />
      <text className="soft small-text" x="200" y="92" textAnchor="middle">
        {practiceWords.doorbell}
      </text>
      {leads === 'on' && <path className="line" d="M165 153V250M235 153V250" />}
      {leads === 'apart' && <path className="line" d="M120 206V250M280 206V250" />}
      {leads === 'joined' && <path className="line" d="M168 250V206H232V250" />}
      {leads !== 'on' && (
        <g>
          <circle className="read" cx="165" cy="140" r="9" />
          <circle className="read" cx="235" cy="140" r="9" />
        </g>
      )}
    </g>
  );
}

/** A head on its box or outlet: let down, its conductors are spread in front of it. */
function FixtureScene({ round, state }: SceneProps<FixtureRound>) {
  const { joinedBy, hasAhead } = round.asked.fixture;
  const { cover, lamps } = state.wiring;
  const isPlug = joinedBy === 'plug';
  const isDown = !isPlug && cover === 'apart';
  const isTold = lamps === 'on';
  return (
    <g>
      <path className="line thick" d="M0 60H150" />
      {hasAhead && (
        <g>
          <rect className="read" x="40" y="46" width="60" height="28" />
          <text className="soft small-text" x="70" y="38" textAnchor="middle">
            {practiceWords.photocell}
          </text>
        </g>
      )}
      <rect className="box" x="150" y="20" width="100" height="80" />
      <text className="soft small-text" x="200" y="14" textAnchor="middle">
        {isPlug ? practiceWords.outlet : practiceWords.box}
      </text>
      {isDown || isPlug ? (
        <path className="line" d="M170 100L110 137M200 100V137M230 100L290 137" />
      ) : (
        <g>
          <circle className="line" cx="200" cy="60" r="26" />
          <circle className="hole" cx="200" cy="60" r="9" />
        </g>
      )}
      <g transform={isDown || isPlug ? 'translate(0 78)' : 'translate(0 30)'}>
        <rect className={isTold ? 'asked' : 'read'} x="96" y="114" width="76" height="34" rx="6" />
        <rect className={isTold ? 'asked' : 'read'} x="228" y="114" width="76" height="34" rx="6" />
        <circle className="box" cx="200" cy="131" r="17" />
        <text className="soft small-text" x="134" y="136" textAnchor="middle">
          {practiceWords.lamps}
        </text>
        <text className="soft small-text" x="266" y="136" textAnchor="middle">
          {practiceWords.lamps}
        </text>
      </g>
    </g>
  );
}
