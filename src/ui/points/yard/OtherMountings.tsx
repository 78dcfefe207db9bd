'use client';
import { yardWords } from '@/words/screens';
import { useEffect, useMemo, useState } from 'react';
import { Button } from 'react-bootstrap';
import { bracketsIn, cameraOf, fixturesIn, plugFixturesIn } from '@/core/catalogue';
import type { YardScene } from '@/core/points';
import { capital } from '@/core/units';
import { LEANS_LESS_DEG, cameraAt, type Aim, type OtherMounting } from '@/core/yard';
import { useJob } from '../../log/JobContext';
import { useSeeingWorker } from '../../seeing/useSeeingWorker';
import { bracketWords, degreeText, turnText } from './yardText';

interface Props {
  readonly yard: YardScene;
  readonly aim: Aim;
  /** How many targets it meets as it is drawn. */
  readonly met: number;
}

/** Which bracket or other camera of the catalogue would meet more on the same spot; nothing where all is met. */
export function OtherMountings({ yard, aim: drawn, met }: Props) {
  const { kept, catalogue, write, go } = useJob();
  const worker = useSeeingWorker();
  const [found, setFound] = useState<{ readonly key: string; readonly ways: readonly OtherMounting[] } | null>(null);
  const all = yard.before.targets.length;
  const { lensM } = drawn;
  const leanDeg = Math.abs(cameraAt(yard.scene, drawn).rollDeg);
  const asked = useMemo(() => {
    const fixtures = kept.kind === 'plugFloodlight' ? plugFixturesIn(catalogue) : fixturesIn(catalogue);
    // As it was chosen it goes before what the catalogue now says of it
    const listed = fixtures
      .filter(({ id }) => id !== yard.cameraId)
      .map((fixture) => ({ id: fixture.id, name: fixture.name, camera: cameraOf(fixture).camera, cost: fixture.cost }));
    return [
      yard.before,
      lensM,
      { cameraId: yard.cameraId, met, leanDeg },
      [{ id: yard.cameraId, name: yard.name, camera: yard.scene.camera, cost: 0 }, ...listed],
      bracketsIn(catalogue, yard.before.surface),
    ] as const;
  }, [kept.kind, catalogue, yard, lensM, met, leanDeg]);
  // The same question asked anew, by a log that was folded anew, is no new one
  const key = all > 0 && (met < all || leanDeg > LEANS_LESS_DEG) ? JSON.stringify(asked) : '';
  useEffect(() => {
    if (key === '') return;
    let isAsked = true;
    void worker.otherMountings(...(JSON.parse(key) as typeof asked)).then((ways) => {
      if (isAsked) setFound({ key, ways });
    });
    return () => {
      isAsked = false;
    };
  }, [worker, key]);
  if (key === '' || found?.key !== key) return null;
  return (
    <section data-testid="mountings">
      <h3>{yardWords.whatWouldDo}</h3>
      {found.ways.length === 0 && <p className="soft">{yardWords.nothingListedDoes}</p>}
      {found.ways.map(({ camera, bracket, aim, met: meets, leanDeg: leans, turnDeg, downDeg }) => (
        <p key={`${camera.id} ${bracket?.id ?? ''} ${bracket?.side ?? ''}`}>
          <b>
            {capital(
              [camera.id === yard.cameraId ? null : camera.name, bracket && bracketWords(bracket)]
                .filter((one) => one !== null)
                .join(', '),
            )}
          </b>
          :{' '}
          {yardWords.wouldSee({
            met: meets,
            all,
            leans: Math.round(leans),
            turn: turnText(turnDeg),
            down: degreeText(downDeg),
          })}{' '}
          {camera.id === yard.cameraId ? (
            <Button variant="link" onClick={() => write('aimPlanned', { pointId: kept.id, ...aim, bracket })}>
              {yardWords.takeBracket}
            </Button>
          ) : (
            <Button variant="link" onClick={() => go('choose')}>
              {yardWords.chooseIt}
            </Button>
          )}
        </p>
      ))}
    </section>
  );
}
