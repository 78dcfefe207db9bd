import { expose } from 'comlink';
import { poseOfPicture } from '@/core/yard';

/** What of a yard takes longer than a page may stand still. */
const api = { poseOfPicture };
export type YardWorker = typeof api;
expose(api);
