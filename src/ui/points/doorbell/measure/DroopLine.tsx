'use client';
import { measureWords } from '@/words/screens';
import { Filled } from '../../../figures/Filled';
import type { ReactNode } from 'react';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { bandOf, houseAt, type House } from '@/core/bell';
import { useDoorbell } from '../useDoorbell';
import { PlotFrame, type PlotRoom } from '../../../plot/PlotFrame';
import { volts } from '../../../figures/words';

const ROOM: PlotRoom = { width: 424, height: 236, left: 40, right: 408, top: 12, bottom: 190 };
const { left: LEFT, right: RIGHT, top: TOP, bottom: BOTTOM } = ROOM;
/** Past the rated current by this, so that the sag under a test is seen too. */
const PAST_RATED = 1.3;
const STEPS = 12;
const LEAST_AMPS = 1;

/** How the transformer sags: its volts against the amps drawn, with the nameplate beside it. */
export function DroopLine() {
  const { assessment } = useDoorbell();
  const { known, survey } = assessment;
  const { houses } = known;
  const { volts: ratedVolts, va } = survey.nameplate;
  const ratedAmps = ratedVolts !== null && va !== null ? va / ratedVolts : null;
  const most = PAST_RATED * Math.max(LEAST_AMPS, ratedAmps ?? 0);
  const over = (figure: (house: House) => number) =>
    bandOf(Array.from({ length: houses.count }, (_, i) => figure(houseAt(houses, i))));
  const stops = Array.from({ length: STEPS + 1 }, (_, i) => {
    const amps = (most * i) / STEPS;
    return { amps, band: over(({ openVolts, sourceOhms }) => Math.max(0, openVolts - amps * sourceOhms)) };
  });
  const highest = Math.max(...stops.map(({ band }) => band.high));
  const x = scaleLinear([0, most], [LEFT, RIGHT]);
  const y = scaleLinear([0, highest], [BOTTOM, TOP]).nice();
  const path = (part: 'low' | 'likely' | 'high') =>
    line<(typeof stops)[number]>()
      .x(({ amps }) => x(amps))
      .y(({ band }) => y(band[part]))(stops) ?? '';
  const area = `${path('low')}L${[...stops]
    .reverse()
    .map(({ amps, band }) => `${x(amps)},${y(band.high)}`)
    .join('L')}Z`;
  const sag =
    ratedVolts === null
      ? null
      : over(({ openVolts, sourceOhms }) =>
          openVolts <= ratedVolts ? 0 : (ratedVolts * (openVolts - ratedVolts)) / sourceOhms,
        );
  const atRated = known.voltsAtRated;
  return (
    <figure className="droop">
      <PlotFrame
        room={ROOM}
        role="img"
        label={
          atRated && ratedAmps !== null
            ? measureWords.atItsRatedA({ ratedAmps: ratedAmps.toFixed(2), likely: volts(atRated.likely) })
            : measureWords.open({ likely: volts(known.openVolts.likely) })
        }
        across={{ scale: x, figures: 5, words: measureWords.ampsDrawn }}
        up={{ scale: y, figures: 6 }}
      >
        <path d={area} className="spread" />
        <path d={path('likely')} className="line thick" />
        {ratedVolts !== null && ratedAmps !== null && (
          <>
            <path d={`M${LEFT} ${y(ratedVolts)}H${x(ratedAmps)}V${BOTTOM}`} className="worked" />
            <path
              d={`M${x(ratedAmps) - 7} ${y(ratedVolts)}h14M${x(ratedAmps)} ${y(ratedVolts) - 7}v14`}
              className="line"
            />
            <text x={x(ratedAmps) - 10} y={y(ratedVolts) + 20} textAnchor="end" className="halo">
              <Filled parts={measureWords.nameplateVVA<ReactNode>({ ratedVolts, va })} />
            </text>
          </>
        )}
        {atRated && ratedAmps !== null && <circle cx={x(ratedAmps)} cy={y(atRated.likely)} r="5" className="stop" />}
      </PlotFrame>
      <figcaption>
        {atRated && (
          <>
            <Filled
              parts={measureWords.atRatedCurrentTo<ReactNode>({
                likely: <b className="figure">{volts(atRated.likely)}</b>,
                low: atRated.low.toFixed(1),
                high: atRated.high.toFixed(1),
              })}
            />{' '}
          </>
        )}
        {sag && ratedVolts !== null && va !== null && (
          <span className={sag.likely < 0.8 * va ? 'brick' : 'soft'}>
            {measureWords.itFallsToIts({
              ratedVolts,
              likely: sag.likely.toFixed(0),
              low: sag.low.toFixed(0),
              high: sag.high.toFixed(0),
              va: sag.likely < 0.8 * va ? measureWords.notAtTheVA({ va }) : '.',
            })}
          </span>
        )}
      </figcaption>
    </figure>
  );
}
