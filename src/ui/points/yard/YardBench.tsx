'use client';
import { yardWords } from '@/words/screens';
import { useDeferredValue, useMemo, useState } from 'react';
import { Button } from 'react-bootstrap';
import { lengthsOf } from '@/core/job';
import { yardSceneOf, type YardScene } from '@/core/points';
import {
  cameraAt,
  doubtOf,
  lampSet,
  lensInside,
  lensPlace,
  masksOf,
  seenTargets,
  skyShare,
  type Aim,
  type Where,
} from '@/core/yard';
import { capital, lengthText } from '@/core/units';
import { useJob } from '../../log/JobContext';
import { useSay } from '../../log/useSay';
import { CodeBeforeMount } from '../../codes/CodeBeforeMount';
import { AsItCame } from '../../rungs/mount/AsItCame';
import { AimCard } from './AimCard';
import { Fixing } from './Fixing';
import { HangsNow } from './HangsNow';
import { JointSteps } from './JointSteps';
import { NightAndPrivacy } from './NightAndPrivacy';
import { OtherMountings } from './OtherMountings';
import { OtherSpots } from './OtherSpots';
import { PlacedFields } from './PlacedFields';
import { PlaceForm } from './PlaceForm';
import { TargetTable } from './TargetTable';
import { YardPicture } from './YardPicture';
import { YardPlan } from './YardPlan';
import { bracketWords, degreeText, turnText, yardNames } from './yardText';

/** Mount at a floodlight camera: what it will see, sense and light, how its head is to stand, and how it came to hang. */
export function YardBench() {
  const { job, point } = useJob();
  const yard = useMemo(() => yardSceneOf(job, point), [job, point]);
  return (
    <>
      <CodeBeforeMount />
      {yard ? <Aiming yard={yard} /> : <p className="soft">{yardWords.aimsFrom}</p>}
      {!isHeldBeside(yard) && (
        <div className="block-top">
          <AsItCame />
        </div>
      )}
    </>
  );
}

/** Whether how it hangs is held against a plan: one was taken, and something is to be seen. */
const isHeldBeside = (yard: YardScene | null): yard is YardScene =>
  yard !== null && yard.isPlanned && yard.scene.targets.length > 0;

const isSame = (a: Aim, b: Aim): boolean => a.lensM === b.lensM && a.panDeg === b.panDeg && a.jointDeg === b.jointDeg;

function Aiming({ yard }: { readonly yard: YardScene }) {
  const say = useSay();
  const { job, kept, write, draft } = useJob();
  const lengths = lengthsOf(job);
  const { scene, proposed } = yard;
  const [tried, setTried] = useState<Aim | null>(null);
  const [picked, setPicked] = useState<string | null>(null);
  const aim = tried ?? yard.aim;
  const seen = useMemo(() => seenTargets(scene, aim), [scene, aim]);
  // What is dragged is drawn first; how sure it is follows
  const doubted = useDeferredValue(useMemo(() => ({ scene, aim }), [scene, aim]));
  const masks = useMemo(() => masksOf(doubted.scene, doubted.aim), [doubted]);
  const sky = useMemo(() => skyShare(doubted.scene, doubted.aim), [doubted]);
  const doubt = useMemo(() => doubtOf(doubted.scene, doubted.aim), [doubted]);
  const { name, fineness } = yardNames(say);
  const move = (id: string, where: Pick<Where, 'distanceM' | 'turnDeg'>, done: boolean) => {
    const isTarget = scene.targets.some((one) => one.id === id);
    const scope = { pointId: kept.id };
    if (done) setPicked(id);
    if (isTarget) {
      const data = { ...scope, targetId: id, ...where };
      if (done) write('targetPlaced', data);
      else draft({ kind: 'targetPlaced', data });
    } else {
      const data = { ...scope, obstacleId: id, ...where };
      if (done) write('obstacleStands', data);
      else draft({ kind: 'obstacleStands', data });
    }
  };
  // Another yard, another search
  const spotsKey = JSON.stringify([scene.targets, scene.obstacles]);
  const inside = lensInside(scene, aim);
  const met = seen.filter(({ miss }) => miss === null).length;
  const tape = scene.targets.find(({ id }) => id === doubt.tape);
  const assumed = [
    ...(yard.isLensKnown || tried ? [] : [yardWords.assumedLens({ lens: lengthText(aim.lensM, lengths, 'small') })]),
    ...(yard.assumed.length > 0 ? [yardWords.assumedSheet] : []),
    ...(aim.lampDownDeg === undefined && scene.camera.lamps > 0
      ? [
          yardWords.assumedLamps({
            down: degreeText(lampSet(scene, aim).lampDownDeg),
            out: degreeText(lampSet(scene, aim).lampOutDeg),
          }),
        ]
      : []),
    yardWords.assumedOut({ out: lengthText(lensPlace(scene, aim)[1], lengths, 'small') }),
  ];
  const place = (
    <>
      <h3>{capital(yardWords.placeIt)}</h3>
      <PlaceForm name={name} />
      {picked !== null && <PlacedFields id={picked} name={name} />}
    </>
  );
  return (
    <>
      {inside !== null && (
        <p className="brick" role="alert">
          {yardWords.lensInside({ what: name(inside) })}
        </p>
      )}
      {isHeldBeside(yard) && <HangsNow yard={yard} lengths={lengths} name={name} />}
      <div className="yard-views">
        <section>
          <h3>
            {yardWords.fromAbove} <span className="small soft">{yardWords.lookingOut}</span>
          </h3>
          <YardPlan
            scene={scene}
            aim={aim}
            seen={seen}
            lengths={lengths}
            name={name}
            fineness={fineness}
            tape={doubt.tape}
            firedM={kept.checks.sensorWalk?.data.figure ?? null}
            onMove={move}
          />
          {seen.length === 0 && place}
          <JointSteps scene={scene} aim={aim} lengths={lengths} onStep={setTried} />
          {proposed && !isSame(proposed, aim) && (
            <p>
              {yardWords.proposedAim({
                turn: turnText(proposed.panDeg),
                down: degreeText(cameraAt(scene, proposed).tiltDownDeg),
              })}{' '}
              <Button variant="link" onClick={() => setTried(proposed)}>
                {yardWords.useProposed}
              </Button>
            </p>
          )}
          {yard.isPlanned && !tried ? (
            <p className="moss">{yardWords.taken}</p>
          ) : (
            <p className="row-of">
              <Button
                onClick={() => {
                  write('aimPlanned', { pointId: kept.id, ...aim });
                  setTried(null);
                }}
              >
                {yardWords.takeAim}
              </Button>
            </p>
          )}
          {yard.bracket && (
            <p>
              {capital(yardWords.onBracket({ bracket: bracketWords(yard.bracket) }))}{' '}
              <Button variant="link" onClick={() => write('aimPlanned', { pointId: kept.id, bracket: null })}>
                {yardWords.withoutBracket}
              </Button>
            </p>
          )}
          <AimCard yard={yard} aim={aim} lengths={lengths} />
          <Fixing />
          <p className="small soft">{yardWords.assumed({ what: assumed.join(' · ') })}</p>
          {seen.length > 0 && place}
        </section>
        <section>
          <h3>{yardWords.whatItWillShow}</h3>
          <YardPicture scene={scene} aim={aim} seen={seen} name={name} masks={masks} />
          <p className="small soft">{yardWords.sky({ percent: Math.round(100 * sky) })}</p>
          {seen.length === 0 ? (
            <p className="soft">{yardWords.nothingToSee}</p>
          ) : (
            <>
              <p className="lead-line" data-testid="sees-of">
                <b className={met === seen.length ? 'moss' : 'straw-ink'}>
                  {yardWords.seesOf({ met, all: seen.length })}
                </b>{' '}
                {tape && <span>{yardWords.tapeNext({ what: name(tape.what) })}</span>}
              </p>
              <div className="scroll-x" tabIndex={0} role="group" aria-label={yardWords.target}>
                <TargetTable
                  scene={scene}
                  aim={aim}
                  seen={seen}
                  doubt={doubt}
                  name={name}
                  fineness={fineness}
                  lengths={lengths}
                  picked={picked}
                  onPick={setPicked}
                />
              </div>
            </>
          )}
          <OtherMountings yard={yard} aim={aim} met={met} />
          <OtherSpots key={spotsKey} scene={scene} aim={aim} lengths={lengths} onAim={setTried} />
          <NightAndPrivacy scene={scene} aim={aim} lengths={lengths} name={name} masks={masks} onAim={setTried} />
        </section>
      </div>
    </>
  );
}
