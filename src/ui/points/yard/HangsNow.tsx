'use client';
import { yardWords } from '@/words/screens';
import { useDeferredValue, useMemo, useState } from 'react';
import { Button } from 'react-bootstrap';
import { LIMITS, type EntryData } from '@/core/kinds';
import { hazardsAt, type YardScene } from '@/core/points';
import { lengthText, type LengthSystem } from '@/core/units';
import { turnOf } from '@/core/view';
import { builtBeside, cameraAt, doubtOf, seenTargets, type Aim } from '@/core/yard';
import { FieldGroup } from '../../form/FieldGroup';
import { useFacts } from '../../form/useFacts';
import { useJob } from '../../log/JobContext';
import { Cautions } from '../../verdict/Cautions';
import { HangsTable } from './HangsTable';
import { LeanFromPhone } from './LeanFromPhone';
import { LostTargets } from './LostTargets';
import { PoseFromPicture } from './PoseFromPicture';
import { Stepper } from './Stepper';
import { YardPicture } from './YardPicture';
import { degreeText, turnText } from './yardText';

interface Props {
  readonly yard: YardScene;
  readonly lengths: LengthSystem;
  readonly name: (what: string) => string;
}

type AimedBy = NonNullable<EntryData<'mountRecorded'>['aimedBy']>;

/** How a head hangs, as it is being measured. */
export interface Hangs {
  readonly lensM: number;
  readonly turnDeg: number;
  readonly downDeg: number;
  readonly rollDeg: number;
  readonly by: AimedBy;
}

const LENS_STEP_M = 0.01;
const within = (value: number, { least, most }: { readonly least: number; readonly most: number }): number =>
  Math.min(most, Math.max(least, value));

const aimOf = ({ lensM, turnDeg, downDeg, rollDeg }: Omit<Hangs, 'by'>, sensorDownDeg = 0): Aim => ({
  sensorDownDeg,
  lensM,
  panDeg: turnDeg,
  jointDeg: downDeg,
  measured: { bearingDeg: turnDeg, tiltDownDeg: downDeg, rollDeg },
});

/** Where a plan would have a head hang. */
function plannedHangs({ scene, aim }: YardScene): Hangs {
  const { bearingDeg, tiltDownDeg, rollDeg } = cameraAt(scene, aim);
  return {
    lensM: aim.lensM,
    turnDeg: Math.round(turnOf(bearingDeg)),
    downDeg: Math.round(tiltDownDeg),
    rollDeg: Math.round(rollDeg),
    by: 'eye',
  };
}

/** As it hangs now, held against the plan while the ladder stands: what the difference does, and one button that writes it down. */
export function HangsNow({ yard, lengths, name }: Props) {
  const { job, kept, write } = useJob();
  const { scene } = yard;
  const planned = useMemo(() => plannedHangs(yard), [yard]);
  const { mount } = kept;
  const noted: Hangs | null = yard.built && {
    lensM: yard.built.lensM,
    turnDeg: yard.built.panDeg,
    downDeg: yard.built.jointDeg,
    rollDeg: mount.rollDeg ?? 0,
    by: mount.aimedBy ?? 'eye',
  };
  const [tried, setTried] = useState<Hangs | null>(null);
  const hangs = tried ?? noted ?? { ...planned, lensM: mount.heightM ?? planned.lensM };
  const { lensM, turnDeg, downDeg, rollDeg } = hangs;
  const { sensorDownDeg } = mount;
  const now = useMemo(
    () => aimOf({ lensM, turnDeg, downDeg, rollDeg }, sensorDownDeg),
    [lensM, turnDeg, downDeg, rollDeg, sensorDownDeg],
  );
  const beside = useMemo(() => builtBeside(scene, yard.aim, now), [scene, yard.aim, now]);
  const seen = useMemo(() => seenTargets(scene, now), [scene, now]);
  const later = useDeferredValue(now);
  const chances = useMemo(
    () => ({ planned: doubtOf(scene, yard.aim).chances, now: doubtOf(scene, later).chances }),
    [scene, yard.aim, later],
  );
  const { ask, typed } = useFacts('mountRecorded', { pointId: kept.id }, mount);
  const lost = beside.targets
    .filter(({ became }) => became === 'lost')
    .map(({ target, now: { miss } }) =>
      (miss === 'inPicture' ? yardWords.becameShown : yardWords.becameLost)({ what: name(target.what) }),
    );
  const step = (change: Partial<Hangs>) => setTried({ ...hangs, by: 'eye', ...change });
  const small = (metres: number): string => lengthText(metres, lengths, 'small');
  const lower = planned.lensM - hangs.lensM;
  const more = hangs.downDeg - planned.downDeg;
  const turned = hangs.turnDeg - planned.turnDeg;
  const isNoted = noted !== null && tried === null;
  const writeDown = () => {
    write('mountRecorded', {
      pointId: kept.id,
      heightM: hangs.lensM,
      panDeg: hangs.turnDeg,
      downDeg: hangs.downDeg,
      rollDeg: hangs.rollDeg,
      aimedBy: hangs.by,
    });
    setTried(null);
  };
  return (
    <section className="hangs-now" data-testid="hangs-now">
      <h2>
        {yardWords.asItHangsNow} <span className="small soft">{yardWords.ringsAreThePlan}</span>
      </h2>
      <Cautions words={hazardsAt(job, 'mount')} />
      <div className="yard-views">
        <div>
          <YardPicture scene={scene} aim={now} seen={seen} name={name} beside={yard.aim} />
          <HangsTable beside={beside} chances={chances} name={name} lengths={lengths} />
        </div>
        <div>
          <div className="steppers">
            <Stepper
              what={yardWords.height}
              value={small(hangs.lensM)}
              onStep={(by) => step({ lensM: Number(within(hangs.lensM + by * LENS_STEP_M, LIMITS.lensM).toFixed(2)) })}
            >
              <Beneath
                planned={small(planned.lensM)}
                rest={
                  Math.abs(lower) < LENS_STEP_M / 2
                    ? ''
                    : yardWords.lower({ by: small(Math.abs(lower)), lower: lower > 0 })
                }
              />
            </Stepper>
            <Stepper
              what={yardWords.tilted}
              value={degreeText(hangs.downDeg)}
              onStep={(by) => step({ downDeg: within(Math.round(hangs.downDeg) + by, LIMITS.downDeg) })}
            >
              <Beneath
                planned={degreeText(planned.downDeg)}
                rest={Math.abs(more) < 0.5 ? '' : yardWords.moreDown({ by: degreeText(Math.abs(more)), up: more < 0 })}
              />
            </Stepper>
            <Stepper
              what={yardWords.turned}
              value={turnText(hangs.turnDeg)}
              onStep={(by) => step({ turnDeg: within(Math.round(hangs.turnDeg) + by, LIMITS.turnDeg) })}
            >
              <Beneath
                planned={turnText(planned.turnDeg)}
                // Who faces the wall has left and right the other way round
                rest={
                  Math.abs(turned) < 0.5
                    ? ''
                    : yardWords.moreTo({
                        by: degreeText(Math.abs(turned)),
                        side: turned > 0 ? yardWords.toYourLeft : yardWords.toYourRight,
                      })
                }
              />
            </Stepper>
          </div>
          {Math.abs(hangs.rollDeg) >= 1 && (
            <p>{yardWords.leans({ deg: degreeText(Math.abs(hangs.rollDeg)), right: hangs.rollDeg > 0 })}</p>
          )}
          <p className="row-of">
            <Button onClick={writeDown} disabled={isNoted}>
              {lost.length > 0 ? yardWords.writeDownLost({ lost: lost.join(', ') }) : yardWords.writeItDown}
            </Button>
            {isNoted && <span className="moss">{yardWords.writtenDown}</span>}
          </p>
          <LeanFromPhone onTaken={({ downDeg, rollDeg }) => step({ downDeg, rollDeg, by: 'inclinometer' })} />
          <PoseFromPicture
            scene={scene}
            lensM={hangs.lensM}
            name={name}
            onFound={({ turnDeg, downDeg, rollDeg }) =>
              setTried({ ...hangs, turnDeg, downDeg, rollDeg, by: 'picture' })
            }
          />
          {isNoted && <LostTargets name={name} />}
          {ask('level')}
          <FieldGroup kind="mountRecorded" scope={{ pointId: kept.id }} fields={[typed('sensorDownDeg')]} />
          {ask('drillPath')}
          {ask('fixings')}
          {ask('seal')}
        </div>
      </div>
    </section>
  );
}

const Beneath = ({ planned, rest }: { readonly planned: string; readonly rest: string }) => (
  <p className="small soft beneath">
    <span>{yardWords.plannedAs({ value: planned })}</span>
    <span>{rest}</span>
  </p>
);
