'use client';
import { yardWords } from '@/words/screens';
import { LADDER_FOOT_SHARE } from '@/core/mount';
import type { YardScene } from '@/core/points';
import {
  cameraAt,
  isOverHorizon,
  lampSet,
  lampsInPicture,
  lampsOf,
  nearEdgeM,
  sensorReach,
  type Aim,
} from '@/core/yard';
import { turnOf } from '@/core/view';
import { lengthText, type LengthSystem } from '@/core/units';
import { bracketWords, degreeText, turnText } from './yardText';

/** A picture that leans less is not spoken of. */
const LEANS_DEG = 2;

const COLLAR_WORDS = {
  none: yardWords.noCollars,
  tilt: yardWords.tiltCollar,
  turnAndTilt: yardWords.bothCollars,
} as const;
const ORDER_WORDS = { turnFirst: yardWords.turnFirst, tiltFirst: yardWords.tiltFirst } as const;

interface Props {
  readonly yard: YardScene;
  readonly aim: Aim;
  readonly lengths: LengthSystem;
}

/** What is followed up the ladder: height, tilt, turn as it is seen from there, sensor, lamps. */
export function AimCard({ yard, aim, lengths }: Props) {
  const { name, scene, bracket, handling } = yard;
  const camera = cameraAt(scene, aim);
  // Under an eave the joint turns otherwise than the head then looks
  const turnDeg = turnOf(camera.bearingDeg);
  const near = nearEdgeM(scene, aim);
  const [lamp] = lampsOf(scene, aim);
  const inPicture = lampsInPicture(scene, aim);
  const run = (metres: number): string => lengthText(metres, lengths);
  return (
    <section className="aim-card" data-testid="aim-card">
      <h3>{yardWords.aimCard}</h3>
      <p className="small">
        {name}
        {bracket && `, ${yardWords.onBracket({ bracket: bracketWords(bracket) })}`}
      </p>
      <dl className="figures">
        <dt>{yardWords.lens}</dt>
        <dd className="figure">{lengthText(aim.lensM, lengths, 'small')}</dd>
        <dt>{yardWords.tilted}</dt>
        <dd className="figure">{degreeText(camera.tiltDownDeg)}</dd>
        <dt>{yardWords.turned}</dt>
        <dd className="figure">{turnText(turnDeg)}</dd>
        <dt>{yardWords.sensor}</dt>
        <dd>{yardWords.sensorLevel}</dd>
        <dt>{yardWords.reaches}</dt>
        <dd className="figure">{run(sensorReach(scene.camera, aim).reachM)}</dd>
        {near !== null && (
          <>
            <dt>{yardWords.seesFrom}</dt>
            <dd className="figure">{run(near)}</dd>
          </>
        )}
        <dt>{yardWords.ladder}</dt>
        <dd className="figure">{run(LADDER_FOOT_SHARE * aim.lensM)}</dd>
        {lamp && (
          <>
            <dt>{yardWords.lampsDown}</dt>
            <dd>
              {yardWords.lampsText({
                count: scene.camera.lamps,
                deg: lamp.tiltDownDeg,
                out: scene.camera.lamps > 1 ? lampSet(scene, aim).lampOutDeg : 0,
              })}
            </dd>
          </>
        )}
      </dl>
      {Math.round(turnDeg) !== 0 && (
        // Who faces the wall has left and right the other way round
        <p className="small soft">
          {yardWords.facingTheWall({ side: turnDeg > 0 ? yardWords.toYourLeft : yardWords.toYourRight })}
        </p>
      )}
      {(handling.aimOrder || handling.collars) && (
        <p className="small" data-testid="handling">
          {handling.collars && COLLAR_WORDS[handling.collars]} {handling.aimOrder && ORDER_WORDS[handling.aimOrder]}
        </p>
      )}
      {inPicture.length > 0 && (
        <p className="caution">
          {yardWords.lampInPicture({
            which: scene.camera.lamps === 1 ? '' : inPicture[0] === 0 ? yardWords.leftLamp : yardWords.rightLamp,
          })}
        </p>
      )}
      {lamp && isOverHorizon(lamp) && (
        <p className="caution">{yardWords.beamOverHorizon({ deg: degreeText(lamp.beamDeg / 2) })}</p>
      )}
      {Math.abs(camera.rollDeg) >= LEANS_DEG && (
        <p className="caution">
          {yardWords.leans({ deg: degreeText(Math.abs(camera.rollDeg)), right: camera.rollDeg > 0 })}
        </p>
      )}
      {camera.isTurned && <p className="caution">{yardWords.pictureTurned}</p>}
    </section>
  );
}
