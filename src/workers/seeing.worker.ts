import { expose } from 'comlink';
import { proposeDoor } from '@/core/mount';
import {
  otherMountings,
  poseOfPicture,
  proposeSpots,
  siteCoverage,
  type Scene,
  type Spot,
  type SiteCamera,
  type SiteExtent,
  type SpotProposal,
} from '@/core/yard';

/** Is told how many spots of how many were looked at, and the best so far. */
type Tell = (done: number, of: number, best: readonly SpotProposal[]) => void;

/** Other spots along a wall; whoever asked ends the thread to stop it. */
const spots = (scene: Scene, now: Spot, rights: readonly number[], heights: readonly number[], tell: Tell) =>
  proposeSpots(scene, now, rights, heights, (done, of, best) => {
    tell(done, of, best);
    return true;
  });

/** What all cameras of a site see together; told after each camera. */
const coverage = (cameras: readonly SiteCamera[], extent: SiteExtent, tell: (done: number) => void) =>
  siteCoverage(cameras, extent, tell);

/** What of seeing takes longer than a page may stand still. */
const api = { otherMountings, poseOfPicture, proposeDoor, spots, coverage };
export type SeeingWorker = typeof api;
expose(api);
