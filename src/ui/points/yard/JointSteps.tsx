'use client';
import { yardWords } from '@/words/screens';
import { LIMITS } from '@/core/kinds';
import { lampSet, cameraAt, jointOf, type Aim, type Scene } from '@/core/yard';
import { lengthText, type LengthSystem } from '@/core/units';
import { Stepper } from './Stepper';
import { degreeText, turnText } from './yardText';

interface Props {
  readonly scene: Scene;
  readonly aim: Aim;
  readonly lengths: LengthSystem;
  readonly onStep: (aim: Aim) => void;
}

const LENS_STEP_M = 0.05;
const within = (value: number, low: number, high: number): number => Math.min(high, Math.max(low, value));

/** The joint, the height and the lamps, a step a tap; the joint stops at its limits. */
export function JointSteps({ scene, aim, lengths, onStep }: Props) {
  const { panDeg, tiltDeg } = jointOf(scene.camera);
  const { tiltDownDeg } = cameraAt(scene, aim);
  const { lampDownDeg, lampOutDeg } = lampSet(scene, aim);
  // Under an eave a joint that tilts on looks higher
  const down = scene.surface === 'eave' ? -1 : 1;
  const steppers = [
    {
      what: yardWords.turned,
      value: turnText(aim.panDeg),
      step: (by: number): Aim => ({ ...aim, panDeg: within(aim.panDeg + by, panDeg[0], panDeg[1]) }),
    },
    {
      what: yardWords.tilted,
      value: degreeText(tiltDownDeg),
      step: (by: number): Aim => ({ ...aim, jointDeg: within(aim.jointDeg + down * by, tiltDeg[0], tiltDeg[1]) }),
    },
    {
      what: yardWords.lens,
      value: lengthText(aim.lensM, lengths, 'small'),
      step: (by: number): Aim => ({
        ...aim,
        lensM: Number(
          within(aim.lensM + by * LENS_STEP_M, LIMITS.fixtureHeightM.least, LIMITS.fixtureHeightM.most).toFixed(2),
        ),
      }),
    },
  ];
  return (
    <section>
      <h3>
        {yardWords.joints} <span className="small soft">{yardWords.stepsOfOne}</span>
      </h3>
      <div className="steppers">
        {steppers.map(({ what, value, step }) => (
          <Stepper key={what} what={what} value={value} onStep={(by) => onStep(step(by))} />
        ))}
      </div>
      {scene.camera.lamps > 0 && (
        <div className="steppers">
          <Stepper
            what={yardWords.lampsTilted}
            value={degreeText(lampDownDeg)}
            onStep={(by) =>
              onStep({
                ...aim,
                lampDownDeg: within(lampDownDeg + by, LIMITS.lampDownDeg.least, LIMITS.lampDownDeg.most),
              })
            }
          />
          {scene.camera.lamps > 1 && (
            <Stepper
              what={yardWords.lampsOut}
              value={degreeText(lampOutDeg)}
              onStep={(by) =>
                onStep({
                  ...aim,
                  lampOutDeg: within(lampOutDeg + by, LIMITS.lampOutDeg.least, LIMITS.lampOutDeg.most),
                })
              }
            />
          )}
        </div>
      )}
    </section>
  );
}
