'use client';
import { mountWords } from '@/words/screens';
import { useDeferredValue, useMemo, type KeyboardEvent } from 'react';
import {
  BUTTON_BELOW_LENS_M,
  BUTTON_REACH_M,
  MAP_M,
  heightMap,
  mapHeights,
  type DoorHangs,
  type DoorProposal,
  type DoorScene,
  type LensRange,
  type Sees,
} from '@/core/mount';
import { METRES_PER_INCH, lengthText, type LengthSystem } from '@/core/units';

interface Props {
  readonly scene: DoorScene;
  readonly hangs: DoorHangs;
  readonly range: LensRange;
  readonly proposed: DoorProposal | null;
  readonly lengths: LengthSystem;
  /** A column was tapped: its tilt wedge, looking down positive. */
  readonly onTilt: (tiltDeg: number) => void;
}

const [WIDTH, HEIGHT] = [330, 260];
const LEFT = { metric: 42, imperial: 62 } as const;
/** Heights that are written out, metres: round ones as lengths are read. */
const TICKS = {
  metric: [0.8, 1, 1.2, 1.4, 1.6, 1.8],
  imperial: [36, 42, 48, 54, 60, 66].map((inches) => inches * METRES_PER_INCH),
} as const;
/** Fewer wedges leave no broader columns than these. */
const LEAST_COLUMNS = 5;
const TOP = 14;
const FOOT = 214;
const GAP_SHARE = 1 / 4;
const y = (metres: number): number => FOOT - ((metres - MAP_M.least) / (MAP_M.most - MAP_M.least)) * (FOOT - TOP);
const inside = (metres: number): number => Math.min(MAP_M.most, Math.max(MAP_M.least, metres));

/** Runs of heights from which the same is seen. */
function runsOf(sees: readonly Sees[]): readonly { readonly from: number; readonly to: number; readonly sees: Sees }[] {
  const runs: { from: number; to: number; sees: Sees }[] = [];
  for (const [i, one] of sees.entries()) {
    const at = mapHeights[i] ?? 0;
    const last = runs.at(-1);
    if (last?.sees === one) last.to = at;
    else runs.push({ from: last ? last.to : at, to: at, sees: one });
  }
  return runs;
}

/** For each tilt wedge, at which heights faces and the parcel are both in frame; where the plate can sit and the button is in reach. */
export function HeightMap({ scene, hangs, range, proposed, lengths, onTilt }: Props) {
  const side = useDeferredValue(hangs.sideDeg);
  const also = useDeferredValue(Math.round(hangs.tiltDeg));
  const map = useMemo(() => heightMap(scene, side, also), [scene, side, also]);
  const left = LEFT[lengths];
  const pitch = (WIDTH - left) / Math.max(map.length, LEAST_COLUMNS);
  const [gap, column] = [pitch * GAP_SHARE, pitch * (1 - GAP_SHARE)];
  const at = (i: number): number => left + gap / 2 + i * pitch;
  const middle = (isOne: (tiltDeg: number) => boolean): number | null => {
    const found = map.flatMap(({ tiltDeg }, i) => (isOne(tiltDeg) ? [at(i) + column / 2] : []));
    const [first] = found;
    return first === undefined ? null : (first + (found.at(-1) ?? first)) / 2;
  };
  const ends = [
    { x: middle((deg) => deg < 0), words: mountWords.thickEndDownShort },
    { x: middle((deg) => deg > 0), words: mountWords.thickEndUpShort },
  ];
  const small = (metres: number): string => lengthText(metres, lengths, 'small');
  const columnOf = (tiltDeg: number): number => map.findIndex((one) => one.tiltDeg === Math.round(tiltDeg));
  const band = (className: string, from: number, to: number, words: string) => (
    <g className={className}>
      <rect x={left} y={y(inside(to))} width={WIDTH - left} height={Math.max(3, y(inside(from)) - y(inside(to)))} />
      <title>{words}</title>
    </g>
  );
  return (
    <svg className="drawing height-map" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="group" aria-label={mountWords.mapName}>
      {band(
        'button-band',
        BUTTON_REACH_M.least + BUTTON_BELOW_LENS_M,
        BUTTON_REACH_M.most + BUTTON_BELOW_LENS_M,
        mountWords.buttonInReach,
      )}
      {band('lead-band', range.lowestM, range.highestM, mountWords.asFarAsLead)}
      {TICKS[lengths].map((metres) => (
        <text key={metres} x={left - 6} y={y(metres) + 4} textAnchor="end" className="small-text m soft">
          {small(metres)}
        </text>
      ))}
      {map.map(({ tiltDeg, sees }, i) => (
        <g
          key={tiltDeg}
          className="column"
          role="button"
          tabIndex={0}
          aria-pressed={i === columnOf(hangs.tiltDeg)}
          aria-label={mountWords.tiltWedgeNamed({ deg: Math.abs(tiltDeg), down: tiltDeg > 0 })}
          onClick={() => onTilt(tiltDeg)}
          onKeyDown={(event: KeyboardEvent) => {
            if (event.key !== 'Enter' && event.key !== ' ') return;
            event.preventDefault();
            onTilt(tiltDeg);
          }}
        >
          <rect className="column-frame" x={at(i)} y={TOP} width={column} height={FOOT - TOP} />
          {runsOf(sees).map((run) => (
            <rect
              key={`${run.from} ${run.sees}`}
              className={`sees-${run.sees}`}
              x={at(i)}
              y={y(run.to)}
              width={column}
              height={Math.max(2, y(run.from) - y(run.to))}
            />
          ))}
          <text x={at(i) + column / 2} y={FOOT + 16} textAnchor="middle" className="small-text m">
            {tiltDeg === 0 ? mountWords.none : `${Math.abs(tiltDeg)}°`}
          </text>
        </g>
      ))}
      {ends.map(
        ({ x, words }) =>
          x !== null && (
            <text key={words} x={x} y={FOOT + 34} textAnchor="middle" className="small-text soft">
              {words}
            </text>
          ),
      )}
      {proposed && columnOf(proposed.tiltDeg) >= 0 && (
        <circle
          className="proposed"
          cx={at(columnOf(proposed.tiltDeg)) + column / 2}
          cy={y(inside(proposed.lensM))}
          r="8"
        />
      )}
      {columnOf(hangs.tiltDeg) >= 0 && (
        <circle className="now" cx={at(columnOf(hangs.tiltDeg)) + column / 2} cy={y(inside(hangs.lensM))} r="6" />
      )}
    </svg>
  );
}
