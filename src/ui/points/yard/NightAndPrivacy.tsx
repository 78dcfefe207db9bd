'use client';
import { yardWords } from '@/words/screens';
import { useDeferredValue, useMemo, useState } from 'react';
import { format } from 'date-fns';
import { bearingOn, type ShapeKind } from '@/core/site';
import { frameOfPoint } from '@/core/points';
import { WINDOW_LUX } from '@/core/light';
import {
  luxOnWindow,
  sensorMeets,
  sunInFrame,
  walkLengths,
  walkPieces,
  type Aim,
  type Mask,
  type Scene,
} from '@/core/yard';
import { capital, lengthText, type LengthSystem } from '@/core/units';
import { FieldGroup } from '../../form/FieldGroup';
import { useFacts } from '../../form/useFacts';
import { useJob } from '../../log/JobContext';
import { now } from '../../log/clock';
import { almanacOf, duskOf } from './almanac';
import { LeanFromPhone } from './LeanFromPhone';
import { luxText, maskLetter, percentText } from './yardText';

interface Props {
  readonly scene: Scene;
  readonly aim: Aim;
  readonly lengths: LengthSystem;
  readonly name: (what: string) => string;
  readonly masks: readonly Mask[];
}

/** Where nobody said how dark its nights are. */
const USUAL_ZONE = 'suburban';

/** What is nobody’s business and how to mask it, light on the windows next door, ways past the sensor, the sun in the picture. */
export function NightAndPrivacy({ scene, aim, lengths, name, masks }: Props) {
  const { keptJob, kept } = useJob();
  // What is dragged is drawn first; this follows
  const asked = useDeferredValue(useMemo(() => ({ scene, aim }), [scene, aim]));
  const { plan } = keptJob;
  const meets = useMemo(() => sensorMeets(asked.scene, asked.aim), [asked]);
  const walks = useMemo(() => walkLengths(walkPieces(asked.scene, asked.aim)), [asked]);
  const windows = useMemo(
    () =>
      (asked.scene.around?.areas ?? [])
        .filter(({ what }) => what === 'window')
        .map((area) => ({ area, lux: luxOnWindow(asked.scene, asked.aim, area) })),
    [asked],
  );
  const { typed, ask } = useFacts(
    'planDescribed',
    {},
    {
      ...plan.onEarth,
      ...(plan.zone === null ? {} : { zone: plan.zone }),
    },
  );
  const look = useFacts('pointDescribed', { pointId: kept.id }, kept.look);
  const zone = plan.zone ?? USUAL_ZONE;
  const { before, after } = WINDOW_LUX[zone];
  const shareOf = (what: ShapeKind): number =>
    masks.reduce((sum, { area, share }) => (area.what === what ? sum + share : sum), 0);
  const isWalked = walks.strong + walks.fair + walks.weak + walks.notSensed > 0;
  return (
    <>
      {!scene.around && <p className="soft">{yardWords.notOnPlan}</p>}
      {masks.length > 0 && (
        <section data-testid="masks">
          <h3>
            {yardWords.masksToCopy} <span className="small soft">{yardWords.masksUnit}</span>
          </h3>
          <p>
            {(['street', 'garden', 'window'] as const)
              .filter((what) => shareOf(what) > 0)
              .map((what) => yardWords.shareOf({ what: name(what), percent: percentOf(shareOf(what)) }))
              .join(' ')}
          </p>
          <ul className="plain-list figure">
            {masks.map(({ area, left, top, right, foot }, i) => (
              <li key={area.id}>
                {yardWords.mask({
                  letter: maskLetter(i),
                  what: name(area.what),
                  left: Math.floor(left),
                  top: Math.floor(top),
                  right: Math.ceil(right),
                  foot: Math.ceil(foot),
                })}
              </li>
            ))}
          </ul>
        </section>
      )}
      {windows.length > 0 && (
        <section data-testid="window-lux">
          <h3>{yardWords.lightNextDoor}</h3>
          {windows.map(({ area, lux }) => (
            <p key={area.id}>
              {yardWords.onWindow({ lux: luxText(lux) })}{' '}
              <b className={lux > after ? 'brick' : 'moss'}>
                {lux > before
                  ? yardWords.overBefore({ most: String(before) })
                  : lux > after
                    ? yardWords.overAfter({ most: String(after) })
                    : yardWords.underAfter({ most: String(after) })}
              </b>
            </p>
          ))}
          {ask('zone')}
          {plan.zone === null && <p className="small soft">{yardWords.zoneAssumed}</p>}
        </section>
      )}
      {isWalked && (
        <section data-testid="walks">
          <h3>{yardWords.waysPastSensor}</h3>
          <p>
            {(['strong', 'fair', 'weak', 'notSensed'] as const)
              .filter((crossing) => walks[crossing] > 0.05)
              .map((crossing) => CROSSING_WORDS[crossing]({ length: lengthText(walks[crossing], lengths) }))
              .join(', ')}
            .
          </p>
        </section>
      )}
      {meets.length > 0 && (
        <p className="straw-ink" data-testid="sensor-meets">
          {meets.map((what) => yardWords.sensorMeets({ what: name(what) })).join(' ')}
        </p>
      )}
      <section data-testid="sun">
        <h3>{yardWords.sunInPicture}</h3>
        <Sun scene={asked.scene} aim={asked.aim} />
        <FieldGroup kind="planDescribed" scope={{}} fields={[typed('latitudeDeg'), typed('longitudeDeg')]} />
        <FieldGroup
          kind="pointDescribed"
          scope={{ pointId: kept.id }}
          fields={[look.typed('wallBearingDeg'), ...(scene.surface === 'eave' ? [look.typed('overhangM')] : [])]}
        />
        <WallByPhone />
      </section>
    </>
  );
}

const percentOf = (share: number): string => (share < 0.01 ? '<1 %' : percentText(share));
const CROSSING_WORDS = {
  strong: yardWords.crossesStrong,
  fair: yardWords.crossesFair,
  weak: yardWords.crossesWeak,
  notSensed: yardWords.crossesNot,
} as const;

/** Where the wall looks by the phone that is held against it. */
function WallByPhone() {
  const { kept, write } = useJob();
  return (
    <LeanFromPhone
      held="wall"
      onTaken={({ bearingDeg }) =>
        write('pointDescribed', { pointId: kept.id, wallBearingDeg: Math.round(bearingDeg) % 360 })
      }
    />
  );
}

function Sun({ scene, aim }: Pick<Props, 'scene' | 'aim'>) {
  const { keptJob, kept } = useJob();
  const { plan } = keptJob;
  const frame = frameOfPoint(keptJob, kept);
  const wallBearingDeg = kept.look.wallBearingDeg ?? (frame ? bearingOn(plan, frame) : null);
  const { onEarth } = plan;
  const [day] = useState(() => new Date(now()).toDateString());
  const stands = useMemo(
    () =>
      onEarth && wallBearingDeg !== null
        ? sunInFrame(
            scene,
            aim,
            { almanac: almanacOf(onEarth), longitudeDeg: onEarth.longitudeDeg, wallBearingDeg },
            new Date(day).getFullYear(),
          )
        : [],
    [scene, aim, onEarth, wallBearingDeg, day],
  );
  if (!onEarth || wallBearingDeg === null) return <p className="soft">{yardWords.sunNeeds}</p>;
  const dusk = duskOf(new Date(day), onEarth);
  return (
    <>
      <p>
        {stands.length === 0
          ? yardWords.neverSun
          : capital(
              stands
                .map(({ fromMs, toMs }) =>
                  yardWords.sunFrom({
                    month: format(fromMs, 'MMM'),
                    from: format(fromMs, 'HH:mm'),
                    to: format(toMs, 'HH:mm'),
                  }),
                )
                .join(', '),
            )}
      </p>
      {dusk && <p>{yardWords.duskAt({ time: format(dusk, 'HH:mm') })}</p>}
    </>
  );
}
