'use client';
import { chooseWords } from '@/words/screens';
import { Filled } from '../../../figures/Filled';
import type { ReactNode } from 'react';
import { Table } from 'react-bootstrap';
import { useMoney } from '../../../figures/useMoney';
import { useSay } from '../../../log/useSay';
import { wayPlan, type JudgedOption, type WayPlan } from '@/core/advice';
import { capital } from '@/core/units';
import {
  chimeFigures,
  fallingVolts,
  tuneFigures,
  type Estimate,
  type OtherJudgement,
  type TuneFigures,
} from '@/core/bell';
import { STATE_WORDS } from '@/core/catalogue';
import { FallingLine } from '../../../plot/FallingLine';
import { Verdict } from '../../../verdict/Verdict';
import { percent, volts } from '../../../figures/words';
import { useDoorbell } from '../useDoorbell';
import { BeforeAfter } from './BeforeAfter';
import { wayWords } from '@/core/advice';

const RINGS = {
  rings: chooseWords.ringsWell,
  weak: chooseWords.mayNotStrike,
  hammers: chooseWords.hammersAndHeats,
} as const;

/** Another door on the same supply, in its hungriest moment. */
function OtherDoor({ other: { name, low, belief, minVolts } }: { readonly other: OtherJudgement }) {
  const say = useSay();
  return (
    <p data-testid="other-door">
      <Filled
        parts={chooseWords.atWorstItAnd<ReactNode>({
          name: <b>{capital(say(name))}:</b>,
          likely:
            low.likely > 0 ? (
              <>
                <Filled
                  parts={chooseWords.keeps<ReactNode>({ likely: <b className="figure">{volts(low.likely)}</b> })}
                />
              </>
            ) : (
              chooseWords.getsTooLittleTo
            ),
          minVolts: minVolts.toFixed(1),
          belief: percent(belief),
        })}
      />
    </p>
  );
}

/** What the device is set to, and what is read once it is built: each with its predicted band. */
function PlanAfter({ plan: { tools, visits, settings, tests } }: { readonly plan: WayPlan }) {
  const say = useSay();
  return (
    <section>
      <h2>{chooseWords.whatItAsksFor}</h2>
      <p>{chooseWords.tools({ visits: capital(say(visits)), parts: [...new Set(tools.map(say))].join(', ') })}</p>
      <p>{chooseWords.set({ settings: settings.map(say).join('; ') })}</p>
      <ul className="plain-list" data-testid="planned-tests">
        {tests.map(({ words, band }) => (
          <li key={say(words)}>
            {say(words)}
            {band && (
              <>
                {': '}
                <b className="figure">{chooseWords.toV({ low: band.low.toFixed(1), high: band.high.toFixed(1) })}</b>
              </>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What the diode gives the tune, and what the idle chime lets through to the battery. */
function Tune({ tune: { playingVolts, ratedVolts, playsOn, idleWatts, dayWatts } }: { readonly tune: TuneFigures }) {
  return (
    <span data-testid="tune">
      <Filled
        parts={chooseWords.tunePlays<ReactNode>({
          likely: <b className="figure">{volts(playingVolts.likely)}</b>,
          low: playingVolts.low.toFixed(1),
          high: playingVolts.high.toFixed(1),
          rated: volts(ratedVolts),
          how: playsOn ? chooseWords.playsOn : chooseWords.mayStop,
        })}
      />{' '}
      {chooseWords.idleLets({
        low: idleWatts.low.toFixed(2),
        high: idleWatts.high.toFixed(2),
        day: dayWatts.toFixed(2),
      })}{' '}
      {idleWatts.low >= dayWatts
        ? chooseWords.batteryKeeps
        : idleWatts.high >= dayWatts
          ? chooseWords.batteryPerhaps
          : chooseWords.batteryFalls}
    </span>
  );
}

interface Props {
  readonly way: JudgedOption;
  readonly known: Estimate;
  /** All of them: the same way with and without the module is among these. */
  readonly ways: readonly JudgedOption[];
}

/** What the module makes of the door volts; nothing where it does not stand beside a plain coil. */
function ModuleWorth({ way, ways }: Pick<Props, 'way' | 'ways'>) {
  const say = useSay();
  const { path } = way.treatment.standing;
  if (path !== 'series' && path !== 'shunt') return null;
  const other = ways.find(
    ({ treatment, transformer, tap, wire, device }) =>
      treatment.id === (path === 'series' ? 'powerModule' : 'leaveAsIs') &&
      transformer?.id === way.transformer?.id &&
      tap?.screws === way.tap?.screws &&
      wire === way.wire &&
      device.id === way.device.id,
  );
  if (!other || other.judgement.verdict === 'notComputed') return null;
  return (
    <p className="small soft" data-testid="module-worth">
      {path === 'series' ? chooseWords.withAPowerModule : chooseWords.withoutTheModule}{' '}
      {other.judgement.governingVolts > 0 ? (
        <>
          <Filled
            parts={chooseWords.theDoorWouldKeep<ReactNode>({
              governingVolts: <b className="figure">{volts(other.judgement.governingVolts)}</b>,
            })}
          />
        </>
      ) : (
        chooseWords.theSupplyWouldCollapse
      )}
      {other.forbidden ? chooseWords.theDeviceDoesNot({ forbidden: say(other.forbidden) }) : '.'}
    </p>
  );
}

/** What one way does: verdict, volts on their way, each lasting state, and what becomes of the chime. */
export function WayDetail({ way, known, ways }: Props) {
  const say = useSay();
  const money = useMoney();
  const { judgement, change, treatment, device } = way;
  const { point } = useDoorbell();
  // Another device draws other watts from the same house
  const of = { ...known, survey: { ...known.survey, device } };
  const { survey } = of;
  const chime = chimeFigures(survey, known.houses, change, treatment);
  const tune = tuneFigures(survey, known.houses, change, treatment);
  // What was not computed has no figure
  const computed = judgement.verdict !== 'notComputed';
  return (
    <>
      <div className="halves">
        <div>
          <Verdict judgement={judgement} way={say(wayWords(way))} />
          {computed && <ModuleWorth way={way} ways={ways} />}
          {judgement.others.map((other) => (
            <OtherDoor key={other.id} other={other} />
          ))}
          {way.forbidden && (
            <p className="caution">{chooseWords.theDeviceDoesNotAllow({ forbidden: say(way.forbidden) })}</p>
          )}
          {computed ? (
            <Table className="states">
              <caption>{chooseWords.atTheWorstLow}</caption>
              <thead>
                <tr>
                  <th>{chooseWords.theDeviceIs}</th>
                  <th className="n">{chooseWords.low}</th>
                  <th className="n">{chooseWords.likely}</th>
                  <th className="n">{chooseWords.high}</th>
                  <th className="n">{chooseWords.ofRating}</th>
                </tr>
              </thead>
              <tbody>
                {judgement.states.map(({ state, low, utilisation }) => (
                  <tr key={state} aria-selected={state === judgement.governing}>
                    <td>{STATE_WORDS[state]}</td>
                    {[low.low, low.likely, low.high].map((value, i) => (
                      <td
                        key={i}
                        className={`n${value < survey.device.doorMinVolts ? ' brick' : ''}${i === 1 ? ' strong' : ''}`}
                      >
                        {value > 0 ? value.toFixed(1) : chooseWords.none}
                      </td>
                    ))}
                    <td className={`n${(utilisation ?? 0) > 1 ? ' brick' : ''}`}>
                      {utilisation === null ? '–' : `${Math.round(utilisation * 100)} %`}
                    </td>
                  </tr>
                ))}
              </tbody>
            </Table>
          ) : (
            !tune && <p>{chooseWords.ringAndListen}</p>
          )}
          <p>
            {tune ? (
              <Tune tune={tune} />
            ) : chime ? (
              <>
                <Filled
                  parts={chooseWords.pressedTheChimeGets<ReactNode>({
                    likely: <b className="figure">{volts(chime.pressedVolts.likely)}</b>,
                    low: chime.pressedVolts.low.toFixed(1),
                    high: chime.pressedVolts.high.toFixed(1),
                    ratedVolts: chime.ratedVolts,
                    ratingRead: chime.ratingRead ? '' : chooseWords.guessed,
                    rings: RINGS[chime.rings],
                    likely2: chime.hums
                      ? chooseWords.inStandbyMakeIt({ likely: volts(chime.standbyVolts.likely) })
                      : chooseWords.noHumInStandby,
                  })}
                />
              </>
            ) : treatment.sounds ? (
              chooseWords.whatThisChimeGets
            ) : (
              chooseWords.theChimeInThe
            )}{' '}
          </p>
        </div>
        <div>
          {computed && (
            <>
              <h2>{chooseWords.voltsOnTheirWay({ governing: STATE_WORDS[judgement.governing] })}</h2>
              <FallingLine
                falling={fallingVolts(of, change, judgement.governing)}
                device={survey.device}
                words={say(wayWords(way))}
              />
            </>
          )}
          <p className="small soft">
            {chooseWords.minutesInParts({
              minutes: way.minutes,
              cost: money(way.cost),
              what: capital(say(treatment.what)),
            })}
          </p>
        </div>
      </div>
      <PlanAfter plan={wayPlan(known, way)} />
      <BeforeAfter point={point} way={way} />
    </>
  );
}
