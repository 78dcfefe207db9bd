'use client';
import { mountWords } from '@/words/screens';
import { Filled } from '../../../figures/Filled';
import type { ReactNode } from 'react';
import { Button } from 'react-bootstrap';
import { useSay } from '../../../log/useSay';
import { lengthsOf } from '@/core/job';
import { deviceOf, hazardsAt, plateSurveyOf } from '@/core/points';
import {
  SIDE_WEDGES,
  TILT_WEDGES,
  USUAL_HEIGHT_M,
  WALL_FIXINGS,
  betterHeight,
  doorView,
  facesCut,
  platePlace,
  screwFor,
  seenAt,
  tiltAdvice,
} from '@/core/mount';
import { capital, lengthText } from '@/core/units';
import { Choices } from '../../../form/Choices';
import { FieldGroup } from '../../../form/FieldGroup';
import { useFacts } from '../../../form/useFacts';
import { Cautions } from '../../../verdict/Cautions';
import { useDoorbell } from '../useDoorbell';
import { DoorSide } from './DoorSide';

/** The words of a wedge: its angle and where its thick end goes. */
const TILTS = [
  { value: '0', words: mountWords.none },
  ...TILT_WEDGES.map((deg) => ({ value: String(deg), words: mountWords.thickEndUp({ deg }) })),
  ...TILT_WEDGES.map((deg) => ({ value: String(-deg), words: mountWords.thickEndDown({ deg }) })),
];
const wedgeWords = (deg: number): string => TILTS.find(({ value }) => Number(value) === deg)?.words ?? mountWords.none;
const SIDES = [
  { value: '0', words: mountWords.none },
  ...SIDE_WEDGES.flatMap((deg) => [
    { value: String(-deg), words: mountWords.thickSideLeft({ deg }) },
    { value: String(deg), words: mountWords.thickSideRight({ deg }) },
  ]),
];
const SEES_WORDS = {
  both: mountWords.facesAndTheParcel,
  faces: mountWords.facesAreInFrame,
  parcel: mountWords.theParcelIsIn,
  neither: mountWords.notEveryFaceIs,
} as const;

/** How high it hangs, which wedges, which screws, and what it sees from there. */
export function MountBench() {
  const say = useSay();
  const { job, point, kept, write, draft } = useDoorbell();
  const { look } = point;
  const lengths = lengthsOf(job);
  const device = deviceOf(point);
  const scope = { pointId: point.id };
  const small = (metres: number): string => lengthText(metres, lengths, 'small');
  const place = platePlace(plateSurveyOf(point));
  const { mount } = point;
  const { ask, typed, words } = useFacts('mountRecorded', scope, kept.mount);
  const seen = useFacts('pointDescribed', scope, kept.look);
  const lowest = place?.lowestM ?? USUAL_HEIGHT_M;
  const highest = place?.highestM ?? USUAL_HEIGHT_M;
  const planned = Math.min(Math.max(USUAL_HEIGHT_M, lowest), highest);
  const heightM = mount.heightM ?? planned;
  const tiltDeg = (mount.tiltDeg ?? 0) * (mount.tiltThickEnd === 'down' ? -1 : 1);
  const sideDeg = (mount.sideDeg ?? 0) * (mount.sideThick === 'left' ? -1 : 1);
  const view = doorView(heightM, device.viewDeg.vertical);
  const advice = tiltAdvice(view);
  const { faces, parcel } = seenAt(view, tiltDeg);
  const cut = facesCut(heightM, tiltDeg, device.viewDeg.vertical);
  const sees = faces && parcel ? 'both' : faces ? 'faces' : parcel ? 'parcel' : 'neither';
  const outside =
    mount.heightM !== undefined && place?.lowestM != null && (heightM < lowest - 0.005 || heightM > highest + 0.005);
  const screw = look.wall && screwFor(look.wall, device.plateM, tiltDeg, sideDeg, lengths);
  const best = wedgeWords(advice.tiltDeg);
  const better = betterHeight(heightM, device.viewDeg.vertical);
  return (
    <div className="halves">
      <section>
        <Cautions words={hazardsAt(job, 'mount')} />
        <DoorSide
          heightM={heightM}
          tiltDeg={tiltDeg}
          verticalDeg={device.viewDeg.vertical}
          view={view}
          lengths={lengths}
          onDrag={(metres, done) =>
            done
              ? write('mountRecorded', { ...scope, heightM: metres })
              : draft({ kind: 'mountRecorded', data: { ...scope, heightM: metres } })
          }
        />
        <p data-testid="sees">
          <b className={sees === 'both' ? 'moss' : 'straw-ink'}>
            {mountWords.at({
              small: small(heightM),
              planned: mount.heightM === undefined ? mountWords.planned : '',
              sees: SEES_WORDS[sees],
            })}
          </b>{' '}
          {cut.length > 0 && <span>{mountWords.cut({ cut: cut.map(say).join(', ') })}</span>}{' '}
          {advice.tiltDeg !== tiltDeg && advice.sees !== sees && advice.sees !== 'neither' && (
            <span>{mountWords.tiltWedge({ best, sees: SEES_WORDS[advice.sees] })}</span>
          )}{' '}
          {better && (
            <span className="soft">
              {mountWords.atTiltWedge({
                small: small(better.heightM),
                wedgeWords: wedgeWords(better.tiltDeg),
                sees: SEES_WORDS[better.sees],
              })}
            </span>
          )}
        </p>
        {outside && (
          <p className="brick">{mountWords.theLeadLetsThe({ small: small(lowest), small2: small(highest) })}</p>
        )}
        {screw && look.wall && (
          <p>
            <Filled
              parts={mountWords.screwsAtLeastThrough<ReactNode>({
                longerThanStocked: (
                  <b className="figure">{screw.stockM === null ? mountWords.longerThanStocked : small(screw.stockM)}</b>
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
        <FieldGroup
          kind="mountRecorded"
          scope={scope}
          fields={[typed('heightM'), typed('wall', { hint: mountWords.softJointRebar })]}
        />
        <Choices
          label={mountWords.tiltWedge2}
          options={TILTS}
          chosen={mount.tiltDeg === undefined ? undefined : String(tiltDeg)}
          onPick={(value) =>
            write('mountRecorded', {
              ...scope,
              tiltDeg: value === null ? null : Math.abs(Number(value)),
              tiltThickEnd: value === null || value === '0' ? null : Number(value) > 0 ? 'up' : 'down',
            })
          }
        />
        <Choices
          label={mountWords.sideWedge}
          options={SIDES}
          chosen={mount.sideDeg === undefined ? undefined : String(sideDeg)}
          onPick={(value) =>
            write('mountRecorded', {
              ...scope,
              sideDeg: value === null ? null : Math.abs(Number(value)),
              sideThick: value === null || value === '0' ? null : Number(value) > 0 ? 'right' : 'left',
            })
          }
        />
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
        {seen.ask('wall')}
        {ask('fixings')}
        {ask('seal')}
      </section>
    </div>
  );
}
