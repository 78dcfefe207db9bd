import { faultWords } from '@/words/screens';
import { scaleLinear } from 'd3-scale';
import type { AnswerAhead, FigureOf, Prediction } from '@/core/faults';
import { said } from '@/core/said';
import { useSay } from '../../../log/useSay';
import { unitOf } from './faultText';

const WIDTH = 380;
const LEFT = 12;
const RIGHT = WIDTH - 12;
const ROW = 30;
const BAR = 12;
const TOP = 6;
/** A fault that hardly ever leaves a figure has no bar. */
const LEAST_CHANCE = 0.05;
/** What stands left of this share of the width has its name at its right. */
const HALF = 0.5;

interface Props {
  readonly predictions: readonly Prediction[];
  readonly answers: readonly AnswerAhead[];
  readonly figure: FigureOf;
  /** A figure that is being typed. */
  readonly typed: number | null;
}

/** What the meter would show under each fault, on its own scale, with the cuts between what its answers leave. */
export function MeterScale({ predictions, answers, figure, typed }: Props) {
  const say = useSay();
  const shown = predictions.filter(
    ({ chances, low, high }) => (chances.figure ?? 0) > LEAST_CHANCE && low !== null && high !== null,
  );
  if (shown.length === 0) return null;
  const ends = shown.flatMap(({ low, high }) => [low ?? 0, high ?? 0]);
  const spread = Math.max(...ends) - Math.min(...ends);
  // Volts and ohms are not below nothing
  const floor = figure === 'volts' || figure === 'ohms' ? 0 : -Infinity;
  const scale = scaleLinear()
    .domain([Math.max(floor, Math.min(...ends) - 0.08 * spread - 0.05), Math.max(...ends) + 0.08 * spread + 0.05])
    .range([LEFT, RIGHT]);
  const bottom = TOP + shown.length * ROW + 6;
  const cuts = answers.flatMap(({ word, from }) => (word === null && from !== null ? [from] : []));
  const [least = 0, most = 0] = scale.domain();
  const isOn = (value: number): boolean => value >= least && value <= most;
  return (
    <svg
      className="drawing meter-scale"
      viewBox={`0 0 ${WIDTH} ${bottom + 30}`}
      role="img"
      aria-label={faultWords.whatTheMeterWouldSay}
    >
      {cuts.filter(isOn).map((cut) => (
        <line key={cut} className="cut" x1={scale(cut)} x2={scale(cut)} y1={0} y2={bottom} />
      ))}
      {shown.map(({ kind, low, likely, high }, i) => {
        const [x, end] = [scale(low ?? 0), scale(high ?? 0)];
        const y = TOP + i * ROW;
        const isLeft = (x + end) / 2 < LEFT + HALF * (RIGHT - LEFT);
        return (
          <g key={kind}>
            <rect className={`bar f${i % 8}`} x={x} y={y + 14} width={Math.max(3, end - x)} height={BAR} />
            <line className="median" x1={scale(likely ?? 0)} x2={scale(likely ?? 0)} y1={y + 14} y2={y + 14 + BAR} />
            <text x={isLeft ? x : end} y={y + 10} textAnchor={isLeft ? 'start' : 'end'}>
              {say(said('faultName', { fault: kind }))}
            </text>
          </g>
        );
      })}
      {typed !== null && isOn(typed) && (
        <line className="typed" x1={scale(typed)} x2={scale(typed)} y1={0} y2={bottom} />
      )}
      <line className="line" x1={LEFT} x2={RIGHT} y1={bottom} y2={bottom} />
      {scale.ticks(5).map((tick, i, all) => (
        <text key={tick} className="m" x={scale(tick)} y={bottom + 20} textAnchor="middle">
          {`${tick}`.replace('-', '−')}
          {i === all.length - 1 ? ` ${unitOf(figure)}` : ''}
        </text>
      ))}
    </svg>
  );
}
