'use client';
import { yardWords } from '@/words/screens';
import { useDeferredValue, useMemo, useState } from 'react';
import { format } from 'date-fns';
import { bearingOn } from '@/core/site';
import { frameOfPoint } from '@/core/points';
import {
  sensorMeets,
  sunInFrame,
  walkLengths,
  walkPieces,
  zonesOf,
  type Aim,
  type Mask,
  type Scene,
} from '@/core/yard';
import { capital, lengthText, type LengthSystem } from '@/core/units';
import { FieldGroup } from '../../form/FieldGroup';
import { useFacts } from '../../form/useFacts';
import { useJob } from '../../log/JobContext';
import { now } from '../../log/clock';
import { almanacOf, duskOf } from '../../seeing/almanac';
import { LeanFromPhone } from './LeanFromPhone';
import { LightNextDoor } from './LightNextDoor';
import { MasksAndZones } from './MasksAndZones';

interface Props {
  readonly scene: Scene;
  readonly aim: Aim;
  readonly lengths: LengthSystem;
  readonly name: (what: string) => string;
  readonly masks: readonly Mask[];
  readonly onAim: (aim: Aim) => void;
}

/** What is nobody’s business and how to mask it, light on the windows next door, ways past the sensor, the sun in the picture. */
export function NightAndPrivacy({ scene, aim, lengths, name, masks, onAim }: Props) {
  const { keptJob, kept } = useJob();
  // What is dragged is drawn first; this follows
  const asked = useDeferredValue(useMemo(() => ({ scene, aim }), [scene, aim]));
  const { plan } = keptJob;
  const meets = useMemo(() => sensorMeets(asked.scene, asked.aim), [asked]);
  const walks = useMemo(() => walkLengths(walkPieces(asked.scene, asked.aim)), [asked]);
  const zones = useMemo(() => zonesOf(asked.scene, asked.aim), [asked]);
  const { typed } = useFacts('planDescribed', {}, { ...plan.onEarth });
  const look = useFacts('pointDescribed', { pointId: kept.id }, kept.look);
  const isWalked = walks.strong + walks.fair + walks.weak + walks.notSensed > 0;
  return (
    <>
      {!scene.around && <p className="soft">{yardWords.notOnPlan}</p>}
      <MasksAndZones masks={masks} zones={zones} name={name} />
      <LightNextDoor scene={asked.scene} aim={asked.aim} onAim={onAim} />
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
          fields={[
            look.typed('wallBearingDeg'),
            ...(scene.surface === 'eave' ? [look.typed('overhangM')] : []),
            look.typed('fallPercent'),
          ]}
        />
        <WallByPhone />
      </section>
    </>
  );
}

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
