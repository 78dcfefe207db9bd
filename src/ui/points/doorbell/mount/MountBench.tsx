'use client';
import { useSay } from '../../../log/useSay';
import { lengthsOf } from '@/core/job';
import { deviceOf, plateSurveyOf } from '@/core/points';
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
import { lengthText } from '@/core/units';
import { Choices } from '../../../form/Choices';
import { FieldGroup } from '../../../form/FieldGroup';
import { useFacts } from '../../../form/useFacts';
import { useDoorbell } from '../useDoorbell';
import { DoorSide } from './DoorSide';

/** The words of a wedge: its angle and where its thick end goes. */
const TILTS = [
  { value: '0', words: 'none' },
  ...TILT_WEDGES.map((deg) => ({ value: String(deg), words: `${deg}°, thick end up` })),
  ...TILT_WEDGES.map((deg) => ({ value: String(-deg), words: `${deg}°, thick end down` })),
];
const wedgeWords = (deg: number): string => TILTS.find(({ value }) => Number(value) === deg)?.words ?? 'none';
const SIDES = [
  { value: '0', words: 'none' },
  ...SIDE_WEDGES.flatMap((deg) => [
    { value: String(-deg), words: `${deg}°, thick side left` },
    { value: String(deg), words: `${deg}°, thick side right` },
  ]),
];
const SEES_WORDS = {
  both: 'faces and the parcel on the mat are in frame',
  faces: 'faces are in frame, the parcel is not',
  parcel: 'the parcel is in frame, faces are cut',
  neither: 'not every face is whole, and the parcel is out of frame',
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
  const { ask, typed } = useFacts('mountRecorded', scope, kept.mount);
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
            At {small(heightM)}
            {mount.heightM === undefined ? ', planned' : ''}: {SEES_WORDS[sees]}.
          </b>{' '}
          {cut.length > 0 && <span>Cut: {cut.map(say).join(', ')}.</span>}{' '}
          {advice.tiltDeg !== tiltDeg && advice.sees !== sees && advice.sees !== 'neither' && (
            <span>
              Tilt wedge {best}: {SEES_WORDS[advice.sees]}.
            </span>
          )}{' '}
          {better && (
            <span className="soft">
              At {small(better.heightM)}, tilt wedge {wedgeWords(better.tiltDeg)}: {SEES_WORDS[better.sees]}.
            </span>
          )}
        </p>
        {outside && (
          <p className="brick">
            The lead lets the lens sit at {small(lowest)} to {small(highest)}: outside of it the hole shows or the lead
            is too short.
          </p>
        )}
        {screw && look.wall && (
          <p>
            Screws <b className="figure">{screw.stockM === null ? 'longer than stocked' : small(screw.stockM)}</b>, at
            least {small(screw.neededM)} through a stack of {small(screw.stackM)}. Bit:{' '}
            {say(WALL_FIXINGS[look.wall].bit)}.
          </p>
        )}
        <p className="small soft">
          Facing the wall: thick end up looks down; thick side left looks right. Top screw first, set level, then the
          bottom one; hand-tight.
        </p>
        {look.wall && WALL_FIXINGS[look.wall].caution && (
          <p className="caution">{say(WALL_FIXINGS[look.wall].caution)}</p>
        )}
        <p className="caution">Find wires and pipes before drilling. Eye protection.</p>
      </section>
      <section>
        <FieldGroup
          kind="mountRecorded"
          scope={scope}
          fields={[typed('heightM'), typed('wall', { hint: 'soft joint, rebar' })]}
        />
        <Choices
          label="tilt wedge"
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
          label="side wedge"
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
        {ask('level')}
        {seen.ask('wall')}
        {ask('fixings')}
        {ask('seal')}
      </section>
    </div>
  );
}
