import { useState } from 'react';
import type { Job } from '@/core/job';
import { frameOfPoint, yardSceneOf } from '@/core/points';
import type { SiteCamera, SiteCoverage } from '@/core/yard';
import { useSeeingWorker } from '../../../seeing/useSeeingWorker';

/** Cells of the site, and what lies about its plan that is looked over too. */
const CELL_M = 0.1;
const MARGIN_M = 6;

export interface Looking {
  readonly done: number;
  readonly of: number;
  /** Null until all cameras were asked. */
  readonly found: (SiteCoverage & { readonly cellM: number }) | null;
}

/** All cameras that hang on the plan, as they hang or as they are planned to. */
const camerasOf = (job: Job): readonly SiteCamera[] =>
  job.points.flatMap((point): readonly SiteCamera[] => {
    const frame = frameOfPoint(job, point);
    const yard = yardSceneOf(job, point);
    return frame && yard ? [{ frame, scene: yard.scene, aim: yard.built ?? yard.aim }] : [];
  });

/** What all cameras of a site see together, worked out beside the page. */
export function useSiteCoverage(job: Job): {
  readonly cameras: number;
  readonly looking: Looking | null;
  readonly look: () => void;
  readonly stop: () => void;
} {
  const worker = useSeeingWorker();
  // Of the plan and the points that were looked at: another plan, another look
  const [asked, setAsked] = useState<{ readonly job: Job; readonly looking: Looking } | null>(null);
  const cameras = camerasOf(job);
  const look = () => {
    const corners = job.plan.shapes.flatMap((shape) => shape.corners);
    const [xs, ys] = [corners.map(([x]) => x), corners.map(([, y]) => y)];
    const extent = {
      leftM: Math.min(...xs) - MARGIN_M,
      lowM: Math.min(...ys) - MARGIN_M,
      widthM: Math.max(...xs) - Math.min(...xs) + 2 * MARGIN_M,
      heightM: Math.max(...ys) - Math.min(...ys) + 2 * MARGIN_M,
      cellM: CELL_M,
    };
    setAsked({ job, looking: { done: 0, of: cameras.length, found: null } });
    void worker
      .coverage(cameras, extent, (done) =>
        setAsked((before) => before && { ...before, looking: { ...before.looking, done } }),
      )
      .then((found) =>
        setAsked((before) =>
          before?.job === job ? { job, looking: { ...before.looking, found: { ...found, cellM: CELL_M } } } : before,
        ),
      );
  };
  const stop = () => {
    worker.end();
    setAsked(null);
  };
  return { cameras: cameras.length, looking: asked?.job === job ? asked.looking : null, look, stop };
}
