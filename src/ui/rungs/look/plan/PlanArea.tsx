'use client';
import { planWords } from '@/words/screens';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { v7 } from 'uuid';
import { SHAPES, answerName } from '@/core/kinds';
import { lengthsOf } from '@/core/job';
import { planMarksOf } from '@/core/points';
import { bearingOn, frameOf, readyShape, type Corner, type ReadyShape, type Shape, type ShapeKind } from '@/core/site';
import { FieldGroup } from '../../../form/FieldGroup';
import { useFacts } from '../../../form/useFacts';
import { PlanDrawing } from '../../../drawing/PlanDrawing';
import { saveSvg } from '../../../drawing/saveSvg';
import { useJob } from '../../../log/JobContext';
import { useSay } from '../../../log/useSay';
import { photoAddress } from '../../../photo/MarkedPhoto';
import { Handles } from './Handles';
import { OnWall } from './OnWall';
import { PointHandle } from './PointHandle';
import { ShapeFields } from './ShapeFields';
import { UnderlayFields } from './UnderlayFields';
import { useSiteCoverage } from './useSiteCoverage';

const DRAWING = 'site-plan';
const READY: readonly ReadyShape[] = ['oblong', 'angle', 'notch'];
/** One step is so high until somebody says otherwise: an engineering default. */
const RISE_M = 0.17;
const round = (metres: number): number => Math.round(metres * 100) / 100;

/** The plan of the site: one for all its points. Every corner can be dragged, stepped by the arrow keys, and every side typed. */
export function PlanArea() {
  const say = useSay();
  const { keptJob, job, kept, point, write, draft } = useJob();
  const lengths = lengthsOf(keptJob);
  const [picked, setPicked] = useState<string | null>(null);
  // The house, which every point hangs on, is in hand first
  const inHand = picked ?? keptJob.plan.shapes[0]?.id ?? null;
  const shape = job.plan.shapes.find(({ id }) => id === inHand) ?? null;
  const photo = keptJob.photos.find(({ sha256 }) => sha256 === keptJob.plan.underlay?.sha256);
  const name = (one: Shape): string => say(answerName('shapeDrawn', 'what', one.what));
  const { typed: typedPlan } = useFacts(
    'planDescribed',
    {},
    {
      ...(keptJob.plan.northDeg === null ? {} : { northDeg: keptJob.plan.northDeg }),
    },
  );
  const add = (what: ShapeKind, house: ReadyShape = 'oblong') => {
    const shapeId = v7();
    write('shapeDrawn', {
      shapeId,
      what,
      corners: cornersOf(readyShape(what, freePlace(keptJob.plan.shapes), house)),
      ...(what === 'step' ? { groundM: RISE_M } : {}),
    });
    setPicked(shapeId);
  };
  const reshape = (corners: readonly Corner[], done: boolean) => {
    if (!shape) return;
    const data = { shapeId: shape.id, corners: cornersOf(corners) };
    if (done) write('shapeDrawn', data);
    else draft({ kind: 'shapeDrawn', data });
  };
  const { shapeId, side, alongM = 0 } = point.onPlan;
  const hangs = shapeId === undefined || side === undefined ? null : { shapeId, side, alongM };
  const house = job.plan.shapes.find(({ id, corners }) => id === shapeId && hangs && hangs.side < corners.length);
  const alongWall = (metres: number, done: boolean) => {
    const data = { pointId: kept.id, alongM: metres };
    if (done) write('pointOnPlan', data);
    else draft({ kind: 'pointOnPlan', data });
  };
  const north = northFromWalls(keptJob);
  const coverage = useSiteCoverage(keptJob);
  return (
    <section>
      <div className="plan-views">
        <div>
          {keptJob.plan.shapes.length === 0 ? (
            <p>{planWords.beginWithHouse}</p>
          ) : (
            <PlanDrawing
              id={DRAWING}
              plan={job.plan}
              marks={planMarksOf(job, (what) => say(answerName('targetPlaced', 'what', what)))}
              name={name}
              lengths={lengths}
              picked={inHand}
              underlay={
                photo
                  ? { href: photoAddress(keptJob.id, photo.sha256, 'whole'), shape: photo.widthPx / photo.heightPx }
                  : null
              }
              seen={coverage.looking?.found ?? null}
              onPick={setPicked}
            >
              {(draw) => (
                <>
                  {shape && <Handles draw={draw} shape={shape} onMove={reshape} />}
                  {house && hangs && (
                    <PointHandle
                      draw={draw}
                      house={house}
                      on={hangs}
                      name={kept.name}
                      lengths={lengths}
                      onMove={alongWall}
                    />
                  )}
                </>
              )}
            </PlanDrawing>
          )}
          {coverage.cameras > 0 && <Together {...coverage} />}
          <p className="row-of">
            {READY.map((house) => (
              <Button key={house} variant="secondary" onClick={() => add('house', house)}>
                {READY_WORDS[house]}
              </Button>
            ))}
          </p>
          <p className="row-of">
            {SHAPES.filter((what) => what !== 'house').map((what) => (
              <Button key={what} variant="choice" onClick={() => add(what)}>
                + {say(answerName('shapeDrawn', 'what', what))}
              </Button>
            ))}
          </p>
          {keptJob.plan.shapes.length > 0 && (
            <p>
              <Button variant="link" onClick={() => saveSvg(DRAWING, planWords.fileName({ site: keptJob.title }))}>
                {planWords.saveSvg}
              </Button>
            </p>
          )}
        </div>
        <div>
          {shape && (
            <ShapeFields
              key={shape.id}
              shape={shape}
              name={name(shape)}
              onReshape={(corners) => reshape(corners, true)}
            />
          )}
          <OnWall />
          <h3>{planWords.north}</h3>
          <FieldGroup kind="planDescribed" scope={{}} fields={[typedPlan('northDeg')]} />
          {north !== null && north !== keptJob.plan.northDeg && (
            <p>
              {planWords.northByWall({ deg: Math.round(north) })}{' '}
              <Button variant="link" onClick={() => write('planDescribed', { northDeg: Math.round(north) })}>
                {planWords.takeNorth}
              </Button>
            </p>
          )}
          <UnderlayFields />
        </div>
      </div>
    </section>
  );
}

/** What all cameras see together, asked for by hand: a large site takes a moment. */
function Together({ cameras, looking, look, stop }: ReturnType<typeof useSiteCoverage>) {
  if (looking?.found) {
    const { areaM2 } = looking.found;
    const area = (of: number): string => of.toFixed(0);
    return (
      <p data-testid="together">
        {planWords.seenTogether({
          identified: area(areaM2.identify),
          recognised: area(areaM2.recognise),
          observed: area(areaM2.observe),
          blind: area(areaM2.none),
        })}
      </p>
    );
  }
  return looking ? (
    <p className="working" role="status">
      <progress value={looking.done} max={looking.of} aria-label={planWords.showSeen} />{' '}
      <Button variant="link" onClick={stop}>
        {planWords.stop}
      </Button>
    </p>
  ) : (
    <p>
      <Button variant="secondary" onClick={look}>
        {planWords.seenBy({ cameras })}
      </Button>
    </p>
  );
}

const READY_WORDS: Readonly<Record<ReadyShape, string>> = {
  oblong: planWords.oblongHouse,
  angle: planWords.angleHouse,
  notch: planWords.notchHouse,
};

const cornersOf = (corners: readonly Corner[]): [number, number][] => corners.map(([x, y]) => [round(x), round(y)]);

/** Something new is put below what is there already, where it is seen. */
function freePlace(shapes: readonly Shape[]): Corner {
  if (shapes.length === 0) return [0, 0];
  const corners = shapes.flatMap((one) => one.corners);
  return [Math.min(...corners.map(([x]) => x)), Math.min(...corners.map(([, y]) => y)) - 4];
}

/** Where the plan’s up points, by a wall whose bearing a compass told; null where none did. */
function northFromWalls({ points, plan }: ReturnType<typeof useJob>['keptJob']): number | null {
  for (const { look, onPlan } of points) {
    const { shapeId, side, alongM } = onPlan;
    if (look.wallBearingDeg === undefined || shapeId === undefined || side === undefined) continue;
    const frame = frameOf(plan, { shapeId, side, alongM: alongM ?? 0 });
    if (!frame) continue;
    const off = look.wallBearingDeg - (bearingOn({ ...plan, northDeg: 0 }, frame) ?? 0);
    return ((off % 360) + 360) % 360;
  }
  return null;
}
