'use client';
import { yardWords } from '@/words/screens';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { LIMITS } from '@/core/kinds';
import { WINDOW_LUX } from '@/core/light';
import { lookFrom, masksOf, seenTargets, windowLuxOf, type Aim, type Scene, type SpotProposal } from '@/core/yard';
import { leadLeftM } from '@/core/points';
import { roomAlong } from '@/core/site';
import { lengthText, type LengthSystem } from '@/core/units';
import { useJob } from '../../log/JobContext';
import { useSeeingWorker } from '../../seeing/useSeeingWorker';
import { degreeText, luxText, percentText, turnText } from './yardText';

interface Props {
  readonly scene: Scene;
  readonly aim: Aim;
  readonly lengths: LengthSystem;
  /** Another height on the same spot was taken. */
  readonly onAim: (aim: Aim) => void;
}

/** So far along the wall, and in these steps: an engineering default. */
const ALONG_M = { most: 5, step: 0.25 } as const;
const HEIGHTS_M = [2.2, 2.4, 2.5, 2.6, 2.7, 2.8, 2.9, 3, 3.2] as const;

/** Spots to the right and left of where it is, none past the corner of its own wall where that is known. */
const rightsAlong = (
  room: { readonly left: number; readonly right: number },
  leadM: number | null,
): readonly number[] => {
  const steps = Math.round(ALONG_M.most / ALONG_M.step);
  return Array.from({ length: 2 * steps + 1 }, (_, i) => (i - steps) * ALONG_M.step).filter(
    (right) => right >= -room.left && right <= room.right && Math.abs(right) <= (leadM ?? ALONG_M.most),
  );
};

interface Search {
  readonly done: number;
  readonly of: number;
  readonly best: readonly SpotProposal[];
  readonly isOver: boolean;
}

/** What else would do: the best other spots along the wall and heights, cheapest first, looked for beside the page. */
export function OtherSpots({ scene, aim, lengths, onAim }: Props) {
  const { keptJob, kept } = useJob();
  const worker = useSeeingWorker();
  const [search, setSearch] = useState<Search | null>(null);
  const met = seenTargets(scene, aim).filter(({ miss }) => miss === null).length;
  const all = scene.targets.length;
  const { shapeId, side, alongM } = kept.onPlan;
  const room = (shapeId !== undefined &&
    side !== undefined &&
    roomAlong(keptJob.plan, { shapeId, side, alongM: alongM ?? 0 })) || { left: ALONG_M.most, right: ALONG_M.most };
  const leadM = leadLeftM(kept);
  const look = async () => {
    setSearch({ done: 0, of: 1, best: [], isOver: false });
    const lensM = Math.min(LIMITS.fixtureHeightM.most, aim.lensM);
    const heights = [...new Set([lensM, ...HEIGHTS_M])];
    const best = await worker.spots(scene, { rightM: 0, lensM }, rightsAlong(room, leadM), heights, (done, of, so) =>
      setSearch((before) => (before && !before.isOver ? { done, of, best: so, isOver: false } : before)),
    );
    setSearch({ done: 1, of: 1, best, isOver: true });
  };
  const stop = () => {
    worker.end();
    setSearch((before) => before && { ...before, isOver: true });
  };
  const { after } = WINDOW_LUX[keptJob.plan.zone ?? 'suburban'];
  return (
    <section data-testid="spots">
      <h3>{yardWords.whatElse}</h3>
      {leadM !== null && <p className="small soft">{yardWords.leadReaches({ length: lengthText(leadM, lengths) })}</p>}
      {(!search || search.isOver) && (
        <p>
          <Button variant="secondary" onClick={() => void look()}>
            {yardWords.lookForSpots}
          </Button>
        </p>
      )}
      {search && !search.isOver && (
        <p className="working" role="status">
          <progress value={search.done} max={search.of} aria-label={yardWords.lookForSpots} />{' '}
          {yardWords.spotsLooked({ done: search.done, of: search.of })}{' '}
          <Button variant="link" onClick={stop}>
            {yardWords.stop}
          </Button>
        </p>
      )}
      {search && search.best.length > 0 && (
        <table className="table spots">
          <thead>
            <tr>
              <th scope="col">{yardWords.way}</th>
              <th scope="col">{yardWords.sees}</th>
              <th scope="col">{yardWords.privateShort}</th>
              <th scope="col">{yardWords.lux}</th>
              <th scope="col">{yardWords.minutes}</th>
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">{yardWords.asDrawn}</th>
              <td className="figure">
                {met}/{all}
              </td>
              <td className="figure">{percentText(masksOf(scene, aim).reduce((sum, { share }) => sum + share, 0))}</td>
              <td className="figure">{luxText(windowLuxOf(scene, aim))}</td>
              <td className="figure">–</td>
            </tr>
            {search.best.map((one) => (
              <tr key={`${one.rightM} ${one.lensM}`}>
                <th scope="row">
                  {yardWords.spotWords({
                    along:
                      one.rightM === 0
                        ? yardWords.sameSpot
                        : (one.rightM > 0 ? yardWords.alongRight : yardWords.alongLeft)({
                            length: lengthText(Math.abs(one.rightM), lengths),
                          }),
                    lens: lengthText(one.lensM, lengths, 'small'),
                    turn: turnText(lookFrom(scene, one).panDeg),
                    down: degreeText(lookFrom(scene, one).downDeg),
                  })}{' '}
                  {one.rightM === 0 && (
                    <Button variant="link" onClick={() => onAim(one.aim)}>
                      {yardWords.show}
                    </Button>
                  )}
                </th>
                <td className="figure">
                  {one.met}/{all}
                </td>
                <td className="figure">{percentText(one.privateShare)}</td>
                <td className={one.windowLux > after ? 'figure brick strong' : 'figure'}>{luxText(one.windowLux)}</td>
                <td className="figure">{one.minutes === 0 ? '–' : one.minutes}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
