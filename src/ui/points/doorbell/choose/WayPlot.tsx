'use client';
import { chooseWords } from '@/words/screens';
import { useSay } from '../../../log/useSay';
import { said } from '@/core/said';
import { scaleLinear } from 'd3-scale';
import { line, curveStepAfter } from 'd3-shape';
import { useState } from 'react';
import { effortOf, type JudgedOption } from '@/core/advice';
import { Choices } from '../../../form/Choices';
import { PlotFrame, type PlotRoom } from '../../../plot/PlotFrame';
import { useMoney } from '../../../figures/useMoney';
import { margin } from '../../../figures/words';
import { wayWords } from '@/core/advice';

interface Props {
  readonly ways: readonly JudgedOption[];
  readonly selected: string;
  readonly hovered: string | null;
  readonly taken: string | null;
  readonly proposed: string | null;
  readonly onSelect: (way: JudgedOption) => void;
  readonly onHover: (id: string | null) => void;
}

const ROOM: PlotRoom = { width: 560, height: 320, left: 48, right: 544, top: 16, bottom: 272 };
const { left: LEFT, right: RIGHT, top: TOP, bottom: BOTTOM } = ROOM;
const signed = (value: number): string => (value > 0 ? `+${value}` : String(value).replace('-', '−'));
/** A way that collapses has no margin: it stands at the foot of the plot. */
const FOOT_VOLTS = -6;

const AXES = {
  effort: { words: chooseWords.minutesAndMoney, of: effortOf },
  minutes: { words: chooseWords.minutes, of: ({ minutes }: JudgedOption) => minutes },
  cost: { words: chooseWords.money, of: ({ cost }: JudgedOption) => cost },
} as const;
type Axis = keyof typeof AXES;
const AXIS_OPTIONS = (Object.keys(AXES) as Axis[]).map((value) => ({ value, words: AXES[value].words }));

/** Shape by verdict, so that it is read without colour. */
function Mark({
  x,
  y,
  verdict,
}: {
  readonly x: number;
  readonly y: number;
  readonly verdict: JudgedOption['judgement']['verdict'];
}) {
  switch (verdict) {
    case 'holds':
      return <circle cx={x} cy={y} r="8" className="mark holds" />;
    case 'tight':
      return <path d={`M${x} ${y - 9}L${x + 9} ${y}L${x} ${y + 9}L${x - 9} ${y}Z`} className="mark tight" />;
    case 'cannotTell':
    case 'notComputed':
      return <circle cx={x} cy={y} r="7" className="mark open" />;
    default:
      return (
        <path d={`M${x - 6} ${y - 6}L${x + 6} ${y + 6}M${x + 6} ${y - 6}L${x - 6} ${y + 6}`} className="mark out" />
      );
  }
}

/** What each way costs against what it has to spare; the line joins those that no other one beats. */
export function WayPlot({ ways, selected, hovered, taken, proposed, onSelect, onHover }: Props) {
  const say = useSay();
  const money = useMoney();
  const [axis, setAxis] = useState<Axis>('effort');
  // Another device is another question: it is drawn only where one of its ways is looked at
  const other = ways.find(({ id }) => id === selected)?.instead ?? false;
  const shown = ways.filter(
    ({ forbidden, judgement, instead }) =>
      forbidden === null && judgement.verdict !== 'notComputed' && (other || !instead),
  );
  const spare = ({ judgement }: JudgedOption): number => Math.max(FOOT_VOLTS, judgement.marginVolts);
  const cost = AXES[axis].of;
  const x = scaleLinear([0, Math.max(10, ...shown.map(cost))], [LEFT, RIGHT]).nice();
  const y = scaleLinear([FOOT_VOLTS, Math.max(2, ...shown.map(spare))], [BOTTOM, TOP]).nice();
  // What has more to spare than everything that costs less
  const front = [...shown]
    .filter(({ judgement }) => judgement.verdict === 'holds' || judgement.verdict === 'tight')
    .sort((a, b) => cost(a) - cost(b) || spare(b) - spare(a))
    .reduce<readonly JudgedOption[]>((line, way) => {
      const last = line.at(-1);
      return last && spare(last) >= spare(way) ? line : [...line, way];
    }, []);
  const path = line<JudgedOption>()
    .x((way) => x(cost(way)))
    .y((way) => y(spare(way)))
    .curve(curveStepAfter);
  // Ways at one place share a dot: the shown one stands before the others
  const dots = [...new Map(shown.map((way) => [`${cost(way)} ${spare(way).toFixed(1)}`, way])).keys()].map((key) => {
    const here = shown.filter((way) => `${cost(way)} ${spare(way).toFixed(1)}` === key);
    const first = here.find(({ id }) => id === selected) ?? here.find(({ id }) => id === proposed) ?? here[0];
    return { key, here, first };
  });
  const picked = shown.find(({ id }) => id === (hovered ?? selected));
  return (
    <figure className="way-plot">
      <Choices
        label={chooseWords.across}
        options={AXIS_OPTIONS}
        chosen={axis}
        onPick={(value) => value && setAxis(value)}
      />
      <PlotFrame
        room={ROOM}
        role="group"
        label={chooseWords.costAgainstVoltsTo}
        across={{ scale: x, figures: 6, words: AXES[axis].words }}
        up={{ scale: y, figures: 6, words: chooseWords.voltsToSpareAt, shown: signed }}
        under={
          <rect x={LEFT} y={y(0)} width={RIGHT - LEFT} height={Math.max(0, BOTTOM - y(0))} className="zone-weak" />
        }
      >
        <path d={path(front) ?? ''} className="line front" />
        {dots.map(({ key, here, first }) => {
          if (!first) return null;
          const [cx, cy] = [x(cost(first)), y(spare(first))];
          const on = here.some(({ id }) => id === selected);
          const over = here.some(({ id }) => id === hovered);
          const remark = here.some(({ id }) => id === taken)
            ? chooseWords.taken
            : here.some(({ id }) => id === proposed)
              ? chooseWords.proposed
              : null;
          return (
            <g
              key={key}
              role="button"
              tabIndex={0}
              aria-pressed={on}
              aria-label={`${here.map((one) => say(wayWords(one))).join('; ')}: ${say(said('verdict', { verdict: first.judgement.verdict }))}, ${margin(first.judgement.marginVolts)}`}
              className="dot"
              onClick={() => onSelect(first)}
              onKeyDown={(event) => {
                if (event.key !== 'Enter' && event.key !== ' ') return;
                event.preventDefault();
                onSelect(first);
              }}
              onMouseEnter={() => onHover(first.id)}
              onMouseLeave={() => onHover(null)}
              onFocus={() => onHover(first.id)}
              onBlur={() => onHover(null)}
            >
              <circle cx={cx} cy={cy} r="22" className="reach" />
              {(on || over) && <circle cx={cx} cy={cy} r="14" className={on ? 'ring' : 'ring faint'} />}
              <Mark x={cx} y={cy} verdict={first.judgement.verdict} />
              {remark && (
                <text
                  x={cx}
                  y={cy - 20}
                  textAnchor={cx > RIGHT - 60 ? 'end' : cx < LEFT + 40 ? 'start' : 'middle'}
                  className="strong halo"
                >
                  {remark}
                </text>
              )}
            </g>
          );
        })}
      </PlotFrame>
      <figcaption className="small soft" aria-live="polite">
        {picked
          ? chooseWords.forMinAndIn({
              wayWords: say(wayWords(picked)),
              marginVolts: margin(picked.judgement.marginVolts),
              minutes: picked.minutes,
              cost: money(picked.cost),
            })
          : chooseWords.roundHoldsDiamondTight}
      </figcaption>
    </figure>
  );
}
