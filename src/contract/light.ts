import { array, number } from 'yup';
import { beamOf, luxOf, type Beam, type Lamp } from '@/core/light';
import { lengthOf, minus } from '@/core/view';
import { exact } from './exact';
import { MOST, boxes, boxesOf, degrees, finite, id, notInside, place, refuse, vec } from './geometry';
import { uniqueIds } from './uniqueIds';

/** Request of POST /api/v1/compute/light: metres, x east, y north, z up; lumen. */
export const lightRequest = exact({
  lamps: array(
    exact({
      position: place(),
      bearingDeg: degrees(),
      tiltDownDeg: degrees(),
      fluxLm: number().min(0).defined(),
      beamDeg: number().moreThan(0).lessThan(180).defined(),
    }),
  )
    .min(1)
    .max(MOST.lamps)
    .defined(),
  boxes: boxes(),
  receivers: array(exact({ id: id(), point: place(), normal: place() }))
    .min(1)
    .max(MOST.points)
    .defined(),
});
export type LightRequest = ReturnType<typeof lightRequest.validateSync>;

export interface LightAnswer {
  readonly lamps: readonly Beam[];
  readonly receivers: readonly {
    readonly id: string;
    readonly lux: number;
    readonly luxOfEachLamp: readonly number[];
  }[];
}

/** Answers a parsed request. @throws ProblemError 422 where a lamp, a box or a receiver is impossible */
export function answerLight(request: LightRequest): LightAnswer {
  const solid = boxesOf(request.boxes);
  const lamps = request.lamps.map((one): Lamp => ({ ...one, position: vec(one.position) }));
  lamps.forEach(({ position }, i) => notInside(solid, position, `lamps[${i}].position`));
  uniqueIds('receivers', request.receivers);
  const shines = lamps.map((lamp) => luxOf(lamp, solid));
  const receivers = request.receivers.map((one, i) => {
    const receiver = { point: vec(one.point), normal: vec(one.normal) };
    if (lengthOf(receiver.normal) === 0) refuse(`receivers[${i}].normal`, 'has no length');
    lamps.forEach(({ position }, k) => {
      if (lengthOf(minus(receiver.point, position)) === 0) refuse(`receivers[${i}].point`, `is where lamps[${k}] is`);
    });
    const luxOfEachLamp = shines.map((shine) => shine(receiver));
    return { id: one.id, lux: luxOfEachLamp.reduce((sum, lux) => sum + lux, 0), luxOfEachLamp };
  });
  return finite({ lamps: lamps.map(beamOf), receivers }, 'lamps');
}
