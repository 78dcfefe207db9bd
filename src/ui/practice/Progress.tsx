'use client';
import { practiceWords } from '@/words/screens';
import { scaleLinear } from 'd3-scale';
import type { PlayedRound } from '@/contract/practice';
import { useCrew } from '../crew/CrewContext';
import { PlotFrame, type PlotRoom } from '../plot/PlotFrame';

const ROOM: PlotRoom = { width: 420, height: 160, left: 40, right: 410, top: 14, bottom: 150 };
/** So many rounds are drawn, and looked back at. */
const DRAWN = 30;
const LOOKED_BACK = 5;
/** Whether it was found, or rightly said that there was nothing. */
export const isFound = ({ ending }: PlayedRound): boolean => ending === 'works' || ending === 'wasFine';
/** Minutes over the finder’s; what was not found counts as the worst that is drawn. */
const MOST_RATIO = 4;
const ratioOf = (one: PlayedRound): number =>
  isFound(one) ? Math.min(MOST_RATIO, one.minutes / Math.max(1, one.bestMinutes ?? 1)) : MOST_RATIO;

/** How somebody does from round to round, beside the fault finder in the same houses. */
export function Progress({ rounds }: { readonly rounds: readonly PlayedRound[] }) {
  const { who } = useCrew();
  if (!who) return null;
  // Of what has no figure nothing is said
  const own = rounds.filter(({ by, bestMinutes }) => by.id === who.id && bestMinutes !== null);
  const drawn = own.slice(0, DRAWN).toReversed();
  const last = own.slice(0, LOOKED_BACK);
  const x = scaleLinear([0, Math.max(1, drawn.length - 1)], [ROOM.left + 12, ROOM.right - 12]);
  const y = scaleLinear([0, MOST_RATIO], [ROOM.bottom, ROOM.top]);
  const mean = last.reduce((sum, one) => sum + ratioOf(one), 0) / Math.max(1, last.length);
  return (
    <section className="bench-progress">
      <h2>{practiceWords.progressOf({ name: who.name })}</h2>
      {own.length === 0 ? (
        <p className="soft">{practiceWords.noRounds}</p>
      ) : (
        <>
          <p>
            {practiceWords.meanOf({
              count: last.length,
              ratio: mean.toFixed(1),
              dangers: last.reduce((sum, { dangers }) => sum + dangers, 0),
            })}
          </p>
          <p className="small soft">{practiceWords.ratio}</p>
          <PlotFrame room={ROOM} label={practiceWords.overTime} role="img" across={null} up={{ scale: y, figures: 4 }}>
            <line className="limit" x1={ROOM.left} x2={ROOM.right} y1={y(1)} y2={y(1)} />
            <text className="small-text halo" x={ROOM.right} y={y(1) + 16} textAnchor="end">
              {practiceWords.finder}
            </text>
            {drawn.length > 1 && (
              <path
                className="line"
                d={drawn.map((one, i) => `${i === 0 ? 'M' : 'L'}${x(i)} ${y(ratioOf(one))}`).join('')}
              />
            )}
            {drawn.map((one, i) => (
              <circle
                key={one.id}
                className={isFound(one) ? (one.dangers > 0 ? 'danger' : 'won') : 'not-found'}
                cx={x(i)}
                cy={y(ratioOf(one))}
                r="5"
              />
            ))}
          </PlotFrame>
        </>
      )}
    </section>
  );
}
