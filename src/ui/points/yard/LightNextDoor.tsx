'use client';
import { yardWords } from '@/words/screens';
import { useMemo } from 'react';
import { Button } from 'react-bootstrap';
import { WINDOW_LUX } from '@/core/light';
import { lampDownFor, luxOnWindow, windowLuxOf, type Aim, type Scene } from '@/core/yard';
import { useFacts } from '../../form/useFacts';
import { useJob } from '../../log/JobContext';
import { degreeText, luxText } from './yardText';

interface Props {
  readonly scene: Scene;
  readonly aim: Aim;
  readonly onAim: (aim: Aim) => void;
}

/** Where nobody said how dark its nights are. */
const USUAL_ZONE = 'suburban';

/** Light on the windows next door against guidance, and the lamps’ tilt that would keep it. */
export function LightNextDoor({ scene, aim, onAim }: Props) {
  const { plan } = useJob().keptJob;
  const windows = useMemo(
    () =>
      (scene.around?.areas ?? [])
        .filter(({ what }) => what === 'window')
        .map((area) => ({ area, lux: luxOnWindow(scene, aim, area) })),
    [scene, aim],
  );
  const { ask } = useFacts('planDescribed', {}, plan.zone === null ? {} : { zone: plan.zone });
  const { before, after } = WINDOW_LUX[plan.zone ?? USUAL_ZONE];
  const isOver = windows.some(({ lux }) => lux > after);
  const down = useMemo(() => (isOver ? lampDownFor(scene, aim, after) : null), [scene, aim, after, isOver]);
  if (windows.length === 0) return null;
  return (
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
      {isOver && (
        <p>
          {down === null ? (
            yardWords.noTiltKeepsIt
          ) : (
            <>
              {yardWords.lampsKeepIt({
                deg: degreeText(down),
                lux: luxText(windowLuxOf(scene, { ...aim, lampDownDeg: down })),
              })}{' '}
              <Button variant="link" onClick={() => onAim({ ...aim, lampDownDeg: down })}>
                {yardWords.tiltThemSo}
              </Button>
            </>
          )}
        </p>
      )}
      {ask('zone')}
      {plan.zone === null && <p className="small soft">{yardWords.zoneAssumed}</p>}
    </section>
  );
}
