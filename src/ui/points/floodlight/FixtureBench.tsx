'use client';
import { floodlightWords } from '@/words/screens';
import { Filled } from '../../figures/Filled';
import type { ReactNode } from 'react';
import { Button } from 'react-bootstrap';
import { capital } from '@/core/units';
import { useSay, useTerms } from '../../log/useSay';
import { useDeferredValue, useState } from 'react';
import { boxScrewsIn, SCREW_THREADS } from '@/core/catalogue';
import { isKeptForLicence, lengthsOf, type Job } from '@/core/job';
import { LIMITS } from '@/core/kinds';
import {
  testBasis,
  boxSurveyOf,
  findingsOf,
  fixtureOptions,
  loadCures,
  loadWords,
  picksOf,
  roomWords,
  screwsFor,
  type FixtureData,
  type FixturePicks,
  type FixtureStanding,
  type LoadCure,
  type Floodlight,
} from '@/core/points';
import { feedCase } from '@/core/junction';
import { Findings } from '../../verdict/Findings';
import { PlanTag } from '../box/PlanTag';
import { RoomTable } from '../box/RoomTable';
import { SpliceTable } from '../box/SpliceTable';
import { BoxDrawing } from '../../drawing/BoxDrawing';
import { useJob } from '../../log/JobContext';
import { useFloodlight } from './useFloodlight';
import { Hanging } from './Hanging';
import { Remedies } from './Remedies';
import { TakeFixture } from './TakeFixture';

/** The point as it would be with these picks. */
const withChoice = (point: Floodlight, data: FixtureData): Floodlight => ({
  ...point,
  fixture: { entryId: '', by: { id: '', name: '' }, at: '', data },
});

/** What of the plan the rules say, without writing it. */
const trial = (job: Job, point: Floodlight, data: FixtureData) => findingsOf(job, withChoice(point, data));

/** The floodlight camera, its feed, its ground, room, splices and screws: everything recomputed at each pick. */
export function FixtureBench() {
  const say = useSay();
  const place = useTerms();
  const { job, point, catalogue, go } = useFloodlight();
  const [own, setPicks] = useState<FixturePicks>({});
  const base = point.fixture ? picksOf(point.fixture) : {};
  const picks = { ...base, ...own };
  const asked = useDeferredValue(picks);
  const options = fixtureOptions(point, catalogue, asked);
  const { cameras, feeds, grounds, cures, data, standing } = options;
  const { feed, words } = feedCase(boxSurveyOf(point));
  const pick = (more: FixturePicks) => setPicks((before) => ({ ...before, ...more }));
  if (!data || !standing)
    return (
      <div className="block-top" data-testid="no-feed">
        <p>
          <Filled
            parts={floodlightWords.whatCanHangHere<ReactNode>({
              feedCanT: <b>{feed === null ? floodlightWords.feedCantTellYet : floodlightWords.feed({ feed })}</b>,
              words: say(words),
            })}
          />
        </p>
        <Button onClick={() => go('measure')}>{floodlightWords.goToMeasure}</Button>
      </div>
    );
  const { byPlan, planned } = trial(job, point, data);
  return (
    <>
      <div className="halves plan-head">
        <p className="lead-line">
          <Filled
            parts={floodlightWords.splices<ReactNode>({
              feed: (
                <b>
                  <Filled parts={floodlightWords.feed2<ReactNode>({ feed })} />
                </b>
              ),
              words: say(words),
              splices: standing.splices.length,
              allOfThem:
                standing.notByBag.length === 0
                  ? floodlightWords.allOfThemBy
                  : floodlightWords.ofThemTooBig({ notByBag: standing.notByBag.length }),
              cure: data.cure && <b>{floodlightWords.withIt({ name: data.cure.name })}</b>,
            })}
          />
        </p>
        <PlanTag standing={standing} planned={planned} />
      </div>
      <div className="halves">
        <section>
          <Remedies
            legend={floodlightWords.camera}
            name="fixture"
            options={cameras.map(({ fixture: one, unfit }) => ({
              id: one.id,
              name: one.name,
              when: floodlightWords.toVVACanopy({
                voltsLow: one.voltsLow,
                voltsHigh: one.voltsHigh,
                cameraVa: one.cameraVa + one.lampVa,
                ground: one.grounded ? floodlightWords.lead({ ground: place.ground }) : floodlightWords.classII,
                canopy: one.canopy,
                remark: one.remark,
              }),
              unfit,
              minutes: one.minutes,
              work: null,
            }))}
            chosen={data.fixture.id}
            onPick={(fixtureId) => pick({ fixtureId, groundId: undefined })}
          />
          <Remedies
            legend={floodlightWords.feed3}
            name="feed"
            options={feeds}
            chosen={data.feedId}
            onPick={(feedId) => pick({ feedId, groundId: undefined })}
          />
        </section>
        <section>
          <Remedies
            legend={capital(place.ground)}
            name="ground"
            options={grounds}
            chosen={data.groundId}
            onPick={(groundId) => pick({ groundId })}
          />
          <TakeFixture
            options={options}
            data={data}
            stops={planned.filter(({ severity }) => severity === 'stop')}
            picks={picks}
            onPick={pick}
          />
        </section>
      </div>
      <section>
        <h2>{floodlightWords.asItWillBe}</h2>
        <BoxDrawing say={say} wiring={standing.plan.planned} place="box" title={floodlightWords.theBoxAsPlanned} />
        <Findings say={say} findings={planned} none={floodlightWords.everyRuleIsKept(place)} />
        {byPlan.cured.length > 0 && (
          <p className="small soft">
            {floodlightWords.cured({ cured: byPlan.cured.map(({ words: one }) => say(one)).join(' ') })}
          </p>
        )}
      </section>
      <div className="halves">
        <section>
          <h2>{floodlightWords.room}</h2>
          {standing.room ? (
            <RoomTable say={say} room={standing.room} />
          ) : (
            <p className="soft">{floodlightWords.theBoxIsNotNamed}</p>
          )}
          {cures.length > 0 && (
            <Remedies
              legend={
                standing.room?.fits && !data.cure ? floodlightWords.wouldGiveMore : floodlightWords.whatWouldCureIt
              }
              name="cure"
              options={[
                {
                  id: 'none',
                  name: floodlightWords.nothingMore,
                  when: floodlightWords.theBoxAsIt,
                  minutes: 0,
                  work: null,
                },
                ...cures.map(({ id, name, where, item, room, minutes }) => ({
                  id,
                  name,
                  when: `${say(roomWords(room))} ${room.fits ? floodlightWords.fits : floodlightWords.doesNotFit} ${say(where)}`,
                  minutes,
                  work: null,
                  idle: item === null,
                })),
              ]}
              chosen={data.cure?.id ?? 'none'}
              onPick={(id) => pick({ cureId: id === 'none' ? null : id })}
            />
          )}
        </section>
        <section>
          <h2>{floodlightWords.splices2}</h2>
          <Bag standing={standing} />
          <SpliceTable say={say} splices={standing.splices} basis={testBasis(point)} />
          {standing.load ? (
            <p className={standing.load.suffices ? '' : 'brick'} data-testid="load">
              {say(loadWords(standing.load))}
            </p>
          ) : (
            <p className="soft">{floodlightWords.theSRatingIs({ way: place.way })}</p>
          )}
          <LoadCures
            cures={loadCures(
              point,
              data.fixture,
              cameras.map(({ fixture }) => fixture),
            )}
          />
          <h2>{floodlightWords.barScrewsWhichWay}</h2>
          <Hanging
            data={data}
            screws={screwsFor(point, data.fixture, data, boxScrewsIn(catalogue))}
            lengths={lengthsOf(job)}
            threads={SCREW_THREADS}
            limits={LIMITS.barM}
            onPick={pick}
          />
        </section>
      </div>
    </>
  );
}

/** What would bring the circuit’s load under its limit. */
function LoadCures({ cures }: { readonly cures: readonly LoadCure[] }) {
  const say = useSay();
  const { keptJob } = useJob();
  if (cures.length === 0) return null;
  return (
    <ul className="plain-list" data-testid="load-cures">
      {cures.map(({ id, name, totalVa, minutes, work }) => (
        <li key={id}>
          {say(name)}
          {totalVa === null ? '' : `: ${Math.round(totalVa)} VA`}
          {minutes > 0 ? `, ${minutes} min` : ''}
          {work && isKeptForLicence(keptJob, work) && <b className="brick"> {floodlightWords.licensedWork}</b>}
        </li>
      ))}
    </ul>
  );
}

/** Too small a connector of the bag is named here, at the van. */
function Bag({ standing: { notByBag } }: { readonly standing: FixtureStanding }) {
  const say = useSay();
  return notByBag.length === 0 ? (
    <p className="moss">{floodlightWords.theBagsConnectorsHold}</p>
  ) : (
    <p className="brick" data-testid="bag">
      {floodlightWords.tooBigForThe({
        notByBag: notByBag.map(({ joint, leads }) => `${say(joint.name)} (${leads.length})`).join(', '),
      })}
    </p>
  );
}
