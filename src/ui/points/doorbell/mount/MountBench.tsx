'use client';
import { mountWords } from '@/words/screens';
import { Filled } from '../../../figures/Filled';
import { useMemo, type ReactNode } from 'react';
import { Button } from 'react-bootstrap';
import { useSay } from '../../../log/useSay';
import { lengthsOf } from '@/core/job';
import { DOOR_MISS, assumedAtDoor, deviceOf, doorMountOf, hazardsAt, judgedMount } from '@/core/points';
import {
  BELIEVED_ENOUGH,
  PARCEL_ASKED,
  WALL_FIXINGS,
  believed,
  isInReach,
  buttonM,
  lookWrongOrder,
  isHeld,
  screwFor,
  stackOf,
  stackProudM,
  wallShare,
  type DoorHangs,
  type DoorProposal,
} from '@/core/mount';
import { capital, lengthText } from '@/core/units';
import { CodeBeforeMount } from '../../../codes/CodeBeforeMount';
import { FieldGroup } from '../../../form/FieldGroup';
import { useFacts } from '../../../form/useFacts';
import { Cautions } from '../../../verdict/Cautions';
import { LetMissStand } from '../../yard/LetMissStand';
import { useDoorbell } from '../useDoorbell';
import { DoorAbove } from './DoorAbove';
import { DoorPicture } from './DoorPicture';
import { DoorSide } from './DoorSide';
import { HeightMap } from './HeightMap';
import { Intervals } from './Intervals';
import { StackDrawing } from './StackDrawing';
import { useProposal } from './useProposal';
import { VISITOR_WORDS } from './visitorWords';
import { WedgeChoices, sideWords, tiltWords } from './WedgeChoices';

const SEES_WORDS = {
  both: mountWords.facesAndTheParcel,
  faces: mountWords.facesAreInFrame,
  parcel: mountWords.theParcelIsIn,
  neither: mountWords.notEveryFaceIs,
} as const;

/** Heights that are nearer are one to a hand with a tape. */
const SAME_HEIGHT_M = 0.03;
const percent = (share: number): number => Math.round(100 * share);

/** How high it hangs, which wedges, which screws, and what it sees from there. */
export function MountBench() {
  const say = useSay();
  const { job, point, kept, write, draft } = useDoorbell();
  const { look } = point;
  const lengths = lengthsOf(job);
  const device = deviceOf(point);
  const scope = { pointId: point.id };
  const small = (metres: number): string => lengthText(metres, lengths, 'small');
  const { mount } = point;
  const { ask, typed, words } = useFacts('mountRecorded', scope, kept.mount);
  const seenAtLook = useFacts('pointDescribed', scope, kept.look);
  const approach = useFacts('approachDescribed', scope, kept.approach);
  const { scene, range, hangs } = useMemo(() => doorMountOf(point), [point]);
  const { seen, ways } = judgedMount(point);
  const proposed = useProposal(useMemo(() => doorMountOf(kept), [kept]));
  const { sees, cut, parcel } = seen;
  const { tiltDeg, sideDeg, lensM } = hangs;
  const outside =
    mount.heightM !== undefined &&
    look.holeHeightM !== undefined &&
    (lensM < range.lowestM - 0.005 || lensM > range.highestM + 0.005);
  const stack = stackOf(scene.wedges, hangs);
  const proudM = stackProudM(scene.wedges, device.plateM, hangs);
  const isAtHand = isHeld(scene.wedges, 'tilt', tiltDeg) && isHeld(scene.wedges, 'side', sideDeg);
  const screw = look.wall && screwFor(look.wall, device.plateM, stack, lengths);
  const roll = Math.abs(lookWrongOrder(hangs).rollDeg);
  const saves = ways.find((way) => way.tiltDeg === tiltDeg)?.lensM ?? null;
  const sure = believed(scene, hangs, sees);
  const assumed = assumedAtDoor(kept);
  const writeTilt = (deg: number | null) =>
    write('mountRecorded', {
      ...scope,
      tiltDeg: deg === null ? null : Math.abs(deg),
      tiltThickEnd: deg === null || deg === 0 ? null : deg > 0 ? 'up' : 'down',
    });
  const writeSide = (deg: number | null) =>
    write('mountRecorded', {
      ...scope,
      sideDeg: deg === null ? null : Math.abs(deg),
      sideThick: deg === null || deg === 0 ? null : deg > 0 ? 'right' : 'left',
    });
  const take = (way: DoorHangs) => {
    write('mountRecorded', { ...scope, heightM: Number(way.lensM.toFixed(2)) });
    if (way.tiltDeg !== tiltDeg) writeTilt(way.tiltDeg);
    if (way.sideDeg !== sideDeg) writeSide(way.sideDeg);
  };
  const wayWords = (way: DoorProposal): string =>
    mountWords.wayHangs({
      small: small(way.lensM),
      tilt: tiltWords(way.tiltDeg),
      side: sideWords(way.sideDeg),
      sees: SEES_WORDS[way.sees],
      cut: way.sees === 'neither' ? mountWords.facesCut({ cut: way.cut }) : `${percent(way.believed)} %`,
    });
  // Said once: not what hangs already, nor what stands among the ways that would show more, nor what shows no more than now
  const isSaid =
    proposed === null ||
    [hangs, ...ways].some(
      (one) =>
        Math.abs(one.lensM - proposed.lensM) < SAME_HEIGHT_M &&
        one.tiltDeg === proposed.tiltDeg &&
        one.sideDeg === proposed.sideDeg,
    ) ||
    (proposed.sees === 'neither' && sees === 'neither' && proposed.cut >= cut.length);
  return (
    <>
      <Cautions words={hazardsAt(job, 'mount')} />
      <CodeBeforeMount />
      <div className="door-views">
        <section>
          <h3>
            {mountWords.fromTheSide} <span className="small soft">{mountWords.dragUpAndDown}</span>
          </h3>
          <DoorSide
            scene={scene}
            hangs={hangs}
            seen={seen}
            lengths={lengths}
            saves={saves}
            onDrag={(metres, done) =>
              done
                ? write('mountRecorded', { ...scope, heightM: metres })
                : draft({ kind: 'mountRecorded', data: { ...scope, heightM: metres } })
            }
          />
        </section>
        <section>
          <h3>
            {mountWords.fromAbove} <span className="small soft">{mountWords.lookingOutTap}</span>
          </h3>
          <DoorAbove scene={scene} hangs={hangs} seen={seen} onSide={writeSide} />
        </section>
        <section>
          <h3>
            {mountWords.whatItWillShow}{' '}
            <span className="small soft figure">
              {device.viewDeg.horizontal}° × {device.viewDeg.vertical}°
            </span>
          </h3>
          <DoorPicture scene={scene} hangs={hangs} />
        </section>
      </div>
      <p data-testid="sees" className="lead-line">
        <b className={sees === 'both' ? 'moss' : 'straw-ink'}>
          {mountWords.at({
            small: small(lensM),
            planned: mount.heightM === undefined ? mountWords.planned : '',
            sees: SEES_WORDS[sees],
          })}
        </b>{' '}
        {cut.length > 0 && <span>{mountWords.cut({ cut: cut.map((id) => VISITOR_WORDS[id]).join(', ') })}</span>}{' '}
        {parcel < PARCEL_ASKED && (
          <span>{mountWords.ofTheParcel({ percent: percent(parcel), asked: percent(PARCEL_ASKED) })}</span>
        )}{' '}
        {sees !== 'neither' && <span className="soft">{mountWords.believedTo({ percent: percent(sure) })}</span>}{' '}
        <span className="soft">{mountWords.isWall({ percent: percent(wallShare(scene, hangs)) })}</span>
      </p>
      {ways.map((way) => (
        <p key={`${way.lensM} ${way.tiltDeg}`} data-testid="saves">
          {wayWords(way)}{' '}
          <Button variant="link" onClick={() => take(way)}>
            {mountWords.hangItSo}
          </Button>
        </p>
      ))}
      {mount.heightM !== undefined && ways.length > 0 && (
        <LetMissStand
          targetId={DOOR_MISS}
          lost={mountWords.missesSomething}
          why={mountWords.whyItMayMiss}
          stands={mountWords.letStandBy}
        />
      )}
      {proposed && !isSaid && (
        <p data-testid="proposed">
          <b>{proposed.believed >= BELIEVED_ENOUGH ? mountWords.proposed : mountWords.bestThatWasFound}</b>{' '}
          {wayWords(proposed)}{' '}
          <Button variant="link" onClick={() => take(proposed)}>
            {mountWords.hangItSo}
          </Button>
        </p>
      )}
      {!isInReach(hangs) && <p className="brick">{mountWords.buttonOutOfReach({ small: small(buttonM(hangs)) })}</p>}
      {outside && (
        <p className="brick">
          {mountWords.theLeadLetsThe({ small: small(range.lowestM), small2: small(range.highestM) })}
        </p>
      )}
      <div className="halves block-top">
        <section>
          <h3>
            {mountWords.theStack} <span className="small soft">{mountWords.facingWallFirst}</span>
          </h3>
          <StackDrawing stack={stack} tiltDeg={tiltDeg} sideDeg={sideDeg} />
          <p>
            {tiltDeg !== 0 && sideDeg !== 0 && mountWords.wrongOrderRolls({ deg: roll.toFixed(1) })}{' '}
            {proudM > 0 && mountWords.standsProud({ small: small(proudM) })}{' '}
            {!isAtHand && <b className="brick">{mountWords.notAtHand}</b>}
          </p>
          {screw && look.wall && (
            <p>
              <Filled
                parts={mountWords.screwsAtLeastThrough<ReactNode>({
                  longerThanStocked: (
                    <b className="figure">
                      {screw.stockM === null ? mountWords.longerThanStocked : small(screw.stockM)}
                    </b>
                  ),
                  small: small(screw.neededM),
                  small2: small(screw.stackM),
                  bit: say(WALL_FIXINGS[look.wall].bit),
                })}
              />
            </p>
          )}
          <p className="small soft">{mountWords.facingTheWallThick}</p>
          {look.wall && WALL_FIXINGS[look.wall].caution && (
            <p className="caution">{say(WALL_FIXINGS[look.wall].caution)}</p>
          )}
          <p className="caution">{mountWords.findWiresAndPipes}</p>
        </section>
        <section>
          <h3>
            {mountWords.heightAndWedge} <span className="small soft">{mountWords.whereBothAreSeen}</span>
          </h3>
          <HeightMap
            scene={scene}
            hangs={hangs}
            range={range}
            proposed={proposed}
            lengths={lengths}
            onTilt={writeTilt}
          />
          <p className="small soft">{mountWords.mapKey}</p>
          <Intervals point={point} />
        </section>
      </div>
      <div className="halves block-top">
        <section>
          <h3>{mountWords.howVisitorsCome}</h3>
          {approach.ask('doorSide')}
          <FieldGroup
            kind="approachDescribed"
            scope={scope}
            fields={[
              approach.typed('asideM'),
              approach.typed('standsM'),
              approach.typed('stepM'),
              approach.typed('shortestM'),
              approach.typed('tallestM'),
            ]}
          />
          {look.revealM !== undefined && approach.ask('revealSide')}
          {assumed.length > 0 && (
            <p className="small soft">
              {mountWords.assumedHere({ what: assumed.map((field) => approach.called(field)).join(', ') })}
            </p>
          )}
        </section>
        <section>
          <FieldGroup
            kind="mountRecorded"
            scope={scope}
            fields={[typed('heightM'), typed('wall', { hint: mountWords.softJointRebar })]}
          />
          <WedgeChoices scene={scene} hangs={hangs} onTilt={writeTilt} onSide={writeSide} />
          {mount.level === undefined && mount.fixings === undefined && mount.seal === undefined && (
            <Button
              onClick={() =>
                write('mountRecorded', { ...scope, level: 'yes', fixings: job.policy.fixings, seal: 'topAndSides' })
              }
            >
              {capital(
                [words('level', 'yes'), words('fixings', job.policy.fixings), mountWords.sealedTopAndSides].join(', '),
              )}
            </Button>
          )}
          {ask('level')}
          {seenAtLook.ask('wall')}
          {ask('drillPath')}
          {ask('fixings')}
          {ask('seal')}
        </section>
      </div>
    </>
  );
}
